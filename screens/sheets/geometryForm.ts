import { dequal } from 'dequal';
import { familyOf, problemsOf } from '@/core/pumps/registry';
import type { ShopUnit } from '@/core/quantity/units';
import type { Sheet } from '@/core/records/sheet';
import { DESCRIBED } from '@/core/schema/fields';
import { formOf, type RecordField, type Row } from '@/core/schema/rows';
import { asIs, decimal, length, orNull, type Written } from '@/core/schema/written';
import type { Reader } from './reader';

/** Tells whether a field of a family's geometry is a length: it is written in the shop's unit. */
const isLength = (family: string, field: string): boolean =>
  (familyOf(family).geometry.describe().fields[field] as { meta?: { unit?: string } } | undefined)
    ?.meta?.unit === 'mm';

/** Lengths in the shop's unit; counts, angles and choices as they are. */
function fieldsOf({ family, geometry }: Sheet): RecordField[] {
  const kindOf = (name: string, value: unknown): Written<unknown> =>
    typeof value !== 'number' ? asIs : orNull(isLength(family, name) ? length('size') : decimal(4));
  return Object.entries(geometry).map(([name, value]) => ({ name, as: kindOf(name, value) }));
}

/** Returns the geometry of a sheet's pump as text. */
export const toGeometryForm = (sheet: Sheet, unit: ShopUnit): Record<string, string> =>
  formOf(fieldsOf(sheet), sheet.geometry as Row, unit) as Record<string, string>;

/** Returns the geometry that a form describes; as it was where a field cannot be read, or no pump can be so. */
export function fromGeometryForm(form: Record<string, string>, sheet: Sheet, read: Reader): object {
  const geometry = read.fields('geometry', fieldsOf(sheet), form, sheet.geometry);
  if (!geometry) return sheet.geometry;
  // What a sheet of old says of its pump is left to it: it is doubted, not refused.
  const isOld = dequal(geometry, sheet.geometry);
  const problems = problemsOf({ family: sheet.family, geometry }, isOld ? DESCRIBED : {});
  problems.forEach(({ field, message }) => read.wrong(`geometry.${field}`, message));
  return problems.length > 0 ? sheet.geometry : geometry;
}
