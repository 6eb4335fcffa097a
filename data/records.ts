import { evaluator } from './evaluator';
import { checkChange } from '../core/records/changed';
import { decode, type Kinds } from '../core/records/decode';
import type { Job } from '../core/records/job';
import { withMarks, writesOf } from '../core/records/merge';
import type { RecordKind } from '../core/records/migrate';
import type { ShelfPart } from '../core/records/part';
import { STORED } from '../core/schema/fields';
import { jobSummaryOf, summaryKey, summaryText } from './jobSummary';
import {
  chunkPrefix,
  chunksIn,
  joined,
  partKeys,
  textsOfJob,
  type Layout,
  type Written,
} from './jobTexts';
import { deviceHere, deviceNow } from './device';
import { alone, aloneWith } from './locks';
import { checksumOf, hashOf, sealFrom, sealKey, sealText } from './seal';
import { pacer } from './pace';
import { keysUnder, readText, readTexts, readTogether, writeTexts } from './storage';
import { announce } from './tabs';
import { paragraph, say } from '../core/wording/say';
import { problemsOf } from '../core/records/problems';

export type { Kinds };
export type Kind = RecordKind;

/** A record as it lies in storage. */
interface Stored<K extends Kind = Kind> {
  readonly record: Kinds[K];
  /** The text of its seal: another for every write. */
  readonly seal: string | null;
  /** Of a job that lies in parts. */
  readonly layout: Layout | null;
}

/** The record last read or written: the next tap need not read it all again. */
let latest: (Stored & { readonly key: string }) | null = null;

const latestOf = <K extends Kind>(key: string): Stored<K> | null =>
  latest?.key === key && latest.seal !== null ? (latest as unknown as Stored<K>) : null;

function remember<K extends Kind>(key: string, stored: Stored<K>): Stored<K> {
  latest = { key, ...stored };
  return stored;
}

export const keyOf = (kind: Kind, id: string): string => `${kind}/${id}`;

/** Where the plans of a job lie as they were worked out last: a cache. */
export const planKey = (id: string): string => `plan/${id}`;

/** Where a record that cannot be read is kept as it was, once another is in its place. */
export const asideKey = (key: string): string => `aside/${key}`;

/** A record that is there but cannot be read. Its text is kept as it is, and can be saved. */
export class UnreadableRecord extends Error {
  constructor(
    readonly key: string,
    readonly raw: string,
    cause: unknown,
  ) {
    const why = problemsOf(cause).map(({ place, message }) =>
      place === 'the record' ? message : say('shop.fileProblem', { place, message }),
    );
    super(say('storage.unreadable', { key, why: paragraph(...why) }), { cause });
    this.name = 'UnreadableRecord';
  }
}

/** Texts by their keys; null where nothing lies. */
type Texts = ReadonlyMap<string, string | null>;

/**
 * One record, checked against its schema.
 *
 * @throws UnreadableRecord where it is there but damaged
 */
export async function load<K extends Kind>(kind: K, id: string): Promise<Kinds[K] | null> {
  return (await read(kind, id))?.record ?? null;
}

/** Reads all that lies in storage of a record, as it stood at one moment. */
export function readAll(kind: Kind, id: string): Promise<Map<string, string | null>> {
  const keys = textKeys(kind, id).filter((key) => key !== summaryKey(id));
  return kind === 'job'
    ? readTogether([...keys, ...partKeys(id, 0)], chunkPrefix(id))
    : readTogether(keys, null);
}

async function read<K extends Kind>(kind: K, id: string): Promise<Stored<K> | null> {
  const key = keyOf(kind, id);
  const known = latestOf<K>(key);
  if (known && known.seal === (await readText(sealKey(key)))) return known;
  const stored = opened(kind, id, await readAll(kind, id));
  return stored && remember(key, stored);
}

/**
 * Makes a record of its texts; null where there is none.
 *
 * @throws UnreadableRecord whatever is wrong with it
 */
