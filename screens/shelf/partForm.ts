import { tried } from '@/core/errors';
import type { Dimension } from '@/core/pumps/family';
import { pumpOf } from '@/core/pumps/registry';
import { namesUnit, parseReading } from '@/core/quantity/parse';
import { bareUnit, type ShopUnit } from '@/core/quantity/units';
import {
  ORIGINS,
  partSchema,
  type PartSize,
  type ShelfPart,
  PART_WORDS,
} from '@/core/records/part';
import { USUAL_U_MM } from '@/core/records/partsColumns';
import type { Sheet } from '@/core/records/sheet';
import { farFromSheet } from '@/core/instruments/doubt';
import { formOf, recordOf, type RecordField, type Row } from '@/core/schema/rows';
import { asIs, fine, length, orNull, words, type Written } from '@/core/schema/written';
import { validated, type Errors, type Read } from '../shell/formRecord';

/** A loose part as a form: every figure as text, its sizes and their doubts by dimension. */
export interface PartForm {
  label: string;
  place: string;
  make: string;
  origin: ShelfPart['origin'];
  from: string;
  /** Empty for one that nobody knows. */
  variant: string;
  condition: string;
  sizes: Record<string, string>;
  doubts: Record<string, string>;
}

const ORIGIN_NAME: Readonly<Record<ShelfPart['origin'], string>> = { new: 'New', used: 'Used' };

export const ORIGIN_OPTIONS = ORIGINS.map((value) => ({ value, name: ORIGIN_NAME[value] }));

/** Lists the dimensions that can be measured of loose parts. */
export const dimensionsOf = (sheet: Sheet, { parts }: Pick<ShelfPart, 'parts'>): Dimension[] =>
  pumpOf(sheet).dimensions.filter(({ part }) => parts.includes(part));

/** The fields of a loose part, its sizes apart. */
const FIELDS: readonly RecordField[] = [
  ...PART_WORDS.map((name) => ({ name, as: words })),
  { name: 'origin' },
  { name: 'variant', as: orNull(asIs) },
];

/** A doubt; in the shop's unit where it names none: less than a tenth of a thou is usual for it, and no inch. */
const doubt: Written<number> = {
  ...fine,
  read: (text, unit) => {
    if (text.trim() === '') return USUAL_U_MM;
    return fine.read(namesUnit(text) ? text : [text, unit].join(' '), unit);
  },
};

/** The fields of a size: they stand in two lists of the form. */
const sizeFields = (dimension: string): RecordField[] => [
  { name: `sizes.${dimension}`, key: 'value_mm', as: length('size') },
  { name: `doubts.${dimension}`, key: 'u_mm', as: doubt },
];

const sizeIn = ({ sizes }: ShelfPart, dimension: string): PartSize | undefined =>
  sizes.find((size) => size.dimension === dimension);

export function partToForm(part: ShelfPart, sheet: Sheet, unit: ShopUnit): PartForm {
  const [sizes, doubts] = [{}, {}] as [PartForm['sizes'], PartForm['doubts']];
  for (const { id } of dimensionsOf(sheet, part)) {
    const size = sizeIn(part, id);
    const texts = size ? formOf(sizeFields(id), size, unit) : {};
    [sizes[id], doubts[id]] = [texts[`sizes.${id}`], texts[`doubts.${id}`]].map((text) =>
      String(text ?? ''),
    ) as [string, string];
  }
  return { ...(formOf(FIELDS, part, unit) as Omit<PartForm, 'sizes' | 'doubts'>), sizes, doubts };
}

/** The loose part that a form describes; sizes whose text was not touched keep what they were. */
export function partFromForm(
  form: PartForm,
  before: ShelfPart,
  sheet: Sheet,
  unit: ShopUnit,
): Read<ShelfPart> {
  const errors: Errors = {};
  const wrong = (field: string, message: string) => {
    errors[field] = message;
  };
  const shown = partToForm(before, sheet, unit);
  const had = { record: before, form: shown as unknown as Row };
  const sizes = dimensionsOf(sheet, before).flatMap(({ id }): PartSize[] => {
    const textsIn = ({ sizes, doubts }: PartForm) => ({
      [`sizes.${id}`]: sizes[id]?.trim() ?? '',
      [`doubts.${id}`]: doubts[id]?.trim() ?? '',
    });
    const [texts, were, was] = [textsIn(form), textsIn(shown), sizeIn(before, id)];
    if (texts[`sizes.${id}`] === '') {
      const u = texts[`doubts.${id}`];
      if (u !== '' && u !== were[`doubts.${id}`]) wrong(`sizes.${id}`, 'Enter the size too.');
      return [];
    }
    const known = was ? { record: was, form: were } : null;
    const size = recordOf(sizeFields(id), texts, known, unit, wrong) as Omit<PartSize, 'dimension'>;
    return [{ dimension: id, ...size }];
  });
  const fields = recordOf(FIELDS, form as unknown as Row, had, unit, wrong);
  if (Object.keys(errors).length > 0) return { ok: false, errors };
  return validated(partSchema, { ...before, ...fields, sizes }, (path) => {
    const at = /^sizes\[(\d+)\]\.(value_mm|u_mm)$/.exec(path);
    if (!at) return path;
    const dimension = sizes[Number(at[1])]?.dimension ?? '';
    return [at[2] === 'u_mm' ? 'doubts' : 'sizes', dimension].join('.');
  });
}

/** Returns how a size that was typed is understood, where it is not as it stands in the record: in both systems. */
export function sizeHint(text: string, shown: string, unit: ShopUnit): string | null {
  const written = text.trim();
  if (written === '' || written === shown) return null;
  const read = tried(() => parseReading(written, 'size', bareUnit('size', unit)).echo);
  return read.ok ? read.value : null;
}

/** Lists the sizes of a form that are far off what the sheet says, by their fields; those that were not touched are not asked about. */
export function doubtsOf(
  record: ShelfPart,
  before: ShelfPart,
  sheet: Sheet,
  unit: ShopUnit,
): Record<string, string> {
  const tiers = sheet.tiers.map(({ id }) => id);
  return Object.fromEntries(
    dimensionsOf(sheet, record).flatMap((dimension) => {
      const of = (part: ShelfPart) =>
        part.sizes.find((s) => s.dimension === dimension.id)?.value_mm;
      const value_mm = of(record);
      if (value_mm === undefined || value_mm === of(before)) return [];
      const why = farFromSheet(sheet, tiers, dimension, value_mm, unit);
      return why ? [[`sizes.${dimension.id}`, why]] : [];
    }),
  );
}
