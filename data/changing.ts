import { piecesMoved, type FittedPiece } from '../core/journal/pieces';
import type { Job } from '../core/records/job';
import type { ShelfPart } from '../core/records/part';
import { changeWithParts, relabel } from './moved';
import { change } from './records';
import { type Filed } from './texts';
import { type Kind, type Kinds } from './opened';

/** Tells that more than the one record changes: what a change needs is found out while it is made. */
class NeedsMore extends Error {}

/** Tells that a change of a job moves parts from the shelf, which have to be written in the same stroke. */
class MovesParts extends NeedsMore {
  constructor(readonly pieces: readonly FittedPiece[]) {
    super();
  }
}

/** Returns a job after an edit. @throws MovesParts where that moves parts from the shelf */
function withoutParts(job: Job, edit: (job: Job) => Job): Job {
  const next = edit(job);
  const { came, went } = piecesMoved(job, next);
  if (came.length + went.length > 0) throw new MovesParts([...came, ...went]);
  return next;
}

/** Returns a part after an edit. @throws NeedsMore where it gets another label, which no other part may have */
function withItsLabel(part: ShelfPart, edit: (part: ShelfPart) => ShelfPart): ShelfPart {
  const next = edit(part);
  if (next.label !== part.label) throw new NeedsMore();
  return next;
}

/** What is written beside a change, and who hears that it went further. */
interface More<K extends Kind> {
  readonly absent?: Kinds[K];
  readonly beside?: readonly Filed[];
  readonly onMore?: () => void;
}

/**
 * Changes a record, and what has to change with it: a part from the shelf that comes out of a pump lies on the shelf again
 * in the same stroke, one that goes in has left it; a label is on one part only.
 *
 * @param more as for `change`; `onMore` is called where other records were changed with it
 * @throws as `change`; Error where a part is no longer on the shelf, or a label is on another part
 */
export async function changeWhole<K extends Kind>(
  kind: K,
  id: string,
  edit: (record: Kinds[K]) => Kinds[K],
  { onMore, ...more }: More<K>,
): Promise<Kinds[K]> {
  const [ofJob, ofPart] = [
    edit as unknown as (job: Job) => Job,
    edit as unknown as (part: ShelfPart) => ShelfPart,
  ];
  const alone = (record: Kinds[K]): Kinds[K] =>
    (kind === 'job'
      ? withoutParts(record as Job, ofJob)
      : kind === 'part'
        ? withItsLabel(record as ShelfPart, ofPart)
        : edit(record)) as Kinds[K];
  try {
    return await change(kind, id, alone, more);
  } catch (error) {
    if (!(error instanceof NeedsMore)) throw error;
    const done =
      error instanceof MovesParts
        ? changeWithParts(id, ofJob, error.pieces, more.beside ?? [])
        : relabel(id, ofPart);
    const record = (await done) as Kinds[K];
    onMore?.();
    return record;
  }
}
