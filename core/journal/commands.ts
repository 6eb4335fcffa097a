import type { Reading } from '../methods/list';
import type { Entry, Operation, StrikeEntry, ZeroEntry } from '../records/entry';
import type { Job } from '../records/job';
import type { Voiding } from '../schema/voiding';
import type { AuxiliaryAnswer, Finding, StripNote } from '../records/teardown';
import { strikeId } from '../records/strikeId';
import { append, ledgerOf } from './ledger';

/** Whatever is written down on a job, as it stands before anybody voided it. */
export type Item = Reading | Operation | Finding | StripNote | AuxiliaryAnswer | ZeroEntry;

const entryOf = ({ voided: _, ...entry }: Item): Entry => entry as Entry;

/** Adds to the end of a job's journal, in the order given. */
export function record<J extends Pick<Job, 'journal'>>(job: J, ...items: readonly Item[]): J {
  return append(job, items.map(entryOf));
}

/** Adds a reading to the end of a job's journal. */
export const withReading = (job: Job, reading: Reading): Job => record(job, reading);

/** Makes the entry that strikes others through. */
export const voidEntry = (
  of: readonly [string, ...string[]],
  { at, by, why }: Voiding,
): StrikeEntry => ({ kind: 'strike', id: strikeId(of[0]), at, by, why, of: [...of] });

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
  return append(job, [voidEntry([first.id, ...rest.map((item) => item.id)], strike)]);
}

/** Voids entries by their ids; those that are voided already stay as they are. */
export const withVoided = (job: Job, ids: readonly string[], strike: Voiding): Job =>
  voidWhere(job, ({ id }) => ids.includes(id), strike);

/** Adds an entry that takes the place of others: those of its kind that are meant are voided. */
export function replace<J extends Pick<Job, 'journal'>, T extends Item>(
  job: J,
  next: T,
  meant: (item: T) => boolean,
  why = 'noted again',
): J {
  const { at, by } = next;
  const same = (item: Item) => item.kind === next.kind && meant(item as T);
  return record(voidWhere(job, same, { at, by, why }), next);
}

/** Returns the last reading or operation that still counts: what Undo strikes. */
export function lastStanding(job: Pick<Job, 'journal'>): Reading | Operation | null {
  const { readings, operations } = ledgerOf(job);
  const reading = readings.findLast((item) => item.voided === null);
  const operation = operations.findLast((item) => item.voided === null);
  if (!reading || !operation) return reading ?? operation ?? null;
  const last = job.journal.findLast(({ id }) => id === reading.id || id === operation.id);
  return last?.id === operation.id ? operation : reading;
}
