import { median } from 'd3-array';

/** Says where a figure stands among those of the past. */
export interface Standing {
  readonly n: number;
  readonly median: number | null;
  /** Share of the past below it, and half of what equals it, in %. */
  readonly percentile: number | null;
  /** Distance from the median in robust standard deviations; null where the past does not scatter. */
  readonly robustZ: number | null;
  /** Tells whether the past is long enough to say something. */
  readonly enough: boolean;
}

/** With fewer figures than these a past says little. */
export const ENOUGH = 5;

/** Standard deviations of a normal distribution in its median absolute deviation. */
export const PER_MAD = 1.4826;

/**
 * Returns where a figure stands among those of the past: the share below it, and how far it lies from their median in
 * units of 1.4826 times their median absolute deviation.
 *
 * @param past figures of the past, in any order
 * @param value in the same unit
 * @example
 * standing([1, 2, 3, 4, 5], 4); // { n: 5, median: 3, percentile: 70, robustZ: 0.674491, enough: true }
 * standing([2, 2, 2], 3); // { percentile: 100, robustZ: null, enough: false }
 * @see robust statistics textbooks (Huber): median absolute deviation
 */
export function standing(past: readonly number[], value: number): Standing {
  const middle = median(past);
  if (middle === undefined)
    return { n: 0, median: null, percentile: null, robustZ: null, enough: false };
  const share = past.reduce((sum, one) => sum + (one < value ? 1 : one === value ? 0.5 : 0), 0);
  const mad = median(past, (one) => Math.abs(one - middle)) ?? 0;
  return {
    n: past.length,
    median: middle,
    percentile: (100 * share) / past.length,
    robustZ: mad === 0 ? null : (value - middle) / (PER_MAD * mad),
    enough: past.length >= ENOUGH,
  };
}
