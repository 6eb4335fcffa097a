import { unparse } from 'papaparse';
import { MM_PER } from '../quantity/units';
import { FORMULA } from './csvCell';
import type { ShelfPart } from './part';
import { AS_SAVED, COLUMNS, doubtColumn, sizeColumn, tableSign, type Unit } from './partsColumns';
import type { Sheet } from './sheet';
import { fieldsOf, isOrder } from './split';

/** Decimals by which a length comes back as it was, and never with an exponent, which nobody writes. */
const DECIMALS: Readonly<Record<Unit, number>> = { mm: 9, in: 12 };

/** Writes a length for a column. */
const written = (mm: number, unit: Unit): string =>
  (mm / MM_PER[unit]).toFixed(DECIMALS[unit]).replace(/\.?0+$/, '');

/** Returns the sign of each field of a part, for the table. */
const savedSigns = (part: ShelfPart): string =>
  [...fieldsOf('part', part)]
    .filter(([field]) => !isOrder(field) && !field.startsWith('photos/'))
    .map(([field, value]) => `${field}=${tableSign(value)}`)
    .join(' ');

/**
 * Returns loose parts as CSV, one a line, with two columns for each size: its value and its standard uncertainty. A
 * formula in a cell is defused.
 *
 * @param unit of the sizes: the shop's
 */
export function partsCsv(
  parts: readonly ShelfPart[],
  sheets: readonly Sheet[],
  unit: Unit = 'mm',
): string {
  const sizes = [...new Set(parts.flatMap((p) => p.sizes.map((s) => s.dimension)))].sort();
  const rows = parts.map((part) => {
    const sheet = sheets.find(({ id }) => id === part.sheet);
    const variant = sheet?.variants.find(({ id }) => id === part.variant)?.name;
    return {
      ...part,
      parts: part.parts.join('; '),
      variant: variant ?? part.variant ?? '',
      taken_for: part.takenFor,
      [AS_SAVED]: savedSigns(part),
      ...Object.fromEntries(
        part.sizes.flatMap(({ dimension, value_mm, u_mm }) => [
          [sizeColumn(dimension, unit), written(value_mm, unit)],
          [doubtColumn(dimension, unit), written(u_mm, unit)],
        ]),
      ),
    };
  });
  const columns = [
    ...COLUMNS,
    ...sizes.flatMap((s) => [sizeColumn(s, unit), doubtColumn(s, unit)]),
    AS_SAVED,
  ];
  return unparse(rows, { columns, escapeFormulae: FORMULA });
}
