import { isTaken } from '../core/pairing/labels';
import { after, type Command, type Made } from '../core/commands/command';
import { fitFromShelf, takeOut } from '../core/commands/shelving';
import { piecesIn, piecesMoved, type Piece } from '../core/journal/pieces';
import { BLANK_PART, type ShelfPart } from '../core/records/part';
import type { Job } from '../core/records/job';
import type { Sheet } from '../core/records/sheet';
import type { Shop } from '../core/records/shop';
import { say } from '../core/wording/say';
import { askedToStay, jobBegun, newId, now, type NewJob } from './create';
import { whileLabelsHold } from './locks';
import {
  change,
  changeTogether,
  load,
  loadAll,
  saveNew,
  type Filed,
  type RecordRef,
} from './records';
import { listJobs } from './summaries';

/** What is said of a part that comes onto the shelf; the rest is as nobody said otherwise. */
export type NewPart = Pick<ShelfPart, 'sheet' | 'model' | 'parts'> &
  Partial<Omit<ShelfPart, 'schema' | 'id' | 'revision' | 'createdAt' | 'label'>> & {
    /** What is written on it; or what makes a label that none of these has. */
    readonly label: string | ((shelf: readonly Pick<ShelfPart, 'label' | 'id'>[]) => string);
  };

/** @throws Error where a label is on another part already: a scanner has to find one */
function holdLabel(label: string, shelf: readonly ShelfPart[], own?: string): void {
  if (isTaken(label, shelf, own)) throw new Error(say('shelf.labelTaken', { label }));
}

/**
 * Puts parts on the shelf, all of them or none; resolves to them once they are in storage.
 *
 * @throws Error where a label is on another part already
 */
export const createParts = (parts: readonly NewPart[]): Promise<readonly ShelfPart[]> =>
  whileLabelsHold(async () => {
    const { records: shelf } = await loadAll('part');
    const made: ShelfPart[] = [];
    for (const { label: given, ...part } of parts) {
      const all = [...shelf, ...made];
      const label = typeof given === 'string' ? given : given(all);
      holdLabel(label, all);
      made.push({ ...BLANK_PART, id: newId(), createdAt: now(), ...part, label });
    }
    await saveNew(made.map((record) => ({ kind: 'part', record })));
    return made;
  });

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
function takenFor(part: ShelfPart, { id, tag }: Pick<Job, 'id' | 'tag'>): ShelfPart {
  if (part.state !== 'here') throw new Error(say('shelf.notHere', { label: part.label }));
  return { ...part, state: 'taken', takenFor: tag, takenBy: id };
}

/** Returns a part as it lies on the shelf again. */
const backOnShelf = (part: ShelfPart): ShelfPart => ({
  ...part,
  ...{ state: 'here', takenFor: '', takenBy: null },
});

const madeBy = (by: string): Made => ({ id: newId(), at: now(), by, voided: null });

/** Whose a part on the shelf is: a job's by its id, or, from before that was kept, by its tag. */
export const isOf = (
  { state, takenFor: tag, takenBy }: ShelfPart,
  job: Pick<Job, 'id' | 'tag'>,
): boolean => state === 'taken' && (takenBy === job.id || (takenBy === null && tag === job.tag));

/**
 * Puts a part from the shelf into a job, as a step of its work list where it is one: it leaves the shelf in the same
 * stroke, and its sizes come along as the house has it.
 *
 * @param seen the job as whoever does it saw it
 * @throws Error where the part is no longer on the shelf, Overtaken where the step was done meanwhile
 */
export async function fitIntoJob(
  seen: Pick<Job, 'id'> | Job,
  id: string,
  by: string,
  step: string | null = null,
): Promise<Job> {
  const known = 'journal' in seen ? seen : null;
  const [, done] = await changeTogether(
    [
      { kind: 'part', id },
      { kind: 'job', id: seen.id },
    ],
    (records) => {
      const [part, job] = records as readonly [ShelfPart, Job];
      const next = after(job, known, fitFromShelf(part, step), madeBy(by));
      return { after: [takenFor(part, job), next] };
    },
  );
  return done as Job;
}

