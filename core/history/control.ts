import { mean } from 'd3-array';

/** Describes a control chart of single figures: its middle, its limits, and what is beyond them. */
export interface ControlChart {
  readonly centre: number;
  readonly lower: number;
  readonly upper: number;
  /** Lists the places of the figures beyond a limit. */
  readonly beyond: readonly number[];
  /** Gives the last stretch of eight figures or more on one side of the middle; null for none. */
  readonly run: {
    readonly from: number;
    readonly to: number;
    readonly side: 'above' | 'below';
  } | null;
}

/** Gives the mean range of two normal figures in standard deviations of one. */
const D2 = 1.128;

/** Says how wide the limits are: they lie so many standard deviations from the middle. */
const SIGMAS = 3;

/** Says how long a run is: so many figures on one side of the middle are no chance. */
const RUN = 8;

/** Says how many are needed: with fewer figures limits say nothing. */
const ENOUGH = 8;

type Run = NonNullable<ControlChart['run']>;

/** Returns the last stretch on one side of the middle that is long enough; null for none. */
function lastRun(figures: readonly number[], centre: number): Run | null {
  const sides = figures.map((one) => Math.sign(one - centre));
  let [found, from]: [Run | null, number] = [null, 0];
  sides.forEach((side, i) => {
    if (i > 0 && side !== sides[i - 1]) from = i;
    if (side !== 0 && i - from + 1 >= RUN) {
      found = { from, to: i, side: side > 0 ? 'above' : 'below' };
    }
  });
  return found;
}

/**
 * Returns the control chart of single figures in the order of time; null for fewer than eight. Its limits lie three
 * standard deviations from the mean, the standard deviation being the mean moving range over 1.128.
 *
 * @param figures in any one unit
 * @example
 * controlChart([1, 2, 1, 2, 1, 2, 1, 2]); // { centre: 1.5, lower: -1.159574, upper: 4.159574, beyond: [], run: null }
 * controlChart([1, 2, 3]); // null
 * @see Montgomery, Introduction to Statistical Quality Control: chart of individuals; Western Electric rules 1 and 4
 */
export function controlChart(figures: readonly number[]): ControlChart | null {
  const centre = mean(figures);
  const range = mean(figures.slice(1), (one, i) => Math.abs(one - (figures[i] ?? NaN)));
  if (figures.length < ENOUGH || centre === undefined || range === undefined) return null;
  const reach = (SIGMAS * range) / D2;
  const [lower, upper] = [centre - reach, centre + reach];
  return {
    centre,
    lower,
    upper,
    beyond: figures.flatMap((one, i) => (one < lower || one > upper ? [i] : [])),
    run: lastRun(figures, centre),
  };
}
