import type { Job } from '../core/records/job';
import type { ShelfPart } from '../core/records/part';
import { chunksIn } from './jobTexts';
import { alone } from './locks';
import { pacer } from './pace';
import { dropTexts, keysUnder, readTexts } from './storage';

/** What the jobs and the loose parts in storage say that belongs to them. */
interface Belongings {
  /** Chunks of each job that lies in parts. */
  readonly chunks: ReadonlyMap<string, number>;
  /** Photos of all of them; null while there is one that cannot be read, whose photos nobody knows. */
  readonly photos: ReadonlySet<string> | null;
}

/** So many heads are read at once: a large shop must not hold the page up. */
const AT_ONCE = 200;

const isJob = (key: string): boolean => key.startsWith('job/');
const idOfJob = (key: string): string => key.slice('job/'.length);

async function belongings(keys: readonly string[]): Promise<Belongings> {
  const chunks = new Map<string, number>();
  const photos = new Set<string>();
  const pause = pacer();
  let readable = true;
  for (let begin = 0; begin < keys.length; begin += AT_ONCE) {
    const heads = await readTexts(keys.slice(begin, begin + AT_ONCE));
    for (const [key, text] of Object.entries(heads)) {
      await pause();
      if (text === null) continue;
      try {
        const head = JSON.parse(text) as Pick<Job | ShelfPart, 'photos'>;
        for (const { id } of head.photos) photos.add(id);
        // A job that lies whole has no chunks; neither has one whose head is odd, as far as anybody knows.
        if (isJob(key)) chunks.set(idOfJob(key), chunksIn(head) ?? Infinity);
      } catch {
        readable = false;
        if (isJob(key)) chunks.set(idOfJob(key), Infinity);
      }
    }
  }
  return { chunks, photos: readable ? photos : null };
}

/**
 * Removes what belongs to no record: parts, checksums and summaries of jobs that are gone, photos that no
 * job and no loose part has. A record that is there but cannot be read keeps all that is its own, and no photo is
 * removed while there is such a job.
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
  'photo',
  'sheet',
  'study',
  'part',
  'shop',
  'job',
];

async function removeAll(): Promise<string[]> {
  const pause = pacer();
  const keys: string[] = [];
  for (const kind of KINDS) {
    keys.push(...(await keysUnder(`${kind}/`)));
    await pause();
  }
  const { chunks, photos } = await belongings(
    keys.filter((key) => isJob(key) || key.startsWith('part/')),
  );
  const isGone = (id: string): boolean => !chunks.has(id);
  const orphaned: Readonly<Record<string, (id: string, at: string) => boolean>> = {
    job: isGone,
    brief: isGone,
    copy: isGone,
    entries: (id, at) => Number(at) >= (chunks.get(id) ?? 0),
    photo: (id) => photos !== null && !photos.has(id),
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
  const there = new Set(keys);
  for (const key of keys.filter((k) => k.startsWith('seal/'))) {
    const of = key.slice('seal/'.length);
    if (!there.has(of) || left.has(of)) left.add(key);
  }
  if (left.size > 0) await dropTexts([...left]);
  return [...left];
}
