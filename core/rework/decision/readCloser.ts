import type { Assessment } from '../../assessment/assessment';
import { ladderOf } from '../../feeler/ladder';
import { closerStep } from '../../guidance/next';
import { countedIn } from '../../journal/eras';
import { figureWay, METHOD, type MethodId } from '../../methods/list';
import type { CharacteristicId, StationId } from '../../pumps/ids';
import { dimensionsFor } from '../../pumps/registry';
import type { Sheet } from '../../records/sheet';
import type { ReworkCase } from './case';

/** Says how something is read: by a way of measuring, or once more, after a zero check. */
export type ReadBy = (typeof METHOD)[MethodId]['readBy'] | 'zero';

/** Says where something is read, and by what. */
export interface ToRead {
  readonly characteristic: CharacteristicId;
  /** Names the place to begin at; null where all its sizes are read. */
  readonly station: StationId | null;
  readonly by: ReadBy;
  readonly leaves_mm: readonly number[];
}

/** Returns what something is read by that is measured in a way. */
export const readBy = (way: MethodId): ReadBy => METHOD[way].readBy;

/** Returns what gives a gap a figure: its sizes, else the dial; null where only leaves go in. */
export function figureBy(
  sheet: Sheet,
  { characteristic }: Pick<Assessment, 'characteristic'>,
): ReadBy | null {
  const way = figureWay(sheet, characteristic);
  return way && readBy(way);
}

/** Holds what reading closer depends on. */
type Known = Pick<ReworkCase, 'job' | 'known'>;

/** Returns how to read a gap by what gives it a figure; null where that was read, or there is none. */
function byFigure({ job, known }: Known, a: Assessment): ToRead | null {
  const characteristic = a.characteristic.id;
  const by = figureBy(job.sheet, a);
  const isUnread =
    by === 'sizes'
      ? dimensionsFor(a.characteristic).some(
          (id) => known.dimensions.get(id)?.source !== 'measured',
        )
      : by === 'dial' &&
        !countedIn(job)
          .ofGap(characteristic)
          .some(({ kind }) => kind === 'swing');
  return by !== null && isUnread ? { characteristic, station: null, by, leaves_mm: [] } : null;
}

/** Returns the leaf that splits the bracket of a gap, at the place that holds its end; null where the set has none. */
function byLeaf({ job }: Known, a: Assessment): ToRead | null {
  const step = closerStep(a, ladderOf(job.feeler, job.rules.ladder, job.rules.record));
  if (!step) return null;
  const { station, stack } = step;
  const characteristic = a.characteristic.id;
  return { characteristic, station: station.id, by: 'leaves', leaves_mm: stack.leaves_mm };
}

/**
 * Returns how to read a gap closer than its bracket: by its sizes or the dial, as far as they were not read; else by the
 * leaf that splits the bracket at the place that holds its end.
 *
 * @param rework what plans for the pump are made from
 * @param a the assessment of the gap
 * @returns null where everything that could tell more was read, and the leaf set can tell no more
 */
export const readCloser = (rework: Known, a: Assessment): ToRead | null =>
  byFigure(rework, a) ?? byLeaf(rework, a);

/** Returns how to show that a gap is open: by a leaf that goes in, which takes nothing apart; else by a figure. */
export const readOpen = (rework: Known, a: Assessment): ToRead | null =>
  byLeaf(rework, a) ?? byFigure(rework, a);
