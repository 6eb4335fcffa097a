import { normal } from 'jstat';

/**
 * Returns the share of the standard normal distribution below z.
 *
 * @param z standard deviations from the middle
 * @example
 * shareBelow(0); // 0.5
 * shareBelow(2); // 0.97725
 */
export const shareBelow = (z: number): number => normal.cdf(z, 0, 1);

/**
 * Returns the density of the standard normal distribution at z.
 *
 * @param z standard deviations from the middle
 * @example
 * densityAt(0); // 0.398942
 */
export const densityAt = (z: number): number => normal.pdf(z, 0, 1);

/** Standard uncertainties to either side within which a value is thought to lie (JCGM 100, 6.2: k = 2). */
export const COVERAGE = 2;

/**
 * Returns the z beyond which a share of the standard normal distribution lies.
 *
 * @param share 0 to 1
 * @example
 * normalBeyond(0.025); // 1.959964
 */
export const normalBeyond = (share: number): number => -normal.inv(share, 0, 1);

/** Counts the standard deviations of a normal distribution within which 95 of 100 lie. */
export const WITHIN_95 = normalBeyond(0.025);

/** Describes what lies beyond the coverage factor on one side. */
const TAIL = 1 - shareBelow(COVERAGE);

/**
 * Returns the coverage factor towards the side on which the extreme of several values is biased: the
 * largest of many readings lies too high, so that each of them is given its share of the doubt (the
 * Bonferroni inequality of statistics textbooks).
 *
 * @param of how many values were compared, 1 or more
 * @example
 * coverageOf(1); // 2
 * coverageOf(4); // 2.53096
 * coverageOf(16); // 2.98414
 */
export const coverageOf = (of: number): number => (of <= 1 ? COVERAGE : normalBeyond(TAIL / of));
