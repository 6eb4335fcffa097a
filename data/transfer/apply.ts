import type { Kinds } from '../../core/records/decode';
import { checkChange } from '../../core/records/changed';
import { foundBy } from '../../core/records/file';
import { say } from '../../core/wording/say';
import { aloneInStore } from '../locks';
import { keyOf, opened, textsInPlace } from '../records';
import { sealKey } from '../seal';
import { dropTexts, readTexts, writeTexts } from '../storage';
import { announce } from '../tabs';
import { plannedFor, type ImportPlan, type NotTaken, type Planned } from './plan';
import type { Course } from './progress';
import type { Source } from './source';

/** So much text of pictures is written at once. */
const AT_ONCE = 8_000_000;

/** The pictures that were written, by their keys, and those that turned out to be odd. */
interface Pictures {
  readonly written: readonly string[];
  readonly notTaken: readonly NotTaken[];
}

/** Writes the pictures that a plan takes; an odd one costs itself. Nobody shows them until their jobs are written. */
async function writePictures(
  wanted: ReadonlySet<string>,
  source: Source,
  course: Course,
): Promise<Pictures> {
  const notTaken: NotTaken[] = [];
  const written: string[] = [];
  let batch: Record<string, string | null> = {};
  let size = 0;
  let done = 0;
  const flush = async () => {
    await writeTexts(batch, 'relaxed');
    written.push(...Object.keys(batch));
    batch = {};
    size = 0;
  };
  try {
    for await (const photo of source.pictures(wanted)) {
      await course.at('Photos', done++, wanted.size);
      const place = say('storage.photo', { id: photo.id });
      const { record, problems } = foundBy({ kind: 'photo', place, raw: photo }, () => {
        checkChange('photo', null, photo);
        return photo;
      });
      if (!record) {
        notTaken.push({ kind: 'photo', name: photo.id, problems, raw: photo });
        continue;
      }
      Object.assign(batch, textsInPlace('photo', photo, new Map()));
      size += photo.jpeg.length;
      if (size > AT_ONCE) await flush();
    }
    await flush();
  } catch (error) {
    await dropTexts(written).catch(() => undefined);
    throw error;
  }
  return { written, notTaken };
}

/** Returns what has to be written of a record now: brought together anew where it changed since the plan. */
async function upToDate(planned: Planned, seal: string | null): Promise<Planned> {
  if (seal === planned.basis) return planned;
  const texts = new Map(Object.entries(planned.texts));
  const record = opened(planned.kind, planned.id, texts)?.record;
  return record ? plannedFor(planned.kind, record as Kinds[typeof planned.kind]) : planned;
}

/**
 * Does what a plan says, all of it or nothing. What was changed since the plan was made is brought
 * together once more, so that nothing of it is lost.
 *
 * @returns the pictures that could not be taken after all
 * @throws Cancelled, StorageError
 */
export async function applyImport(
  { planned }: ImportPlan,
  source: Source,
  course: Course,
): Promise<readonly NotTaken[]> {
  const writes = planned.filter(({ effect }) => effect !== 'same' && effect !== 'newer');
  const records = writes.filter(({ kind }) => kind !== 'photo');
  const pictures = new Set(writes.flatMap(({ kind, id }) => (kind === 'photo' ? [id] : [])));
  const notTaken = await aloneInStore(async () => {
    const { written, notTaken: odd } = await writePictures(pictures, source, course);
    try {
      const keys = records.map(({ kind, id }) => sealKey(keyOf(kind, id)));
      const seals = await readTexts(keys);
      const texts: Record<string, string | null> = {};
      for (const [i, record] of records.entries()) {
        await course.at('Writing', i, records.length);
        Object.assign(texts, (await upToDate(record, seals[keys[i] ?? ''] ?? null)).texts);
      }
      await writeTexts(texts);
      return odd;
    } catch (error) {
      await dropTexts(written).catch(() => undefined);
      throw error;
    }
  });
  announce('everything');
  return notTaken;
}
