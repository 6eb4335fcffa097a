import type { Limits } from '../metrology/bracket';
import type { Ladder } from '../metrology/feeler';
import { windowOf } from '../metrology/verdict';
import type { Characteristic } from '../pumps/family';
import { waysOf } from '../pumps/registry';
import { formatLength, formatRange } from '../quantity/format';
import { tidy_mm, type ShopUnit } from '../quantity/units';

/** What a feeler set can and cannot tell under given limits, before the first try. */
export interface LeafReach {
  /** Some pair of leaves, or a drag, can prove a gap in. */
  readonly provesIn: boolean;
  /** Gaps between these, in mm, stay too close to call. */
  readonly blind: readonly (readonly [from: number, to: number])[];
}

/** A blind stretch narrower than this share of the window is what any set has: not worth a word. */
const WORTH_A_WORD = 0.25;

/** Holds limits against the thicknesses that a set can make. */
export function leafReach(ladder: Ladder, limits: Limits): LeafReach {
  const { lower, upper } = windowOf(limits);
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

const COULD: Readonly<Record<string, string>> = {
  size: 'sizes by mic could',
  swing: 'an indicator could',
};

/** The same in words, with what could decide it; empty where the set does well enough. */
export function leafReachWords(
  ladder: Ladder,
  limits: Limits,
  c: Characteristic,
  unit: ShopUnit,
): string {
  const { provesIn, blind } = leafReach(ladder, limits);
  const could = waysOf(c).flatMap((way) => COULD[way] ?? []);
  const then = could.length > 0 ? `${could.join(', ')}.` : 'a finer set could.';
  if (!provesIn) {
    const { lower, upper } = windowOf(limits);
    const window = Number.isFinite(upper)
      ? formatRange(Math.max(lower, 0), upper, 'gap', unit)
      : `≥ ${formatLength(lower, 'gap', unit)}`;
    return `No leaves of this set can prove ${window}; ${then}`;
  }
  if (blind.length === 0) return '';
  const stretches = blind.map(([from, to]) => formatRange(from, to, 'gap', unit)).join(' and ');
  return `This set cannot tell gaps of ${stretches} apart from the limit; ${then}`;
}
