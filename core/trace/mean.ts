import { deviation, mean, sum } from 'd3-array';
import { studentt } from 'jstat';

/** Gives the mean of a steady run, and how well it is known. */
export interface TraceMean {
  readonly mean: number;
  /** Gives the standard deviation of single samples about it. */
  readonly scatter: number;
  /** Gives half of the interval that holds the true mean with 95%. */
  readonly half95: number;
  /** Counts the samples, and as how many independent batches of them they tell. */
  readonly samples: number;
  readonly independent: number;
}

/** Says into how many batches a run is cut: each long beside what wanders, and enough of them to tell their scatter. */
const BATCHES = 12;
/** Says how many values each batch needs. */
const LEAST_IN_BATCH = 2;
/** Gives how alike neighbouring batches are taken to be at most: beyond, nothing could be said. */
const MOST_ALIKE = 0.9;
const LEAST_FREEDOM = 2;
const TWO_SIDED_95 = 0.975;

/** Returns how alike neighbours are, 0 to 1: their correlation, with what a short list makes of it put right (Kendall). */
function likeness(deviations: readonly number[]): number {
  const squares = sum(deviations, (d) => d * d);
  const products = sum(deviations.slice(1), (d, i) => d * (deviations[i] ?? 0));
  const seen = products / squares;
  return Math.min(MOST_ALIKE, Math.max(0, seen + (1 + 3 * seen) / deviations.length));
}

/**
 * Returns the mean of values that were read one after another, with an interval that counts neighbours as what they are: not
 * independent. The values are cut into batches; what the batches' means scatter says how well their mean is known, and where
 * neighbouring batches are still alike, they count for fewer. (Method of batch means, with first-order correlation; M. G.
 * Kendall, *Note on bias in the estimation of autocorrelation*; JCGM 100, G.3.)
 *
 * @param values evenly spaced in time, in one unit
 * @returns null where there are too few to tell
 * @example
 * traceMean([1, 2, 3]); // null
 * const values = Array.from({ length: 48 }, (_, i) => (i % 2 === 0 ? 4 : 6));
 * traceMean(values).mean; // 5
 */
export function traceMean(values: readonly number[]): TraceMean | null {
  const n = values.length;
  const middle = mean(values);
  if (middle === undefined || n < BATCHES * LEAST_IN_BATCH) return null;
  const edge = (i: number) => Math.round((i * n) / BATCHES);
  const batches = Array.from(
    { length: BATCHES },
    (_, i) => (mean(values.slice(edge(i), edge(i + 1))) ?? middle) - middle,
  );
  const squares = sum(batches, (d) => d * d);
  const base = { mean: middle, scatter: deviation(values) ?? 0, samples: n };
  if (squares === 0) return { ...base, half95: 0, independent: BATCHES };
  const alike = likeness(batches);
  const independent = (BATCHES * (1 - alike)) / (1 + alike);
  const variance = squares / (BATCHES - 1) / independent;
  const factor = studentt.inv(TWO_SIDED_95, Math.max(LEAST_FREEDOM, independent - 1));
  return { ...base, half95: factor * Math.sqrt(variance), independent };
}
