import type { ComponentProps } from 'react';
import type { Photos as PhotosHere } from '../job/Photos';
import { onDemand } from '../shell/onDemand';
import type { PhotosShown as PhotosShownHere } from '../shell/PhotoStrip';
import type { Remark as RemarkHere } from '@/ui/Remark';
import type { WayChoice as WayChoiceHere } from '@/ui/WayChoice';

/*
 * What the stages before the build ask with is loaded with them when the build asks too: shared by two chunks, it would come
 * with the first page.
 */

export const WayChoice = onDemand<ComponentProps<typeof WayChoiceHere>>(
  'WayChoice',
  async () => (await import('../job/before')).WayChoice,
);
export const Remark = onDemand<ComponentProps<typeof RemarkHere>>(
  'Remark',
  async () => (await import('../job/before')).Remark,
);
export const Photos = onDemand<ComponentProps<typeof PhotosHere>>(
  'Photos',
  async () => (await import('../job/before')).Photos,
);
export const PhotosShown = onDemand<ComponentProps<typeof PhotosShownHere>>(
  'PhotosShown',
  async () => (await import('../job/before')).PhotosShown,
);
