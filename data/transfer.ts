import { dequal } from 'dequal';
import { readFile, writeFile } from '../core/records/file';
import type { Job } from '../core/records/job';
import type { Photo } from '../core/records/photo';
import type { Sheet } from '../core/records/sheet';
import { now } from './create';
import { load, loadAll, saveNew, UnreadableRecord, type Filed } from './records';

/** What importing a record would do to what is kept here. */
export type Effect = 'add' | 'replace' | 'same';

/** One line of the preview of an import. */
export type Planned = Filed & { readonly name: string; readonly effect: Effect };

async function effectOf({ kind, record }: Filed): Promise<Effect> {
  try {
    const here = await load(kind, record.id);
    if (!here) return 'add';
    return dequal(here, record) ? 'same' : 'replace';
  } catch (error) {
    if (error instanceof UnreadableRecord) return 'replace';
    throw error;
  }
}

function nameOf(filed: Filed): string {
  switch (filed.kind) {
    case 'job':
      return filed.record.tag;
    case 'sheet':
      return filed.record.model;
    case 'study':
      return filed.record.what;
    case 'photo':
      return 'photo';
    case 'shop':
      return 'settings and instruments';
  }
}

/**
 * Reads a file and says what importing it would do. Nothing is changed.
 *
 * @throws FileError with everything that is wrong with the file
 */
export async function planImport(text: string): Promise<Planned[]> {
  const { jobs, sheets, studies, photos, shop } = readFile(text);
  const filed: Filed[] = [
    ...sheets.map((record) => ({ kind: 'sheet' as const, record })),
    ...jobs.map((record) => ({ kind: 'job' as const, record })),
    ...studies.map((record) => ({ kind: 'study' as const, record })),
    ...photos.map((record) => ({ kind: 'photo' as const, record })),
    ...(shop ? [{ kind: 'shop' as const, record: shop }] : []),
  ];
  const planned: Planned[] = [];
  for (const f of filed) planned.push({ ...f, name: nameOf(f), effect: await effectOf(f) });
  return planned;
}

/** Writes the records of an import: all of them, or none. */
export async function applyImport(planned: readonly Planned[]): Promise<void> {
  await saveNew(planned.filter((p) => p.effect !== 'same'));
}

/** The photos of a job that are here; one that was lost does not hold the others up. */
async function photosOf(job: Job): Promise<Photo[]> {
  const photos = await Promise.all(job.photos.map(({ id }) => load('photo', id).catch(() => null)));
  return photos.filter((photo) => photo !== null);
}

/** A job with its photos as a file. */
export async function jobFile(job: Job): Promise<string> {
  return writeFile({ jobs: [job], photos: await photosOf(job) }, now());
}

export function sheetFile(sheet: Sheet): string {
  return writeFile({ sheets: [sheet] }, now());
}

/** Everything that can be read, as one file. */
export async function backupFile(): Promise<string> {
  const [jobs, sheets, studies, photos] = [
    await loadAll('job'),
    await loadAll('sheet'),
    await loadAll('study'),
    await loadAll('photo'),
  ];
  return writeFile(
    {
      jobs: jobs.records,
      sheets: sheets.records,
      studies: studies.records,
      photos: photos.records,
      shop: await load('shop', 'shop'),
    },
    now(),
  );
}
