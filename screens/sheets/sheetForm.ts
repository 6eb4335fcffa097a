import { dequal } from 'dequal';
import type { Mount } from '@/core/pumps/mount';
import { pumpOf } from '@/core/pumps/registry';
import type { ShopUnit } from '@/core/quantity/units';
import { sheetDoubts, type SheetDoubt } from '@/core/records/doubts';
import { sheetSchema, type Sheet } from '@/core/records/sheet';
import { faultsOf, type Fault } from '@/core/schema/faults';
import { DESCRIBED } from '@/core/schema/fields';
import { listed } from '@/core/wording/say';
import { formOf, type RecordField, type Row } from '@/core/schema/rows';
import { asIs, length, lines, orNull, words, type Written } from '@/core/schema/written';
import { fromFittedForm, toFittedForm, type FittedFields } from './FittedChoices';
import { followed } from './followed';
import { fromGeometryForm, toGeometryForm } from './geometryForm';
import { fromLimitForm, toLimitForm, type LimitForm } from './limitForm';
import { fromListForms, toListForms } from './listForm';
import type { ListForms } from './lists/lists';
import { fromMaterialForm, toMaterialForm, type MaterialForm } from './materialForm';
import { Reader } from './reader';
import { fromReversingForm, toReversingForm, type ReversingFields } from './ReversingChoices';
import { saySheets } from './saySheets';
import { fromWorkForm, toWorkForm, WASHERS, type WorkForm } from './workForm';

/** The sheet's form: every figure as text, as people write it. */
export interface SheetForm extends ListForms, WorkForm {
  model: string;
  note: string;
  gasket: string;
  /** What is said to whoever gets the pump back, a line for each thing. */
  handover: string;
  /** The part that lies on the transmission; empty while nobody said. */
  mount: '' | Mount;
  geometry: Record<string, string>;
  /** Fields of the geometry that are the example's still. */
  examples: string[];
  fitted: FittedFields;
  reversing: ReversingFields;
  materials: MaterialForm;
  nominal: Record<string, string>;
  tiers: Sheet['tiers'];
  limits: LimitForm;
}

/** What a form comes to: the sheet, what is wrong with it, and what only looks wrong. */
export interface FormResult {
  readonly sheet: Sheet;
  readonly errors: readonly Fault[];
  readonly doubts: readonly Fault[];
}

/** No gasket is one of no thickness. */
const gasket: Written<number> = {
  ...length('gap'),
  write: (mm, unit) => (mm === 0 ? '' : length('gap').write(mm, unit)),
  read: (text, unit) => (text.trim() === '' ? 0 : length('gap').read(text, unit)),
};

/** The fields of the sheet itself. */
const FIELDS: readonly RecordField[] = [
  { name: 'model', as: words, need: 'A sheet needs a model name.' },
  { name: 'note' },
  { name: 'mount', as: orNull(asIs) },
  { name: 'gasket', key: 'gasket_mm', as: gasket },
  WASHERS,
  { name: 'handover', as: lines },
];

/** A field for each size that the sheet may give. */
const nominalFields = (sheet: Sheet): RecordField[] =>
  pumpOf(sheet).dimensions.map(({ id }) => ({ name: id, as: orNull(length('size')) }));

const nominalIn = (sheet: Sheet): Row =>
  Object.fromEntries(
    pumpOf(sheet).dimensions.map(({ id }) => {
      const said = sheet.nominal.find(({ dimension }) => dimension === id);
      return [id, said?.value_mm ?? null];
    }),
  );

function fromNominal(form: Row, sheet: Sheet, read: Reader): Sheet['nominal'] {
  const sizes = read.fields('nominal', nominalFields(sheet), form, nominalIn(sheet)) ?? {};
  return pumpOf(sheet).dimensions.flatMap(({ id }) => {
    const value_mm = (sizes as Readonly<Record<string, number | null>>)[id] ?? null;
    return value_mm === null ? [] : [{ dimension: id, value_mm }];
  });
}

