import { InputError } from '../errors';
import { echoLength } from './format';
import { MM_PER, tidy_mm, type LengthKind, type LengthUnit } from './units';

/** A reading as it was understood. */
export interface ParsedReading {
  readonly mm: number;
  /** The reading in both systems, as it was understood: `2.5 thou = 0.0635 mm`. */
  readonly echo: string;
}

/** No clearance in a pump is wider; a larger one is a size, or a slip of the decimal point. */
export const WIDEST_GAP_MM = 25;

/** No part of a pump is larger; a larger one is a slip of the unit or of the decimal point. */
export const LARGEST_SIZE_MM = 5000;

/** Longest text that is kept on one line. */
export const LONGEST_LINE = 200;

/** Under thou a bare number smaller than this is inches: nobody works to 0.1 thou with a leaf. */
const INCHES_BELOW = 0.1;

const SUFFIXES: readonly (readonly [RegExp, LengthUnit])[] = [
  [/(?:µm|μm|um)$/i, 'um'],
  [/mm$/i, 'mm'],
  [/(?:tenths|tenth)$/i, 'tenths'],
  [/thou$/i, 'thou'],
  [/(?:in|"|″|”)$/i, 'in'],
];

const VULGAR: Readonly<Record<string, string>> = { '½': '1/2', '¼': '1/4', '¾': '3/4' };

const DECIMAL = /^(?:\d+(?:[.,]\d*)?|[.,]\d+)$/;
const FRACTION = /^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$/;

/** Returns the value of an unsigned number as people write it, or NaN. */
function numberOf(text: string): number {
  if (DECIMAL.test(text)) return Number(text.replace(',', '.'));
  const fraction = FRACTION.exec(text);
  if (!fraction) return NaN;
  const [, whole, over, under] = fraction;
  return Number(whole ?? 0) + Number(over) / Number(under);
}

/** Returns a number as it was written, and the unit that is written behind it; null for a bare one. */
function split(written: string): { readonly bare: string; readonly unit: LengthUnit | null } {
  const suffix = SUFFIXES.find(([pattern]) => pattern.test(written));
  const bare = (suffix ? written.replace(suffix[0], '') : written)
    .replace(/[½¼¾]/g, (glyph) => ` ${VULGAR[glyph]}`)
    .trim();
  return { bare, unit: suffix?.[1] ?? null };
}

/** Returns the unit of a bare number, as `parseReading` has it. */
const unitOfBare = (value: number, unit: 'thou' | 'in' | 'mm'): 'thou' | 'in' | 'mm' =>
  unit === 'thou' && value < INCHES_BELOW ? 'in' : unit;

/** Tells whether a length is written with its unit. */
export const namesUnit = (text: string): boolean => split(text.trim()).unit !== null;

/**
 * Writes a length as it was typed, with the unit that it was understood in where it named none.
 *
 * @param unit the unit of a bare number
 * @example `31 thou` stays; `31` under thou is `31 thou`, and `.0045` is `.0045 in`
 */
export function asTyped(text: string, unit: 'thou' | 'in' | 'mm'): string {
  const written = text.trim();
  const { bare, unit: named } = split(written);
  if (named) return written;
  const value = numberOf(bare);
  return `${written} ${Number.isFinite(value) ? unitOfBare(value, unit) : unit}`;
}

/** Reads a plain number as people write it, a comma or a point, any minus; null for nothing, NaN for none. */
export function parseNumber(text: string): number | null {
  const written = text.trim();
  return written === '' ? null : Number(written.replace(',', '.').replace(/^[−–]/, '-'));
}

/**
 * Reads a length the way people in the trade write it.
 *
 * A suffix wins (`mm`, `um`, `µm`, `in`, `"`, `thou`, `tenths` of a thou);
 * a bare number is in `unit`, except that under `thou` a number below 0.1 is
 * inches (`.0035`). Fractions (`1/2`, `2 1/2`, `2-1/2`, `2½`) and a decimal
 * comma are read.
 *
 * @param unit the unit of a bare number
 * @returns the length in mm, and the echo of how it was understood
 * @throws InputError on `text`: empty, too long, not a number, below zero, a gap over 25 mm or a size over 5 m
 */
export function parseReading(
  text: string,
  kind: LengthKind,
  unit: 'thou' | 'in' | 'mm',
): ParsedReading {
  const written = text.trim();
  const fail = (code: string, message: string): never => {
    throw new InputError('text', code, message, { text: written });
  };
  if (written === '')
    fail('empty', 'Nothing entered: a reading is a number such as 0.05 or 2-1/2 thou.');

  if (written.length > LONGEST_LINE)
    fail('too-long', `A reading is written in at most ${LONGEST_LINE} characters.`);

  const { bare, unit: named } = split(written);
  const below = /^[-−–]/.test(bare);
  const value = numberOf(bare.replace(/^[-−–+]\s*/, ''));
  if (!Number.isFinite(value))
    fail('not-a-number', `“${written}” is not a number that can be read as a length.`);
  if (below && value !== 0)
    fail('below-zero', `“${written}” is below zero: a gap or a size cannot be negative.`);

  const understood: LengthUnit = named ?? unitOfBare(value, unit);
  const mm = tidy_mm(value * MM_PER[understood]);
  if (!Number.isFinite(mm))
    fail('not-a-number', `“${written}” is not a number that can be read as a length.`);
  if (kind === 'gap' && mm > WIDEST_GAP_MM) {
    fail(
      'too-wide',
      `${echoLength(mm, kind)} is over ${WIDEST_GAP_MM} mm: too wide for a gap. Check the unit.`,
    );
  }
  if (mm > LARGEST_SIZE_MM) {
    fail(
      'too-large',
      `${echoLength(mm, kind)} is over ${LARGEST_SIZE_MM / 1000} m: no part of a pump is that large. Check the unit.`,
    );
  }
  return { mm, echo: echoLength(mm, kind) };
}
