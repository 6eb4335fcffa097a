import type { DecisionRule } from '../metrology/conformity';
import type { Extremes } from '../metrology/extremes';
import type { Limits } from '../metrology/interval';
import type { Verdict } from '../metrology/verdict';
import { judge } from './judge';
import type { HeldLimits } from './limits';

/** Says where a gap that is in lies to the band that a builder aims at. */
export type BandStanding = 'within' | 'looser' | 'tighter' | 'uneven' | 'unknown';

/**
 * Returns where a gap that is in lies to the preferred band of its limits, as far as the evidence proves it: within the
 * band only where all that the gap can be is.
 *
 * @param verdict of the gap
 * @param extremes the smallest and the largest that it can be, in mm
 * @param limits with the band that is preferred, in mm
 * @param rule how the house decides
 * @returns null where the gap is not in, or no band is preferred
 * @example
 * const limits = { upper_mm: 0.08, lower_mm: null, preferred: { lower_mm: 0.04, upper_mm: 0.07 } };
 * const bracket = (lo_mm, hi_mm) => {
 *   const gap = { kind: 'interval', lo_mm, hi_mm };
 *   return { smallest: gap, largest: gap };
 * };
 * bandOf('in', bracket(0.03, 0.06), limits, 'guarded'); // 'unknown'
 * bandOf('in', bracket(0.04, 0.06), limits, 'guarded'); // 'within'
 */
export function bandOf(
  verdict: Verdict,
  { smallest, largest }: Extremes,
  limits: HeldLimits | null,
  rule: DecisionRule,
): BandStanding | null {
  const band = limits?.preferred;
  if (!band || verdict !== 'in') return null;
  const against = (some: Limits) => judge(smallest, largest, some, rule, false).verdict;
  if (against(band) === 'in') return 'within';
  const isLooser = band.upper_mm != null && against({ upper_mm: band.upper_mm }) === 'out';
  const isTighter = band.lower_mm != null && against({ lower_mm: band.lower_mm }) === 'out';
  if (isLooser && isTighter) return 'uneven';
  if (isLooser) return 'looser';
  return isTighter ? 'tighter' : 'unknown';
}
