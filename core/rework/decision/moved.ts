import type { Assessment } from '../../assessment/assessment';
import type { ReworkCase, Watched } from './case';
import { isMoved, type Amounts } from '../solver/problem';

/** Tells whether an operation moves one of the ends of a gap. */
const moves = ({ effects }: Watched, operation: string): boolean => {
  const ends = effects.get(operation);
  return ends !== undefined && (isMoved(ends.low) || isMoved(ends.high));
};

/** Lists the gaps that are not in now and that an operation moves. */
export const broughtIn = (
  { watched }: Pick<ReworkCase, 'watched'>,
  operation: string,
): Assessment[] =>
  watched.flatMap((w) =>
    moves(w, operation) && w.assessment.verdict !== 'in' ? [w.assessment] : [],
  );

/** Returns the gaps that some operations move, those that were not in first. */
export function movedGaps({ watched }: Pick<ReworkCase, 'watched'>, amounts: Amounts): Watched[] {
  const moved = watched.filter((w) => [...amounts.keys()].some((id) => moves(w, id)));
  const isIn = ({ assessment }: Watched) => assessment.verdict === 'in';
  return [...moved.filter((w) => !isIn(w)), ...moved.filter(isIn)];
}
