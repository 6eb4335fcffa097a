import type { Assessment } from '../../assessment/assessment';
import type { DecisionRule } from '../../metrology/conformity';
import { centre, ends, type Estimate } from '../../metrology/estimate';

/** The least and the most that a gap is thought to be, in mm. */
export interface GapRange {
  readonly low_mm: number;
  readonly high_mm: number;
}

/**
 * Returns the ends of what is known: a bracket's own, a value's ± 2u; under the plain rule the value itself.
 *
 * @param estimate of the gap, in mm
 * @param rule how the house decides
 * @example
 * const gap = { kind: 'value', value_mm: 0.05, u_mm: 0.002 };
 * endsBy(gap, 'guarded'); // [0.046, 0.054]
 * endsBy(gap, 'plain'); // [0.05, 0.05]
 */
export function endsBy(estimate: Estimate, rule: DecisionRule): readonly [number, number] {
  if (rule === 'plain' && estimate.kind === 'value') {
    return [centre(estimate), centre(estimate)];
  }
  return ends(estimate);
}

/**
 * Returns the span that a gap has to bring inside its limits: from the lower end of its smallest to the upper
 * end of its largest. So much of the limits is kept as a guard for what the measuring may be off.
 *
 * @returns null where an end is not known
 */
export function spanOf(
  { smallest, largest }: Pick<Assessment, 'smallest' | 'largest'>,
  rule: DecisionRule,
): GapRange | null {
  if (!smallest || !largest) return null;
  const [low_mm, high_mm] = [endsBy(smallest, rule)[0], endsBy(largest, rule)[1]];
  return Number.isFinite(high_mm) ? { low_mm, high_mm } : null;
}

/**
 * Returns the least that a gap may become by work, and whose word that is; null where there is none.
 *
 * @param a the limits of the gap, and what it must keep besides, in mm
 * @example
 * leastAllowed({ limits: { lower_mm: 0.02 }, least: null }); // { mm: 0.02, from: 'sheet' }
 * leastAllowed({ limits: null, least: null }); // null
 */
export function leastAllowed({
  limits,
  least,
}: Pick<Assessment, 'limits' | 'least'>): { readonly mm: number; readonly from: LeastFrom } | null {
  if (limits?.lower_mm != null) return { mm: limits.lower_mm, from: 'sheet' };
  return least;
}

/** Says whose word the least of a gap is: the sheet's, the app's for its kind, the shop's. */
export type LeastFrom = 'sheet' | 'family' | 'shop';

/** A gap is beyond a limit by rounding where it is so by less, in mm. */
const ROUNDING_mm = 1e-8;

/**
 * Tells whether a gap is inside its limits all along its span: what is bought for it may come out anywhere in its range.
 *
 * @param range of the gap after work, in mm
 * @param a its limits, in mm
 * @example
 * isWithin({ low_mm: 0.03, high_mm: 0.06 }, { limits: { upper_mm: 0.06 } }); // true
 * isWithin({ low_mm: 0.03, high_mm: 0.061 }, { limits: { upper_mm: 0.06 } }); // false
 */
export function isWithin(
  { low_mm, high_mm }: GapRange,
  { limits }: Pick<Assessment, 'limits'>,
): boolean {
  const { lower_mm = null, upper_mm = null } = limits ?? {};
  return (
    low_mm >= (lower_mm ?? -Infinity) - ROUNDING_mm &&
    high_mm <= (upper_mm ?? Infinity) + ROUNDING_mm
  );
}

/** A running clearance of less is none, in mm: what turns in it touches. */
const CLOSED_mm = 0.005;

/**
 * Returns the smallest that a gap is, or is predicted to be until it is measured.
 *
 * @param a the assessment of the gap
 * @example
 * const gap = { kind: 'value', value_mm: 0.05, u_mm: 0.002 };
 * smallestNow({ smallest: gap, largest: gap }); // { value_mm: 0.05 }
 * smallestNow({ smallest: null, largest: null, predicted: { smallest: gap } }); // { value_mm: 0.05 }
 */
export const smallestNow = (a: Assessment): Estimate | null =>
  a.largest ? a.smallest : (a.predicted?.smallest ?? null);

/** Tells whether work closed a running clearance, or left it under its least by as good as all of it. */
export function isClosed(a: Assessment): boolean {
  const now = smallestNow(a);
  if (a.work.length === 0 || a.characteristic.runs === undefined || !now) return false;
  return centre(now) < Math.min(leastAllowed(a)?.mm ?? 0, CLOSED_mm);
}

/**
 * Tells whether work was done on a running clearance of which nobody knows since that it runs free: a leaf that was refused
 * may have met nothing to go into.
 */
export function isUnclear(a: Assessment): boolean {
  // What is stoned off a face narrows nothing.
  const isMoved = a.work.some(({ work }) => work !== 'dressed');
  if (!isMoved || a.parts.length > 0 || !a.largest || !a.smallest) return false;
  const least = leastAllowed(a);
  return (
    least !== null &&
    least.from !== 'sheet' &&
    a.smallest.kind === 'interval' &&
    a.smallest.lo_mm < Math.min(least.mm, CLOSED_mm)
  );
}
