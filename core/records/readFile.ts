import { parse, printParseErrorCode, type ParseError } from 'jsonc-parser';
import { array, mixed } from 'yup';
import { decode, jobReader, type Kinds } from './decode';
import { FILE_FORMAT, FILE_VERSION, fileSchema, type BenchFile } from './fileFormat';
import { isLoose, type Loose } from './loose';
import type { RecordKind } from './kind';
import { checked, FileError, problemsOf, type FileProblem } from './problems';
import { say } from '../wording/say';

function refuse(place: string, message: string): never {
  throw new FileError([{ place, message }]);
}

function placeIn(text: string, offset: number): string {
  const before = text.slice(0, offset).split('\n');
  return say('records.lineColumn', {
    line: before.length,
    column: (before.at(-1)?.length ?? 0) + 1,
  });
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
        : 'This file is damaged at this place. Save or copy it again.',
    );
  }
}

/** The records of a file by its fields. */
const LISTS = [
  ['sheets', 'sheet'],
  ['jobs', 'job'],
  ['studies', 'study'],
  ['parts', 'part'],
  ['photos', 'photo'],
  ['traces', 'trace'],
] as const satisfies readonly (readonly [keyof BenchFile, RecordKind])[];

/** A record as it stands in a file. */
export interface FileRow<K extends RecordKind = RecordKind> {
  readonly kind: K;
  /** Names its place in the file: `jobs[3]`. */
  readonly place: string;
  /** As it was parsed. */
  readonly raw: unknown;
}

/** A record of a file as it can be kept, or null and what is wrong with it. */
export interface Found<R = Kinds[RecordKind]> extends FileRow {
  readonly record: R | null;
  readonly problems: readonly FileProblem[];
}

/** Returns the id that a record of a file gives, whatever else is wrong with it; empty for none. */
export const idIn = (raw: unknown): string =>
  isLoose(raw) && typeof raw.id === 'string' ? raw.id : '';

/** Returns what comes of reading a record of a file; what is wrong with it is said with its place. */
export function foundBy<R>(row: FileRow, read: (row: FileRow) => R): Found<R> {
  try {
    return { ...row, record: read(row), problems: [] };
  } catch (error) {
    const problems = problemsOf(error).map(({ place, message }) => ({
      place: ['the record', 'the file'].includes(place) ? row.place : `${row.place}.${place}`,
      message,
    }));
    return { ...row, record: null, problems };
  }
}

/**
 * Returns what looks at the records of one file, one after the other: brings each up to the present
 * version and checks it. One whose id another of its kind before it had is refused.
 *
 * @param context `STORED` for what a bench kept: rules that are newer than it are not asked
 */
export function finder(context: object = {}): (row: FileRow) => Found {
  const taken = new Set<string>();
  const readJob = jobReader(context);
  const read = ({ kind, raw }: FileRow) =>
    kind === 'job' ? readJob(raw) : decode(kind, raw, context);
  return (row) => {
    const id = idIn(row.raw);
    const key = `${row.kind}/${id}`;
    if (id === '' || !taken.has(key)) {
      taken.add(key);
      return foundBy(row, read);
    }
    const message = say('records.twice', { id });
    return { ...row, record: null, problems: [{ place: `${row.place}.id`, message }] };
  };
}

/** A file whose head is sound, with its records as they stand in it. */
export interface OpenedFile {
  readonly savedAt: string;
  readonly app: string;
  readonly rows: readonly FileRow[];
}

/** Stands for the version of the app that wrote a file which does not name it. */
const UNTOLD = 'not named';

const headSchema = fileSchema
  .shape(Object.fromEntries(LISTS.map(([field]) => [field, array().required()])))
  .shape({ shop: mixed().nullable().defined() });

/**
 * Opens a file of the app's own format; its records are not looked at.
 *
 * @throws FileError where it is cut short, not ours, of a newer version than is known here, or where
 * its head is wrong
 */
export function openFile(text: string): OpenedFile {
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
    refuse('version', say('records.newerFile', { version, known: FILE_VERSION }));
  }
  // The records each have a version of their own. A list that is not there has nothing in it: before version 5 there was
  // no shelf. Before version 9 no file named the version that wrote it.
  const since = {
    ...Object.fromEntries(LISTS.map(([field]) => [field, []])),
    shop: null,
    ...(version < 9 ? { app: UNTOLD } : {}),
  };
  const head = { ...since, ...(value as Loose), version: FILE_VERSION };
  const file = checked<Loose>(headSchema, head);
  const rows: FileRow[] = LISTS.flatMap(([field, kind]) =>
    (file[field] as unknown[]).map((raw, i) => ({ kind, place: `${field}[${i}]`, raw })),
  );
  const shop: FileRow[] =
    file.shop === null ? [] : [{ kind: 'shop', place: 'shop', raw: file.shop }];
  return { savedAt: String(file.savedAt), app: String(file.app), rows: [...rows, ...shop] };
}

/**
 * Reads a file of the app's own format: whole, or not at all.
 *
 * @throws FileError where it cannot be opened, or where a record in it is wrong
 */
export function readFile(text: string): BenchFile {
  const { savedAt, app, rows } = openFile(text);
  const all = rows.map(finder());
  const problems = all.flatMap((one) => one.problems);
  if (problems.length > 0) throw new FileError(problems);
  const of = <K extends RecordKind>(kind: K) =>
    all.flatMap((one) => (one.kind === kind ? [one.record as Kinds[K]] : []));
  return {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    savedAt,
    app,
    sheets: of('sheet'),
    jobs: of('job'),
    studies: of('study'),
    parts: of('part'),
    photos: of('photo'),
    traces: of('trace'),
    shop: of('shop')[0] ?? null,
  };
}
