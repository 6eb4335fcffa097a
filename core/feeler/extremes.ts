import type { Estimate } from '../metrology/estimate';
import type { Extremes } from '../metrology/extremes';
import { type Bounds, type Bracket, intervalOf } from './bounds';

/**
 * Returns a span between leaves as an estimate, in mm.
 *
 * @param span its ends in mm
 * @param soft the leaves at its ends are known no better than their marking
 * @example
 * bracketFrom({ lo: 0.05, hi: 0.07, hiOpen: true }, false); // { kind: 'interval', lo_mm: 0.05, hi_mm: 0.07 }
 */
export const bracketFrom = (span: Bracket, soft: boolean): Estimate => ({
  kind: 'interval',
  ...intervalOf(span),
  ...(soft ? { soft: { lo_mm: span.loSoft ?? 0, hi_mm: span.hiSoft ?? 0 } } : {}),
});

/**
 * Returns the bounds that leaves give, in mm, as the smallest and the largest that a gap can be.
 *
 * @param bounds of the smallest and the largest gap, in mm
 * @param soft some leaf of the set is known no better than its marking
 * @example
 * const span = { lo: 0.05, hi: 0.07, hiOpen: true };
 * extremesOf({ smallest: span, largest: span }).largest; // { kind: 'interval', lo_mm: 0.05, hi_mm: 0.07 }
 */
export function extremesOf(bounds: Bounds, soft = false): Extremes {
  return {
    smallest: bracketFrom(bounds.smallest, soft),
    largest: bracketFrom(bounds.largest, soft),
  };
}
