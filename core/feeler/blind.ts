import type { Limits } from '../metrology/interval';
import { zoneOf } from '../metrology/verdict';
import { tidy_mm } from '../quantity/units';
import type { Ladder } from './ladder';

/** Describes what a feeler set can and cannot tell under given limits, before the first try. */
export interface LeafReach {
  /** Some pair of leaves, or a drag, can prove a gap in. */
  readonly provesIn: boolean;
  /** Gaps between these, in mm, stay too close to call. */
  readonly blind: readonly (readonly [from: number, to: number])[];
}

/** A blind stretch narrower than this share of the window is what any set has: not worth a word. */
const WORTH_A_WORD = 0.25;

/**
 * Holds limits against the thicknesses that a set can make.
 *
 * @param ladder of the set that is in use
 * @param limits in mm
 * @example
 * import { ladderOf } from './ladder';
 * const ladder = ladderOf({ leaves_mm: [0.03, 0.05, 0.06, 0.07], maxStack: 1 });
 * leafReach(ladder, { upper_mm: 0.065 }); // { provesIn: true, blind: [] }
 * leafReach(ladder, { lower_mm: 0.01, upper_mm: 0.02 }); // { provesIn: false }
 */
export function leafReach(ladder: Ladder, limits: Limits): LeafReach {
  const { lower, upper } = zoneOf(limits);
  const totals = ladder.stacks.map((s) => s.total_mm);
  const band = ladder.dragBand_mm;
  const over = lower > 0 && Number.isFinite(lower) ? totals.find((t) => t >= lower) : 0;
  const under = Number.isFinite(upper) ? totals.findLast((t) => t <= upper) : Infinity;
  const byPair = over !== undefined && under !== undefined && over < under;
  // As a drag is recorded: to the tidied length, so that a band ending on the limit counts.
  const byDrag = totals.some((t) => tidy_mm(t - band) >= lower && tidy_mm(t + band) <= upper);

  const blind: [number, number][] = [];
  const width = (Number.isFinite(upper) ? upper : 2 * lower) - Math.max(lower, 0);
  const note = (from: number, to: number | undefined) => {
    if (to !== undefined && to - from > WORTH_A_WORD * width) blind.push([from, to]);
  };
  if (lower > 0 && Number.isFinite(lower)) {
    note(totals.findLast((t) => t <= lower) ?? 0, over);
  }
  if (Number.isFinite(upper)) {
    note(
      under ?? 0,
      totals.find((t) => t > upper),
    );
  }
  return { provesIn: byPair || byDrag, blind };
}
