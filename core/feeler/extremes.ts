import type { Estimate } from '../metrology/estimate';
import type { Extremes } from '../metrology/extremes';
import { type Bounds, type Bracket, intervalOf } from './bounds';

/**
 * Returns a span between leaves as an estimate, in mm.
 *
 * @param soft the leaves at its ends are known no better than their marking
 */
export const bracketFrom = (span: Bracket, soft: boolean): Estimate => ({
  kind: 'interval',
  ...intervalOf(span),
  ...(soft ? { soft: { lo_mm: span.loSoft ?? 0, hi_mm: span.hiSoft ?? 0 } } : {}),
});

/**
 * Returns the bounds that leaves give, in mm, as the smallest and the largest that a gap can be.
 *
 * @param soft some leaf of the set is known no better than its marking
 */
export function extremesOf(bounds: Bounds, soft = false): Extremes {
  return {
    smallest: bracketFrom(bounds.smallest, soft),
    largest: bracketFrom(bounds.largest, soft),
  };
}
