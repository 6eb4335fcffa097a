/** Units of length that a reading can be written in. */
export type LengthUnit = 'mm' | 'um' | 'in' | 'thou' | 'tenths';

/** Describes what a shop sets its display to: one of the two systems. */
export type ShopUnit = 'thou' | 'mm';

/** Two kinds of length are read and written differently: a clearance and the size of a part. */
export type LengthKind = 'gap' | 'size';

/** Millimetres per unit; the inch is 25.4 mm by definition (ISO 31-1). */
export const MM_PER: Readonly<Record<LengthUnit, number>> = {
  mm: 1,
  um: 0.001,
  in: 25.4,
  thou: 0.0254,
  tenths: 0.00254,
};

/**
 * Takes binary noise off a sum of decimal lengths: 0.1 + 0.2 becomes 0.3.
 * The grid is 1e-9 mm, a millionth of what any gauge in the shop can see.
 *
 * @param length_mm a sum of lengths, in mm
 * @example
 * tidy_mm(0.1 + 0.2); // 0.3
 */
export function tidy_mm(length_mm: number): number {
  return Math.round(length_mm * 1e9) / 1e9;
}

/**
 * Returns the unit in which a bare number is read, for a shop that displays `shop`.
 *
 * @param kind says whether it is a gap or a size
 * @param shop the unit that the shop displays
 * @example
 * bareUnit('gap', 'thou'); // 'thou'
 * bareUnit('size', 'thou'); // 'in'
 * bareUnit('gap', 'mm'); // 'mm'
 */
export function bareUnit(kind: LengthKind, shop: ShopUnit): 'mm' | 'in' | 'thou' {
  if (shop === 'mm') return 'mm';
  return kind === 'gap' ? 'thou' : 'in';
}
