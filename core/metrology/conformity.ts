import { tidy_mm } from '../quantity/units';
import type { Limits } from './interval';
import {
  centre,
  comparedFor,
  probabilityAtLeast,
  probabilityAtMost,
  tidied,
  type Estimate,
} from './estimate';
import { zoneOf, type ToleranceZone } from './verdict';

/** guarded: by the probability of lying inside; plain: by the value alone. */
export type DecisionRule = 'guarded' | 'plain';

/** Probability of lying inside from which a gap counts as in (JCGM 106, 8.3.2). */
export const CONFIDENCE = 0.95;

export interface Conformity {
  readonly probability: number;
  readonly verdict: 'in' | 'out' | 'close';
}

/**
 * Returns the probability that the true length lies inside the limits, and the verdict
 * that follows (JCGM 106, 7 and 8; ISO 14253-1).
 *
 * guarded: *in* at or above the confidence, *out* at or below 1 − confidence,
 * else *close*. plain: the value, or the middle of the bracket, against the
 * limits, ends included. Of an interval without an upper end the probability is a lower bound; where
 * that end decides, the verdict is *close* by either rule.
 *
 * @param read what is known of the length
 * @param limits in mm
 * @param rule how the house decides: with a guard band or plainly
 * @param confidence the probability that *in* asks for
 * @example
 * const gap = { kind: 'value', value_mm: 0.05, u_mm: 0.005 };
 * conformity(gap, { upper_mm: 0.06 }, 'guarded'); // { probability: 0.97725, verdict: 'in' }
 * conformity(gap, { upper_mm: 0.055 }, 'guarded'); // { probability: 0.841345, verdict: 'close' }
 * conformity(gap, { upper_mm: 0.055 }, 'plain'); // { verdict: 'in' }
 */
export function conformity(
  read: Estimate,
  limits: Limits,
  rule: DecisionRule,
  confidence: number = CONFIDENCE,
): Conformity {
  const window = zoneOf(limits);
  const estimate = tidied(read);
  const probability = inside(estimate, estimate, window).atLeast;
  if (leftOpen(estimate, window)) return { probability, verdict: 'close' };
  if (rule === 'plain') return { probability, verdict: plainly(estimate, estimate, window) };
  if (probability >= confidence) return { probability, verdict: 'in' };
  return { probability, verdict: probability <= 1 - confidence ? 'out' : 'close' };
}

/** Tells whether it hangs on the upper end that an interval does not have whether the limits hold. */
const leftOpen = (estimate: Estimate, { lower, upper }: ToleranceZone): boolean =>
  estimate.kind === 'interval' &&
  estimate.hi_mm === null &&
  estimate.lo_mm <= upper &&
  (upper < Infinity || estimate.lo_mm < lower);

/**
 * Returns the same for a gap that varies round the pump: the smallest is held against
 * the lower limit and the largest against the upper. How the two hang together
 * is not known, so the probability is bounded (Fréchet): at least p₁ + p₂ − 1,
 * at most the lesser. *in* needs the lower bound, *out* the upper one, so
 * neither is ever claimed on an assumption. The extreme of n values lies beyond where most of them
 * would: *out* then needs (1 − confidence)/n, so that a flat part on its limit is called out no more
 * often for being read at more places (the Bonferroni inequality).
 *
 * @param least what is known of the smallest gap
 * @param most what is known of the largest
 * @param limits in mm
 * @param rule how the house decides: with a guard band or plainly
 * @param confidence the probability that *in* asks for
 * @returns `probability` is the lower bound
 * @example
 * const least = { kind: 'value', value_mm: 0.03, u_mm: 0.002 };
 * const most = { kind: 'value', value_mm: 0.05, u_mm: 0.005 };
 * conformityOfRange(least, most, { upper_mm: 0.06 }, 'guarded'); // { probability: 0.97725, verdict: 'in' }
 */
export function conformityOfRange(
  least: Estimate,
  most: Estimate,
  limits: Limits,
  rule: DecisionRule,
  confidence: number = CONFIDENCE,
): Conformity {
  const [smallest, largest] = [tidied(least), tidied(most)];
  if (sameEstimate(smallest, largest)) return conformity(smallest, limits, rule, confidence);
  const window = zoneOf(limits);
  const { atLeast, overLower, underUpper } = inside(smallest, largest, window);
  if (rule === 'plain') {
    return { probability: atLeast, verdict: plainly(smallest, largest, window) };
  }
  if (atLeast >= confidence) return { probability: atLeast, verdict: 'in' };
  const broken =
    overLower <= (1 - confidence) / comparedFor(smallest) ||
    underUpper <= (1 - confidence) / comparedFor(largest);
  return { probability: atLeast, verdict: broken ? 'out' : 'close' };
}

/**
 * Returns the probability of keeping each limit, and the Fréchet bound of keeping both; for one and the
 * same length that is exact.
 */
function inside(smallest: Estimate, largest: Estimate, window: ToleranceZone) {
  const overLower = probabilityAtLeast(smallest, window.lower);
  const underUpper = probabilityAtMost(largest, window.upper);
  const atLeast = Math.min(1, Math.max(0, overLower + underUpper - 1));
  return { atLeast, overLower, underUpper };
}

function plainly(smallest: Estimate, largest: Estimate, window: ToleranceZone): 'in' | 'out' {
  const [least, most] = [tidy_mm(centre(smallest)), tidy_mm(centre(largest))];
  return least >= window.lower && most <= window.upper ? 'in' : 'out';
}

/**
 * Tells whether two ends are one and the same length. The extremes of several values are not, even
 * where they are equal; and a soft interval is looked at limit by limit, so that what it says of two
 * is no share of one distribution.
 */
function sameEstimate(a: Estimate, b: Estimate): boolean {
  if (a.kind === 'value') {
    const single = comparedFor(a) === 1 && comparedFor(b) === 1;
    const same = b.kind === 'value' && a.value_mm === b.value_mm && a.u_mm === b.u_mm;
    return same && single && a.within === b.within;
  }
  const hard = b.kind === 'interval' && !a.soft && !b.soft;
  return hard && a.lo_mm === b.lo_mm && a.hi_mm === b.hi_mm;
}
