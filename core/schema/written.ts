import { InputError } from '../errors';
import { formatLength, trimmed } from '../quantity/format';
import { parseNumber, parseReading, parseSum } from '../quantity/parse';
import { bareTemperature, formatTemperature, parseTemperature_C } from '../quantity/temperature';
import { bareUnit, MM_PER, type LengthKind, type ShopUnit } from '../quantity/units';
import { say } from '../wording/say';

/*
 * How the fields of records are written: by people in a form, and in the cells of a table. A record has one list of its
 * fields, each by one of these kinds; the bounds of a field stand in the schema of its record.
 */

/** Writes a value as people do, and reads it back. A list of fields holds kinds of every type, as `Written<unknown>`. */
export interface Written<V> {
  write(value: V, unit: ShopUnit): string;
  /** @throws InputError with what is wrong with a text */
  read(text: string, unit: ShopUnit): V;
  /** Tells that what is written is rounded: a text that nobody touched stands for the value as it was. */
  readonly rounds?: true;
}

const wrong = (message: string): InputError => new InputError('text', 'unreadable', message);

/** Describes a choice, or a text to the letter. */
export const asIs: Written<string> = { write: (text) => text, read: (text) => text };

/** Describes a text without blanks at its ends. */
export const words: Written<string> = { write: (text) => text, read: (text) => text.trim() };

/** Writes whether something is so as the choice between yes and no. */
export const yesNo: Written<boolean> = {
  write: (is) => (is ? 'yes' : 'no'),
  read: (text) => text === 'yes',
};

/** Makes the kind of a value that nobody has to give: null where nothing is written. */
export const orNull = <V>(kind: Written<V>): Written<V | null> => ({
  ...kind,
  write: (value, unit) => (value === null ? '' : kind.write(value, unit)),
  read: (text, unit) => (text.trim() === '' ? null : kind.read(text, unit)),
});

/** Makes the kind of a length in mm, bare ones in the shop's unit. */
export const length = (kind: LengthKind): Written<number> => ({
  rounds: true,
  write: (mm, unit) => formatLength(mm, kind, unit),
  read: (text, unit) => parseReading(text, kind, bareUnit(kind, unit)).mm,
});

/** Writes a length to a tenth of a micrometre or a hundredth of a thou: a doubt, or a leaf that was mic'd. */
export const fine: Written<number> = {
  ...length('gap'),
  write: (mm, unit) => trimmed(mm / MM_PER[unit], unit === 'mm' ? 4 : 2),
};

/** Makes the kind of a plain number with so many decimals at most. */
export const decimal = (decimals: number): Written<number> => ({
  rounds: true,
  write: (value) => trimmed(value, decimals),
  read: (text) => figureIn(parseNumber(text), text),
});

/** Makes the kind of a number that is written in parts of one: 24e-6 in millionths is `24`. */
export const inParts = (decimals: number, perOne: number): Written<number> => ({
  ...decimal(decimals),
  write: (value, unit) => decimal(decimals).write(value * perOne, unit),
  // Six digits are more than anybody types: what is read back is the number, and not the noise of a division.
  read: (text, unit) => Number((decimal(decimals).read(text, unit) / perOne).toPrecision(6)),
});

/** Describes a difference of lengths in mm, which may be below nought; always in the shop's unit. */
export const difference: Written<number> = {
  rounds: true,
  write: (mm, unit) => trimmed(mm / MM_PER[unit], 3),
  read: (text, unit) => figureIn(parseNumber(text), text) * MM_PER[unit],
};

function figureIn(value: number | null, text: string): number {
  if (value === null || !Number.isFinite(value)) {
    throw wrong(say('sheets.notANumber', { text: text.trim() }));
  }
  return value;
}

/** Describes a number as it stands, set apart by blanks or not: a year, a serial number. */
export const numeral: Written<number> = {
  write: String,
  read: (text) => figureIn(parseNumber(text.replace(/\s/g, '')), text),
};

/**
 * Makes the kind of a sum of money, minutes or days, thousands set apart or not.
 *
 * @param decimals that are written
 * @param empty what nothing written stands for; refused where it is left out
 */
export const sum = (decimals: number, empty?: number): Written<number> => ({
  rounds: true,
  write: (value) => trimmed(value, decimals),
  read: (text) => {
    if (text.trim() !== '') return figureIn(parseSum(text), text);
    if (empty === undefined) throw wrong('Enter a number: 0 for nothing.');
    return empty;
  },
});

/** Makes the kind of a whole number between two ends. */
export const count = (least: number, most: number, message: string): Written<number> => ({
  write: String,
  read: (text) => {
    const value = parseNumber(text);
    if (value !== null) figureIn(value, text);
    if (value === null || !Number.isInteger(value) || value < least || value > most) {
      throw wrong(message);
    }
    return value;
  },
});

/**
 * Makes the kind of a temperature in °C, bare ones on the shop's scale.
 *
 * @param fault says what is wrong with one outside the ends, each written in the shop's unit
 */
export const temperature = (
  least_C: number,
  most_C: number,
  fault: (ends: { readonly least: string; readonly most: string }) => string,
): Written<number> => ({
  rounds: true,
  write: bareTemperature,
  read: (text, unit) => {
    const celsius = parseTemperature_C(text, unit);
    if (celsius !== null && celsius >= least_C && celsius <= most_C) return celsius;
    const ends = {
      least: formatTemperature(least_C, unit),
      most: formatTemperature(most_C, unit),
    };
    throw wrong(fault(ends));
  },
});

const pieces = (text: string): string[] =>
  text
    .split(/[;\n]/)
    .map((piece) => piece.trim())
    .filter(Boolean);

/** Makes the kind of a list of words with a semicolon between. */
export const list = (least = 0, message = ''): Written<string[]> => ({
  write: (items) => items.join('; '),
  read: (text) => {
    const items = pieces(text);
    if (items.length < least) throw wrong(message);
    return items;
  },
});

/** Describes things that are said on a line each; empty lines say nothing. */
export const lines: Written<string[]> = {
  write: (items) => items.join('\n'),
  read: (text) =>
    text
      .split('\n')
      .map((line) => line.trim())
      .filter(Boolean),
};

const DASH = /\s*(?:–|—|\.\.|-)\s*/;

/** The ends of a range; null where one is open. */
export type Ends = readonly [from: number | null, to: number | null];

/** Says what is wrong with a range that cannot be read, that ends before it starts, or that has more ends than two. */
export interface RangeFaults {
  readonly order: string;
  readonly ends: string;
}

/**
 * Makes the kind of a range: `2009–2014`, `2015–`, `–2014` or `2012`; nothing where nothing is written.
 *
 * @param kind of its ends
 * @param alone what one figure alone says: both ends, or the first
 */
export const range = (
  kind: Written<number>,
  faults: RangeFaults,
  alone: 'both' | 'first' = 'both',
): Written<Ends> => ({
  ...kind,
  write: ([from, to], unit) => {
    const [first, last] = [from, to].map((end) => (end === null ? '' : kind.write(end, unit)));
    if (first === last || (alone === 'first' && last === '')) return `${first}`;
    return `${first}–${last}`;
  },
  read: (text, unit) => {
    if (text.trim() === '') return [null, null];
    const parts = text.trim().split(DASH);
    const ends = parts.map((part) => (part.trim() === '' ? null : kind.read(part, unit)));
    const [from = null, to = alone === 'both' ? from : null] = ends;
    if (parts.length > 2) throw wrong(faults.ends);
    if (from !== null && to !== null && to < from) throw wrong(faults.order);
    return [from, to];
  },
});
