import { tried } from '../errors';
import type { ShopUnit } from '../quantity/units';
import { asIs, type Written } from './written';

/** A record or a form by the names of its fields. */
export type Row = Readonly<Record<string, unknown>>;

/** One field of a record: its name in the form, what it is of the record, and how it is written. */
export interface RecordField {
  readonly name: string;
  /** The field of the record, or two that are written as one; its name where it is the same. */
  readonly key?: string | readonly [string, string];
  /** Says how it is written; to the letter where it is left out. */
  readonly as?: Written<unknown>;
  /** Says what is said where nothing is written; it may be empty where this is left out. */
  readonly need?: string;
  /** Tells whether a form like this has it; else the record has `none`. */
  readonly when?: (form: Row) => boolean;
  readonly none?: unknown;
}

/** Says what is wrong with a field of a form. */
export type Wrong = (name: string, message: string) => void;

const valueOf = (record: Row, { name, key = name }: RecordField): unknown =>
  typeof key === 'string' ? record[key] : key.map((k) => record[k]);

const asFields = ({ name, key = name }: RecordField, value: unknown): Row =>
  typeof key === 'string'
    ? { [key]: value }
    : Object.fromEntries(key.map((k, i) => [k, (value as readonly unknown[] | null)?.[i] ?? null]));

/** Returns the fields of a record as a form writes them. */
export const formOf = (fields: readonly RecordField[], record: Row, unit: ShopUnit): Row =>
  Object.fromEntries(
    fields.map((field) => {
      const { name, as = asIs as Written<unknown> } = field;
      return [name, as.write(valueOf(record, field), unit)];
    }),
  );

/**
 * Returns what the fields of a form come to. A text that cannot be read is said at its field, and the record keeps what
 * it had.
 *
 * @param had the record before the form, and the form as it was written of that; null for a new one
 */
export function recordOf(
  fields: readonly RecordField[],
  form: Row,
  had: { readonly record: Row; readonly form: Row } | null,
  unit: ShopUnit,
  wrong: Wrong,
): Row {
  return Object.assign(
    {},
    ...fields.map((field): Row => {
      const { name, as = asIs, need, when, none = null } = field;
      if (when && !when(form)) return asFields(field, none);
      const text = String(form[name] ?? '');
      const was = had ? valueOf(had.record, field) : none;
      if (need && text.trim() === '') wrong(name, need);
      if (as.rounds && had && text === had.form[name]) return asFields(field, was);
      const read = tried((): unknown => as.read(text, unit));
      if (read.ok) return asFields(field, read.value);
      if (!need || text.trim() !== '') wrong(name, read.message);
      return asFields(field, was);
    }),
  ) as Row;
}