export function opened<K extends Kind>(kind: K, id: string, texts: Texts): Stored<K> | null {
  const key = keyOf(kind, id);
  const raw = texts.get(key) ?? null;
  if (raw === null) return null;
  try {
    const stored = kind === 'job' ? openedJob(id, raw, texts) : null;
    const found = (stored ?? openedWhole(kind, key, raw, texts)) as Stored<K>;
    if (found.record.id !== id) throw new Error(say('storage.saysItIs', { id: found.record.id }));
    return found;
  } catch (error) {
    throw new UnreadableRecord(key, wholeText(key, texts), error);
  }
}

function openedWhole<K extends Kind>(kind: K, key: string, raw: string, texts: Texts): Stored<K> {
  const seal = texts.get(sealKey(key)) ?? null;
  const value = JSON.parse(raw) as Kinds[K];
  // Every screen stands on the shop: it is looked at whatever its seal says.
  const sound =
    kind !== 'shop' &&
    sealFrom(seal)?.checksum === checksumOf(kind, value?.revision, [hashOf(raw)]);
  return { record: sound ? value : decode(kind, value, STORED), seal, layout: null };
}

/** Puts a job together that lies in parts; null for one that lies whole. */
function openedJob(id: string, raw: string, texts: Texts): Stored<'job'> | null {
  const head = JSON.parse(raw) as object | null;
  const chunks = chunksIn(head);
  if (head === null || chunks === null) return null;
  const seal = texts.get(sealKey(keyOf('job', id))) ?? null;
  const parts = partKeys(id, chunks).map((part) => texts.get(part) ?? null);
  const { job, layout } = joined(head, parts);
  const checksum = checksumOf('job', job.revision, [hashOf(raw), ...hashesOf(layout)]);
  const sound = sealFrom(seal)?.checksum === checksum;
  return { record: sound ? job : decode('job', job, STORED), seal, layout };
}

/** Returns all that is there of a record as one text, so that whatever is wrong with it can be saved. */
function wholeText(key: string, texts: Texts): string {
  const parts = [...texts].filter(([at, text]) => text !== null && at !== sealKey(key));
  return parts.length === 1 ? (parts[0]?.[1] ?? '') : JSON.stringify(Object.fromEntries(parts));
}

const hashesOf = ({ sheet, chunks }: Layout): string[] => [sheet, ...chunks];

/** Returns all that lies in storage of a record as one text, to be saved as it is. */
export const rawRecord = async (kind: Kind, id: string): Promise<string> =>
  wholeText(keyOf(kind, id), await readAll(kind, id));

/** Lists the ids of all records of a kind. */
export const idsOf = async (kind: Kind): Promise<string[]> =>
  (await keysUnder(`${kind}/`)).map((key) => key.slice(kind.length + 1));

/** All records of a kind that can be read, and the errors of those that cannot. */
export async function loadAll<K extends Kind>(
  kind: K,
): Promise<{ records: Kinds[K][]; unreadable: UnreadableRecord[] }> {
  const records: Kinds[K][] = [];
  const unreadable: UnreadableRecord[] = [];
  const ids = await idsOf(kind);
  const pause = pacer();
  for (let begin = 0; begin < ids.length; begin += AT_ONCE) {
    const some = ids.slice(begin, begin + AT_ONCE);
    for (const [id, texts] of await readEach(kind, some)) {
      await pause();
      try {
        const record = opened(kind, id, texts)?.record;
        if (record) records.push(record);
      } catch (error) {
        if (!(error instanceof UnreadableRecord)) throw error;
        unreadable.push(error);
      }
    }
  }
  return { records, unreadable };
}

/** So many records are read at once: one by one a shelf of thousands takes seconds. */
const AT_ONCE = 100;

