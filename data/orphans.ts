import type { Job } from '../core/records/job';
import type { ShelfPart } from '../core/records/part';
import type { Sheet } from '../core/records/sheet';
import { PHOTOGRAPHED, type Photo } from '../core/records/photo';
import { chunksIn } from './jobTexts';
import { alone } from './locks';
import { pacer } from './pace';
import { asideKey, keyOf } from './opened';
import { dropTexts, keysUnder, readText, readTexts } from './storage';

/** What the jobs, the loose parts and the sheets in storage say that belongs to them. */
interface Belongings {
  /** Chunks of each job that lies in parts. */
  readonly chunks: ReadonlyMap<string, number>;
  /** Photos that those of them show which can be read. */
  readonly photos: ReadonlySet<string>;
}

/** So many heads are read at once: a large shop must not hold the page up. */
const AT_ONCE = 200;

const isJob = (key: string): boolean => key.startsWith('job/');
const idOfJob = (key: string): string => key.slice('job/'.length);

async function belongings(keys: readonly string[]): Promise<Belongings> {
  const chunks = new Map<string, number>();
  const photos = new Set<string>();
  const pause = pacer();
  for (let begin = 0; begin < keys.length; begin += AT_ONCE) {
    const heads = await readTexts(keys.slice(begin, begin + AT_ONCE));
    for (const [key, text] of Object.entries(heads)) {
      await pause();
      if (text === null) continue;
      try {
        const head = JSON.parse(text) as Pick<Job | ShelfPart | Sheet, 'photos'>;
        for (const { id } of head.photos) photos.add(id);
        // A job that lies whole has no chunks; neither has one whose head is odd, as far as anybody knows.
        if (isJob(key)) chunks.set(idOfJob(key), chunksIn(head) ?? Infinity);
      } catch {
        if (isJob(key)) chunks.set(idOfJob(key), Infinity);
      }
    }
  }
  return { chunks, photos };
}

/** Lists the photos whose owner is neither here nor set aside: a photo that can be somebody's stays, shown or not. */
async function photosOfNobody(
  keys: readonly string[],
  there: ReadonlySet<string>,
): Promise<Set<string>> {
  const left = new Set<string>();
  for (const key of keys) {
    const text = await readText(key);
    const owner = text === null ? null : ownerIn(text);
    if (owner === null) continue;
    const places = PHOTOGRAPHED.map((kind) => keyOf(kind, owner));
    if (!places.some((at) => there.has(at) || there.has(asideKey(at)))) left.add(key);
  }
  return left;
}

/** Returns whose a photo is, as its text says it; null where that cannot be read. */
function ownerIn(text: string): string | null {
  try {
    const { job } = JSON.parse(text) as Partial<Photo>;
    return typeof job === 'string' ? job : null;
  } catch {
    return null;
  }
}

/**
 * Removes what belongs to no record: parts, checksums and summaries of jobs that are gone, photos of jobs, loose
 * parts and sheets that are gone. A record that is there but cannot be read, or was set aside, keeps all that is its own.
 *
 * @returns the keys that were removed
 */
export function removeOrphans(): Promise<string[]> {
  // Not while an import writes its photos, whose jobs come last.
  return alone('what belongs to no record', removeAll);
}

/**
 * What is looked at, kind by kind: the keys of a large shop are a long list. What belongs to something
 * comes before it, so that nothing that is written meanwhile looks left over.
 */
const KINDS = [
  'seal',
  'brief',
  'copy',
  'entries',
  'plan',
  'photo',
  'trace',
  'sheet',
  'study',
  'part',
  'shop',
  'job',
  'aside',
];

async function removeAll(): Promise<string[]> {
  const pause = pacer();
  const keys: string[] = [];
  for (const kind of KINDS) {
    keys.push(...(await keysUnder(`${kind}/`)));
    await pause();
  }
  const { chunks, photos } = await belongings(
    keys.filter((key) => PHOTOGRAPHED.some((kind) => key.startsWith(`${kind}/`))),
  );
  const there = new Set(keys);
  const isGone = (id: string): boolean => !chunks.has(id);
  const orphaned: Readonly<Record<string, (id: string, at: string) => boolean>> = {
    job: isGone,
    brief: isGone,
    copy: isGone,
    plan: isGone,
    // The runs of a job that was set aside are its own still.
    trace: (id) => isGone(id) && !there.has(asideKey(keyOf('job', id))),
    entries: (id, at) => Number(at) >= (chunks.get(id) ?? 0),
  };
  const isOrphan = (key: string): boolean => {
    const [kind = '', id = '', at = ''] = key.split('/');
    return orphaned[kind]?.(id, at) ?? false;
  };
  const left = new Set<string>();
  for (const [n, key] of keys.entries()) {
    if (isOrphan(key)) left.add(key);
    if (n % AT_ONCE === 0) await pause();
  }
  const unseen = keys.filter(
    (k) => k.startsWith('photo/') && !photos.has(k.slice('photo/'.length)),
  );
  for (const key of await photosOfNobody(unseen, there)) left.add(key);
  for (const key of keys.filter((k) => k.startsWith('seal/'))) {
    const of = key.slice('seal/'.length);
    if (!there.has(of) || left.has(of)) left.add(key);
  }
  if (left.size > 0) await dropTexts([...left]);
  return [...left];
}
