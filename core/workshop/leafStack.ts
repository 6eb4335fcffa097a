import { InputError } from '../errors';
import { stacksOf } from '../feeler/stacks';
import type { Limits } from '../metrology/interval';
import { tidy_mm } from '../quantity/units';

/** Leaves that are held together, thick ones first, and how far off what was wanted they are. */
export interface LeafStack {
  readonly leaves_mm: readonly number[];
  readonly sum_mm: number;
  /** Sum less what was wanted. */
  readonly off_mm: number;
}

/** A stretch in which no stack of a set lies, and in which there is a limit. */
export interface BlindStretch {
  readonly limit: 'lower' | 'upper';
  readonly from_mm: number;
  /** Is null where the set has nothing thicker. */
  readonly to_mm: number | null;
}

/** Says how near a set comes to a thickness, and what it cannot tell of limits. */
export interface LeafStacks {
  readonly exact: boolean;
  readonly best: LeafStack | null;
  readonly below: LeafStack | null;
  readonly above: LeafStack | null;
  readonly blind: readonly BlindStretch[];
}

/** Thicknesses that differ by no more are the same, in mm: finer than any leaf is marked. */
const SAME_mm = 0.0001;

const isSame = (a: number, b: number): boolean => tidy_mm(Math.abs(a - b)) <= SAME_mm;

/** Tells which of two stacks is handier: fewer leaves; of as many, the one without a thin one that buckles. */
const handier = (a: LeafStack, b: LeafStack): number =>
  a.leaves_mm.length - b.leaves_mm.length ||
  (b.leaves_mm.at(-1) ?? 0) - (a.leaves_mm.at(-1) ?? 0) ||
  a.sum_mm - b.sum_mm;

/** Returns the handiest of the stacks that are as thick as the first of them; null of none. */
const handiest = (stacks: readonly LeafStack[]): LeafStack | null =>
  stacks.filter((s) => isSame(s.sum_mm, stacks[0]?.sum_mm ?? 0)).sort(handier)[0] ?? null;

/**
 * Returns the leaves of a set that make a thickness, or come nearest; what comes next below and above; and between which
 * gaps the set cannot tell on which side of a limit one lies. Stacks of the same thickness: the one with fewer leaves,
 * then the one whose thinnest leaf is thicker.
 *
 * @param set thicknesses of the leaves, in mm
 * @param maxStack most leaves together
 * @param target_mm the thickness wanted
 * @param limits in mm
 * @throws InputError on `leaves_mm` for an empty set
 * @example
 * const { exact, best, blind } = leafStacks([0.05, 0.1, 0.2], 2, 0.15, { upper_mm: 0.17 });
 * exact; // true
 * best; // { leaves_mm: [0.1, 0.05], sum_mm: 0.15, off_mm: 0 }
 * blind; // [{ limit: 'upper', from_mm: 0.15, to_mm: 0.2 }]
 */
export function leafStacks(
  set: readonly number[],
  maxStack: number,
  target_mm: number,
  limits: Limits,
): LeafStacks {
  if (set.length === 0) throw new InputError('leaves_mm', 'no-leaves', 'At least one leaf');
  const leaves = set.map((mm) => ({ marked_mm: mm, leaf_mm: mm, soft_mm: 0 }));
  const stacks = stacksOf(leaves, maxStack).map(({ leaves_mm, total_mm }): LeafStack => {
    return {
      leaves_mm: [...leaves_mm].sort((a, b) => b - a),
      sum_mm: total_mm,
      off_mm: tidy_mm(total_mm - target_mm),
    };
  });
  const same = stacks.filter((s) => isSame(s.sum_mm, target_mm));
  const others = stacks.filter((s) => !same.includes(s));
  const below = handiest(others.filter((s) => s.off_mm < 0).reverse());
  const above = handiest(others.filter((s) => s.off_mm > 0));
  return {
    exact: same.length > 0,
    best: [...same].sort(handier)[0] ?? nearer(below, above),
    below,
    above,
    blind: (['lower', 'upper'] as const).flatMap((limit) => {
      const mm = limits[`${limit}_mm`];
      if (mm == null || stacks.some((s) => isSame(s.sum_mm, mm))) return [];
      return [
        {
          limit,
          from_mm: stacks.findLast((s) => s.sum_mm < mm)?.sum_mm ?? 0,
          to_mm: stacks.find((s) => s.sum_mm > mm)?.sum_mm ?? null,
        },
      ];
    }),
  };
}

/** Returns the one of two neighbours that is nearer; of two as near the handier. */
function nearer(below: LeafStack | null, above: LeafStack | null): LeafStack | null {
  if (!below || !above) return below ?? above;
  const by = tidy_mm(Math.abs(below.off_mm) - Math.abs(above.off_mm));
  if (by !== 0) return by < 0 ? below : above;
  return handier(below, above) <= 0 ? below : above;
}
