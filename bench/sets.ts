import type { Even } from '../core/random';
import type { FeelerSet } from '../core/feeler/ladder';

const thou = (n: number): number => Math.round(n * 25.4) / 1000;

/** Leaf sets as shops have them: metric coarse and fine, and inch. */
export const LEAF_SETS: readonly FeelerSet[] = [
  [0.03, 0.04, 0.05, 0.06, 0.07, 0.08, 0.09, 0.1, 0.15, 0.2, 0.25, 0.3],
  Array.from({ length: 19 }, (_, i) => (i + 2) / 100),
  [1.5, 2, 2.5, 3, 4, 5, 6, 7, 8, 9, 10].map(thou),
].map((leaves_mm) => ({ leaves_mm, maxStack: 1 }));

export const pick = <T>(all: readonly T[], even: Even): T =>
  all[Math.floor(even() * all.length)] as T;

/** Draws limits as sheets publish them; half a dozen of them without a lower one. */
export function drawnLimits(even: Even) {
  const lower_mm = pick([null, 0.02, 0.025, 0.03, 0.035, 0.04, 0.05], even);
  const width = pick([0.02, 0.03, 0.04, 0.05, 0.075], even);
  return { lower_mm, upper_mm: Math.round(1000 * ((lower_mm ?? 0.02) + width)) / 1000 };
}
