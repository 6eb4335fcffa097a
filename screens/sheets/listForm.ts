import type { ShopUnit } from '@/core/quantity/units';
import { formOf, recordOf, type RecordField, type Row } from '@/core/schema/rows';
import { length, range, list as listOf } from '@/core/schema/written';
import { tried } from '@/core/errors';
import type { Sheet } from '@/core/records/sheet';
import type { SheetList } from './lists/list';
import { sheetLists, type ListForms, type ListName, type SheetLists } from './lists/lists';
import { RANGE_FAULTS } from './lists/variants';
import type { Reader } from './reader';

type AnyList = SheetList<Row, Row>;

/** Lists what of an entry goes field by field. */
const fieldsOf = ({ fields, kept = [] }: AnyList): RecordField[] => [
  ...kept.map((name) => ({ name })),
  ...fields.filter((field) => !field.apart).map((field) => field as RecordField),
];

/** Returns a list of a sheet as its form has it, lengths in the shop's unit. */
function listToForm<N extends ListName>(
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
 * @param stored the list as the sheet has it: an entry goes by its id, else by its place
 */
function listFromForm<N extends ListName>(
  lists: SheetLists,
  name: N,
  form: ListForms[N],
  stored: Sheet[N],
  read: Reader,
): Sheet[N] {
  const list = lists[name] as unknown as AnyList;
  const [rows, records] = [form, stored] as unknown as Row[][];
  const shown = listToForm(lists, name, stored, read.unit) as unknown as Row[];
  return (rows ?? []).map((row, i) => {
    const at = 'id' in row ? (records?.findIndex(({ id }) => id === row.id) ?? -1) : i;
    const [record, written] = [records?.[at], shown[at]];
    const had = record && written ? { record, form: written } : null;
    const wrong = (field: string, message: string) => read.wrong(`${name}.${i}.${field}`, message);
    const fields = recordOf(fieldsOf(list), row, had, read.unit, wrong);
    list.check?.(row, wrong);
    return { ...fields, ...list.apart?.read(row) };
  }) as unknown as Sheet[N];
}

const markRange = range(length('size'), RANGE_FAULTS);

/** The marks of the variants as text, each by its check. */
const marksToForm = (
  { marks }: Sheet['variants'][number],
  unit: ShopUnit,
): Record<string, string> =>
  Object.fromEntries(
    marks.map((m) => [m.check, m.option ?? markRange.write([m.from_mm, m.to_mm], unit)]),
  );

/** What the form says of the marks of a variant; a range that nobody touched stays to the last digit. */
function marksFromForm(
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

/** Lists whose entries go field by field. */
const PLAIN = [
  'key',
  'mixes',
  'strip',
  'renew',
  'also',
  'small',
  'clutches',
  'book',
  'own',
  'sets',
  'fasteners',
  'assembly',
  'testPoints',
  'tools',
] as const;

/** The lists of a sheet as text. */
export function toListForms(
  sheet: Pick<Sheet, ListName | 'family' | 'geometry' | 'mount'>,
  unit: ShopUnit,
): ListForms {
  const lists = sheetLists(sheet, unit);
  const plain = PLAIN.map((name) => [name, listToForm(lists, name, sheet[name], unit)] as const);
  return {
    ...(Object.fromEntries(plain) as unknown as Omit<ListForms, 'variants'>),
    variants: listToForm(lists, 'variants', sheet.variants, unit).map((fields, i) => ({
      ...fields,
      marks: marksToForm(sheet.variants[i] as Sheet['variants'][number], unit),
    })),
  };
}

/** Drops what a step needs where that is done later: whoever put it before that meant it. */
const inOrder = (steps: Sheet['assembly']): Sheet['assembly'] =>
  steps.map((step, i) => {
    const later = new Set(steps.slice(i).map(({ id }) => id));
    return step.after.some((id) => later.has(id))
      ? { ...step, after: step.after.filter((id) => !later.has(id)) }
      : step;
  });

type Lists = Pick<Sheet, ListName>;

/** Returns what the form says of the lists of a sheet; what is wrong is noted with its path. */
export function fromListForms(form: ListForms, sheet: Sheet, read: Reader): Lists {
  const lists = sheetLists(sheet, read.unit);
  const listed = <N extends ListName>(name: N) =>
    listFromForm(lists, name, form[name], sheet[name], read);
  const plain = PLAIN.map((name) => [name, listed(name)] as const);
  const known = (id: string) => form.variants.some((v) => v.id === id);
  const all = Object.fromEntries(plain) as unknown as Omit<Lists, 'variants'>;
  return {
    ...all,
    assembly: inOrder(all.assembly),
    mixes: all.mixes.filter((m) => known(m.of) && known(m.in)),
    variants: listed('variants').map((fields, i) => {
      const variant = form.variants[i] as ListForms['variants'][number];
      const had = sheet.variants.find(({ id }) => id === variant.id);
      const wrong = (check: string, message: string) =>
        read.wrong(`variants.${i}.marks.${check}`, message);
      return { ...fields, marks: marksFromForm(form.key, variant, had, read.unit, wrong) };
    }),
  };
}
