import { group, median } from 'd3-array';
import { shareBelow } from '../metrology/normal';

/** Says how two groups of figures differ. */
export interface GroupDifference {
  /** Gives how much more the first group has, as the median of all differences between the two. */
  readonly by: number;
  /** Gives the chance of so much between groups that do not differ. */
  readonly p: number;
}

/**
 * Returns how the figures of two groups differ: the median of all differences between one of the first and one of the
 * second (Hodges and Lehmann), and by the ranks (Mann and Whitney, normal, ties counted) the chance of as much between
 * groups that do not differ.
 *
 * @param first figures in any one unit
 * @param second in the same
 * @example
 * groupDifference([4, 5, 6], [1, 2, 3]); // { by: 3, p: 0.049535 }
 * groupDifference([1, 1], [1, 1]); // { by: 0, p: 1 }
 * @see Hollander and Wolfe, Nonparametric Statistical Methods: two-sample location
 */
export function groupDifference(
  first: readonly number[],
  second: readonly number[],
): GroupDifference {
  const [n, m] = [first.length, second.length];
  const between = first.flatMap((a) => second.map((b) => a - b));
  const won = between.reduce((sum, by) => sum + (by > 0 ? 1 : by === 0 ? 0.5 : 0), 0);
  const all = n + m;
  const alike = [...group([...first, ...second], (one) => one).values()];
  const ties = alike.reduce((sum, { length: t }) => sum + (t ** 3 - t), 0) / (all * (all - 1));
  const variance = ((n * m) / 12) * (all + 1 - ties);
  const z = variance > 0 ? Math.abs(won - (n * m) / 2) / Math.sqrt(variance) : 0;
  return { by: median(between) ?? 0, p: 2 * (1 - shareBelow(z)) };
}
