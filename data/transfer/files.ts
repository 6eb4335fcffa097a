import { writeFile } from '../../core/records/file';
import type { Job } from '../../core/records/job';
import type { Photo } from '../../core/records/photo';
import type { Sheet } from '../../core/records/sheet';
import { now } from '../create';
import { load } from '../records';

/** The photos of a job that are here; one that was lost does not hold the others up. */
async function photosOf(job: Job): Promise<Photo[]> {
  const photos = await Promise.all(job.photos.map(({ id }) => load('photo', id).catch(() => null)));
  return photos.filter((photo) => photo !== null);
}

/** Returns a job with its photos as the text of a file. */
export async function jobFile(job: Job): Promise<string> {
  return writeFile({ jobs: [job], photos: await photosOf(job) }, now());
}

/** Returns a sheet as the text of a file. */
export function sheetFile(sheet: Sheet): string {
  return writeFile({ sheets: [sheet] }, now());
}
