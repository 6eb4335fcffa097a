import { proxy, wrap, type Remote } from 'comlink';
import type { Made } from '../core/commands/command';
import { fitFromShelf } from '../core/commands/shelving';
import type { LoosePart, PairingRules } from '../core/pairing/fit';
import type { BuildList } from '../core/pairing/pairing';
import type { Landing, PartsFound } from '../core/records/partsCsv';
import { PART_SCHEMA, type ShelfPart } from '../core/records/part';
import type { Job } from '../core/records/job';
import type { FileProblem } from '../core/records/problems';
import type { Sheet } from '../core/records/sheet';
import type { Shop } from '../core/records/shop';
import { say } from '../core/wording/say';
import { createJob, newId, now } from './create';
import { change, saveNew } from './records';

/** What a person says of a part that comes onto the shelf. */
export type NewPart = Omit<
  ShelfPart,
  'schema' | 'id' | 'revision' | 'createdAt' | 'photos' | 'state' | 'takenFor'
>;

/** Puts parts on the shelf, all of them or none; resolves to their ids once they are in storage. */
export async function createParts(parts: readonly NewPart[]): Promise<string[]> {
  const records = parts.map((part): ShelfPart => ({
    ...part,
    ...{ schema: PART_SCHEMA, id: newId(), revision: 0, createdAt: now() },
    ...{ photos: [], state: 'here', takenFor: '' },
  }));
  await saveNew(records.map((record) => ({ kind: 'part', record })));
  return records.map(({ id }) => id);
}

/**
 * Takes a part off the shelf for a job.
 *
 * @throws Error where it is no longer there: another job took it, or it was thrown away
 */
const takePart = (id: string, tag: string): Promise<ShelfPart> =>
  change('part', id, (part) => {
    if (part.state !== 'here') throw new Error(say('shelf.notHere', { label: part.label }));
    return { ...part, state: 'taken', takenFor: tag };
  });

/** Puts a part back on the shelf. */
const putBack = (id: string): Promise<ShelfPart> =>
  change('part', id, (part) => ({ ...part, state: 'here', takenFor: '' }));

/**
 * Puts a part from the shelf into a job: it leaves the shelf, and its sizes come along as the house has it.
 *
 * @param by the person at the bench
 * @throws Error where it is no longer on the shelf, or the job cannot be written; it lies on the shelf then
 */
export async function fitIntoJob(
  job: Pick<Job, 'id' | 'tag'>,
  id: string,
  by: string,
): Promise<Job> {
  const part = await takePart(id, job.tag);
  try {
    const made: Made = { id: newId(), at: now(), by, voided: null };
    return await change('job', job.id, (j) => fitFromShelf(part)(j, made));
  } catch (error) {
    await putBack(id);
    throw error;
  }
}

/** Puts a pump on the bench that is built of parts from the shelf; resolves to the id of its job. */
export async function startBuild(
  tag: string,
  parts: readonly string[],
  sheet: Sheet,
  tier: string,
  shop: Shop,
): Promise<string> {
  const blank = { owner: '', contact: '', unit: '', complaint: '' };
  const id = await createJob({ tag, ...blank, by: shop.person, tier }, sheet, shop);
  for (const part of parts) await fitIntoJob({ id, tag }, part, shop.person);
  return id;
}

/** Writes what a file brings; a part that was changed here meanwhile keeps what the file does not say. */
export async function importParts({ added, changed }: PartsFound): Promise<void> {
  if (added.length > 0) await saveNew(added.map((record) => ({ kind: 'part', record })));
  for (const part of changed) {
    await change('part', part.id, ({ revision, photos, createdAt }) => ({
      ...part,
      ...{ revision, photos, createdAt },
    }));
  }
}

/** What the thread of the shelf answers. */
interface ShelfThread {
  pairShelf(
    rules: PairingRules,
    bodies: readonly LoosePart[],
    gears: readonly LoosePart[],
    locked: readonly (readonly [string, string])[],
    tell: (share: number) => void,
  ): Promise<BuildList | null>;
  readShelf(
    text: string,
    landing: Omit<Landing, 'freshId'>,
  ): Promise<{ found: PartsFound | null; problems: readonly FileProblem[] }>;
}

/** Pairs and reads files in a thread of its own: the page stays free, and either can be ended at once. */
export class RemoteShelf {
  private worker: Worker | null = null;
  private thread: Remote<ShelfThread> | null = null;

  private open(): Remote<ShelfThread> {
    this.worker ??= new Worker(new URL('../workers/shelf.worker', window.location.href));
    this.thread ??= wrap<ShelfThread>(this.worker);
    return this.thread;
  }

  /** Pairs what is on the shelf; `tell` hears how far it is, as a share of the whole. */
  pair(
    rules: PairingRules,
    bodies: readonly LoosePart[],
    gears: readonly LoosePart[],
    locked: readonly (readonly [string, string])[],
    tell: (share: number) => void,
  ): Promise<BuildList | null> {
    return this.open().pairShelf(rules, bodies, gears, locked, proxy(tell));
  }

  /** Reads a CSV file of loose parts, whole or not at all. */
  readCsv(
    text: string,
    sheets: Landing['sheets'],
    shelf: Landing['shelf'],
  ): Promise<{ found: PartsFound | null; problems: readonly FileProblem[] }> {
    return this.open().readShelf(text, { sheets, shelf, at: now() });
  }

  /** Ends the thread; what it was doing is dropped. */
  close(): void {
    this.worker?.terminate();
    [this.worker, this.thread] = [null, null];
  }
}
