import { ValidationError } from 'yup';

/** Says what a schema finds wrong: where in the value, and in which words. */
export interface Fault {
  readonly path: string;
  readonly message: string;
}

/**
 * Lists what a schema finds wrong with a value, as it is: nothing is read out of a text.
 *
 * @param context what the rules may ask of where the value comes from: `STORED`, `DESCRIBED`
 * @returns nothing where the value is right; of the value as a whole the path is empty
 */
export function faultsOf(
  schema: { validateSync(value: unknown, options: object): unknown },
  value: unknown,
  context: object = {},
): Fault[] {
  try {
    schema.validateSync(value, { strict: true, abortEarly: false, context });
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const faults = error.inner.length > 0 ? error.inner : [error];
    return faults.map(({ path, message }) => ({ path: path ?? '', message }));
  }
}
