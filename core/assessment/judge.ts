import { proven } from '../feeler/bounds';
import { conformityOfRange, type DecisionRule } from '../metrology/conformity';
import { isOpen, tidied, type Estimate } from '../metrology/estimate';
import type { Limits } from '../metrology/interval';
import { zoneOf } from '../metrology/verdict';
import type { Assessment } from './assessment';

const isSoft = (e: Estimate): boolean => e.kind === 'interval' && e.soft !== undefined;

/**
 * Judges the smallest and the largest that a gap can be against limits: leaves that are exact by what
 * they prove, all else by probability. *Open* while something can still be learnt.
 * (JCGM 106, 8; ISO 14253-1).
 *
 * @param least what is known of the smallest gap, in mm
 * @param most what is known of the largest, in mm
 * @param limits in mm
 * @param rule how the house decides
 * @param moreToLearn some place or leaf can still tell more
 * @example
 * const gap = { kind: 'interval', lo_mm: 0.04, hi_mm: 0.06 };
 * judge(gap, gap, { upper_mm: 0.06 }, 'guarded', false); // { verdict: 'in', probability: 1 }
 * judge(gap, gap, { upper_mm: 0.05 }, 'guarded', true); // { verdict: 'open', probability: null }
 * judge(gap, gap, { upper_mm: 0.05 }, 'guarded', false).verdict; // 'close'
 */
export function judge(
  least: Estimate,
  most: Estimate,
  limits: Limits,
  rule: DecisionRule,
  moreToLearn: boolean,
): Pick<Assessment, 'verdict' | 'probability'> {
  const zone = zoneOf(limits);
  const [smallest, largest] = [tidied(least), tidied(most)];
  if (isSoft(smallest) || isSoft(largest)) {
    const likely = conformityOfRange(smallest, largest, limits, rule);
    return likely.verdict === 'close' && moreToLearn
      ? { verdict: 'open', probability: null }
      : likely;
  }
  if (smallest.kind === 'interval' && largest.kind === 'interval') {
    const span = (b: { lo_mm: number; hi_mm: number | null }) => ({
      lo: b.lo_mm,
      hi: b.hi_mm ?? Infinity,
      hiOpen: false,
    });
    const proof = proven({ smallest: span(smallest), largest: span(largest) }, zone);
    if (proof) return { verdict: proof, probability: proof === 'in' ? 1 : 0 };
  }
  const bracketed = smallest.kind === 'interval' || largest.kind === 'interval';
  if (bracketed && moreToLearn) return { verdict: 'open', probability: null };
  if (
    (isOpen(smallest) && limits.lower_mm != null) ||
    (isOpen(largest) && limits.upper_mm != null)
  ) {
    return { verdict: 'close', probability: null };
  }
  return conformityOfRange(smallest, largest, limits, rule);
}
