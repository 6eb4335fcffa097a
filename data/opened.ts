import { decode, type Kinds } from '../core/records/decode';
import { VERSION, type RecordKind } from '../core/records/kind';
import { isLoose } from '../core/records/loose';
import { problemsOf } from '../core/records/problems';
import type { Shop } from '../core/records/shop';
import { soundShop } from '../core/records/soundShop';
import { STORED } from '../core/schema/fields';
import { paragraph, say } from '../core/wording/say';
import { summaryKey } from './jobSummary';
import { chunkPrefix, chunksIn, joined, partKeys, type Layout } from './jobTexts';
import { pacer } from './pace';
import { checksumOf, hashOf, sealFrom, sealKey } from './seal';
import { keysUnder, readText, readTexts, readTogether } from './storage';

export type { Kinds };
export type Kind = RecordKind;

/** A record as it lies in storage. */
export interface Stored<K extends Kind = Kind> {
  readonly record: Kinds[K];
  /** The text of its seal: another for every write. */
  readonly seal: string | null;
  /** Of a job that lies in parts. */
  readonly layout: Layout | null;
}

/** The record last read or written: the next tap need not read it all again. */
let latest: (Stored & { readonly key: string }) | null = null;

export const latestOf = <K extends Kind>(key: string): Stored<K> | null =>
  latest?.key === key && latest.seal !== null ? (latest as unknown as Stored<K>) : null;

export function remember<K extends Kind>(key: string, stored: Stored<K>): Stored<K> {
  latest = { key, ...stored };
  return stored;
}

export const keyOf = (kind: Kind, id: string): string => `${kind}/${id}`;

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
export type Texts = ReadonlyMap<string, string | null>;

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

export async function read<K extends Kind>(kind: K, id: string): Promise<Stored<K> | null> {
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
  const read = () => (kind === 'shop' ? shopOf(value) : decode(kind, value, STORED)) as Kinds[K];
  return { record: sound ? value : read(), seal, layout: null };
}

/** Returns the shop; where nothing of it has to be brought up to date, nothing that knows the other kinds is asked. */
const shopOf = (value: unknown): Shop =>
  isLoose(value) && value.schema === VERSION.shop
    ? soundShop(value, STORED)
    : decode('shop', value, STORED);

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

export const hashesOf = ({ sheet, chunks }: Layout): string[] => [sheet, ...chunks];

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

/** The keys that a record of a kind always has. */
export function textKeys(kind: Kind, id: string): string[] {
  const key = keyOf(kind, id);
  return [key, sealKey(key), ...(kind === 'job' ? [summaryKey(id)] : [])];
}
