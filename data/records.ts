import { decode, SCHEMA, type Kinds } from '../core/records/decode';
import type { Job } from '../core/records/job';
import { VERSION, type RecordKind } from '../core/records/migrate';
import { checked, FileError } from '../core/records/problems';
import { briefOf, type Brief } from './brief';
import { dropTexts, keysUnder, readText, readTexts, writeTexts } from './storage';
import { announce } from './tabs';
import { jobText } from './text';

export type { Kinds };
export type Kind = RecordKind;

/** Every so manieth sign of a text goes into its seal: hashing each would cost a tap on a large job. */
const SEAL_STRIDE = 16;

/**
 * What a text comes to (FNV-1a over samples, and its length): kept beside a
 * record that was checked, so that thousands of readings are not checked again
 * each time a job is opened. A record that was cut short, or written over by
 * anything but the app, does not match and is checked in full. So is one of
 * another version: its seal names that.
 */
function sealOf(kind: Kind, text: string, revision: number): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i += SEAL_STRIDE) {
    hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  }
  return `${kind} ${VERSION[kind]} ${revision} ${text.length} ${hash >>> 0}`;
}

/** The record last read or written, with its seal: the next tap need not read it all again. */
let latest: { key: string; seal: string; record: Kinds[Kind] } | null = null;

const remember = <K extends Kind>(key: string, seal: string, record: Kinds[K]): Kinds[K] => {
  latest = { key, seal, record };
  return record;
};

const sealKey = (key: string): string => `seal/${key}`;
const keyOf = (kind: Kind, id: string): string => `${kind}/${id}`;
const briefKey = (id: string): string => `brief/${id}`;

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
  const key = keyOf(kind, id);
  return read(kind, key);
}

async function read<K extends Kind>(kind: K, key: string): Promise<Kinds[K] | null> {
  if (latest?.key === key && latest.seal === (await readText(sealKey(key)))) {
    return latest.record as Kinds[K];
  }
  const texts = await readTexts([key, sealKey(key)]);
  const [raw, seal] = [texts[key] ?? null, texts[sealKey(key)]];
  if (raw === null) return null;
  try {
    const value = JSON.parse(raw) as Kinds[K];
    const found = sealOf(kind, raw, value?.revision);
    return remember(key, found, seal === found ? value : decode(kind, value));
  } catch (error) {
    if (error instanceof SyntaxError || error instanceof FileError) {
      throw new UnreadableRecord(key, raw, error);
    }
    throw error;
  }
}

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

/** What lists need of every job, without opening one. */
export async function loadBriefs(): Promise<Brief[]> {
  const texts = await readTexts(await keysUnder('brief/'));
  return Object.values(texts).flatMap((text) => {
    try {
      return text === null ? [] : [JSON.parse(text) as Brief];
    } catch {
      return [];
    }
  });
}

function entriesOf(kind: Kind, record: Kinds[Kind]): Record<string, string> {
  const key = keyOf(kind, record.id);
  const raw = kind === 'job' ? jobText(record as Job) : JSON.stringify(record);
  const entry = { [key]: raw, [sealKey(key)]: sealOf(kind, raw, record.revision) };
  if (kind !== 'job') return entry;
  const brief = briefOf(record as Job);
  return { ...entry, [briefKey(record.id)]: JSON.stringify(brief) };
}

/** One writer at a time for a record, over all tabs of the browser. */
function alone<T>(key: string, work: () => Promise<T>): Promise<T> {
  return navigator.locks.request(key, work) as Promise<T>;
}

/** A record with its kind. */
export type Filed = { [K in Kind]: { readonly kind: K; readonly record: Kinds[K] } }[Kind];

/** Writes new records, all of them or none. */
export async function saveNew(records: readonly Filed[]): Promise<void> {
  const entries = records.map(({ kind, record }) => entriesOf(kind, record));
  await writeTexts(Object.assign({}, ...entries) as Record<string, string>);
  for (const { kind, record } of records) announce(kind, record.id);
}

/**
 * Changes a record: reads it afresh, applies the change and writes it with the
 * next revision, all under a lock. A change made in another tab in between is
 * built upon, never overwritten. New records that belong to it (photos) are
 * written in the same stroke: all of it is there afterwards, or nothing.
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
  return alone(key, async () => {
    const before = (await read(kind, key)) ?? absent;
    if (!before) throw new Error(`“${key}” is not in storage any more.`);
    const after = { ...apply(before), revision: before.revision + 1 };
    // A job grows by readings that the code itself made; checking hundreds of old ones again would cost the tap.
    if (kind !== 'job') checked(SCHEMA[kind], after);
    const entries = entriesOf(kind, after);
    const more = beside.map((filed) => entriesOf(filed.kind, filed.record));
    await writeTexts(Object.assign({}, ...more, entries) as Record<string, string>);
    announce(kind, id);
    return remember(key, entries[sealKey(key)] ?? '', after);
  });
}

/** Everything that is stored of a record. */
const textsOf = (kind: Kind, id: string): string[] => {
  const key = keyOf(kind, id);
  return [key, sealKey(key), ...(kind === 'job' ? [briefKey(id)] : [])];
};

/** Removes a record, and of a job its photos as well. */
export async function remove(kind: Kind, id: string): Promise<void> {
  await alone(keyOf(kind, id), async () => {
    const photos = kind === 'job' ? await photosOf(id) : [];
    await dropTexts([...textsOf(kind, id), ...photos.flatMap((photo) => textsOf('photo', photo))]);
  });
  announce(kind, id);
}

/** The ids of a job's photos; none where the job cannot be read. */
async function photosOf(job: string): Promise<string[]> {
  try {
    return ((await load('job', job))?.photos ?? []).map((photo) => photo.id);
  } catch (error) {
    if (error instanceof UnreadableRecord) return [];
    throw error;
  }
}
