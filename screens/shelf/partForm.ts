import { tried } from '@/core/errors';
import type { Dimension } from '@/core/pumps/family';
import { pumpOf } from '@/core/pumps/registry';
import { formatLength, trimmed } from '@/core/quantity/format';
import { namesUnit, parseReading } from '@/core/quantity/parse';
import { bareUnit, MM_PER, type ShopUnit } from '@/core/quantity/units';
import { ORIGINS, partSchema, type PartSize, type ShelfPart } from '@/core/records/part';
import { USUAL_U_MM } from '@/core/records/partsColumns';
import type { Sheet } from '@/core/records/sheet';
import { farFromSheet } from '@/core/instruments/doubt';
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

/** A doubt as people write it: to a tenth of a micrometre, or a hundredth of a thou. */
const fine = (mm: number, unit: ShopUnit): string =>
  trimmed(mm / MM_PER[unit], unit === 'mm' ? 4 : 2);

export function partToForm(part: ShelfPart, sheet: Sheet, unit: ShopUnit): PartForm {
  const { label, place, make, origin, from, variant, condition } = part;
  const of = (text: (size: PartSize) => string) =>
    Object.fromEntries(
      dimensionsOf(sheet, part).map(({ id }) => {
        const size = part.sizes.find(({ dimension }) => dimension === id);
        return [id, size ? text(size) : ''];
      }),
    );
  return {
    label,
    place,
    make,
    origin,
    from,
    variant: variant ?? '',
    condition,
    sizes: of(({ value_mm }) => formatLength(value_mm, 'size', unit)),
    doubts: of(({ u_mm }) => fine(u_mm, unit)),
  };
}

/** Names the shop's unit where a doubt names none: less than a tenth of a thou is usual for it, and no inch. */
const inUnit = (text: string, unit: ShopUnit): string =>
  namesUnit(text) ? text : [text, unit].join(' ');

/** Returns a length that was typed; what is wrong with it is said at its field. */
function typed(
  text: string,
  kind: 'size' | 'gap',
  unit: ShopUnit,
  wrong: (message: string) => void,
): number {
  const read = tried(() => parseReading(text, kind, bareUnit(kind, unit)).mm);
  if (read.ok) return read.value;
  wrong(read.message);
  return 0;
}

/** The loose part that a form describes; sizes whose text was not touched keep what they were. */
export function partFromForm(
  form: PartForm,
  before: ShelfPart,
  sheet: Sheet,
  unit: ShopUnit,
): Read<ShelfPart> {
  const errors: Errors = {};
  const shown = partToForm(before, sheet, unit);
  const sizes = dimensionsOf(sheet, before).flatMap(({ id }): PartSize[] => {
    const [size = '', doubt = ''] = [form.sizes[id]?.trim(), form.doubts[id]?.trim()];
    const was = before.sizes.find(({ dimension }) => dimension === id);
    if (was && size === shown.sizes[id] && doubt === shown.doubts[id]) return [was];
    if (size === '') {
      if (doubt !== '' && doubt !== shown.doubts[id]) errors[`sizes.${id}`] = 'Enter the size too.';
      return [];
    }
    const value_mm = typed(size, 'size', unit, (m) => (errors[`sizes.${id}`] = m));
    const u_mm =
      doubt === ''
        ? USUAL_U_MM
        : was && doubt === shown.doubts[id]
          ? was.u_mm
          : typed(inUnit(doubt, unit), 'gap', unit, (m) => (errors[`doubts.${id}`] = m));
    return [{ dimension: id, value_mm, u_mm }];
  });
  if (Object.keys(errors).length > 0) return { ok: false, errors };
  const record = {
    ...before,
    label: form.label.trim(),
    place: form.place.trim(),
    make: form.make.trim(),
    origin: form.origin,
    from: form.from.trim(),
    variant: form.variant || null,
    condition: form.condition.trim(),
    sizes,
  };
  return validated(partSchema, record, (path) => {
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
