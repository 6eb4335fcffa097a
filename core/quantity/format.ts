import { decimalSign } from '../language';
import { MM_PER, type LengthKind, type ShopUnit } from './units';
import { say } from '../wording/say';

/** Says how a length is written: unit, decimals and name, by kind and system. */
const STYLE: Readonly<
  Record<ShopUnit, Readonly<Record<LengthKind, { unit: 'mm' | 'in' | 'thou'; decimals: number }>>>
> = {
  mm: { gap: { unit: 'mm', decimals: 3 }, size: { unit: 'mm', decimals: 3 } },
  thou: { gap: { unit: 'thou', decimals: 2 }, size: { unit: 'in', decimals: 4 } },
};

/**
 * Returns a number with at most `decimals` places, trailing zeros dropped down to `least`.
 *
 * @param value a number in any unit
 * @param decimals the most places behind the decimal sign
 * @param least the places that are kept even where they are noughts
 * @example
 * trimmed(0.25, 4); // '0.25'
 * trimmed(2, 3, 2); // '2.00'
 * trimmed(-0.00001, 3); // '0'
 */
export function trimmed(value: number, decimals: number, least = 0): string {
  const fixed = value.toFixed(decimals);
  const [whole = '', part = ''] = fixed.split('.');
  const kept = part.replace(/0+$/, '').padEnd(least, '0');
  const text = kept ? `${whole}${decimalSign()}${kept}` : whole;
  return /^-[0.,]*$/.test(text) ? text.slice(1) : text;
}

/**
 * Returns the unit's name as written behind a length of this kind: `mm`, `thou` or `in`.
 *
 * @param kind says whether it is a gap (thou) or a size (inches) in a shop of inches
 * @param shop the unit that the shop displays
 * @example
 * unitName('size', 'thou'); // 'in'
 */
export function unitName(kind: LengthKind, shop: ShopUnit): string {
  return STYLE[shop][kind].unit;
}

/**
 * Returns a length as a bare number in the shop's unit: 0.0635 mm → `2.5` under thou, `0.064` under mm.
 *
 * @param length_mm in mm
 * @param kind says whether it is a gap (thou) or a size (inches) in a shop of inches
 * @param shop the unit that the shop displays
 * @example
 * formatLength(0.0635, 'gap', 'thou'); // '2.5'
 * formatLength(0.0635, 'gap', 'mm'); // '0.064'
 */
export function formatLength(length_mm: number, kind: LengthKind, shop: ShopUnit): string {
  const { unit, decimals } = STYLE[shop][kind];
  const least = unit === 'in' ? 3 : unit === 'mm' ? 2 : 0;
  return trimmed(length_mm / MM_PER[unit], decimals, least);
}

/**
 * Returns a length with its unit.
 *
 * @param length_mm in mm
 * @param kind says whether it is a gap (thou) or a size (inches) in a shop of inches
 * @param shop the unit that the shop displays
 * @example
 * formatWithUnit(0.0635, 'gap', 'thou'); // '2.5 thou'
 */
export function formatWithUnit(length_mm: number, kind: LengthKind, shop: ShopUnit): string {
  return `${formatLength(length_mm, kind, shop)} ${unitName(kind, shop)}`;
}

/**
 * Returns a small length finer than gaps are written, with its unit: micrometres, or thousandths of a thou.
 *
 * @param length_mm in mm
 * @param shop the unit that the shop displays
 * @example
 * formatFine(0.0021, 'mm'); // '2.1 µm'
 * formatFine(0.00254, 'thou'); // '0.1 thou'
 */
export function formatFine(length_mm: number, shop: ShopUnit): string {
  const [figure, unit] =
    shop === 'mm'
      ? [trimmed(length_mm / MM_PER.um, 1, 1), 'µm']
      : [trimmed(length_mm / MM_PER.thou, 3, 1), 'thou'];
  return `${figure} ${unit}`;
}

/**
 * Returns a length with its sign and unit: `+0.01 mm`, `−0.5 thou`.
 *
 * @param length_mm in mm, of either sign
 * @param kind says whether it is a gap (thou) or a size (inches) in a shop of inches
 * @param shop the unit that the shop displays
 * @example
 * signedLength(-0.0127, 'gap', 'thou'); // '−0.5 thou'
 */
export const signedLength = (length_mm: number, kind: LengthKind, shop: ShopUnit): string =>
  `${length_mm < 0 ? '−' : '+'}${formatWithUnit(Math.abs(length_mm), kind, shop)}`;

