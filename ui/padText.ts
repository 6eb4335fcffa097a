import { withoutUnit } from '@/core/quantity/parse';

const UNIT = /\s*(?:mm|in|thou)$/i;

/** Writes a unit behind a figure, in the place of one that stands there. */
export const withUnit = (text: string, unit: string): string => `${withoutUnit(text)} ${unit}`;

/**
 * Types digits over the end of a figure, its point and its unit left where they are.
 *
 * @example `1.2520` with `1`, then `8` typed over it: `1.2521`, then `1.2518`
 */
export function typedOver(figure: string, digits: string): string {
  const places = [...figure.replace(UNIT, '')].flatMap((sign, i) => (/\d/.test(sign) ? [i] : []));
  const from = places.slice(-digits.length);
  return [...figure]
    .map((sign, i) => (from.includes(i) ? (digits[from.indexOf(i)] ?? sign) : sign))
    .join('');
}
