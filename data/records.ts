import { checkChange } from '../core/records/changed';
import type { Kinds } from '../core/records/decode';
import type { Job } from '../core/records/job';
import { withMarks } from '../core/records/written';
import { dropBrief, keepBrief } from './briefs';
import { deviceHere, deviceNow } from './device';
import { alone, aloneWith } from './locks';
import {
  keyOf,
  latestOf,
  read,
  readAll,
  remember,
  textKeys,
  type Kind,
  type Stored,
} from './opened';
import { sealKey } from './seal';
import { writeTexts, writeTextsWhere } from './storage';
import { announce, announceSoon } from './tabs';
import {
  gone,
  orNull,
  photosIn,
  photosLeft,
  photosOf,
  textsGone,
  textsInPlace,
  textsOf,
  type Filed,
  type WrittenTexts,
} from './texts';

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
  const edit = (stored: Stored<K> | null, device: string) =>
    edited(kind, apply, stored, device, absent);
  const done = (after: Kinds[K], { stored, brief }: WrittenTexts): Kinds[K] => {
    announceSoon({ kind, id });
    remember(key, stored);
    keepBrief(key, brief);
    return after;
  };
  // Nearly always the record is as this tab left it: the change is made while the locks are on their way, a half with
  // each, and is written where the seal still says so.
  const [guess, device] = [latestOf<K>(key), deviceNow()];
  let made: WrittenTexts | null = null;
  const written = alone(
    key,
    async () => {
      if (guess?.seal && guessed && made) {
        const texts = textsWith([{ kind, ...guessed, made }], beside);
        const isStill = { key: sealKey(key), is: guess.seal };
        if (await writeTextsWhere(texts, isStill, made.ahead)) return done(guessed.after, made);
      }
      const stored = await read(kind, id);
      const { before, after } = edit(stored, await deviceHere());
      made = madeOf(kind, { before, after }, stored);
      if (!made) return before;
      await writeTexts(textsWith([{ kind, before, after, made }], beside));
      return done(after, made);
    },
    () => (made = guessed && orNull(() => madeOf(kind, guessed, guess))),
  );
  const guessed = guess && device !== null ? orNull(() => edit(guess, device)) : null;
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
      const [next, was] = [after[i], stored[i] ?? null];
      if (next) {
        const work = edited(kind, () => next, was, device, undefined);
        works.push({ kind, ...work, made: madeOf(kind, work, was) });
      } else Object.assign(left, await textsGone(kind, id, device));
    }
    const briefs = works.map(({ made }) => made?.brief() ?? {});
    await writeTexts(Object.assign(left, textsWith(works, beside), ...briefs) as typeof left);
    // What was to be written of them for lists is older than this.
    keys.forEach(dropBrief);
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
  readonly made: WrittenTexts | null;
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
    Object.assign(texts, textsInPlace(kind, record, new Map()));
  }
  return texts;
}

/** Said where a record was deleted meanwhile. */
const GONE = 'This record is no longer stored here. Reload the page.';

/** A record before and after a change; the same where nothing changes. */
interface Edited<K extends Kind> {
  readonly before: Kinds[K];
  readonly after: Kinds[K];
}

/** Returns a record before and after a change, marked. */
function edited<K extends Kind>(
  kind: K,
  apply: (record: Kinds[K]) => Kinds[K],
  stored: Stored<K> | null,
  device: string,
  absent: Kinds[K] | undefined,
): Edited<K> {
  const before = stored?.record ?? absent;
  if (!before) throw new Error(GONE);
  const next = apply(before);
  if (next === before) return { before, after: before };
  const after = { ...withMarks(kind, before, next, device), revision: before.revision + 1 };
  return { before, after };
}

/** Checks a change, and returns what has to be written for it; null for nothing. @throws FileError where it does not hold */
function madeOf<K extends Kind>(
  kind: K,
  { before, after }: Edited<K>,
  stored: Stored<K> | null,
): WrittenTexts | null {
  if (before === after) return null;
  checkChange(kind, before, after);
  const layout = stored?.layout ?? null;
  return textsOf(kind, after, layout && { job: before as Job, layout });
}

/** Removes a record and all that belongs to it, its photos as well, in one stroke. */
export async function remove(kind: Kind, id: string): Promise<void> {
  const key = keyOf(kind, id);
  await alone(key, async () => writeTexts(await textsGone(kind, id, await deviceHere())));
  dropBrief(key);
  announce({ kind, id });
}
