import type { FieldPath, FieldValues, UseFormReturn } from 'react-hook-form';

/** Says what is wrong with the fields of a form, each at its place, and goes to the first of them. */
export function pointAt<F extends FieldValues>(
  { setError }: Pick<UseFormReturn<F>, 'setError'>,
  errors: Readonly<Partial<Record<FieldPath<F>, string>>>,
): void {
  Object.entries<string | undefined>(errors).forEach(([field, message = ''], i) =>
    setError(field as FieldPath<F>, { message }, { shouldFocus: i === 0 }),
  );
}
