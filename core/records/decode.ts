import { mixed, type Schema } from 'yup';
import { DESCRIBED } from '../schema/fields';
import { JOB_SCHEMA, jobSchema, type Job } from './job';
import { migrate } from './migrate';
import { isLoose } from './loose';
import type { RecordKind } from './kind';
import { partSchema, type ShelfPart } from './part';
import { photoSchema, type Photo } from './photo';
import { checked, FileError, readOdd } from './problems';
import { sheetSchema, type Sheet } from './sheet';
import { shopSchema, type Shop } from './shop';
import { studySchema, type Study } from './study';
import { traceSchema, type Trace } from './trace';

/** The kinds of record, each with its type. */
export interface Kinds {
  job: Job;
  sheet: Sheet;
  shop: Shop;
  study: Study;
  part: ShelfPart;
  photo: Photo;
  trace: Trace;
}

/** The schema of each kind of record, as the present version has it. */
export const SCHEMA: Readonly<Record<RecordKind, Schema>> = {
  job: jobSchema,
  sheet: sheetSchema,
  shop: shopSchema,
  study: studySchema,
  part: partSchema,
  photo: photoSchema,
  trace: traceSchema,
};

/**
 * Reads a record of any version that ever landed: what is stored and what comes in a file go
 * through here alike. It is brought up to the present version, then checked.
 *
 * @param value as it was parsed from JSON
 * @param context `STORED` where it lies in storage here: rules that are newer than it are not asked
 * @throws FileError where it is newer than is known here, or does not hold to its schema
 */
export function decode<K extends RecordKind>(
  kind: K,
  value: unknown,
  context: object = {},
): Kinds[K] {
  if (!isLoose(value)) {
    throw new FileError([{ place: 'the record', message: 'Not a record of this app.' }]);
  }
  return readOdd(() =>
    checked<Kinds[K]>(SCHEMA[kind], migrate(kind, value), { ...DESCRIBED, ...context }),
  );
}

/** A job whose sheet is known to be sound. */
const onSoundSheet = jobSchema.shape({ sheet: mixed().required() }) as Schema;

/**
 * Returns what decodes the jobs of one file, one after the other. Most of them are on the same few
 * sheets: each of those is checked once, and the jobs share it.
 *
 * @param context as for `decode`
 */
export function jobReader(context: object = {}): (value: unknown) => Job {
  const sheets = new Map<string, Sheet>();
  return (value) => {
    const text = isLoose(value) && value.schema === JOB_SCHEMA ? JSON.stringify(value.sheet) : null;
    const sheet = text === null ? undefined : sheets.get(text);
    if (sheet) {
      return readOdd(() => checked<Job>(onSoundSheet, { ...(value as object), sheet }, context));
    }
    const job = decode('job', value, context);
    if (text !== null) sheets.set(text, job.sheet);
    return job;
  };
}
