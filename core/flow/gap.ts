/** Says where a gap lies at 20 °C, in mm: its smallest place and its largest. */
export interface Gap {
  readonly smallest_mm: number;
  readonly largest_mm: number;
}

/**
 * Returns the even gap that leaks as much as one that goes from its smallest to its largest place:
 * h³ = (S + L)(S² + L²)/4, exact for an even taper. What heat adds counts first, and no gap is less than nothing.
 *
 * @param gap its smallest and largest place, in mm
 * @param growth_mm what heat adds to it, in mm
 * @example
 * runningGap({ smallest_mm: 0.05, largest_mm: 0.05 }, 0.01); // 0.06
 * runningGap({ smallest_mm: 0.02, largest_mm: 0.08 }, 0); // 0.055397
 * @see Merritt, Hydraulic Control Systems, film between plates that are not parallel
 */
export function runningGap({ smallest_mm, largest_mm }: Gap, growth_mm: number): number {
  const s = Math.max(0, smallest_mm + growth_mm);
  const l = Math.max(0, largest_mm + growth_mm);
  return Math.cbrt(((s + l) * (s ** 2 + l ** 2)) / 4);
}

/**
 * Returns a gap with what wear, or a gasket, adds to both its ends.
 *
 * @param gap in mm
 * @param more in mm
 * @example
 * widened({ smallest_mm: 0.02, largest_mm: 0.04 }, { smallest_mm: 0, largest_mm: 0.01 }).largest_mm; // 0.05
 */
export const widened = (gap: Gap, more: Gap): Gap => ({
  smallest_mm: gap.smallest_mm + more.smallest_mm,
  largest_mm: gap.largest_mm + more.largest_mm,
});

/** Returns a gap that is the same everywhere, in mm. */
export const even = (mm: number): Gap => ({ smallest_mm: mm, largest_mm: mm });
