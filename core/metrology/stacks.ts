import { stackOf } from './bracket';

/** Leaves that can be held together, and how thick they are then. */
export interface Stack {
  readonly leaves_mm: readonly number[];
  readonly total_mm: number;
}

/**
 * Every thickness that up to `maxStack` distinct leaves of the set can make,
 * thinnest first. Where several combinations make the same thickness the one
 * with the fewest leaves stands: each joint between leaves holds a little oil.
 *
 * @param leaves_mm the leaves of the set, in any order; each can be used once
 */
export function stacksOf(leaves_mm: readonly number[], maxStack: number): Stack[] {
  const leaves = [...new Set(leaves_mm)].sort((a, b) => a - b);
  const best = new Map<number, readonly number[]>();
  const extend = (held: readonly number[], from: number): void => {
    for (let i = from; i < leaves.length; i++) {
      const next = [...held, leaves[i] as number];
      const total = stackOf(next);
      const known = best.get(total);
      if (!known || next.length < known.length) best.set(total, next);
      if (next.length < maxStack) extend(next, i + 1);
    }
  };
  extend([], 0);
  return [...best]
    .map(([total_mm, held]) => ({ leaves_mm: held, total_mm }))
    .sort((a, b) => a.total_mm - b.total_mm);
}
