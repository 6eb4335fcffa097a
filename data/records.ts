import { Evaluator } from '../core/guidance/evaluator';
import type { Gaps } from '../core/guidance/shopPast';
import { evaluator } from './evaluator';
import { decode, SCHEMA, type Kinds } from '../core/records/decode';
import type { Job } from '../core/records/job';
import { VERSION, type RecordKind } from '../core/records/migrate';
import { checked, FileError } from '../core/records/problems';
import { jobSummaryFrom, jobSummaryOf, unreadableSummary, type JobSummary } from './jobSummary';
import { dropTexts, keysUnder, readText, readTexts, writeTexts } from './storage';
import { announce } from './tabs';
import {
  chunksIn,
  joined,
  hashOf,
  partKeys,
  textsOfJob,
  type Layout,
  type Written,
} from './jobTexts';

export type { Kinds };
export type Kind = RecordKind;

/**
 * What the texts of a record come to: kept beside a record that was checked, so that thousands of
 * readings are not checked again each time a job is opened. A record that was cut short, or written
 * over by anything but the app, does not match and is checked in full. So is one of another version:
 * its checksum names that.
 */
const checksumOf = (kind: Kind, revision: number, marks: readonly string[]): string =>
  `${kind} ${VERSION[kind]} ${revision} ${marks.join(' ')}`;

/** A record as it lies in storage. */
interface Stored<K extends Kind = Kind> {
  readonly record: Kinds[K];
  readonly checksum: string;
  /** Of a job that lies in parts. */
  readonly layout: Layout | null;
}

/** The record last read or written: the next tap need not read it all again. */
let latest: (Stored & { readonly key: string }) | null = null;

const latestOf = <K extends Kind>(key: string): Stored<K> | null =>
  latest?.key === key ? (latest as unknown as Stored<K>) : null;

function remember<K extends Kind>(key: string, stored: Stored<K>): Stored<K> {
  latest = { key, ...stored };
  return stored;
}

const checksumKey = (key: string): string => `seal/${key}`;
const keyOf = (kind: Kind, id: string): string => `${kind}/${id}`;
const summaryKey = (id: string): string => `brief/${id}`;

/** A record that is there but cannot be read. Its text is kept as it is, and can be saved. */
export class UnreadableRecord extends Error {
  constructor(
    readonly key: string,
    readonly raw: string,
    cause: unknown,
  ) {
    super(`“${key}” could not be read: ${(cause as Error).message}`, { cause });
    this.name = 'UnreadableRecord';
  }
}

/**
 * One record, checked against its schema.
 *
 * @throws UnreadableRecord where it is there but damaged
 */
export async function load<K extends Kind>(kind: K, id: string): Promise<Kinds[K] | null> {
  return (await read(kind, id))?.record ?? null;
}

async function read<K extends Kind>(kind: K, id: string): Promise<Stored<K> | null> {
  const key = keyOf(kind, id);
  const known = latestOf<K>(key);
  if (known && known.checksum === (await readText(checksumKey(key)))) return known;
  const texts = await readTexts([key, checksumKey(key)]);
  const [raw, checksum] = [texts[key] ?? null, texts[checksumKey(key)]];
  if (raw === null) return null;
  // Whatever is wrong with it, all of it can be saved.
  let whole = () => raw;
  try {
    const head = JSON.parse(raw) as Kinds[K];
    const chunks = kind === 'job' ? chunksIn(head) : null;
    if (chunks === null) {
      const found = checksumOf(kind, head?.revision, [hashOf(raw)]);
      const record = checksum === found ? head : decode(kind, head);
      return remember(key, { record, checksum: found, layout: null });
    }
    const keys = partKeys(id, chunks);
    const parts = await readTexts(keys);
    whole = () => JSON.stringify({ [key]: raw, ...parts });
    const { job, layout } = joined(
      head,
      keys.map((part) => parts[part] ?? null),
    );
    const found = checksumOf(kind, job.revision, [hashOf(raw), ...hashesOf(layout)]);
    const record = (checksum === found ? job : decode(kind, job)) as Kinds[K];
    return remember(key, { record, checksum: found, layout });
  } catch (error) {
    if (error instanceof SyntaxError || error instanceof FileError) {
      throw new UnreadableRecord(key, whole(), error);
    }
    throw error;
  }
}

const hashesOf = ({ sheet, chunks }: Layout): string[] => [sheet, ...chunks];

