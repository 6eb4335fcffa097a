import { array, number, string } from 'yup';
import { jobSchema, type Job } from './job';
import { exact, line, moment } from '../schema/fields';
import { APP_VERSION } from './version';
import { partSchema, type ShelfPart } from './part';
import { photoSchema, type Photo } from './photo';
import { sheetSchema, type Sheet } from './sheet';
import { shopSchema, type Shop } from './shop';
import { studySchema, type Study } from './study';
import { traceSchema, type Trace } from './trace';
import { VERSION } from './kind';

/** Name and version of the app's own file format; docs/file-format.md describes it. The version is the highest of its records'. */
export const FILE_FORMAT = 'dial-bench';
export const FILE_VERSION = Math.max(...Object.values(VERSION));

export const fileSchema = exact({
  format: string().oneOf([FILE_FORMAT]).required(),
  version: number().oneOf([FILE_VERSION]).required(),
  savedAt: moment(),
  /** The version of the app that wrote it. */
  app: line().required(),
  sheets: array(sheetSchema).required(),
  jobs: array(jobSchema).required(),
  studies: array(studySchema).required(),
  parts: array(partSchema).required(),
  photos: array(photoSchema).required(),
  traces: array(traceSchema).required(),
  /** The shop's settings and instruments: in a backup only. */
  shop: shopSchema.nullable().defined(),
});

/** Records as they travel between benches: one job, a set of sheets, or everything. */
export interface BenchFile {
  readonly format: typeof FILE_FORMAT;
  readonly version: number;
  readonly savedAt: string;
  readonly app: string;
  readonly sheets: readonly Sheet[];
  readonly jobs: readonly Job[];
  readonly studies: readonly Study[];
  /** The shelf. */
  readonly parts: readonly ShelfPart[];
  readonly photos: readonly Photo[];
  /** The runs of tests, in pieces. */
  readonly traces: readonly Trace[];
  readonly shop: Shop | null;
}

/** Returns the text of a file with these records. */
export function writeFile(
  records: Partial<
    Pick<BenchFile, 'sheets' | 'jobs' | 'studies' | 'parts' | 'photos' | 'traces' | 'shop'>
  >,
  savedAt: string,
): string {
  const file: BenchFile = {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    savedAt,
    app: APP_VERSION,
    sheets: records.sheets ?? [],
    jobs: records.jobs ?? [],
    studies: records.studies ?? [],
    parts: records.parts ?? [],
    photos: records.photos ?? [],
    traces: records.traces ?? [],
    shop: records.shop ?? null,
  };
  return `${JSON.stringify(file, null, 1)}\n`;
}
