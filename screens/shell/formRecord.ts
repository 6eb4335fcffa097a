import { ValidationError } from 'yup';

/** What is wrong with a form, by field. */
export type Errors = Partial<Record<string, string>>;

/** A record, or what is wrong with its form field by field. */
export type Read<T> = { ok: true; record: T } | { ok: false; errors: Errors };

/**
 * Checks what a form made of a record against its schema.
 *
 * @param fieldOf returns the field of the form at which a fault of the record is said, by its path
 */
export function validated<T>(
  schema: { validateSync(value: unknown, options: object): T },
  record: unknown,
  fieldOf: (path: string) => string,
): Read<T> {
  try {
    return { ok: true, record: schema.validateSync(record, { strict: true, abortEarly: false }) };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const list = error.inner.length > 0 ? error.inner : [error];
    const errors = Object.fromEntries(list.map((e) => [fieldOf(e.path ?? 'name'), e.message]));
    return { ok: false, errors };
  }
}
