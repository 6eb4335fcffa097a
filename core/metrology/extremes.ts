import { bracketOf, type Bounds, type Span } from './bracket';
import type { Estimate, Value } from './estimate';

/** The smallest and the largest that a gap can be anywhere it is measured. */
export interface Extremes {
  readonly smallest: Estimate;
  readonly largest: Estimate;
}

const bracketFrom = (span: Span, soft: boolean): Estimate => ({
  kind: 'bracket',
  ...bracketOf(span),
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

/**
 * Returns the smallest and the largest of values that were compared, each marked with how many they were.
 *
 * @param candidates at either end those that may be it, one at least
 * @param of how many values they stand for
 */
export function pickedExtremes(
  candidates: { readonly smallest: readonly Value[]; readonly largest: readonly Value[] },
  of: number,
): { readonly smallest: Value; readonly largest: Value } {
  const pick = (end: 'smallest' | 'largest'): Value => {
    const sign = end === 'smallest' ? -1 : 1;
    const value = candidates[end].reduce((a, b) => (sign * (b.value_mm - a.value_mm) > 0 ? b : a));
    return of > 1 ? { ...value, picked: { end, of } } : value;
  };
  return { smallest: pick('smallest'), largest: pick('largest') };
}
