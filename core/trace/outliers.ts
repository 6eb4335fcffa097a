/** Says how many samples to either side tell what is usual at a moment. */
const REACH = 7;
/** Makes the median absolute deviation of normal values their standard deviation. */
const TO_SIGMA = 1.4826;
/** Says at how many standard deviations from its neighbours a value was not read off the pump. */
const FAR = 5;

/** Holds the values of a window in their order: a run has thousands of windows, and each is sorted anew. */
const sorted = new Float64Array(2 * REACH + 1);

/** Puts a value in its place among so many that are sorted already. */
function insert(value: number, count: number): void {
  let at = count;
  while (at > 0 && (sorted[at - 1] ?? 0) > value) {
    sorted[at] = sorted[at - 1] ?? 0;
    at -= 1;
  }
  sorted[at] = value;
}

/** Returns the median of so many values that are sorted. */
const middleOf = (count: number): number =>
  ((sorted[(count - 1) >> 1] ?? 0) + (sorted[count >> 1] ?? 0)) / 2;

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
    const [from, to] = [Math.max(0, i - REACH), Math.min(values.length, i + REACH + 1)];
    const fill = (of: (v: number) => number): number => {
      let count = 0;
      for (let k = from; k < to; k += 1) {
        const v = values[k];
        if (v !== null && v !== undefined) insert(of(v), count++);
      }
      return middleOf(count);
    };
    const middle = fill((v) => v);
    const spread = TO_SIGMA * fill((v) => Math.abs(v - middle));
    return Math.abs(value - middle) <= Math.max(least, FAR * spread) ? [i] : [];
  });
}
