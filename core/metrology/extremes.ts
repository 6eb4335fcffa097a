import type { Estimate, Value } from './estimate';

/** The smallest and the largest that a gap can be anywhere it is measured. */
export interface Extremes {
  readonly smallest: Estimate;
  readonly largest: Estimate;
}

/**
 * Returns the smallest and the largest of values that were compared, each marked with how many they were.
 *
 * @param candidates at either end those that may be it, one at least
 * @param of how many values they stand for
 * @example
 * const [a, b] = [0.03, 0.05].map((value_mm) => ({ kind: 'value', value_mm, u_mm: 0.002 }));
 * pickedExtremes({ smallest: [a, b], largest: [a, b] }, 2).largest; // { value_mm: 0.05, picked: { end: 'largest', of: 2 } }
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
