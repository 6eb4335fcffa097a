import type { FieldPath, FieldValues } from 'react-hook-form';
import type { ShopUnit } from '@/core/quantity/units';
import { formOf, recordOf, type RecordField } from '@/core/schema/rows';
import { validated, type Errors, type Read } from './formRecord';
import { pointAt } from './pointAt';
import { useHeldUnit } from './useHeldUnit';
import { useKeptForm } from './useKeptForm';

/** A record's fields as a form has them, and what a form comes to. */
export interface RecordForm<R, F> {
  toForm(record: R, unit?: ShopUnit): F;
  /** The record that a form describes; a figure whose text was not touched keeps what it was. */
  fromForm(form: F, before: R, unit?: ShopUnit): Read<R>;
}

interface Parts<R, F> {
  /** Lists the fields that a record like this one has in its form. */
  readonly fields: (record: R) => readonly RecordField[];
  readonly schema: { validateSync(value: unknown, options: object): unknown };
  /** Returns what follows of a record from its form: a share that nobody touched goes with the whole. */
  readonly settled?: (record: R, form: F, before: { record: R; form: F }) => R;
}

/** An object as one whose fields go by their names. */
const fieldsIn = (object: object) => object as Readonly<Record<string, unknown>>;

/** Makes the form of a kind of record from its list of fields; its bounds are those of its schema. */
export function recordForm<R extends object, F extends object>(
  parts: Parts<R, F>,
): RecordForm<R, F> {
  const toForm = (record: R, unit: ShopUnit = 'mm') =>
    formOf(parts.fields(record), fieldsIn(record), unit) as F;
  const fromForm = (form: F, before: R, unit: ShopUnit = 'mm'): Read<R> => {
    const fields = parts.fields(before);
    const shown = toForm(before, unit);
    const errors: Errors = {};
    const had = { record: fieldsIn(before), form: fieldsIn(shown) };
    const read = recordOf(fields, fieldsIn(form), had, unit, (name, message) => {
      errors[name] = message;
    });
    if (Object.keys(errors).length > 0) return { ok: false, errors };
    const record = { ...before, ...read } as R;
    const settled = parts.settled?.(record, form, { record: before, form: shown }) ?? record;
    return validated(
      parts.schema as { validateSync(value: unknown, options: object): R },
      settled,
      (path) => fields.find(({ name, key = name }) => key === path)?.name ?? path,
    );
  };
  return { toForm, fromForm };
}

interface Options<R, F> {
  /** Under which what is typed and not saved is kept. */
  readonly key: string;
  readonly record: R;
  readonly unit?: ShopUnit;
  readonly form: RecordForm<R, F>;
  /** Changes the record as it is in storage; resolves to whether it was. */
  readonly onKeep: (change: (stored: R) => R) => Promise<boolean>;
  /** Returns what is stored: what the form read, unless something of it is not the form's. */
  readonly stored?: (read: R, stored: R) => R;
}

/** Holds a record's form: in the unit in which it was begun, with its draft, saved field by field at its place. */
export function useRecordForm<R, F extends FieldValues>(options: Options<R, F>) {
  const { key, record, form, onKeep } = options;
  const { held: unit, follow, take } = useHeldUnit(options.unit ?? 'mm');
  const kept = useKeptForm<F>({ key, stored: form.toForm(record, unit), unit, onUnit: take });
  const { handleSubmit, clearErrors, formState } = kept.form;
  follow(formState.isDirty);
  const save = handleSubmit(async (fields) => {
    clearErrors();
    const read = form.fromForm(fields, record, unit);
    if (!read.ok) {
      return pointAt(kept.form, read.errors as Partial<Record<FieldPath<F>, string>>);
    }
    await kept.save((check) =>
      onKeep((stored) => {
        check(form.toForm(stored, unit));
        return options.stored?.(read.record, stored) ?? read.record;
      }),
    );
  });
  return { kept, unit, save: () => void save(), isDirty: formState.isDirty };
}
