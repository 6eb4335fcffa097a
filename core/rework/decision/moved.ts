import type { Assessment } from '../../assessment/assessment';
import { isMovedBy, type ReworkCase, type Watched } from './case';
import type { Amounts } from '../solver/problem';

/** Lists the gaps that are not in now and that an operation moves. */
export const broughtIn = (
  { watched }: Pick<ReworkCase, 'watched'>,
  operation: string,
): Assessment[] =>
  watched.flatMap((w) =>
    isMovedBy(w, operation) && w.assessment.verdict !== 'in' ? [w.assessment] : [],
  );

/** Returns the gaps that some operations move, those that were not in first. */
export function movedGaps({ watched }: Pick<ReworkCase, 'watched'>, amounts: Amounts): Watched[] {
  const moved = watched.filter((w) => [...amounts.keys()].some((id) => isMovedBy(w, id)));
  const isIn = ({ assessment }: Watched) => assessment.verdict === 'in';
  return [...moved.filter((w) => !isIn(w)), ...moved.filter(isIn)];
}
