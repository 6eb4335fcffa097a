import { tidy_mm } from '../quantity/units';
import { chooseShims, type GapRange, type ShimChoice, type ShimStack } from './shims';

/** The gap that a bridge finds, and the washers that it wants; in mm. */
export interface Bridged extends ShimStack {
  readonly gap_mm: GapRange;
  /** Between the smallest and the largest of what was read. */
  readonly uneven_mm: number;
}

/**
 * Returns the gap without a washer from readings over a bridge, and the washers that bring it in.
 *
 * @param places what was read at each place, as a smallest and a largest
 * @param added_mm what is added to them all: a washer that lies in it, a gasket
 * @param choice limits and what is to be had, in mm
 * @example
 * const at = (mm) => ({ smallest: mm, largest: mm });
 * const choice = { lower_mm: 0.25, upper_mm: 0.55, shims_mm: [3.7], maxShims: 1, aim: 'middle' };
 * bridged([at(3.69), at(3.71)], 0.38, choice); // { gap_mm: { smallest: 4.07, largest: 4.09 }, uneven_mm: 0.02, stack_mm: [3.7], buy_mm: { from_mm: 3.54, to_mm: 3.82 } }
 */
export function bridged(
  places: readonly GapRange[],
  added_mm: number,
  choice: ShimChoice,
): Bridged {
  const gap_mm = {
    smallest: tidy_mm(Math.min(...places.map((p) => p.smallest)) + added_mm),
    largest: tidy_mm(Math.max(...places.map((p) => p.largest)) + added_mm),
  };
  const uneven_mm = tidy_mm(gap_mm.largest - gap_mm.smallest);
  return { gap_mm, uneven_mm, ...chooseShims(gap_mm, choice) };
}
