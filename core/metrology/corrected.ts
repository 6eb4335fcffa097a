import { REFERENCE_C } from './sizes';

/** Expansion of an instrument's own steel, 1/K: the usual figure for gauge steel (ISO 3650 gauge blocks). */
export const GAUGE_STEEL_PER_K = 11.5e-6;

/** A size as read, and what is known of the circumstances. */
export interface RawSize {
  readonly read_mm: number;
  /** Gives what the instrument read too much on its standard. */
  readonly offset_mm: number;
  /** Expansion of the part, 1/K; null where the sheet does not say. */
  readonly alpha_per_K: number | null;
  /** Temperature of the part, and of the shop in which the instrument lies; null where not taken. */
  readonly part_C: number | null;
  readonly shop_C: number | null;
}

/**
 * Returns the size at 20 °C (ISO 1): the reading less the offset of the zero check;
 * longer by the expansion of the instrument's own scale, shorter by that of
 * the part. A temperature that was not taken, or a part of no known material,
 * corrects nothing.
 *
 * @param raw the reading in mm, the zero’s offset in mm, temperatures in °C, expansion in 1/K
 * @returns in mm
 * @example
 * const raw = { read_mm: 50.02, offset_mm: 0.02, shop_C: null, part_C: 40, alpha_per_K: 23e-6 };
 * correctedSize(raw); // 49.977011
 */
export function correctedSize(raw: RawSize): number {
  const shown = raw.read_mm - raw.offset_mm;
  const scale = raw.shop_C === null ? 1 : 1 + GAUGE_STEEL_PER_K * (raw.shop_C - REFERENCE_C);
  const part =
    raw.part_C === null || raw.alpha_per_K === null
      ? 1
      : 1 + raw.alpha_per_K * (raw.part_C - REFERENCE_C);
  return (shown * scale) / part;
}
