import { type ReworkCase, type Watched } from './case';
import { isMovedBy } from './asked';
import type { Amounts } from '../solver/problem';

/** Returns the gaps that some operations move, those that were not in first. */
export function movedGaps(
  { watched, kept }: Pick<ReworkCase, 'watched' | 'kept'>,
  amounts: Amounts,
): Watched[] {
  const moved = [...watched, ...kept].filter((w) =>
    [...amounts.keys()].some((id) => isMovedBy(w, id)),
  );
  const isIn = ({ assessment }: Watched) => assessment.verdict === 'in';
  return [...moved.filter((w) => !isIn(w)), ...moved.filter(isIn)];
}