/** Reads all that lies in storage of several records, each as it stood at one moment. */
async function readEach(kind: Kind, ids: readonly string[]): Promise<(readonly [string, Texts])[]> {
  // A job lies in parts, and nobody lists jobs whole.
  if (kind === 'job') {
    return Promise.all(ids.map(async (id) => [id, await readAll(kind, id)] as const));
  }
  const texts = await readTexts(ids.flatMap((id) => textKeys(kind, id)));
  return ids.map((id) => {
    const own = textKeys(kind, id).map((key) => [key, texts[key] ?? null] as const);
    return [id, new Map(own)] as const;
  });
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
    const seal = sealText(checksumOf(kind, record.revision, [hashOf(raw)]));
    return {
      texts: { [key]: raw, [sealKey(key)]: seal },
      stored: { record, seal, layout: null },
    };
  }
  const job = record as Job;
  const { head, texts, layout } = textsOfJob(job, before);
  const seal = sealText(checksumOf(kind, job.revision, [hashOf(head), ...hashesOf(layout)]));
  const summary = orNull(() => summaryText(jobSummaryOf(job, evaluator), seal));
  return {
    texts: { ...texts, [key]: head, [sealKey(key)]: seal, [summaryKey(job.id)]: summary },
    stored: { record, seal, layout },
  };
}

/** A record with its kind. */
export type Filed = { [K in Kind]: { readonly kind: K; readonly record: Kinds[K] } }[Kind];

/**
 * Returns what has to be written so that a record is in storage and nothing of another one in its place.
 *
 * @param there all that lies there of the record now
 */
export function textsInPlace<K extends Kind>(
  kind: K,
  record: Kinds[K],
  there: Texts,
): Record<string, string | null> {
  const old = [...there.keys()].filter((key) => there.get(key) !== null);
  return { ...gone(old), ...textsOf(kind, record).texts };
}

/** Returns the same for a record that takes the place of a readable one; photos that it no longer shows go. */
export function textsInstead<K extends Kind>(
  kind: K,
  before: Kinds[K],
  record: Kinds[K],
  there: Texts,
): Record<string, string | null> {
  const left = photosLeft(before, record).flatMap((photo) => textKeys('photo', photo));
  return { ...gone(left), ...textsInPlace(kind, record, there) };
}

/** Returns what has to be written so that new records are in storage; photos that only old ones had go. */
async function textsOfNew(records: readonly Filed[]): Promise<Record<string, string | null>> {
  const texts: Record<string, string | null> = {};
  const added = records.flatMap(({ kind, record }) => (kind === 'photo' ? [record.id] : []));
  for (const { kind, record } of records) {
    const there = await readAll(kind, record.id);
    Object.assign(texts, textsInPlace(kind, record, there));
    const kept = new Set([...photosOf(record), ...added]);
    for (const photo of photosIn(there.get(keyOf(kind, record.id)))) {
      if (!kept.has(photo)) Object.assign(texts, gone(textKeys('photo', photo)));
    }
  }
  return texts;
}

/**
 * Writes new records, all of them or none.
 *
 * @throws FileError where one of them would not be read again; nothing is written then
 */
export async function saveNew(records: readonly Filed[]): Promise<void> {
  for (const { kind, record } of records) checkChange(kind, null, record);
  await writeTexts(await textsOfNew(records));
  for (const { kind, record } of records) announce({ kind, id: record.id });
}

/**
 * Changes a record: reads it afresh, applies the change and writes it with the
 * next revision, all under a lock. A change made in another tab in between is
 * built upon, never overwritten. New records that belong to it (photos) are
 * written in the same stroke, and those that no longer do are removed in it.
 * Resolves once it is in storage. A change that returns the very record it was
 * given changes nothing, and nothing is written.
 *
 * @throws FileError where what is new does not hold to its schema, UnreadableRecord
 *   where the record is damaged; nothing is written then
 */
