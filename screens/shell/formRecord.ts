import { faultsOf } from '@/core/schema/faults';

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
  schema: Parameters<typeof faultsOf>[0],
  record: T,
  fieldOf: (path: string) => string,
): Read<T> {
  const faults = faultsOf(schema, record);
  if (faults.length === 0) return { ok: true, record };
  const errors = faults.map(({ path, message }) => [fieldOf(path || 'name'), message] as const);
  return { ok: false, errors: Object.fromEntries(errors) };
}
