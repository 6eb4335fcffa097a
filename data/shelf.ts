import { dequal } from 'dequal';
import { after, Overtaken, type Stamp } from '../core/commands/command';
import { fitFromShelf, takeOut } from '../core/commands/shelving';
import { piecesIn } from '../core/journal/pieces';
import { BLANK_PART, type ShelfPart } from '../core/records/part';
import type { Job } from '../core/records/job';
import type { Sheet } from '../core/records/sheet';
import type { Shop } from '../core/records/shop';
import { askedToStay, jobBegun, newId, now, type NewJob } from './create';
import { whileLabelsHold } from './locks';
import { change, changeTogether, saveNew } from './records';
import { load, loadAll } from './opened';
import { type Filed } from './texts';
import { listJobs } from './summaries';
import { backOnShelf, holdLabel, isOf, refsOf, takenFor } from './moved';

/** What is said of a part that comes onto the shelf; the rest is as nobody said otherwise. */
export type NewPart = Pick<ShelfPart, 'sheet' | 'model' | 'parts'> &
  Partial<Omit<ShelfPart, 'schema' | 'id' | 'revision' | 'createdAt' | 'label'>> & {
    /** What is written on it; or what makes a label that none of these has. */
    readonly label: string | ((shelf: readonly Pick<ShelfPart, 'label' | 'id'>[]) => string);
  };

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

const madeBy = (by: string): Stamp => ({ id: newId(), at: now(), by, voided: null });

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
 * @param seen the part as whoever does it saw it
 * @param holder the job that has it, as it was shown; null where none has
 * @throws Overtaken where the part went elsewhere meanwhile
 */
export async function putBack(
  seen: ShelfPart,
  holder: Pick<Job, 'id'> | null,
  by: string,
): Promise<void> {
  const { id } = seen;
  const back = (part: ShelfPart): ShelfPart => {
    if (part.state !== seen.state || part.takenBy !== seen.takenBy) throw new Overtaken();
    return backOnShelf(part);
  };
  if (!holder) {
    await change('part', id, back);
    return;
  }
  await changeTogether(
    [
      { kind: 'part', id },
      { kind: 'job', id: holder.id },
    ],
    ([part, job]) => ({
      after: [back(part as ShelfPart), takeOut(id)(job as Job, madeBy(by))],
    }),
  );
}

/**
 * Removes a job with all that belongs to it. The parts from the shelf in its pump lie on the shelf again, or went with it.
 *
 * @param seen the job as whoever removes it saw it
 * @throws Overtaken where other parts are in its pump by now
 */
export async function removeJob(seen: Job, parts: 'back' | 'gone'): Promise<void> {
  const pieces = piecesIn(seen);
  const refs = await refsOf(pieces);
  await changeTogether([{ kind: 'job', id: seen.id }, ...refs], ([record, ...others]) => {
    const job = record as Job;
    if (!dequal(piecesIn(job), pieces)) throw new Overtaken();
    const left = (others as ShelfPart[]).map((part) => {
      if (!isOf(part, job)) return part;
      return parts === 'back' ? backOnShelf(part) : { ...part, takenBy: null };
    });
    return { after: [null, ...left] };
  });
}