/** Puts a pump on the bench that is built of parts from the shelf, in one stroke; resolves to the id of its job. */
export async function startBuild(
  ids: readonly string[],
  tag: Pick<NewJob, 'tag' | 'tier' | 'by'>,
  sheet: Sheet,
  shop: Shop,
): Promise<string> {
  const blank = { owner: '', contact: '', unit: '', complaint: '' };
  const begun = jobBegun({ ...blank, ...tag }, sheet, shop);
  await changeTogether(
    ids.map((id) => ({ kind: 'part', id })),
    (records) => {
      const parts = records as readonly ShelfPart[];
      const job = parts.reduce((j, part) => fitFromShelf(part)(j, madeBy(tag.by)), begun);
      const beside: Filed[] = [{ kind: 'job', record: job }];
      return { after: parts.map((part) => takenFor(part, job)), beside };
    },
  );
  askedToStay();
  return begun.id;
}

/**
 * Changes a job and the parts from the shelf that it puts into its pump or takes out, in one stroke.
 *
 * @throws as `change`; Error where a part that would go in is no longer on the shelf
 */
export async function changeWithParts(
  id: string,
  edit: (job: Job) => Job,
  pieces: readonly Piece[],
  beside: readonly Filed[],
): Promise<Job> {
  const [done] = await changeTogether(
    [{ kind: 'job', id }, ...(await refsOf(pieces))],
    ([record, ...others]) => {
      const [job, parts] = [record as Job, others as ShelfPart[]];
      const next = edit(job);
      const { came, went } = piecesMoved(job, next);
      const moved = parts.map((part) => {
        const isIn = (list: readonly Piece[]) => list.some((piece) => piece.id === part.id);
        if (isIn(came) && !isOf(part, job)) return takenFor(part, job);
        return isIn(went) && isOf(part, job) ? backOnShelf(part) : part;
      });
      return { after: [next, ...moved], beside };
    },
  );
  return done as Job;
}

/** Names the records of some parts that are still kept. */
async function refsOf(pieces: readonly Pick<Piece, 'id'>[]): Promise<RecordRef[]> {
  const there = await Promise.all(pieces.map(({ id }) => load('part', id)));
  return there.flatMap((part) => (part ? [{ kind: 'part' as const, id: part.id }] : []));
}

/** Returns the job that has a part in its pump; null where none has, whatever the part says. */
export async function holderOf(part: ShelfPart): Promise<Job | null> {
  const ids = part.takenBy
    ? [part.takenBy]
    : part.takenFor
      ? (await listJobs()).filter(({ tag }) => tag === part.takenFor).map(({ id }) => id)
      : [];
  for (const id of ids) {
    const job = await load('job', id).catch(() => null);
    if (job && piecesIn(job).some((piece) => piece.id === part.id)) return job;
  }
  return null;
}

/**
 * Puts a part back on the shelf; out of the pump of the job that has it, in the same stroke.
 *
 * @param holder the job that has it, as it was shown; null where none has
 */
export async function putBack(
  id: string,
  holder: Pick<Job, 'id'> | null,
  by: string,
): Promise<void> {
  if (!holder) {
    await change('part', id, backOnShelf);
    return;
  }
  const out: Command = takeOut(id);
  await changeTogether(
    [
      { kind: 'part', id },
      { kind: 'job', id: holder.id },
    ],
    ([part, job]) => ({
      after: [backOnShelf(part as ShelfPart), out(job as Job, madeBy(by))],
    }),
  );
}

/**
 * Removes a job with all that belongs to it. The parts from the shelf in its pump lie on the shelf again, or went with it.
 */
export async function removeJob(job: Job, parts: 'back' | 'gone'): Promise<void> {
  const pieces = await refsOf(piecesIn(job));
  await changeTogether([{ kind: 'job', id: job.id }, ...pieces], ([, ...records]) => ({
    after: [
      null,
      ...(records as ShelfPart[]).map((part) => {
        if (!isOf(part, job)) return part;
        return parts === 'back' ? backOnShelf(part) : { ...part, takenBy: null };
      }),
    ],
  }));
}
