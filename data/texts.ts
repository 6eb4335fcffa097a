import type { Kinds } from '../core/records/decode';
import type { Job } from '../core/records/job';
import { writesOf } from '../core/records/written';
import type { Sheet } from '../core/records/sheet';
import type { ShelfPart } from '../core/records/part';
import { evaluator } from './evaluator';
import { headlineOf, jobSummaryOf, summaryKey, summaryText } from './jobSummary';
import { chunkPrefix, partKeys, textsOfJob, type Written } from './jobTexts';
import { hashesOf, keyOf, textKeys, type Kind, type Stored, type Texts } from './opened';
import { checksumOf, hashOf, sealKey, sealText } from './seal';
import { keysUnder, readText } from './storage';

/** A record with its kind. */
export type Filed = { [K in Kind]: { readonly kind: K; readonly record: Kinds[K] } }[Kind];

/** What the keys of the runs of a job begin with, and of one of its runs. */
export const tracePrefix = (job: string, run?: string): string =>
  `${keyOf('trace', job)}/${run === undefined ? '' : `${run}/`}`;

/** Where what history keeps of a job lies: a cache. */
export const factsKey = (id: string): string => `facts/${id}`;

/** Where the plans of a job lie as they were worked out last: a cache. */
export const planKey = (id: string): string => `plan/${id}`;

/** Texts by key; null for what has to go. */
type Entries = Record<string, string | null>;

/** What has to be written of a record, and how it lies then. */
export interface WrittenTexts {
  readonly texts: Entries;
  readonly stored: Stored;
  /** Works out what lists show of it: that lies beside it, and can be made anew at any time. */
  readonly brief: () => Entries;
  /** What can be shown of it before that is worked out. */
  readonly headline: () => Entries;
  /** Works out what is asked of it next, so that whoever shows it finds that. */
  readonly ahead: () => void;
}

/** Returns what has to be written of a record. */
export function textsOf(
  kind: Kind,
  record: Kinds[Kind],
  before: Written | null = null,
): WrittenTexts {
  const key = keyOf(kind, record.id);
  if (kind !== 'job') {
    const raw = JSON.stringify(record);
    const seal = sealText(checksumOf(kind, record.revision, [hashOf(raw)]));
    return {
      texts: { [key]: raw, [sealKey(key)]: seal },
      stored: { record, seal, layout: null },
      brief: () => ({}),
      headline: () => ({}),
      ahead: () => undefined,
    };
  }
  const job = record as Job;
  const { head, texts, layout } = textsOfJob(job, before);
  const seal = sealText(checksumOf(kind, job.revision, [hashOf(head), ...hashesOf(layout)]));
  return {
    texts: { ...texts, [key]: head, [sealKey(key)]: seal },
    stored: { record, seal, layout },
    brief: () => ({
      [summaryKey(job.id)]: orNull(() => summaryText(jobSummaryOf(job, evaluator), seal)),
    }),
    headline: () => ({ [summaryKey(job.id)]: summaryText(headlineOf(job), null) }),
    ahead: () => void orNull(() => evaluator.next(job)),
  };
}

/** Returns what takes away all that lies there of a record. */
const goneFrom = (there: Texts): Entries =>
  gone([...there.keys()].filter((key) => there.get(key) !== null));

/**
 * Returns what has to be written so that a record is in storage and nothing of another one in its place.
 *
 * @param there all that lies there of the record now
 */
export function textsInPlace<K extends Kind>(kind: K, record: Kinds[K], there: Texts): Entries {
  const { texts, brief } = textsOf(kind, record);
  return { ...goneFrom(there), ...texts, ...brief() };
}

/** Returns the same for one of thousands: its readings are judged for lists once all of them are there. */
export function textsInBulk<K extends Kind>(kind: K, record: Kinds[K], there: Texts): Entries {
  const { texts, headline } = textsOf(kind, record);
  return { ...goneFrom(there), ...texts, ...headline() };
}

/** Returns the same for a record that takes the place of a readable one; photos that it no longer shows go. */
export function textsInstead<K extends Kind>(
  kind: K,
  before: Kinds[K],
  record: Kinds[K],
  there: Texts,
): Entries {
  const left = photosLeft(before, record).flatMap((photo) => textKeys('photo', photo));
  return { ...gone(left), ...textsInBulk(kind, record, there) };
}

/** Returns what comes of some work; null where it fails, which whoever does it again will hear of. */
export function orNull<T>(work: () => T): T | null {
  try {
    return work();
  } catch {
    return null;
  }
}

/** A record that photos belong to: they come and go with it. */
type Photographed = Pick<Job | ShelfPart | Sheet, 'photos'>;

/** Lists the ids of the photos that belong to a record; none where its kind has none. */
export const photosOf = (record: Kinds[Kind]): string[] =>
  'photos' in record ? record.photos.map(({ id }) => id) : [];

/** Lists the photos that a change took out of a record. */
export function photosLeft(before: Kinds[Kind], after: Kinds[Kind]): string[] {
  const kept = new Set(photosOf(after));
  return photosOf(before).filter((id) => !kept.has(id));
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

export const gone = (keys: readonly string[]): Record<string, null> =>
  Object.fromEntries(keys.map((key) => [key, null]));

/** Lists every key at which something of a record lies; none where it is not there. */
async function keysOf(kind: Kind, id: string): Promise<string[]> {
  const raw = await readText(keyOf(kind, id));
  if (raw === null) return [];
  if (kind !== 'job') return textKeys(kind, id);
  const chunks = await keysUnder(chunkPrefix(id));
  const pieces = (await keysUnder(tracePrefix(id))).flatMap((key) => [key, sealKey(key)]);
  return [
    ...textKeys(kind, id),
    planKey(id),
    factsKey(id),
    ...partKeys(id, 0),
    ...chunks,
    ...pieces,
  ];
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
export async function textsGone(
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
