import { InputError } from '../errors';
import { trimmed } from './format';
import { parseNumber } from './parse';
import type { ShopUnit } from './units';
import { say } from '../wording/say';

/** The scale in which a shop reads temperatures. */
const SCALE: Readonly<Record<ShopUnit, 'C' | 'F'>> = { mm: 'C', thou: 'F' };

/** Digits that survive the way from one scale to the other and back. */
const DECIMALS = 4;

/**
 * Returns the unit in which a shop writes temperatures: `°C` or `°F`.
 *
 * @param shop the unit that the shop displays
 * @example
 * temperatureUnit('thou'); // '°F'
 */
export const temperatureUnit = (shop: ShopUnit): string => `°${SCALE[shop]}`;

/**
 * Reads a temperature as people write it, in °C: `24`, `75 F`, `24 °C`. Null for nothing.
 *
 * @param text as it was typed
 * @param shop a bare number is on its scale
 * @throws InputError on `text`
 * @example
 * parseTemperature_C('68', 'thou'); // 20
 * parseTemperature_C('24 °C', 'thou'); // 24
 * parseTemperature_C(''); // null
 * parseTemperature_C('warm'); // throws Cannot read
 */
export function parseTemperature_C(text: string, shop: ShopUnit = 'mm'): number | null {
  const written = text.trim();
  if (written === '') return null;
  const [, figure = '', named] = /^([^a-zA-Z°]*)\s*°?\s*([cf])?$/i.exec(written) ?? [];
  const value = parseNumber(figure);
  if (value === null || !Number.isFinite(value)) {
    throw new InputError(
      'text',
      'not-a-number',
      say('quantity.notATemperature', { text: written, unit: temperatureUnit(shop) }),
      { text: written },
    );
  }
  const fahrenheit = (named?.toUpperCase() ?? SCALE[shop]) === 'F';
  return fahrenheit ? Number((((value - 32) * 5) / 9).toFixed(DECIMALS)) : value;
}

/**
 * Returns a temperature as a bare number on the shop's scale.
 *
 * @param celsius in °C
 * @param shop the unit that the shop displays
 * @example
 * bareTemperature(24, 'thou'); // '75.2'
 */
export const bareTemperature = (celsius: number, shop: ShopUnit): string =>
  trimmed(SCALE[shop] === 'F' ? (celsius * 9) / 5 + 32 : celsius, 1);

/**
 * Writes a temperature in the shop's unit: `24 °C`, `75.2 °F`.
 *
 * @param celsius in °C
 * @param shop the unit that the shop displays
 * @example
 * formatTemperature(-10, 'mm'); // '−10 °C'
 */
export const formatTemperature = (celsius: number, shop: ShopUnit): string =>
  `${bareTemperature(celsius, shop).replace('-', '−')} ${temperatureUnit(shop)}`;
