import type { Limits } from '../../metrology/interval';
import { COVERAGE, shareBelow } from '../../metrology/normal';
import type { Span } from '../effects/standing';

/**
 * Returns the probability that a gap lies outside its limits, where it is thought to lie within a span: normal
 * about its middle, the span ± 2u (JCGM 106, 7.2).
 *
 * @example a span of 0.05 to 0.07 against 0.06 at most: 0.5
 */
export function chanceOut({ low_mm, high_mm }: Span, { lower_mm, upper_mm }: Limits): number {
  const middle = (low_mm + high_mm) / 2;
  const u = (high_mm - low_mm) / (2 * COVERAGE);
  const below = (limit: number) => {
    if (u > 0) return shareBelow((limit - middle) / u);
    return limit >= middle ? 1 : 0;
  };
  const under = lower_mm == null ? 0 : below(lower_mm);
  const over = upper_mm == null ? 0 : 1 - below(upper_mm);
  return Math.min(1, under + over);
}
