import type { ComponentProps } from 'react';
import { onDemand } from '../shell/onDemand';
import type { ComplaintTaps as ComplaintTapsHere } from '../tag/ComplaintTaps';

/** What the tag asks with is loaded with the tag: shared by two chunks, it would come with the first page. */
export const ComplaintTaps = onDemand<ComponentProps<typeof ComplaintTapsHere>>(
  'ComplaintTaps',
  async () => (await import('../job/before')).ComplaintTaps,
);