/** Returns the sheet as text, lengths in the shop's unit. Figures that the sheet does not give are empty. */
export const toForm = (sheet: Sheet, unit: ShopUnit): SheetForm =>
  ({
    ...formOf(FIELDS, sheet as unknown as Row, unit),
    fitted: toFittedForm(sheet),
    reversing: toReversingForm(sheet.reversing),
    ...toListForms(sheet, unit),
    ...toWorkForm(sheet, unit),
    geometry: toGeometryForm(sheet, unit),
    examples: [...sheet.examples],
    materials: toMaterialForm(sheet, unit),
    nominal: formOf(nominalFields(sheet), nominalIn(sheet), unit),
    tiers: sheet.tiers.map((t) => ({ ...t })),
    limits: toLimitForm(sheet, unit),
  }) as SheetForm;

/** The sheet that a form describes, or what is wrong with it, field by field; and what only looks wrong. */
export function fromForm(form: SheetForm, sheet: Sheet, unit: ShopUnit): FormResult {
  const read = new Reader(unit);
  const itself = read.fields('', FIELDS, form, sheet) ?? sheet;
  form.tiers.forEach((tier, i) => {
    if (tier.name.trim() === '') read.wrong(`tiers.${i}.name`, 'Enter a name for the limit set.');
  });
  const geometry = fromGeometryForm(form.geometry, sheet, read);
  const lists = fromListForms(form, sheet, read);
  const own = dequal(lists.own, sheet.own) ? sheet.own : lists.own;
  const pumped: Sheet = {
    ...sheet,
    own,
    geometry: dequal(geometry, sheet.geometry) ? sheet.geometry : geometry,
  };
  const shown = toGeometryForm(sheet, unit);
  const edited: Sheet = {
    ...itself,
    ...fromFittedForm(form.fitted),
    reversing: fromReversingForm(form.reversing),
    ...lists,
    photos: sheet.photos.filter(({ of }) => lists.tools.some(({ id }) => id === of)),
    own,
    geometry: pumped.geometry,
    ...fromWorkForm(form, sheet, read),
    // A size that somebody changed is an example's no more.
    examples: form.examples.filter((field) => form.geometry[field] === shown[field]),
    materials: fromMaterialForm(form.materials, pumped, read),
    nominal: fromNominal(form.nominal, pumped, read),
    tiers: form.tiers,
    limits: fromLimitForm(form, pumped, read),
  };
  const { lists: followers, kept: left } = followed(sheet, edited);
  const whole: Sheet = { ...edited, ...followers };
  // What the record's own schema would refuse is said as well, so that nothing unreadable is stored.
  if (read.errors.length === 0) {
    for (const { path, message } of faultsOf(sheetSchema, whole, DESCRIBED)) {
      read.wrong((path || 'model').replace(/\[(\d+)\]/g, '.$1'), message);
    }
  }
  const { errors } = read;
  return {
    sheet: whole,
    errors,
    doubts: errors.length > 0 ? [] : [...doubtsOf(whole), ...left, ...unplaced(whole)],
  };
}

function pathOf(at: SheetDoubt['at']): string {
  if (at.kind === 'limit') return `limits.${at.tier}.${at.characteristic}.upper`;
  return at.kind === 'nominal' ? `nominal.${at.dimension}` : `geometry.${at.field}`;
}

/** Says which parts no step of the sheet's own build puts in; nothing of a sheet that builds in the usual order. */
function unplaced(sheet: Sheet): Fault[] {
  const steps = sheet.assembly.filter(({ kind }) => kind !== 'clean');
  const placed = new Set(steps.flatMap(({ parts }) => parts));
  const left = pumpOf(sheet).parts.filter(({ id }) => !placed.has(id));
  if (sheet.assembly.length === 0 || left.length === 0) return [];
  const parts = listed(left.map(({ name }) => name));
  return [{ path: 'assembly', message: saySheets('sheets.unplaced', { parts }) }];
}

function doubtsOf(sheet: Sheet): Fault[] {
  return sheetDoubts(sheet).map(({ at, message }) => ({
    path: pathOf(at),
    message,
  }));
}
