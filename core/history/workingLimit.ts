import { ENOUGH, PER_MAD } from '../workshop/standing';
import { deviation } from 'd3-array';
import { normalBeyond } from '../metrology/normal';
import { evenFrom, seedOf } from '../random';

/** Says what the figures of pumps that held would support as a working limit, with its interval. */
export interface WorkingLimit {
  readonly n: number;
  readonly limit: number;
  /** Holds the interval in which the limit lies with 95%. */
  readonly from: number;
  readonly to: number;
}

/** Counts the standard deviations of a normal distribution below which 95 of 100 lie. */
const OF_95 = normalBeyond(0.05);

/** Says how often the figures are drawn anew for the interval. */
const DRAWS = 400;

/** Returns the median of figures, which it sorts: drawn hundreds of times over, it has to be quick. */
function middleOf(figures: Float64Array): number {
  figures.sort();
  const half = figures.length >> 1;
  const upper = figures[half] ?? NaN;
  return figures.length % 2 ? upper : (upper + (figures[half - 1] ?? NaN)) / 2;
}

/** Returns the figure below which 95 of 100 lie, by median and median absolute deviation. */
function at95(figures: Float64Array): number {
  const middle = middleOf(figures);
  const mad = PER_MAD * middleOf(figures.map((one) => Math.abs(one - middle)));
  // Where most are alike it is 0 though some differ.
  const spread = mad > 0 ? mad : (deviation(figures) ?? 0);
  return middle + OF_95 * spread;
}

/**
 * Returns what the figures of pumps that went out and held would support as a working limit: that below which 95 of 100
 * such pumps lie, by their median and median absolute deviation, and its interval by drawing them anew four hundred
 * times. Null below five. It is the shop's own, and no maker's.
 *
 * @param figures of pumps that went out and did not come back, in any one unit
 * @example
 * workingLimit([1, 2, 3]); // null
 * workingLimit([5, 5, 5, 5, 5]); // { n: 5, limit: 5, from: 5, to: 5 }
 * @see Efron and Tibshirani, An Introduction to the Bootstrap: percentile interval
 */
export function workingLimit(figures: readonly number[]): WorkingLimit | null {
  if (figures.length < ENOUGH) return null;
  // The same figures give the same interval, whenever they are asked.
  const even = evenFrom(seedOf([...figures].sort().join()));
  const draw = () =>
    Float64Array.from(figures, () => figures[Math.floor(even() * figures.length)] ?? NaN);
  const drawn = Array.from({ length: DRAWS }, () => at95(draw())).sort((a, b) => a - b);
  const tail = Math.floor(DRAWS * 0.025);
  return {
    n: figures.length,
    limit: at95(Float64Array.from(figures)),
    from: drawn[tail] ?? NaN,
    to: drawn[DRAWS - 1 - tail] ?? NaN,
  };
}
