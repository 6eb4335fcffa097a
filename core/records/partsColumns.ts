import { signOf } from './marks';
import { plainCell } from './csvCell';
import type { PartSize } from './part';

/** Lists the columns of a table of loose parts but those of sizes. */
export const COLUMNS = [
  'id',
  'label',
  'sheet',
  'model',
  'parts',
  'variant',
  'make',
  'origin',
  'from',
  'condition',
  'place',
  'state',
  'taken_for',
] as const;

/**
 * Names the column that says what the fields of a line held when it was saved, each as a short sign: what a line still says is
 * nobody's edit, however the shelf has changed since.
 */
export const AS_SAVED = 'as_saved';

/** Says in which unit a size stands in its two columns: its value, and the standard uncertainty of that. */
export type Unit = 'mm' | 'in';

/**
 * Names the column of a size.
 *
 * @example
 * sizeColumn('drive-width', 'mm'); // 'drive-width_mm'
 */
export const sizeColumn = (dimension: string, unit: Unit): string => `${dimension}_${unit}`;
/**
 * Names the column of a size’s standard uncertainty.
 *
 * @example
 * doubtColumn('drive-width', 'mm'); // 'drive-width_u_mm'
 */
export const doubtColumn = (dimension: string, unit: Unit): string => `${dimension}_u_${unit}`;

/** Returns the size that a column is of, and its unit; null for a column of something else. */
export function sizeOfColumn(
  column: string,
): { readonly named: string; readonly unit: Unit; readonly isDoubt: boolean } | null {
  const [, named, doubt, unit] = /^(.+?)(_u)?_(mm|in)$/.exec(column) ?? [];
  return named ? { named, unit: unit as Unit, isDoubt: doubt !== undefined } : null;
}

/** Standard uncertainty of a size that a file gives none for, in mm: that of a careful reading in a shop. */
export const USUAL_U_MM = 0.005;

/** Decimals of a size in mm by which its sign goes. */
const SIGN_DECIMALS = 7;

/** Returns a sign of what a field holds, as far as a table can say it. */
export const tableSign = (value: unknown): string => signOf(sayable(value));

const sayable = (value: unknown): unknown =>
  isSize(value) ? roughly(value) : typeof value === 'string' ? backFrom(value) : value;

const roughly = ({ value_mm, u_mm }: PartSize): string =>
  [value_mm, u_mm].map((mm) => mm.toFixed(SIGN_DECIMALS)).join(' ');

const isSize = (value: unknown): value is PartSize =>
  typeof value === 'object' && value !== null && 'value_mm' in value;

/** Returns a text as it comes back from a cell. */
export const backFrom = (text: string): string => plainCell(text).trim();
