import { ValidationError, type Schema } from 'yup';

/** One thing that is wrong with a record or a file, and where: a line and column, or the path of a field. */
export interface FileProblem {
  readonly place: string;
  readonly message: string;
}

/** Tells of a record or a file that was refused whole, with everything that is wrong with it. */
export class FileError extends Error {
  constructor(readonly problems: readonly FileProblem[]) {
    super(problems.map((p) => `${p.place}: ${p.message}`).join('\n'));
    this.name = 'FileError';
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
  try {
    return schema.validateSync(value, { strict: true, abortEarly: false, context }) as T;
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const inner = error.inner.length > 0 ? error.inner : [error];
    throw new FileError(
      inner
        .slice(0, MOST_PROBLEMS)
        .map((e) => ({ place: e.path || 'the file', message: e.message })),
    );
  }
}
