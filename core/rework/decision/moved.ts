import type { Assessment } from '../../assessment/assessment';
import { isReckoned, isSpread, NO_EFFECT } from '../effects/effects';
import { isClosed } from '../effects/standing';
import type { ReworkCase, Watched } from './case';
import { isMovedBy } from './asked';
import type { Amounts } from '../solver/problem';

/**
 * Returns the gaps that some operations move, those that were not in first.
 *
 * @param rework what plans for the pump are made from
 * @param amounts of a plan, in mm, by operation
 * @example
 * const gap = (verdict) => ({
 *   assessment: { verdict },
 *   effects: new Map([['lap', { low: { perMm: -1, once_mm: 0 }, high: { perMm: -1, once_mm: 0 } }]]),
 * });
 * const watched = [gap('in'), gap('out')];
 * movedGaps({ watched, kept: [] }, new Map([['lap', 0.02]])).map((w) => w.assessment.verdict); // ['out', 'in']
 */
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

/**
 * Tells whether some gap after work rests on what the app reckons that new parts measure.
 *
 * @param rework what plans for the pump are made from
 * @param gaps that are looked at
 * @param amounts of a plan, in mm, by operation
 */
export const restsOnReckoning = (
  { offers, known }: Pick<ReworkCase, 'offers' | 'known'>,
  gaps: readonly Watched[],
  amounts: Amounts,
): boolean =>
  offers.some(
    (offer) =>
      amounts.has(offer.id) &&
      gaps.some(
        ({ assessment, effects }) =>
          isSpread(effects.get(offer.id) ?? NO_EFFECT) &&
          isReckoned(assessment.characteristic, offer, known),
      ),
  );

/**
 * Lists the running clearances that work closed, or left under their least, and that nobody measured since.
 *
 * @param all the characteristics of the pump
 */
export const closedBy = (all: readonly Assessment[]): Assessment[] => all.filter(isClosed);
