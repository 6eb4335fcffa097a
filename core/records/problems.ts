import type { Schema } from 'yup';
import { faultsOf } from '../schema/faults';

/** One thing that is wrong with a record or a file, and where: a line and column, or the path of a field. */
export interface FileProblem {
  readonly place: string;
  readonly message: string;
}

/** Tells of a record or a file that was refused whole, with everything that is wrong with it. */
export class FileError extends Error {
  constructor(
    readonly problems: readonly FileProblem[],
    cause?: unknown,
  ) {
    super(problems.map((p) => `${p.place}: ${p.message}`).join('\n'), { cause });
    this.name = 'FileError';
  }
}

/** Said of a record in which something lies where nothing of its kind belongs: no rule had a word for it. */
const ODD =
  'Something in it is not what belongs there: it was damaged, or written by another program.';

/** Returns what is wrong with a record, whatever went wrong while it was read. */
export const problemsOf = (error: unknown): readonly FileProblem[] =>
  error instanceof FileError
    ? error.problems
    : [{ place: 'the record', message: isSaid(error) ? error.message : ODD }];

/** Tells whether an error was made for people to read. */
const isSaid = (error: unknown): error is Error => error instanceof Error && error.name === 'Error';

/**
 * Returns what comes of reading something that may be odd in any way.
 *
 * @throws FileError whatever goes wrong: what a record holds is nobody's fault but the record's
 */
export function readOdd<T>(read: () => T): T {
  try {
    return read();
  } catch (error) {
    throw error instanceof FileError ? error : new FileError(problemsOf(error), error);
  }
}

/** Problems listed at most: past that a file is simply not ours. */
const MOST_PROBLEMS = 20;

/**
 * Checks a value against a schema and says everything that is wrong with it.
 *
 * @param context what the rules may ask of where the value comes from: `STORED`
 * @throws FileError with the path of each field that is wrong
 */
export function checked<T>(schema: Schema, value: unknown, context: object = {}): T {
  const faults = faultsOf(schema, value, context);
  if (faults.length === 0) return value as T;
  throw new FileError(
    faults
      .slice(0, MOST_PROBLEMS)
      .map(({ path, message }) => ({ place: path || 'the file', message })),
  );
}
