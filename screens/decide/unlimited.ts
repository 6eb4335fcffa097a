import type { Assessment } from '@/core/assessment/assessment';

/** Lists what was measured or felt though nothing is published for it. */
export const unlimitedIn = (all: readonly Assessment[]): readonly Assessment[] =>
  all.filter((a) => a.limits === null && (a.largest !== null || a.touches.length > 0));
