import { InputError } from '../errors';
import { trimmed } from './format';
import { parseNumber } from './parse';

/** A quantity with the units that people write it in, each with its worth in the first one. */
interface Written {
  readonly name: string;
  readonly unit: string;
  readonly per: Readonly<Record<string, number>>;
}

/** US gallon 3.785411784 l, imperial gallon 4.54609 l (NIST SP 811). */
const FLOW: Written = {
  name: 'a flow',
  unit: 'l/min',
  per: { 'l/min': 1, lpm: 1, l: 1, gpm: 3.785411784, gal: 3.785411784, igpm: 4.54609 },
};

/** 1 psi is 0.0689476 bar (NIST SP 811). */
const PRESSURE: Written = {
  name: 'a pressure',
  unit: 'bar',
  per: { bar: 1, psi: 0.0689475729, kpa: 0.01, mpa: 10 },
};

function parse(text: string, { name, unit, per }: Written): number | null {
  const written = text.trim();
  if (written === '') return null;
  const [, figure = '', suffix = ''] = /^([^a-zA-Z]*)([a-zA-Z/]*)$/.exec(written) ?? [];
  const value = parseNumber(figure);
  const worth = per[(suffix || unit).toLowerCase()];
  if (value === null || !Number.isFinite(value) || worth === undefined) {
    throw new InputError(
      'text',
      'not-a-number',
      `“${written}” is not ${name} that can be read: a number, alone in ${unit} or with ${Object.keys(per).slice(1).join(', ')}.`,
      { text: written },
    );
  }
  return value * worth;
}

/**
 * Reads a flow as people write it, in l/min: `12`, `12 l/min`, `3.2 gpm`. Null for nothing.
 *
 * @throws InputError on `text`
 */
export const parseFlow_lpm = (text: string): number | null => parse(text, FLOW);

/**
 * Reads a pressure as people write it, in bar: `5.5`, `80 psi`, `550 kPa`. Null for nothing.
 *
 * @throws InputError on `text`
 */
export const parsePressure_bar = (text: string): number | null => parse(text, PRESSURE);

/** Writes a flow: `11.4 l/min`. */
export const formatFlow = (lpm: number): string => `${trimmed(lpm, 1)} l/min`;

/** Writes a pressure: `5.5 bar`. */
export const formatPressure = (bar: number): string => `${trimmed(bar, 2)} bar`;
