import type { Schema } from 'yup';
import { DESCRIBED, STORED } from '../schema/fields';
import { SCHEMA, type Kinds } from './decode';
import { entrySchemaOf, type Entry } from './entry';
import { jobSchema, strayEntry, type Job } from './job';
import type { RecordKind } from './kind';
import { checked, FileError } from './problems';

const isSound = (schema: Schema, value: unknown): boolean =>
  schema.isValidSync(value, { strict: true, context: DESCRIBED });

/** Checks a value that takes the place of another; where that one broke a newer rule already, so may this one. */
function checkedAfter(schema: Schema, after: unknown, before: unknown): void {
  try {
    checked(schema, after, DESCRIBED);
  } catch (error) {
    if (before === undefined || isSound(schema, before)) throw error;
    checked(schema, after, STORED);
  }
}

/** Runs a check of something that is part of a record, and says its place in that. */
function at(place: string, check: () => void): void {
  try {
    check();
  } catch (error) {
    if (!(error instanceof FileError)) throw error;
    throw new FileError(
      error.problems.map((p) => ({
        place: p.place === 'the file' ? place : `${place}.${p.place}`,
        message: p.message,
      })),
    );
  }
}

/** Checks the entries that a job has now and had not before, each by its own schema. */
function checkEntries(before: Job | null, after: Job): void {
  const known = new Set<Entry>(before?.journal);
  const ids = new Set(before?.journal.map(({ id }) => id));
  for (const [i, entry] of after.journal.entries()) {
    if (known.has(entry)) continue;
    const place = `journal[${i}]`;
    at(place, () => checked(entrySchemaOf(entry.kind) as Schema, entry));
    const stray = strayEntry(after.sheet, entry);
    if (stray) {
      throw new FileError([{ place: `${place}${stray[0]}`, message: stray[1] }]);
    }
    if (ids.has(entry.id)) {
      throw new FileError([{ place, message: 'An entry is there twice' }]);
    }
    ids.add(entry.id);
  }
}

/** Fields of a job that its other fields have to agree with: where one of them changes, all of it is checked. */
const AGREED: readonly (keyof Job)[] = ['sheet', 'tier'];

function checkJob(before: Job, after: Job): void {
  const fields = jobSchema.fields as unknown as Readonly<Record<string, Schema>>;
  const names = Object.keys(after) as (keyof Job)[];
  const changed = names.filter((name) => name !== 'journal' && after[name] !== before[name]);
  if (changed.some((name) => AGREED.includes(name))) {
    return checkedAfter(jobSchema, after, before);
  }
  for (const name of changed) {
    const schema = fields[name];
    if (!schema) throw new FileError([{ place: name, message: 'No such field in a job' }]);
    at(name, () => checkedAfter(schema, after[name], before[name]));
  }
  if (after.journal !== before.journal) checkEntries(before, after);
}

/**
 * Checks what a change made of a record: nothing may be stored that would not be read again. Of a
 * job, which grows by an entry at each tap, only what is new is looked at.
 *
 * @param before null for a new record
 * @throws FileError with everything that is wrong, and where
 */
export function checkChange<K extends RecordKind>(
  kind: K,
  before: Kinds[K] | null,
  after: Kinds[K],
): void {
  if (kind === 'job' && before) checkJob(before as Job, after as Job);
  else checkedAfter(SCHEMA[kind], after, before ?? undefined);
}