/**
 * Returns a length in both systems, unrounded but for binary noise: `2.5 thou = 0.0635 mm`.
 *
 * @param length_mm in mm
 * @param kind says whether thou or inches stand before it
 * @example
 * echoLength(0.0635, 'gap'); // '2.5 thou = 0.0635 mm'
 */
export function echoLength(length_mm: number, kind: LengthKind): string {
  const { unit } = STYLE.thou[kind];
  return say('quantity.echo', {
    inches: trimmed(length_mm / MM_PER[unit], 6),
    unit,
    metric: trimmed(length_mm, 6),
  });
}

/**
 * Returns a range in the shop's unit, one number when both ends read the same; an open end reads ≥ or ≤.
 *
 * @param lo_mm the lower end, in mm; 0 where nothing bounds it below
 * @param hi_mm the upper end, in mm; null for an open one
 * @param kind says whether it is a gap (thou) or a size (inches) in a shop of inches
 * @param shop the unit that the shop displays
 * @example
 * formatRange(0.02, 0.06, 'gap', 'mm'); // '0.02–0.06'
 * formatRange(0, 0.06, 'gap', 'mm'); // '≤ 0.06'
 * formatRange(0.02, null, 'gap', 'mm'); // '≥ 0.02'
 */
export function formatRange(
  lo_mm: number,
  hi_mm: number | null,
  kind: LengthKind,
  shop: ShopUnit,
): string {
  const lo = formatLength(lo_mm, kind, shop);
  if (hi_mm === null) return lo_mm > 0 ? `≥ ${lo}` : '–';
  const hi = formatLength(hi_mm, kind, shop);
  if (lo === hi) return lo;
  return lo_mm > 0 ? `${lo}–${hi}` : `≤ ${hi}`;
}

/**
 * Writes limits in the shop’s unit: `0.02–0.06`, `≤ 0.06`, `≥ 0.02` or `no limit`.
 *
 * @param limits in mm; null or left out on a side that has none
 * @param kind says whether it is a gap (thou) or a size (inches) in a shop of inches
 * @param shop the unit that the shop displays
 * @example
 * formatLimits({ upper_mm: 0.06 }, 'gap', 'mm'); // '≤ 0.06'
 * formatLimits({}, 'gap', 'mm'); // 'no limit'
 */
export function formatLimits(
  limits: { readonly lower_mm?: number | null; readonly upper_mm?: number | null },
  kind: LengthKind,
  shop: ShopUnit,
): string {
  const lower = limits.lower_mm ?? null;
  const upper = limits.upper_mm ?? null;
  if (lower === null && upper === null) return 'no limit';
  if (upper === null) return `≥ ${formatLength(lower ?? 0, kind, shop)}`;
  return formatRange(lower ?? 0, upper, kind, shop);
}

/**
 * Returns limits with their unit behind them: `0.02–0.06 mm`; `no limit` has none.
 *
 * @param limits in mm; null or left out on a side that has none
 * @param kind says whether it is a gap (thou) or a size (inches) in a shop of inches
 * @param shop the unit that the shop displays
 * @example
 * limitsWithUnit({ lower_mm: 0.02, upper_mm: 0.06 }, 'gap', 'mm'); // '0.02–0.06 mm'
 * limitsWithUnit({}, 'gap', 'mm'); // 'no limit'
 */
export function limitsWithUnit(
  limits: Parameters<typeof formatLimits>[0],
  kind: LengthKind,
  shop: ShopUnit,
): string {
  const words = formatLimits(limits, kind, shop);
  return /\d/.test(words) ? `${words} ${unitName(kind, shop)}` : words;
}

/** Square millimetres in a square inch. */
const MM2_PER_IN2 = 25.4 ** 2;

/**
 * Returns the unit in which a shop writes areas: `mm²` or `in²`.
 *
 * @param shop the unit that the shop displays
 * @example
 * areaUnit('thou'); // 'in²'
 */
export const areaUnit = (shop: ShopUnit): string => (shop === 'mm' ? 'mm²' : 'in²');

/**
 * Returns an area as a bare figure in the unit of a shop.
 *
 * @param area_mm2 in mm²
 * @param shop the unit that the shop displays
 * @example
 * bareArea(58.4, 'mm'); // '58'
 * bareArea(58.4, 'thou'); // '0.091'
 */
export const bareArea = (area_mm2: number, shop: ShopUnit): string =>
  shop === 'mm' ? area_mm2.toFixed(area_mm2 < 10 ? 1 : 0) : (area_mm2 / MM2_PER_IN2).toFixed(3);
