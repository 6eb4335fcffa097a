import { median } from 'd3-array';

/** Says how many samples to either side tell what is usual at a moment. */
const REACH = 7;
/** Makes the median absolute deviation of normal values their standard deviation. */
const TO_SIGMA = 1.4826;
/** Says at how many standard deviations from its neighbours a value was not read off the pump. */
const FAR = 5;

/**
 * Lists the places of values that belong to their neighbours: one that lies far outside those is rubbish. (Hampel identifier.)
 *
 * @param values in the order in which they came; null where nothing came
 * @param least the least deviation that counts as far, in the unit of the values: what an instrument's last digit makes
 * @example
 * soundPlaces([9, 9.1, 9, 90, 9.1, null, 9], 0.1); // [0, 1, 2, 4, 6]
 */
export function soundPlaces(values: readonly (number | null)[], least: number): number[] {
  return values.flatMap((value, i) => {
    if (value === null) return [];
    const near = values
      .slice(Math.max(0, i - REACH), i + REACH + 1)
      .filter((v): v is number => v !== null);
    const middle = median(near) ?? value;
    const spread = TO_SIGMA * (median(near, (v) => Math.abs(v - middle)) ?? 0);
    return Math.abs(value - middle) <= Math.max(least, FAR * spread) ? [i] : [];
  });
}