export async function change<K extends Kind>(
  kind: K,
  id: string,
  apply: (record: Kinds[K]) => Kinds[K],
  { absent, beside = [] }: { absent?: Kinds[K]; beside?: readonly Filed[] } = {},
): Promise<Kinds[K]> {
  const key = keyOf(kind, id);
  const work = (stored: Stored<K> | null, device: string) =>
    changed(kind, apply, stored, device, absent);
  const written = alone(key, async () => {
    const [stored, device] = [await read(kind, id), await deviceHere()];
    const { before, after, made } = guessed && stored === guess ? guessed : work(stored, device);
    if (!made) return before;
    await writeTexts(textsWith([{ kind, before, after, made }], beside));
    announce({ kind, id });
    remember(key, made.stored);
    return after;
  });
  // Nearly always the record is as this tab left it: the change is made while the lock is on its way.
  const [guess, device] = [latestOf<K>(key), deviceNow()];
  const guessed = guess && device !== null && orNull(() => work(guess, device));
  return written;
}

/** What becomes of several records in one stroke. */
interface Together {
  /** The records after the change, in the order in which they were named; null for one that goes, with its photos. */
  readonly after: readonly (Kinds[Kind] | null)[];
  /** New records. */
  readonly beside?: readonly Filed[];
}

/** Which record is meant. */
export interface RecordRef {
  readonly kind: Kind;
  readonly id: string;
}

/**
 * Changes several records in one stroke: all of them, or none. Each is read afresh and written with the next revision,
 * under the locks of all of them; what is new comes along.
 *
 * @param apply says what becomes of the records, which it is handed in the order in which they were named
 * @throws FileError, UnreadableRecord as `change`, or whatever `apply` throws; nothing is written then
 */
export async function changeTogether(
  refs: readonly RecordRef[],
  apply: (records: readonly Kinds[Kind][]) => Together,
): Promise<readonly (Kinds[Kind] | null)[]> {
  const keys = refs.map(({ kind, id }) => keyOf(kind, id));
  return aloneWith(keys, async () => {
    const device = await deviceHere();
    const stored = await Promise.all(refs.map(({ kind, id }) => read(kind, id)));
    const there = stored.map((one) => {
      if (!one) throw new Error(GONE);
      return one.record;
    });
    const { after, beside = [] } = apply(there);
    const works: Changed[] = [];
    const left: Record<string, string | null> = {};
    for (const [i, { kind, id }] of refs.entries()) {
      const next = after[i];
      if (next)
        works.push({ kind, ...changed(kind, () => next, stored[i] ?? null, device, undefined) });
      else Object.assign(left, await textsGone(kind, id, device));
    }
    await writeTexts({ ...left, ...textsWith(works, beside) });
    for (const { kind, after: record, made } of works) {
      if (made) remember(keyOf(kind, record.id), made.stored);
    }
    for (const ref of [...refs, ...beside.map(({ kind, record }) => ({ kind, id: record.id }))]) {
      announce(ref);
    }
    return after;
  });
}

/** A change of one record: as it was, as it is, and what has to be written for it. */
interface Changed {
  readonly kind: Kind;
  readonly before: Kinds[Kind];
  readonly after: Kinds[Kind];
  readonly made: ReturnType<typeof textsOf> | null;
}

/** Returns what has to be written for some changes and the new records beside them; photos that were taken out go. */
function textsWith(
  works: readonly Changed[],
  beside: readonly Filed[],
): Record<string, string | null> {
  const texts: Record<string, string | null> = {};
  for (const { before, after, made } of works) {
    for (const photo of photosLeft(before, after)) {
      Object.assign(texts, gone(textKeys('photo', photo)));
    }
    Object.assign(texts, made?.texts);
  }
  for (const { kind, record } of beside) {
    checkChange(kind, null, record);
    Object.assign(texts, textsOf(kind, record).texts);
  }
  return texts;
}

/** Said where a record was deleted meanwhile. */
const GONE = 'This record is no longer stored here. Reload the page.';

/** Returns what comes of some work; null where it fails, which whoever does it again will hear of. */
function orNull<T>(work: () => T): T | null {
  try {
    return work();
  } catch {
    return null;
  }
}

