import { dequal } from 'dequal';
import { METHOD_IDS } from '../methods/list';
import type { Kinds } from './decode';
import type { Entry } from './entry';
import type { Job } from './job';
import type { RecordKind } from './migrate';
import type { Sheet } from './sheet';
import type { ShelfPart } from './part';
import type { Shop } from './shop';
import type { Study } from './study';

/**
 * Two copies of one record, one here and one in a file, brought together: what either of them has is
 * kept. Nothing here is ever thrown away for an older copy.
 */
export interface Merge<R> {
  /** Holds what is to be kept; the very record that is here where that needs nothing. */
  readonly record: R;
  /** Readings here and in the file, how many of those are new here, and how many other entries are. */
  readonly count: Count | null;
  /** Lists what the file says otherwise and what stays as it is here, by name of field or id of entry. */
  readonly kept: readonly string[];
}

export interface Count {
  readonly here: number;
  readonly file: number;
  readonly fresh: number;
  readonly others: number;
}

/** Tells of two things in a list whether they are the same one. */
type KeyOf<T> = (item: T) => string;

/** Returns a list with those of another that it does not have, at its end. */
function union<T>(first: readonly T[], second: readonly T[], keyOf: KeyOf<T>): T[] {
  const there = new Set(first.map(keyOf));
  return [...first, ...second.filter((item) => !there.has(keyOf(item)))];
}

const idOf: KeyOf<{ readonly id: string }> = ({ id }) => id;

/** Merges two runs of entries that were made side by side, by their moments; each keeps its own order. */
function interleaved(here: readonly Entry[], file: readonly Entry[]): Entry[] {
  const merged: Entry[] = [];
  const rest = [...file];
  let latest = '';
  for (const entry of here) {
    latest = entry.at > latest ? entry.at : latest;
    while (rest[0] && rest[0].at < latest) merged.push(rest.shift() as Entry);
    merged.push(entry);
  }
  return [...merged, ...rest];
}

/**
 * Brings two copies of a journal together by entry. What only the file has comes after what both have
 * before it; where both went on from there, the moments say the order. What strikes an entry stays
 * after it.
 *
 * @returns the journal that is here where the file has nothing new
 */
export function mergedJournal(here: readonly Entry[], file: readonly Entry[]): readonly Entry[] {
  const places = new Map(here.map((entry, i) => [entry.id, i]));
  const fresh = new Map<number, Entry[]>();
  let after = -1;
  for (const entry of file) {
    const known = places.get(entry.id);
    const struck = entry.kind === 'strike' || entry.kind === 'restore' ? entry.of : [];
    for (const id of known === undefined ? struck : [entry.id]) {
      after = Math.max(after, places.get(id) ?? -1);
    }
    if (known === undefined) fresh.set(after, [...(fresh.get(after) ?? []), entry]);
  }
  if (fresh.size === 0) return here;
  const inFile = new Set(file.map(idOf));
  const journal: Entry[] = [];
  for (let i = -1; i < here.length;) {
    const added = fresh.get(i);
    let next = i + 1;
    // What was only made here since runs on beside what was only made there.
    while (added && next < here.length && !inFile.has(here[next]?.id ?? '')) next++;
    journal.push(...here.slice(Math.max(i, 0), Math.max(i + 1, 0)));
    if (added) journal.push(...interleaved(here.slice(i + 1, next), added));
    i = next;
  }
  return journal;
}

const readingsIn = (journal: readonly Entry[]): number =>
  journal.filter(({ kind }) => (METHOD_IDS as readonly string[]).includes(kind)).length;

/** Fields that say where one was, not what was done. */
export const PASSING: readonly string[] = ['revision', 'schema', 'stage', 'cursor'];

/** Lists the fields, but those left out, in which two records differ. */
function differing(here: object, file: object, except: readonly string[]): string[] {
  const [a, b] = [here, file] as Record<string, unknown>[];
  return Object.keys({ ...a, ...b }).filter(
    (name) => !except.includes(name) && !dequal(a?.[name], b?.[name]),
  );
}

