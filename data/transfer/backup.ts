import { dequal } from 'dequal';
import type { Kinds } from '../../core/records/decode';
import type { RecordKind } from '../../core/records/kind';
import { loadAside } from '../aside';
import { now } from '../create';
import { idsOf, keyOf, opened, readAll, UnreadableRecord } from '../opened';
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  END,
  HEAD,
  kindOfPart,
  PARTS,
  PHOTO_HEADS,
  pictureName,
  UNREADABLE,
  type RawRecord,
} from './layout';
import { APP_VERSION } from '../../core/records/version';
import { pictureOf, type PhotoHead } from './pictures';
import type { Course } from './progress';
import { piecesOf, ZipWriter } from './zip';

/** So many records lie together in a file: damage to one takes no more with it. */
const PART = 200;

/** How many records there are of each kind, and how many that cannot be read. */
export type Counts = Readonly<Record<RecordKind | 'unreadable', number>>;

const NONE: Counts = {
  shop: 0,
  sheet: 0,
  study: 0,
  part: 0,
  job: 0,
  photo: 0,
  trace: 0,
  unreadable: 0,
};

/** A backup that was written and read back. */
export interface Backup {
  readonly file: Blob;
  readonly counts: Counts;
}

/** Everything there is to be written, and what came of it. */
class Writing {
  readonly zip = new ZipWriter();
  readonly counts = { ...NONE };
  readonly unreadable: RawRecord[] = [];
  private done = 0;

  constructor(
    private readonly course: Course,
    private readonly ids: Readonly<Record<RecordKind, readonly string[]>>,
  ) {}

  /** Hands over every record of a kind, one at a time; one that cannot be read is put aside as it is. */
  async each<K extends RecordKind>(kind: K, write: (record: Kinds[K]) => void): Promise<void> {
    const all = Object.values(this.ids).reduce((sum, list) => sum + list.length, 0);
    for (const id of this.ids[kind]) {
      await this.course.at('Writing', this.done++, all);
      const texts = await readAll(kind, id);
      try {
        const stored = opened(kind, id, texts);
        if (!stored) continue;
        write(stored.record);
        this.counts[kind] += 1;
      } catch (error) {
        const key = keyOf(kind, id);
        const raw = error instanceof UnreadableRecord ? error.raw : (texts.get(key) ?? '');
        this.unreadable.push({ key, raw });
        this.counts.unreadable += 1;
      }
    }
  }

  lines(name: string, values: readonly unknown[]): void {
    const line = this.zip.lines(name);
    for (const value of [...values, null]) line(value);
  }
}

/**
 * Writes a backup of everything, and reads it back. A record that cannot be read goes in as it is.
 *
 * @throws Cancelled, StorageError, or an Error where what was written does not read back as it was
 */
export async function writeBackup(course: Course): Promise<Backup> {
  const kinds = [...Object.values(PARTS), 'photo'] as const;
  const ids = await Promise.all(kinds.map(async (kind) => [kind, await idsOf(kind)] as const));
  const writing = new Writing(course, Object.fromEntries(ids) as Record<RecordKind, string[]>);
  const { zip, counts, unreadable } = writing;
  writing.lines(HEAD, [
    { format: BACKUP_FORMAT, version: BACKUP_VERSION, savedAt: now(), app: APP_VERSION },
  ]);
  for (const [name, kind] of Object.entries(PARTS)) {
    let line = zip.lines(`${name}-0.ndjson`);
    await writing.each(kind, (record) => {
      if (counts[kind] > 0 && counts[kind] % PART === 0) {
        line(null);
        line = zip.lines(`${name}-${counts[kind] / PART}.ndjson`);
      }
      line(record);
    });
    line(null);
  }
  const heads: PhotoHead[] = [];
  await writing.each('photo', (photo) => {
    const { head, bytes } = pictureOf(photo);
    zip.bytes(pictureName(head.id), bytes);
    heads.push(head);
  });
  writing.lines(PHOTO_HEADS, heads);
  const aside = await loadAside();
  counts.unreadable += aside.length;
  writing.lines(UNREADABLE, [...unreadable, ...aside]);
  writing.lines(END, [{ counts }]);
  const file = zip.end();
  await readBack(file, counts, course);
  return { file, counts };
}

/** @throws Error where a backup does not hold what was to be written into it */
async function readBack(file: Blob, counts: Counts, course: Course): Promise<void> {
  const read = { ...NONE };
  const all = Object.values(counts).reduce((sum, count) => sum + count, 0);
  let done = 0;
  for await (const piece of piecesOf(file)) {
    await course.at('Reading it back', Math.min(done++, all), all);
    if ('bytes' in piece) {
      read.photo += 1;
      continue;
    }
    // A line that cannot be read throws.
    JSON.parse(piece.line);
    const kind = piece.name === UNREADABLE ? 'unreadable' : kindOfPart(piece.name);
    if (kind) read[kind] += 1;
  }
  if (!dequal(read, counts)) {
    throw new Error('The backup was written, but it does not read back whole. Try again.');
  }
}
