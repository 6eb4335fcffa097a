import { parse, printParseErrorCode, type ParseError } from 'jsonc-parser';
import { array, number, object, string } from 'yup';
import { jobSchema, type Job } from './job';
import { isLoose, migrate, type Loose, type RecordKind } from './migrate';
import { moment } from '../schema/fields';
import { photoSchema, type Photo } from './photo';
import { checked, FileError } from './problems';
import { sheetSchema, type Sheet } from './sheet';
import { shopSchema, type Shop } from './shop';
import { studySchema, type Study } from './study';

/** Name and version of the app's own file format; docs/file-format.md describes it. */
export const FILE_FORMAT = 'dial-bench';
export const FILE_VERSION = 2;

export const fileSchema = object({
  format: string().oneOf([FILE_FORMAT]).required(),
  version: number().oneOf([FILE_VERSION]).required(),
  savedAt: moment(),
  sheets: array(sheetSchema).required(),
  jobs: array(jobSchema).required(),
  studies: array(studySchema).required(),
  photos: array(photoSchema).required(),
  /** The shop's settings and instruments: in a backup only. */
  shop: shopSchema.nullable().defined(),
})
  .noUnknown()
  .required();

/** Records as they travel between benches: one job, a set of sheets, or everything. */
export interface BenchFile {
  readonly format: typeof FILE_FORMAT;
  readonly version: number;
  readonly savedAt: string;
  readonly sheets: readonly Sheet[];
  readonly jobs: readonly Job[];
  readonly studies: readonly Study[];
  readonly photos: readonly Photo[];
  readonly shop: Shop | null;
}

/** Returns the text of a file with these records. */
export function writeFile(
  records: Partial<Pick<BenchFile, 'sheets' | 'jobs' | 'studies' | 'photos' | 'shop'>>,
  savedAt: string,
): string {
  const file: BenchFile = {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    savedAt,
    sheets: records.sheets ?? [],
    jobs: records.jobs ?? [],
    studies: records.studies ?? [],
    photos: records.photos ?? [],
    shop: records.shop ?? null,
  };
  return `${JSON.stringify(file, null, 1)}\n`;
}

function refuse(place: string, message: string): never {
  throw new FileError([{ place, message }]);
}

function placeIn(text: string, offset: number): string {
  const before = text.slice(0, offset).split('\n');
  return `line ${before.length}, column ${(before.at(-1)?.length ?? 0) + 1}`;
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    const errors: ParseError[] = [];
    parse(text, errors, { disallowComments: true });
    const first = errors[0];
    const offset = first?.offset ?? text.length;
    const what = first ? printParseErrorCode(first.error) : 'unknown';
    const cutShort =
      what.startsWith('UnexpectedEnd') ||
      offset + (first?.length ?? 0) >= text.trimEnd().length - 1;
    refuse(
      placeIn(text, offset),
      cutShort
        ? 'The file ends in the middle: it was cut short when it was saved or copied.'
        : `Not readable as JSON (${what}).`,
    );
  }
}

/** The records of a file by its fields. */
const LISTS = [
  ['sheets', 'sheet'],
  ['jobs', 'job'],
  ['studies', 'study'],
  ['photos', 'photo'],
] as const;

/** Brings one record of a file up to the present version; what is wrong with it is said by its place in the file. */
function broughtUp(kind: RecordKind, record: unknown, place: string): unknown {
  if (!isLoose(record)) return record;
  try {
    return migrate(kind, record);
  } catch (error) {
    if (!(error instanceof FileError)) throw error;
    throw new FileError(
      error.problems.map((p) => ({ place: `${place}.${p.place}`, message: p.message })),
    );
  }
}

/** Brings a file of an older version up to the present one: its records each have a version of their own. */
function migrateFile(file: Loose): Loose {
  const lists = LISTS.map(([field, kind]) => {
    const list = file[field];
    return [
      field,
      Array.isArray(list) ? list.map((r, i) => broughtUp(kind, r, `${field}[${i}]`)) : list,
    ];
  });
  return {
    ...file,
    version: FILE_VERSION,
    ...Object.fromEntries(lists),
    shop: broughtUp('shop', file.shop, 'shop'),
  };
}

/**
 * Reads a file of the app's own format: whole, or not at all.
 *
 * @throws FileError where it is cut short, not ours, of a newer version than
 * is known here, or where a record in it is wrong
 */
export function readFile(text: string): BenchFile {
  if (text.trim() === '') refuse('line 1, column 1', 'The file is empty.');
  const value = readJson(text);
  if (typeof value !== 'object' || value === null || !('format' in value)) {
    refuse('the file', 'Not a Dial Bench file: it does not name its format.');
  }
  const { format, version } = value as { format: unknown; version?: unknown };
  if (format !== FILE_FORMAT) refuse('format', 'Not a Dial Bench file.');
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    refuse('version', 'The version of the format is missing or is no whole number.');
  }
  if (version > FILE_VERSION) {
    refuse(
      'version',
      `Written by a newer Dial Bench (format ${version}; this one knows up to ${FILE_VERSION}). Update first.`,
    );
  }
  return checked<BenchFile>(fileSchema, migrateFile(value as Loose));
}
