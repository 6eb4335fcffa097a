import { dimensionId, partId } from '@/core/pumps/ids';
import { readFileSync } from 'node:fs';
import { writeFile } from '@/core/records/fileFormat';
import { readFile } from '@/core/records/readFile';
import type { Job } from '@/core/records/job';
import { PHOTO_SCHEMA, type Photo } from '@/core/records/photo';
import { PART_SCHEMA, type ShelfPart } from '@/core/records/part';
import { STUDY_SCHEMA, type Study } from '@/core/records/study';
import { loadAll } from '../opened';
import { dropTexts, keysUnder } from '../storage';
import { writeBackup } from '../transfer/backup';
import { TransferDesk } from '../transfer/desk';
import { Course } from '../transfer/progress';

/** What the demo bench holds. */
export const demo = readFile(readFileSync('public/demo/highmoor.json', 'utf8'));
export const [job, other] = demo.jobs as [Job, Job];
export const [sheet] = demo.sheets;

/** Returns a picture of a job, or of a loose part. */
export const photo = (id: string, of = job.id): Photo => ({
  schema: PHOTO_SCHEMA,
  id,
  revision: 0,
  job: of,
  width: 8,
  height: 6,
  jpeg: 'data:image/jpeg;base64,/9j/4AAQ',
});
/** Returns a job that shows these photos of its tag. */
export const shows = (j: Job, ...ids: string[]): Job => ({
  ...j,
  photos: ids.map((id) => ({ id, at: '2026-11-23T09:00:00.000Z', by: '', of: 'tag' })),
});
/** Lies on the shelf, with one size. */
export const part: ShelfPart = {
  schema: PART_SCHEMA,
  id: 'part-1',
  revision: 0,
  createdAt: '2026-11-20T09:00:00.000Z',
  label: 'GS-12',
  sheet: 'demo-sheet-veltrane-t6',
  model: 'Veltrane T6 front pump',
  parts: ['drive', 'driven'].map(partId),
  variant: null,
  make: 'Oskerry',
  origin: 'used',
  from: 'HM-0409',
  condition: 'clean, no marks',
  place: 'bin 4',
  photos: [],
  state: 'here',
  takenFor: '',
  takenBy: null,
  sizes: [{ dimension: dimensionId('drive-width'), value_mm: 20.012, u_mm: 0.002 }],
};

/** A study of which nothing was read yet. */
export const study: Study = {
  schema: STUDY_SCHEMA,
  id: 'study-1',
  revision: 0,
  createdAt: '2026-11-20T09:00:00.000Z',
  what: 'Gear width',
  instrument: 'outside-mic',
  people: ['Ivo K.', 'Runa T.'],
  parts: ['A', 'B'],
  trials: 2,
  readings: [],
};

export const quietly = () => undefined;
export const AT = '2026-11-25T09:00:00.000Z';
/** Returns a file with these records, as the app writes it. */
export const fileOf = (records: Parameters<typeof writeFile>[0]) =>
  new Blob([writeFile(records, AT)]);
/** Empties the store. */
export const empty = async () => dropTexts(await keysUnder(''));
/** Returns a backup of all that is stored. */
export const backup = async () => (await writeBackup(new Course())).file;

/** Returns what a file would change; throws what is wrong with it. */
export async function planned(file: Blob, desk = new TransferDesk()) {
  const outcome = await desk.plan(file, quietly);
  if (!outcome.ok)
    throw new Error(outcome.problems.map((p) => `${p.place}: ${p.message}`).join('\n'));
  return outcome.value;
}
/** Takes a file in, and returns what it said that it would change. */
export async function imported(file: Blob) {
  const desk = new TransferDesk();
  const preview = await planned(file, desk);
  expect(await desk.apply(quietly)).toEqual({
    ok: true,
    value: { notTaken: [], misplaced: [] },
  });
  return preview;
}
/** Lists what a file would do to each record. */
export const effects = async (file: Blob) =>
  (await planned(file)).lines.map(({ kind, name, effect }) => `${kind} ${name}: ${effect}`);
/** Returns everything that is kept, whatever seals and summaries are made of it. */
export async function keptRecords() {
  const kinds = ['job', 'sheet', 'study', 'part', 'photo', 'shop'] as const;
  return Object.fromEntries(
    await Promise.all(kinds.map(async (kind) => [kind, (await loadAll(kind)).records] as const)),
  );
}
