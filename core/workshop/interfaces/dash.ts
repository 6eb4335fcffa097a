import { MM_PER } from '../../quantity/units';

/** Dash numbers of ports that are listed, the small ones first. */
export const DASHES: readonly number[] = [4, 5, 6, 8, 10, 12, 14, 16, 20, 24, 32];

/**
 * Returns the bore that a dash number stands for, in mm: sixteenths of an inch.
 *
 * @param dash number of a tube or port
 * @example
 * boreOfDash(16); // 25.4
 */
export const boreOfDash = (dash: number): number => (dash * MM_PER.in) / 16;

/**
 * Returns the smallest dash number of a port whose bore is at least so wide; null where there is none.
 *
 * @param bore_mm in mm
 * @example
 * dashFor(28.55); // 20
 * dashFor(60); // null
 */
export const dashFor = (bore_mm: number): number | null =>
  DASHES.find((dash) => boreOfDash(dash) >= bore_mm - 1e-9) ?? null;
