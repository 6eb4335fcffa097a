import { InputError } from '../errors';
import { echoLength } from './format';
import { MM_PER, tidy_mm, type LengthKind, type LengthUnit } from './units';
import { say } from '../wording/say';

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
export const INCHES_BELOW = 0.1;

/** Lists how people write each unit, behind the number or before it. */
const SPELLINGS: Readonly<Record<LengthUnit, string>> = {
  um: '[µμ]m?|um|microns?|micromet(?:re|er)s?',
  mm: 'mm|millimet(?:re|er)s?',
  tenths: 'tenths?',
  thou: 'thou|thousandths?|mils?',
  in: 'in|inch|inches',
};

/** Signs that stand for inches behind a number: the double prime, and two single ones. */
const INCH_SIGNS = `"|″|”|'{2}|’{2}|′{2}`;

const written = (unit: LengthUnit): string =>
  unit === 'in' ? `${SPELLINGS.in}|${INCH_SIGNS}` : SPELLINGS[unit];

const UNITS = (Object.keys(SPELLINGS) as LengthUnit[]).map((unit) => ({
  unit,
  behind: new RegExp(`(?:${written(unit)})\\.?$`, 'i'),
  before: new RegExp(`^(?:${SPELLINGS[unit]})\\.?\\s+(?=[-−–+.,\\d¼-¾⅐-⅞])`, 'i'),
}));

/** Fractions with a sign of their own: `⅜`. */
const VULGAR = /[¼-¾⅐-⅞]/g;

const DECIMAL = /^(?:\d+(?:[.,]\d*)?|[.,]\d+)$/;