/** All records of a kind that can be read, and the errors of those that cannot. */
export async function loadAll<K extends Kind>(
  kind: K,
): Promise<{ records: Kinds[K][]; unreadable: UnreadableRecord[] }> {
  const keys = await keysUnder(`${kind}/`);
  const records: Kinds[K][] = [];
  const unreadable: UnreadableRecord[] = [];
  for (const key of keys) {
    try {
      const record = await load(kind, key.slice(kind.length + 1));
      if (record) records.push(record);
    } catch (error) {
      if (!(error instanceof UnreadableRecord)) throw error;
      unreadable.push(error);
    }
  }
  return { records, unreadable };
}

/** Returns what lists need of every job, without opening one whose summary is sound; one that cannot be read says so. */
export async function loadJobSummaries(): Promise<JobSummary[]> {
  const ids = (await keysUnder('job/')).map((key) => key.slice('job/'.length));
  const texts = await readTexts(ids.map(summaryKey));
  const summaries: JobSummary[] = [];
  for (const id of ids) {
    const summary = jobSummaryFrom(texts[summaryKey(id)] ?? '') ?? (await summaryAnew(id));
    if (summary) summaries.push(summary);
  }
  return summaries;
}

/**
 * Returns what was measured on each of the other pumps of a model. A summary from before that was kept
 * is made anew and stored.
 *
 * @param except the job that asks
 */
export async function loadGaps(model: string, except: string): Promise<Gaps[]> {
  const others = (await loadJobSummaries()).filter((s) => s.id !== except && s.model === model);
  const gaps: Gaps[] = [];
  for (const { id, gaps: kept } of others) {
    const known = kept ?? (await alone(keyOf('job', id), () => renewedSummary(id)))?.gaps;
    if (known) gaps.push(known);
  }
  return gaps;
}

async function renewedSummary(id: string): Promise<JobSummary | null> {
  // Not by the evaluator of the job in hand: that would have to begin again.
  const summary = await summaryAnew(id, new Evaluator());
  if (summary?.gaps) await writeTexts({ [summaryKey(id)]: JSON.stringify(summary) });
  return summary;
}

async function summaryAnew(id: string, by: Evaluator = evaluator): Promise<JobSummary | null> {
  try {
    const job = await load('job', id);
    return job && jobSummaryOf(job, by);
  } catch (error) {
    if (!(error instanceof UnreadableRecord)) throw error;
    return unreadableSummary(id);
  }
}

/** What has to be written of a record, by key, and how it lies then. */
function textsOf(
  kind: Kind,
  record: Kinds[Kind],
  before: Written | null = null,
): { texts: Record<string, string | null>; stored: Stored } {
  const key = keyOf(kind, record.id);
  if (kind !== 'job') {
    const raw = JSON.stringify(record);
    const checksum = checksumOf(kind, record.revision, [hashOf(raw)]);
    return {
      texts: { [key]: raw, [checksumKey(key)]: checksum },
      stored: { record, checksum, layout: null },
    };
  }
  const job = record as Job;
  const { head, texts, layout } = textsOfJob(job, before);
  const checksum = checksumOf(kind, job.revision, [hashOf(head), ...hashesOf(layout)]);
  const summary = JSON.stringify(jobSummaryOf(job, evaluator));
  return {
    texts: { ...texts, [key]: head, [checksumKey(key)]: checksum, [summaryKey(job.id)]: summary },
    stored: { record, checksum, layout },
  };
}

/** One writer at a time for a record, over all tabs of the browser. */
function alone<T>(key: string, work: () => Promise<T>): Promise<T> {
  return navigator.locks.request(key, work) as Promise<T>;
}

/** A record with its kind. */
export type Filed = { [K in Kind]: { readonly kind: K; readonly record: Kinds[K] } }[Kind];

/** Writes new records, all of them or none; what belonged to records that they replace goes in the same stroke. */
export async function saveNew(records: readonly Filed[]): Promise<void> {
  const texts: Record<string, string | null> = {};
  const added = records.flatMap(({ kind, record }) => (kind === 'photo' ? [record.id] : []));
  for (const { kind, record } of records) {
    if (kind !== 'job') continue;
    const [head, ...old] = await keysOf(kind, record.id);
    if (head) Object.assign(texts, gone(old));
    const kept = new Set([...record.photos.map((photo) => photo.id), ...added]);
    for (const photo of await photosOf(record.id)) {
      if (!kept.has(photo)) Object.assign(texts, gone(textKeys('photo', photo)));
    }
  }
  for (const { kind, record } of records) Object.assign(texts, textsOf(kind, record).texts);
  await writeTexts(texts);
  for (const { kind, record } of records) announce(kind, record.id);
}

