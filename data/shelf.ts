import type { Made } from '../core/commands/command';
import { fitFromShelf } from '../core/commands/shelving';
import { BLANK_PART, type ShelfPart } from '../core/records/part';
import type { Job } from '../core/records/job';
import type { Sheet } from '../core/records/sheet';
import type { Shop } from '../core/records/shop';
import { say } from '../core/wording/say';
import { createJob, newId, now, type NewJob } from './create';
import { change, saveNew } from './records';

/** What is said of a part that comes onto the shelf; the rest is as nobody said otherwise. */
export type NewPart = Pick<ShelfPart, 'label' | 'sheet' | 'model' | 'parts'> &
  Partial<Omit<ShelfPart, 'schema' | 'id' | 'revision' | 'createdAt'>>;

/** Puts parts on the shelf, all of them or none; resolves to their ids once they are in storage. */
export async function createParts(parts: readonly NewPart[]): Promise<string[]> {
  const records = parts.map((part): ShelfPart => ({
    ...BLANK_PART,
    ...{ id: newId(), createdAt: now(), ...part },
  }));
  await saveNew(records.map((record) => ({ kind: 'part', record })));
  return records.map(({ id }) => id);
}

/** @throws Error where a part is no longer on the shelf: another job took it, or it was thrown away */
const takePart = (id: string, tag: string): Promise<ShelfPart> =>
  change('part', id, (part) => {
    if (part.state !== 'here') throw new Error(say('shelf.notHere', { label: part.label }));
    return { ...part, state: 'taken', takenFor: tag };
  });

/**
 * Takes parts off the shelf for a job and puts them into it; where anything fails, all of them lie there again.
 *
 * @param fit writes the job with the parts in it
 * @throws Error where one of them is no longer on the shelf, or the job cannot be written
 */
async function withParts<R>(
  ids: readonly string[],
  tag: string,
  fit: (parts: readonly ShelfPart[]) => Promise<R>,
): Promise<R> {
  const taken: ShelfPart[] = [];
  try {
    for (const id of ids) taken.push(await takePart(id, tag));
    return await fit(taken);
  } catch (error) {
    const back: Partial<ShelfPart> = { state: 'here', takenFor: '' };
    for (const { id } of taken) await change('part', id, (part) => ({ ...part, ...back }));
    throw error;
  }
}

const madeBy = (by: string): Made => ({ id: newId(), at: now(), by, voided: null });

/**
 * Puts a part from the shelf into a job, as a step of its work list where it is one: it leaves the shelf, and its sizes
 * come along as the house has it.
 */
export const fitIntoJob = (
  job: Pick<Job, 'id' | 'tag'>,
  id: string,
  by: string,
  step: string | null = null,
): Promise<Job> =>
  withParts([id], job.tag, ([part]) =>
    change('job', job.id, (j) => (part ? fitFromShelf(part, step)(j, madeBy(by)) : j)),
  );

/** Puts a pump on the bench that is built of parts from the shelf; resolves to the id of its job. */
export function startBuild(
  ids: readonly string[],
  tag: Pick<NewJob, 'tag' | 'tier' | 'by'>,
  sheet: Sheet,
  shop: Shop,
): Promise<string> {
  const blank = { owner: '', contact: '', unit: '', complaint: '' };
  return withParts(ids, tag.tag, (parts) =>
    createJob({ ...blank, ...tag }, sheet, shop, (job) =>
      parts.reduce((j, part) => fitFromShelf(part)(j, madeBy(tag.by)), job),
    ),
  );
}
