import { InputError } from '../errors';
import { say } from '../wording/say';
import { trimmed } from './format';
import { parseNumber } from './parse';
import type { ShopUnit } from './units';

/** A quantity with the units that people write it in, each with its worth in the first one. */
export interface Amounts {
  /** The unit of a bare number, and of what is shown, by the shop's system. */
  readonly usual: Readonly<Record<ShopUnit, string>>;
  readonly decimals: Readonly<Record<ShopUnit, number>>;
  /** Worth of each unit, by its name in small letters. */
  readonly per: Readonly<Record<string, number>>;
}

const worthOf = ({ per }: Amounts, unit: string): number | undefined =>
  per[unit.toLowerCase().replace('³', '3').replace(/\s/g, '')];

/**
 * Reads an amount as people write it, in the first of its units. Null for nothing.
 *
 * @param text as it was typed
 * @param amounts the quantity
 * @param shop a bare number is in its unit
 * @throws InputError on `text`
 * @example
 * const bore = { usual: { mm: 'm', thou: 'ft' }, decimals: { mm: 2, thou: 2 }, per: { m: 1, ft: 0.3048 } };
 * parseAmount('3 ft', bore, 'mm'); // 0.9144
 * parseAmount('3', bore, 'thou'); // 0.9144
 */
export function parseAmount(text: string, amounts: Amounts, shop: ShopUnit): number | null {
  const written = text.trim();
  if (written === '') return null;
  const [, figure = '', suffix = ''] =
    /^([^a-zA-Z]*)([a-zA-Z][a-zA-Z/³3 .]*)?$/.exec(written) ?? [];
  const value = parseNumber(figure);
  const unit = amounts.usual[shop];
  const worth = worthOf(amounts, suffix || unit);
  if (value === null || !Number.isFinite(value) || worth === undefined) {
    const other = amounts.usual[shop === 'mm' ? 'thou' : 'mm'];
    throw new InputError(
      'text',
      'not-a-number',
      say('quantity.notAFlow', { text: written, unit, other }),
      { text: written },
    );
  }
  return value * worth;
}

/**
 * Writes an amount in the shop's unit, without it.
 *
 * @param value in the first of its units
 * @param amounts the quantity
 * @param shop the unit that the shop displays
 * @example
 * const bore = { usual: { mm: 'm', thou: 'ft' }, decimals: { mm: 2, thou: 2 }, per: { m: 1, ft: 0.3048 } };
 * bareAmount(0.9144, bore, 'thou'); // '3'
 */
export const bareAmount = (value: number, amounts: Amounts, shop: ShopUnit): string =>
  trimmed(inUsual(value, amounts, shop), amounts.decimals[shop]);

/**
 * Returns an amount in the shop's unit, for a chart of it.
 *
 * @param value in the first of its units
 * @param amounts the quantity
 * @param shop the unit that the shop displays
 * @example
 * inUsual(3.785411784, FLOW, 'thou'); // 1
 */
export const inUsual = (value: number, amounts: Amounts, shop: ShopUnit): number =>
  value / (worthOf(amounts, amounts.usual[shop]) ?? 1);

/**
 * Writes an amount in the shop's unit.
 *
 * @param value in the first of its units
 * @param amounts the quantity
 * @param shop the unit that the shop displays
 * @example
 * const bore = { usual: { mm: 'm', thou: 'ft' }, decimals: { mm: 2, thou: 2 }, per: { m: 1, ft: 0.3048 } };
 * formatAmount(0.9144, bore, 'thou'); // '3 ft'
 */
export const formatAmount = (value: number, amounts: Amounts, shop: ShopUnit): string =>
  `${bareAmount(value, amounts, shop)} ${amounts.usual[shop]}`;

/** US gallon 3.785411784 l, imperial gallon 4.54609 l (NIST SP 811). */
export const FLOW: Amounts = {
  usual: { mm: 'l/min', thou: 'gpm' },
  decimals: { mm: 1, thou: 2 },
  per: { 'l/min': 1, lpm: 1, l: 1, gpm: 3.785411784, gal: 3.785411784, igpm: 4.54609 },
};

/** 1 psi is 0.0689476 bar (NIST SP 811). */
export const PRESSURE: Amounts = {
  usual: { mm: 'bar', thou: 'psi' },
  decimals: { mm: 2, thou: 1 },
  per: { bar: 1, psi: 0.0689475729, kpa: 0.01, mpa: 10 },
};