function mergedJobs(here: Job, file: Job): Merge<Job> {
  const journal = mergedJournal(here.journal, file.journal);
  const known = new Map(here.journal.map((entry) => [entry.id, entry]));
  const inFile = new Set(file.journal.map(idOf));
  const fresh = file.journal.filter(({ id }) => !known.has(id));
  const otherwise = file.journal.filter((entry) => {
    const same = known.get(entry.id);
    return same !== undefined && !dequal(same, entry);
  });
  const [ours, theirs, news] = [here.journal, file.journal, fresh].map(readingsIn) as [
    number,
    number,
    number,
  ];
  const count = { here: ours, file: theirs, fresh: news, others: fresh.length - news };
  const grewThere = here.journal.every(({ id }) => inFile.has(id));
  const newer = grewThere && file.revision > here.revision && otherwise.length === 0;
  if (newer) {
    const photos = union(file.photos, here.photos, idOf);
    return { record: { ...file, photos }, count, kept: [] };
  }
  const kept = [
    ...(dequal(here, file) ? [] : differing(here, file, [...PASSING, 'journal', 'photos'])),
    ...otherwise.map(idOf),
  ];
  if (fresh.length === 0) return { record: here, count, kept };
  const photos = union(here.photos, file.photos, idOf);
  const revision = Math.max(here.revision, file.revision) + 1;
  return { record: { ...here, journal, photos, revision }, count, kept };
}

/** Keeps the newer revision of a record that is changed as a whole. */
function newer<R extends Sheet | ShelfPart>(here: R, file: R): Merge<R> {
  if (file.revision > here.revision) return { record: file, count: null, kept: [] };
  return { record: here, count: null, kept: differing(here, file, PASSING) };
}

function mergedStudies(here: Study, file: Study): Merge<Study> {
  const keyOf: KeyOf<Study['readings'][number]> = ({ person, part, trial }) =>
    JSON.stringify([person, part, trial]);
  const readings = union(here.readings, file.readings, keyOf);
  const fresh = readings.length - here.readings.length;
  const count = { here: here.readings.length, file: file.readings.length, fresh, others: 0 };
  const newer = file.revision > here.revision;
  const kept = newer ? [] : differing(here, file, [...PASSING, 'readings']);
  if (fresh === 0 && !newer) return { record: here, count, kept };
  const revision = newer ? file.revision : here.revision + 1;
  return { record: { ...(newer ? file : here), readings, revision }, count, kept };
}

/** The lists of a shop, and by what their items are told apart. */
const SHOP_LISTS = {
  customers: ({ name }: Shop['customers'][number]) => name,
  people: (name: string) => name,
  feelers: ({ name }: Shop['feelers'][number]) => name,
  instruments: idOf,
  operations: idOf,
  makes: ({ name }: Shop['makes'][number]) => name,
  zeros: ({ instrument }: Shop['zeros'][number]) => instrument,
};

function mergedShops(here: Shop, file: Shop): Merge<Shop> {
  const newer = file.revision > here.revision;
  const [first, second] = newer ? [file, here] : [here, file];
  const lists = Object.entries(SHOP_LISTS).map(([name, keyOf]) => {
    const list = name as keyof typeof SHOP_LISTS;
    return [list, union<unknown>(first[list], second[list], keyOf as KeyOf<unknown>)] as const;
  });
  const record = { ...first, ...Object.fromEntries(lists) } as Shop;
  const kept = newer ? [] : differing(here, file, [...PASSING, ...Object.keys(SHOP_LISTS)]);
  if (dequal(record, here)) return { record: here, count: null, kept };
  const revision = dequal(record, file) ? file.revision : first.revision + 1;
  return { record: { ...record, revision }, count: null, kept };
}

/** Keeps the photo that is here: one is never changed. */
const mergedPhotos = (here: Kinds['photo'], file: Kinds['photo']): Merge<Kinds['photo']> => ({
  record: here,
  count: null,
  kept: differing(here, file, PASSING),
});

const MERGED: { [K in RecordKind]: (here: Kinds[K], file: Kinds[K]) => Merge<Kinds[K]> } = {
  job: mergedJobs,
  sheet: newer<Sheet>,
  study: mergedStudies,
  part: newer<ShelfPart>,
  shop: mergedShops,
  photo: mergedPhotos,
};

/** Brings the copy of a record that is in a file together with the one that is here. */
export const merged = <K extends RecordKind>(
  kind: K,
  here: Kinds[K],
  file: Kinds[K],
): Merge<Kinds[K]> => MERGED[kind](here, file);
