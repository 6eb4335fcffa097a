import type { ShopUnit } from '@/core/quantity/units';
import { faultsOf, type Fault } from '@/core/schema/faults';
import { formOf, recordOf, type RecordField, type Row } from '@/core/schema/rows';

/** Reads the texts of the sheet's form; what is wrong is noted with the path of its field. */
export class Reader {
  readonly errors: Fault[] = [];

  constructor(readonly unit: ShopUnit) {}

  wrong(path: string, message: string): void {
    this.errors.push({ path, message });
  }

  /**
   * Returns what some fields of the form come to; null where one of them cannot be read.
   *
   * @param path under which they stand in the form; empty for those of the sheet itself
   * @param had the record as it was: a figure whose text nobody touched keeps it to the last digit
   */
  fields<R extends object>(
    path: string,
    fields: readonly RecordField[],
    form: object,
    had: R,
  ): R | null {
    const before = errorsOf(this);
    const record = had as Row;
    const shown = formOf(fields, record, this.unit);
    const read = recordOf(
      fields,
      { ...shown, ...form },
      { record, form: shown },
      this.unit,
      (name, message) => this.wrong(path ? `${path}.${name}` : name, message),
    );
    return errorsOf(this) === before ? ({ ...had, ...read } as R) : null;
  }
}

const errorsOf = ({ errors }: Reader): number => errors.length;

/** A list of the sheet that its form shows as a table: a line for each thing that its pump has, empty or not. */
export interface LineTable<R extends object, Line extends object = R> {
  /** Where its lines stand in the form. */
  readonly path: string;
  readonly fields: readonly RecordField[];
  /** Checks an entry; what is wrong is said at the field of the line. */
  readonly schema: Parameters<typeof faultsOf>[0];
  /** Returns what an empty line says. */
  readonly blank: (id: string) => Line;
  /** Returns the entry that a line stands for; null where it says nothing. */
  readonly entry: (line: Line) => R | null;
}

/** Returns the lines of a table as text, by what each is of. */
export const toLines = <R extends object, Line extends object>(
  { fields, blank }: LineTable<R, Line>,
  ids: readonly string[],
  find: (id: string) => Line | undefined,
  unit: ShopUnit,
): Record<string, Row> =>
  Object.fromEntries(ids.map((id) => [id, formOf(fields, (find(id) ?? blank(id)) as Row, unit)]));

/** Returns the entries that the lines of a table stand for. */
export const fromLines = <R extends object, Line extends object>(
  { path, fields, schema, blank, entry }: LineTable<R, Line>,
  ids: readonly string[],
  lines: Readonly<Record<string, object>>,
  find: (id: string) => Line | undefined,
  read: Reader,
): R[] =>
  ids.flatMap((id) => {
    const line = lines[id];
    const row = line ? read.fields(`${path}.${id}`, fields, line, find(id) ?? blank(id)) : null;
    const said = row && entry(row);
    if (!said) return [];
    for (const fault of faultsOf(schema, said)) {
      const field = fields.find(({ name, key = name }) => key === fault.path);
      read.wrong(`${path}.${id}.${field?.name ?? fault.path}`, fault.message);
    }
    return [said];
  });
