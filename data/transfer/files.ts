import { writeFile } from '../../core/records/fileFormat';
import type { Job } from '../../core/records/job';
import type { ShelfPart } from '../../core/records/part';
import type { Photo } from '../../core/records/photo';
import type { Sheet } from '../../core/records/sheet';
import { now } from '../create';
import { load } from '../opened';
import { piecesOfJob } from '../traces';

/** The photos of a job, of loose parts or of a sheet that are here; one that was lost does not hold the others up. */
async function photosOf(
  ...owners: readonly Pick<Job | ShelfPart | Sheet, 'photos'>[]
): Promise<Photo[]> {
  const ids = owners.flatMap(({ photos }) => photos.map(({ id }) => id));
  const photos = await Promise.all(ids.map((id) => load('photo', id).catch(() => null)));
  return photos.filter((photo) => photo !== null);
}

/** Returns a job with its photos and its runs as the text of a file. */
export async function jobFile(job: Job): Promise<string> {
  const [photos, traces] = await Promise.all([photosOf(job), piecesOfJob(job.id)]);
  return writeFile({ jobs: [job], photos, traces }, now());
}

/** Returns loose parts with their photos as the text of a file. */
export async function shelfFile(parts: readonly ShelfPart[]): Promise<string> {
  return writeFile({ parts, photos: await photosOf(...parts) }, now());
}

/** Returns a sheet with its photos as the text of a file. */
export async function sheetFile(sheet: Sheet): Promise<string> {
  return writeFile({ sheets: [sheet], photos: await photosOf(sheet) }, now());
}
