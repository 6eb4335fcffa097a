import type { CharacteristicId } from '../../pumps/ids';
import { costOf, type Amounts, type Problem } from '../solver/problem';
import type { Solution } from '../solver/plan';
import type { ReworkCase } from './case';
import type { Doubts } from './doubts';

/** Holds a plan with what may still go wrong. */
export interface RatedPlan extends Solution {
  /** Lists the gaps, too close to call, that it leaves as they are. */
  readonly leaves: readonly CharacteristicId[];
  /** Lists the gaps, too close to call, that are read once more before anything is done about them. */
  readonly again: readonly CharacteristicId[];
  /**
   * Gives the probability that a gap which it leaves is out after all: that of its verdict. Gaps are taken as
   * independent: those that share a size go out together more often than that, so that this is the most it can be.
   */
  readonly chance: number;
  /** Gives its cost, that of a comeback times its chance, and that of work on what a second reading has out. */
  readonly expected: number;
}

/**
 * Returns the chance that one of some gaps is out, each by itself.
 *
 * @param chances of each, 0 to 1
 * @returns from 0 to 1
 * @example
 * chanceOfAny([0.1, 0.2]); // 0.28
 * chanceOfAny([]); // 0
 */
export const chanceOfAny = (chances: readonly number[]): number =>
  1 - chances.reduce((sure, chance) => sure * (1 - chance), 1);

/**
 * Returns a plan with what it leaves and reads again, the chance that something left is out, and what that costs. Its
 * cost is what is paid for sure; what may have to be paid is in what is expected.
 */
export function rated(
  rework: ReworkCase,
  problem: Problem,
  plan: Solution,
  { left, again }: Doubts,
): RatedPlan {
  const does = (id: string) => plan.works.some((w) => w.id === id);
  const leaves = left.filter(({ id }) => does(id));
  const reads = again.filter(({ id }) => does(id));
  const works = plan.works.filter(({ id }) => !leaves.some((doubt) => doubt.id === id));
  const amounts: Amounts = new Map(works.map(({ id, amount_mm }) => [id, amount_mm]));
  const sum = (list: typeof again) => list.reduce((all, { expected }) => all + expected, 0);
  const chance = chanceOfAny(leaves.map((doubt) => doubt.chance));
  const cost = costOf(problem, amounts) - sum(reads);
  return {
    works,
    cost,
    chance,
    // As they stand in the order of the work; a sum with the parts of it that are in the same doubt.
    leaves: rework.watched.flatMap(({ assessment: { characteristic } }) =>
      leaves.some(({ gaps }) => gaps.includes(characteristic.id)) ? [characteristic.id] : [],
    ),
    again: reads.map(({ gap }) => gap),
    expected: cost + sum(reads) + chance * rework.money.comeback,
  };
}
