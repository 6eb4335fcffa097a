import type { Job } from '../core/records/job';
import { chunksIn } from './jobTexts';
import { dropTexts, keysUnder, readTexts } from './storage';

/** What the jobs in storage say that belongs to them. */
interface Belongings {
  /** Chunks of each job that lies in parts. */
  readonly chunks: ReadonlyMap<string, number>;
  /** Photos of all jobs; null while there is a job that cannot be read, whose photos nobody knows. */
  readonly photos: ReadonlySet<string> | null;
}

function belongings(heads: Readonly<Record<string, string | null>>): Belongings {
  const chunks = new Map<string, number>();
  const photos = new Set<string>();
  let readable = true;
  for (const [key, text] of Object.entries(heads)) {
    if (text === null) continue;
    try {
      const head = JSON.parse(text) as Pick<Job, 'photos'>;
      for (const { id } of head.photos) photos.add(id);
      const count = chunksIn(head);
      if (count !== null) chunks.set(key.slice('job/'.length), count);
    } catch {
      readable = false;
    }
  }
  return { chunks, photos: readable ? photos : null };
}

/**
 * Removes what belongs to no record: parts, checksums and summaries of jobs that are gone, photos that no
 * job has. A record that is there but cannot be read keeps all that is its own, and no photo is
 * removed while there is such a job.
 *
 * @returns the keys that were removed
 */
export async function removeOrphans(): Promise<string[]> {
  const keys = await keysUnder('');
  const heads = await readTexts(keys.filter((key) => key.startsWith('job/')));
  const there = new Set(keys.filter((key) => heads[key] !== null));
  const { chunks, photos } = belongings(heads);
  const orphaned: Readonly<Record<string, (id: string, at: string) => boolean>> = {
    job: (id) => !there.has(`job/${id}`),
    brief: (id) => !there.has(`job/${id}`),
    copy: (id) => !there.has(`job/${id}`),
    entries: (id, at) => !there.has(`job/${id}`) || Number(at) >= (chunks.get(id) ?? Infinity),
    photo: (id) => photos !== null && !photos.has(id),
  };
  const isOrphan = (key: string): boolean => {
    const [kind = '', id = '', at = ''] = key.split('/');
    return orphaned[kind]?.(id, at) ?? false;
  };
  const left = new Set(keys.filter(isOrphan));
  for (const key of keys.filter((k) => k.startsWith('seal/'))) {
    const of = key.slice('seal/'.length);
    if (!there.has(of) || left.has(of)) left.add(key);
  }
  if (left.size > 0) await dropTexts([...left]);
  return [...left];
}
