import { isTaken } from '../core/pairing/labels';
import { piecesMoved, type FittedPiece } from '../core/journal/pieces';
import type { Job } from '../core/records/job';
import type { ShelfPart } from '../core/records/part';
import { say } from '../core/wording/say';
import { whileLabelsHold } from './locks';
import { load, loadAll } from './opened';
import { change, changeTogether, type RecordRef } from './records';
import type { Filed } from './texts';

/* What happens to a part on the shelf in one stroke with something else: its label, and the job that has it. */

/** @throws Error where a label is on another part already: a scanner has to find one */
export function holdLabel(label: string, shelf: readonly ShelfPart[], own?: string): void {
  if (isTaken(label, shelf, own)) throw new Error(say('shelf.labelTaken', { label }));
}

/**
 * Changes a part and the label on it.
 *
 * @throws Error where the label is on another part already
 */
export const relabel = (id: string, edit: (part: ShelfPart) => ShelfPart): Promise<ShelfPart> =>
  whileLabelsHold(async () => {
    const { records: shelf } = await loadAll('part');
    return change('part', id, (part) => {
      const next = edit(part);
      if (next.label !== part.label) holdLabel(next.label, shelf, id);
      return next;
    });
  });

/** @throws Error where a part is no longer on the shelf: another job took it, or it was thrown away */
export function takenFor(part: ShelfPart, { id, tag }: Pick<Job, 'id' | 'tag'>): ShelfPart {
  if (part.state !== 'here') throw new Error(say('shelf.notHere', { label: part.label }));
  return { ...part, state: 'taken', takenFor: tag, takenBy: id };
}

/** Returns a part as it lies on the shelf again. */
export const backOnShelf = (part: ShelfPart): ShelfPart => ({
  ...part,
  state: 'here',
  takenFor: '',
  takenBy: null,
});

/** Tells whether a part says that a job has it: by the job's id, or, from before that was kept, by its tag. */
export const isOf = (
  { state, takenFor: tag, takenBy }: ShelfPart,
  job: Pick<Job, 'id' | 'tag'>,
): boolean => state === 'taken' && (takenBy === job.id || (takenBy === null && tag === job.tag));

/** Names the records of some parts that are still kept. */
export async function refsOf(pieces: readonly Pick<FittedPiece, 'id'>[]): Promise<RecordRef[]> {
  const there = await Promise.all(pieces.map(({ id }) => load('part', id)));
  return there.flatMap((part) => (part ? [{ kind: 'part' as const, id: part.id }] : []));
}

/**
 * Changes a job and the parts from the shelf that it puts into its pump or takes out, in one stroke.
 *
 * @throws as `change`; Error where a part that would go in is no longer on the shelf
 */
export async function changeWithParts(
  id: string,
  edit: (job: Job) => Job,
  pieces: readonly FittedPiece[],
  beside: readonly Filed[],
): Promise<Job> {
  const [done] = await changeTogether(
    [{ kind: 'job', id }, ...(await refsOf(pieces))],
    ([record, ...others]) => {
      const [job, parts] = [record as Job, others as ShelfPart[]];
      const next = edit(job);
      const { came, went } = piecesMoved(job, next);
      const moved = parts.map((part) => {
        const isIn = (list: readonly FittedPiece[]) => list.some((piece) => piece.id === part.id);
        if (isIn(came) && !isOf(part, job)) return takenFor(part, job);
        return isIn(went) && isOf(part, job) ? backOnShelf(part) : part;
      });
      return { after: [next, ...moved], beside };
    },
  );
  return done as Job;
}