/** Returns a record before and after a change, and what has to be written for it; null for nothing. */
function changed<K extends Kind>(
  kind: K,
  apply: (record: Kinds[K]) => Kinds[K],
  stored: Stored<K> | null,
  device: string,
  absent: Kinds[K] | undefined,
) {
  const before = stored?.record ?? absent;
  if (!before) throw new Error(GONE);
  const next = apply(before);
  if (next === before) return { before, after: before, made: null };
  const after = { ...withMarks(kind, before, next, device), revision: before.revision + 1 };
  checkChange(kind, before, after);
  const layout = stored?.layout ?? null;
  const made = textsOf(kind, after, layout && { job: before as Job, layout });
  return { before, after, made };
}

/** A record that photos belong to: they come and go with it. */
type Photographed = Pick<Job | ShelfPart, 'photos'>;

/** Lists the ids of the photos that belong to a record; none where its kind has none. */
export const photosOf = (record: Kinds[Kind]): string[] =>
  'photos' in record ? record.photos.map(({ id }) => id) : [];

/** Lists the photos that a change took out of a record. */
function photosLeft(before: Kinds[Kind], after: Kinds[Kind]): string[] {
  const kept = new Set(photosOf(after));
  return photosOf(before).filter((id) => !kept.has(id));
}

const gone = (keys: readonly string[]): Record<string, null> =>
  Object.fromEntries(keys.map((key) => [key, null]));

/** The keys that a record of a kind always has. */
function textKeys(kind: Kind, id: string): string[] {
  const key = keyOf(kind, id);
  return [key, sealKey(key), ...(kind === 'job' ? [summaryKey(id)] : [])];
}

/** Lists every key at which something of a record lies; none where it is not there. */
async function keysOf(kind: Kind, id: string): Promise<string[]> {
  const raw = await readText(keyOf(kind, id));
  if (raw === null) return [];
  if (kind !== 'job') return textKeys(kind, id);
  const chunks = await keysUnder(chunkPrefix(id));
  return [...textKeys(kind, id), planKey(id), ...partKeys(id, 0), ...chunks];
}

/** Where it is kept how often this device wrote a record that went: should it come back, it counts on from there. */
export const goneKey = (key: string): string => `gone/${key}`;

/** Counts of a record that cannot be read begin anew so far on: it has not been written that often. */
export const FAR = 1_000_000;

/** Returns how often this device wrote a record, as its text says it; far more where that cannot be read. */
export function writesIn(head: string, device: string): number {
  try {
    return writesOf(JSON.parse(head) as object, device);
  } catch {
    return FAR;
  }
}

/** Returns what has to be written so that a record and all that belongs to it goes, its photos as well. */
async function textsGone(
  kind: Kind,
  id: string,
  device: string,
): Promise<Record<string, string | null>> {
  const key = keyOf(kind, id);
  const head = await readText(key);
  const photos = photosIn(head).flatMap((photo) => textKeys('photo', photo));
  const writes = head === null ? 0 : writesIn(head, device);
  return {
    ...gone([...(await keysOf(kind, id)), ...photos]),
    ...(writes > 0 ? { [goneKey(key)]: String(writes) } : {}),
  };
}

/** Removes a record and all that belongs to it, its photos as well, in one stroke. */
export async function remove(kind: Kind, id: string): Promise<void> {
  await alone(keyOf(kind, id), async () =>
    writeTexts(await textsGone(kind, id, await deviceHere())),
  );
  announce({ kind, id });
}

/** Lists the ids of the photos of a job or a loose part as its text says them; none where that cannot be read. */
export function photosIn(head: string | null | undefined): string[] {
  try {
    const { photos } = JSON.parse(head ?? '{}') as Partial<Photographed>;
    return (photos ?? []).flatMap((photo) => (typeof photo?.id === 'string' ? [photo.id] : []));
  } catch {
    return [];
  }
}
