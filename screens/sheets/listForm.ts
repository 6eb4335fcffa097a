import type { ShopUnit } from '@/core/quantity/units';
import { formOf, recordOf, type RecordField } from '@/core/schema/rows';
import { length, range, list as listOf } from '@/core/schema/written';
import { tried } from '@/core/errors';
import type { Sheet } from '@/core/records/sheet';
import type { Reader } from './formReader';
import {
  RANGE_FAULTS,
  type ListForms,
  type ListName,
  type SheetList,
  type SheetLists,
} from './lists';

type Row = Record<string, unknown>;
type AnyList = SheetList<Row, Row>;

/** Lists what of an entry goes field by field. */
const fieldsOf = ({ fields, kept = [] }: AnyList): RecordField[] => [
  ...kept.map((name) => ({ name })),
  ...fields.filter((field) => !field.apart).map((field) => field as RecordField),
];

/** Returns a list of a sheet as its form has it, lengths in the shop's unit. */
export function listToForm<N extends ListName>(
  lists: SheetLists,
  name: N,
  records: Sheet[N],
  unit: ShopUnit,
): ListForms[N] {
  const list = lists[name] as unknown as AnyList;
  return (records as readonly unknown[]).map((record) => ({
    ...formOf(fieldsOf(list), record as Row, unit),
    ...list.apart?.write(record as Row, unit),
  })) as unknown as ListForms[N];
}

/**
 * Returns what the form has of a list; what is wrong is noted with its path.
 *
 * @param before the list as the form had it, and as the sheet has it: an entry goes by its id, else by its place
 */
export function listFromForm<N extends ListName>(
  lists: SheetLists,
  name: N,
  form: ListForms[N],
  before: { readonly form: ListForms[N]; readonly records: Sheet[N] },
  unit: ShopUnit,
  read: Reader,
): Sheet[N] {
  const list = lists[name] as unknown as AnyList;
  const [rows, shown, stored] = [form, before.form, before.records] as unknown as Row[][];
  return (rows ?? []).map((row, i) => {
    const at = 'id' in row ? (stored?.findIndex(({ id }) => id === row.id) ?? -1) : i;
    const [record, written] = [stored?.[at], shown?.[at]];
    const had = record && written ? { record, form: written } : null;
    const wrong = (field: string, message: string) => read.wrong(`${name}.${i}.${field}`, message);
    const fields = recordOf(fieldsOf(list), row, had, unit, wrong);
    list.check?.(row, wrong);
    return { ...fields, ...list.apart?.read(row) };
  }) as unknown as Sheet[N];
}

const markRange = range(length('size'), RANGE_FAULTS);

/** The marks of the variants as text, each by its check. */
export const marksToForm = (
  { marks }: Sheet['variants'][number],
  unit: ShopUnit,
): Record<string, string> =>
  Object.fromEntries(
    marks.map((m) => [m.check, m.option ?? markRange.write([m.from_mm, m.to_mm], unit)]),
  );

/** What the form says of the marks of a variant; a range that nobody touched stays to the last digit. */
export function marksFromForm(
  key: ListForms['key'],
  { marks }: ListForms['variants'][number],
  had: Sheet['variants'][number] | undefined,
  unit: ShopUnit,
  wrong: (check: string, message: string) => void,
): Sheet['variants'][number]['marks'] {
  const shown = had ? marksToForm(had, unit) : {};
  return key.flatMap(({ id: check, kind, options }): Sheet['variants'][number]['marks'] => {
    const text = marks[check] ?? '';
    if (text.trim() === '') return [];
    if (kind !== 'size') {
      const known = listOf().read(options, unit).includes(text);
      return known ? [{ check, option: text, from_mm: null, to_mm: null }] : [];
    }
    const was = had?.marks.find((m) => m.check === check);
    if (was && text === shown[check]) return [{ ...was, option: null }];
    const ends = tried(() => markRange.read(text, unit));
    if (!ends.ok) wrong(check, ends.message);
    const [from_mm, to_mm] = ends.ok ? ends.value : [null, null];
    return [{ check, option: null, from_mm, to_mm }];
  });
}