/**
 * Changes a record: reads it afresh, applies the change and writes it with the
 * next revision, all under a lock. A change made in another tab in between is
 * built upon, never overwritten. New records that belong to it (photos) are
 * written in the same stroke, and those that no longer do are removed in it.
 * Resolves once it is in storage.
 *
 * @throws FileError where a sheet or the shop would not hold to its schema, UnreadableRecord
 *   where the record is damaged; nothing is written then
 */
export async function change<K extends Kind>(
  kind: K,
  id: string,
  apply: (record: Kinds[K]) => Kinds[K],
  { absent, beside = [] }: { absent?: Kinds[K]; beside?: readonly Filed[] } = {},
): Promise<Kinds[K]> {
  const key = keyOf(kind, id);
  const work = (stored: Stored<K> | null) => changed(kind, apply, stored, absent);
  const written = alone(key, async () => {
    const stored = await read(kind, id);
    const { before, after, made } = guessed && stored === guess ? guessed : work(stored);
    const texts: Record<string, string | null> = {};
    for (const photo of kind === 'job' ? photosLeft(before as Job, after as Job) : []) {
      Object.assign(texts, gone(textKeys('photo', photo)));
    }
    for (const filed of beside) Object.assign(texts, textsOf(filed.kind, filed.record).texts);
    await writeTexts({ ...texts, ...made.texts });
    announce(kind, id);
    remember(key, made.stored);
    return after;
  });
  // Nearly always the record is as this tab left it: the change is made while the lock is on its way.
  const guess = latestOf<K>(key);
  const guessed = guess && orNull(() => work(guess));
  return written;
}

/** Returns what comes of some work; null where it fails, which whoever does it again will hear of. */
function orNull<T>(work: () => T): T | null {
  try {
    return work();
  } catch {
    return null;
  }
}

/** Returns a record before and after a change, and what has to be written for it. */
function changed<K extends Kind>(
  kind: K,
  apply: (record: Kinds[K]) => Kinds[K],
  stored: Stored<K> | null,
  absent: Kinds[K] | undefined,
) {
  const before = stored?.record ?? absent;
  if (!before) throw new Error('What was to be changed is not in storage any more.');
  const after = { ...apply(before), revision: before.revision + 1 };
  // A job grows by readings that the code itself made; checking hundreds of old ones again would cost the tap.
  if (kind !== 'job') checked(SCHEMA[kind], after);
  const layout = stored?.layout ?? null;
  const made = textsOf(kind, after, layout && { job: before as Job, layout });
  return { before, after, made };
}

/** Lists the photos that a change took out of a job. */
function photosLeft(before: Job, after: Job): string[] {
  if (before.photos === after.photos) return [];
  const kept = new Set(after.photos.map((photo) => photo.id));
  return before.photos.map((photo) => photo.id).filter((id) => !kept.has(id));
}

const gone = (keys: readonly string[]): Record<string, null> =>
  Object.fromEntries(keys.map((key) => [key, null]));

/** The keys that a record of a kind always has. */
function textKeys(kind: Kind, id: string): string[] {
  const key = keyOf(kind, id);
  return [key, checksumKey(key), ...(kind === 'job' ? [summaryKey(id)] : [])];
}

/** Lists every key at which something of a record lies; none where it is not there. */
async function keysOf(kind: Kind, id: string): Promise<string[]> {
  const raw = await readText(keyOf(kind, id));
  if (raw === null) return [];
  if (kind !== 'job') return textKeys(kind, id);
  const chunks = await keysUnder(`entries/${id}/`);
  return [...textKeys(kind, id), ...partKeys(id, 0), ...chunks];
}

/** Removes a record and all that belongs to it, of a job its photos as well, in one stroke. */
export async function remove(kind: Kind, id: string): Promise<void> {
  await alone(keyOf(kind, id), async () => {
    const photos = kind === 'job' ? await photosOf(id) : [];
    const keys = [
      ...(await keysOf(kind, id)),
      ...photos.flatMap((photo) => textKeys('photo', photo)),
    ];
    await dropTexts(keys);
  });
  announce(kind, id);
}

/** Lists the ids of a job's photos as its head says them; none where that cannot be read. */
async function photosOf(job: string): Promise<string[]> {
  try {
    const head = JSON.parse((await readText(keyOf('job', job))) ?? 'null') as Partial<Job> | null;
    return (head?.photos ?? []).flatMap((photo) =>
      typeof photo?.id === 'string' ? [photo.id] : [],
    );
  } catch {
    return [];
  }
}