/** Matches digits that are set apart in threes by an apostrophe or a space: `1'000`, `1 000.5`. */
const IN_THREES = /^[1-9]\d{0,2}(?:(?:['’]\d{3})+|(?:[ \u00a0\u2009\u202f]\d{3})+)(?:[.,]\d*)?$/;

const GROUP_SIGNS = /['’ \u00a0\u2009\u202f]/g;
const FRACTION = /^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$/;

/** Returns the value of an unsigned number as people write it, or NaN. */
function numberOf(text: string): number {
  const plain = IN_THREES.test(text) ? text.replace(GROUP_SIGNS, '') : text;
  if (DECIMAL.test(plain)) return Number(plain.replace(',', '.'));
  const fraction = FRACTION.exec(text);
  if (!fraction) return NaN;
  const [, whole, over, under] = fraction;
  // Behind a whole number stands a part of one: `2 5/4` is a slip.
  if (whole !== undefined && Number(over) >= Number(under)) return NaN;
  return Number(whole ?? 0) + Number(over) / Number(under);
}

/** Returns a number as it was written, and the unit that is written with it; null for a bare one. */
function split(text: string): { readonly bare: string; readonly unit: LengthUnit | null } {
  const found = UNITS.flatMap(({ unit, behind, before }) =>
    [behind, before].flatMap((pattern) => (pattern.test(text) ? [{ unit, pattern }] : [])),
  )[0];
  const bare = (found ? text.replace(found.pattern, '') : text)
    // Unicode writes the sign out with a slash of its own: `⅜` is `3⁄8`.
    .replace(VULGAR, (sign) => ` ${sign.normalize('NFKC').replace('⁄', '/')}`)
    .trim();
  return { bare, unit: found?.unit ?? null };
}

/**
 * Returns a number that was written without its unit; null where a unit is named, or it is none.
 *
 * @param text as it was typed
 * @example
 * bareNumber('35'); // 35
 * bareNumber('35 thou'); // null
 * bareNumber('about 35'); // null
 */
export function bareNumber(text: string): number | null {
  const { bare, unit } = split(text.trim());
  const value = numberOf(bare);
  return unit === null && Number.isFinite(value) ? value : null;
}

/**
 * Returns the number of a length without the unit that is written with it.
 *
 * @param text a length as it was typed
 * @example
 * withoutUnit('2-1/2 thou'); // '2-1/2'
 */
export const withoutUnit = (text: string): string => split(text.trim()).bare;

/** Returns the unit of a bare number, as `parseReading` has it. */
const unitOfBare = (value: number, unit: 'thou' | 'in' | 'mm'): 'thou' | 'in' | 'mm' =>
  unit === 'thou' && value < INCHES_BELOW ? 'in' : unit;

/**
 * Tells whether a length is written with its unit.
 *
 * @param text a length as it was typed
 * @example
 * namesUnit('63µ'); // true
 * namesUnit('0.0635'); // false
 */
export const namesUnit = (text: string): boolean => split(text.trim()).unit !== null;

/**
 * Writes a length as it was typed, with the unit that it was understood in where it named none.
 *
 * @param text a length as it was typed
 * @param unit the unit of a bare number
 * @example
 * asTyped('31 thou', 'mm'); // '31 thou'
 * asTyped('31', 'thou'); // '31 thou'
 * asTyped('.0045', 'thou'); // '.0045 in'
 */
export function asTyped(text: string, unit: 'thou' | 'in' | 'mm'): string {
  const written = text.trim();
  const { bare, unit: named } = split(written);
  if (named) return written;
  const value = numberOf(bare);
  return `${written} ${Number.isFinite(value) ? unitOfBare(value, unit) : unit}`;
}

/**
 * Reads a plain number as people write it, a comma or a point, any minus; null for nothing, NaN for none.
 *
 * @param text as it was typed
 * @example
 * parseNumber('1,5'); // 1.5
 * parseNumber('−3'); // -3
 * parseNumber(' '); // null
 * parseNumber('three'); // NaN
 */
export function parseNumber(text: string): number | null {
  const written = text.trim();
  if (written === '') return null;
  const [, sign = '', bare = ''] = /^([-−–+]?)\s*(.*)$/.exec(written) ?? [];
  const value = DECIMAL.test(bare) ? Number(bare.replace(',', '.')) : NaN;
  return /[-−–]/.test(sign) ? -value : value;
}

/** A comma before exactly three digits sets thousands apart, but for one after a lone nought: `0,125` is a part of one. */
const GROUPED = /^[-−–+]?(?!0,)\d+(?:,\d{3})+(?:\.\d*)?$/;

/**
 * Reads a sum of money or a count as people write it; null for nothing, NaN for none.
 *
 * @param text as it was typed
 * @example
 * parseSum('1,200'); // 1200
 * parseSum('1,5'); // 1.5
 * parseSum('0,125'); // 0.125
 * parseSum('0x10'); // NaN
 */
export function parseSum(text: string): number | null {
  const written = text.trim();
  return parseNumber(GROUPED.test(written) ? written.replaceAll(',', '') : written);
}

/**
 * Reads a sum or a count that may be left out: null for nothing, undefined where it is none, below nought or over the most.
 *
 * @param text as it was typed
 * @param most the largest that it may be
 * @example
 * countIn('2,980', 1e8); // 2980
 * countIn('-1', 1e8); // undefined
 */
export function countIn(text: string, most: number): number | null | undefined {
  const value = parseSum(text);
  return value === null || (value >= 0 && value <= most) ? value : undefined;
}

/**
 * Reads a length the way people in the trade write it.
 *
 * A unit that is written wins, behind the number or before it: `mm`, `µm`, `63µ`, `microns`, `in.`,
 * `inches`, `"`, `''`, `thou`, `mil`, `thousandths`, `tenths` of a thou, `thou 3`. A bare number is in
 * `unit`, except that under `thou` a number below 0.1 is inches (`.0035`). Fractions (`1/2`, `2 1/2`,
 * `2-1/2`, `2½`, `⅜`), a decimal comma and digits in threes (`1'000`, `1 000`) are read.
 *
 * @param text as it was typed
 * @param kind a gap or a size: it sets the bounds, and the unit of the echo
 * @param unit the unit of a bare number
 * @returns the length in mm, and the echo of how it was understood
 * @throws InputError on `text`: empty, too long, not a number, below zero, a gap over 25 mm or a size over 5 m
 * @example
 * parseReading('2-1/2', 'gap', 'thou'); // { mm: 0.0635, echo: '2.5 thou = 0.0635 mm' }
 * parseReading('.0035', 'gap', 'thou'); // { mm: 0.0889 }
 * parseReading('63 µm', 'gap', 'thou'); // { mm: 0.063 }
 * parseReading('30', 'gap', 'mm'); // throws 25 mm
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
  if (written === '') fail('empty', 'Enter a reading, e.g. 0.05 or 2-1/2 thou.');

  if (written.length > LONGEST_LINE)
    fail('too-long', say('quantity.tooLong', { most: LONGEST_LINE }));

  const { bare, unit: named } = split(written);
  const below = /^[-−–]/.test(bare);
  const value = numberOf(bare.replace(/^[-−–+]\s*/, ''));
  if (!Number.isFinite(value)) fail('not-a-number', say('quantity.notANumber', { text: written }));
  if (below && value !== 0) fail('below-zero', say('quantity.belowZero', { text: written }));

  const understood: LengthUnit = named ?? unitOfBare(value, unit);
  const mm = tidy_mm(value * MM_PER[understood]);
  if (!Number.isFinite(mm)) fail('not-a-number', say('quantity.notANumber', { text: written }));
  if (kind === 'gap' && mm > WIDEST_GAP_MM) {
    fail(
      'too-wide',
      say('quantity.tooWide', { reading: echoLength(mm, kind), most: WIDEST_GAP_MM }),
    );
  }
  if (mm > LARGEST_SIZE_MM) {
    fail(
      'too-large',
      say('quantity.tooLarge', { reading: echoLength(mm, kind), most: LARGEST_SIZE_MM / 1000 }),
    );
  }
  return { mm, echo: echoLength(mm, kind) };
}
