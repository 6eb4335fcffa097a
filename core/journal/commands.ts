import { sliceOf, type Entry, type Item } from '../records/entry';
import type { StrikeEntry } from '../records/entries/about';
import type { Meaning } from '../records/entries/slice';
import type { Reading } from '../methods/list';
import type { Job } from '../records/job';
import type { Voiding } from '../schema/voiding';
import { restoreId, strikeId } from '../records/strikeId';
import { append, ledgerOf } from './ledger';
import { withStroke } from './pieces';

const entryOf = ({ voided: _, ...entry }: Item): Entry => entry as Entry;

/** Adds to the end of a job's journal, in the order given. */
export function record<J extends Pick<Job, 'journal'>>(job: J, ...items: readonly Item[]): J {
  return append(job, items.map(entryOf));
}

/** Adds a reading to the end of a job's journal. */
export const withReading = (job: Job, reading: Reading): Job => record(job, reading);

/** Counts how often an entry was struck and taken back. */
const timesRestored = ({ journal }: Pick<Job, 'journal'>, id: string): number =>
  journal.filter((e) => e.kind === 'restore' && e.of.includes(id)).length;

/** Makes the entry that strikes others through. */
export const voidEntry = (
  of: readonly [string, ...string[]],
  { at, by, why }: Voiding,
  again = 0,
): StrikeEntry => ({ kind: 'strike', id: strikeId(of[0], again), at, by, why, of: [...of] });

/** Lists everything on a job that can be voided. */
const itemsOf = (job: Pick<Job, 'journal'>): Item[] => Object.values(ledgerOf(job)).flat();

/** Voids what is meant and still stands; it stays in the journal, and no longer counts. */
export function voidWhere<J extends Pick<Job, 'journal'>>(
  job: J,
  meant: (item: Item) => boolean,
  strike: Voiding,
): J {
  const [first, ...rest] = itemsOf(job).filter((item) => item.voided === null && meant(item));
  if (!first) return job;
  const again = timesRestored(job, first.id);
  return append(job, [voidEntry([first.id, ...rest.map((item) => item.id)], strike, again)]);
}

/** Takes the strike of an entry back: it counts again, with what was made in one stroke with it. One that stands stays as it is. */
export function restored<J extends Pick<Job, 'journal'>>(
  job: J,
  id: string,
  { at, by }: Pick<Voiding, 'at' | 'by'>,
): J {
  const all = withStroke(job, [id]);
  const struck = itemsOf(job).filter((item) => all.includes(item.id) && item.voided !== null);
  if (!struck.some((item) => item.id === id)) return job;
  const others = struck.filter((item) => item.id !== id).map((item) => item.id);
  const entry: Entry = {
    kind: 'restore',
    id: restoreId(id, timesRestored(job, id)),
    at,
    by,
    of: [id, ...others],
  };
  return append(job, [entry]);
}

/** Voids entries by their ids, with what was made in one stroke with them; those that are voided already stay as they are. */
export function withVoided(job: Job, ids: readonly string[], strike: Voiding): Job {
  const all = withStroke(job, ids);
  return voidWhere(job, ({ id }) => all.includes(id), strike);
}

/** Adds an entry that takes the place of others: those of its kind that are meant are voided. */
export function replace<J extends Pick<Job, 'journal'>, T extends Item>(
  job: J,
  next: T,
  meant: (item: T) => boolean,
  why = 'recorded again',
): J {
  const { at, by } = next;
  const same = (item: Item) => item.kind === next.kind && meant(item as T);
  return record(voidWhere(job, same, { at, by, why }), next);
}

/** Returns what was done last and still counts of what the Undo of a stage takes back; null for nothing. */
export function lastStanding(
  job: Pick<Job, 'journal'>,
  stage: Meaning['undo'] = 'measure',
): Item | null {
  const last = Object.values(ledgerOf(job)).flatMap(
    (list: readonly Item[]) =>
      list.findLast((item) => item.voided === null && sliceOf(item)?.is.undo === stage) ?? [],
  );
  const ids = new Set(last.map(({ id }) => id));
  const newest = job.journal.findLast(({ id }) => ids.has(id));
  return last.find(({ id }) => id === newest?.id) ?? null;
}
