import type { RunFrame } from '@/core/picture/runChart';

/** Where things lie on the chart of a run on the screen, in px. */
export const CHART = { height: 210, top: 18, bottom: 44, left: 44 } as const satisfies Omit<
  RunFrame,
  'width'
>;
