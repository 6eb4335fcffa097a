import { centre, ends, isCut, type Estimate } from '../metrology/estimate';
import type { Assessment } from './assessment';

/** As much of an assessment as says how far out it is. */
export type Judged = Pick<Assessment, 'limits' | 'smallest' | 'largest'>;

/** Says how far beyond each of its limits a gap is, in mm; below zero within, minus infinity where there is no such limit. */
export interface Beyond {
  readonly over_mm: number;
  readonly under_mm: number;
}

/**
 * Returns how far a gap is proven to be beyond its limits: a figure by its value, leaves by what they
 * prove; how far an open end lies beyond, nobody knows.
 *
 * @param a the limits, and the smallest and the largest gap, in mm
 * @returns null where it is not measured
 * @example
 * const gap = { kind: 'value', value_mm: 0.09, u_mm: 0.002 };
 * beyondOf({ limits: { upper_mm: 0.06 }, smallest: gap, largest: gap }); // { over_mm: 0.03, under_mm: -Infinity }
 */
export function beyondOf({ limits, smallest, largest }: Judged): Beyond | null {
  if (!smallest || !largest) return null;
  const { lower_mm = null, upper_mm = null } = limits ?? {};
  const isFigure = (e: Estimate) => e.kind === 'value' && !isCut(e);
  const least = isFigure(largest) ? centre(largest) : ends(largest)[0];
  const most = isFigure(smallest) ? centre(smallest) : ends(smallest)[1];
  return {
    over_mm: upper_mm === null ? -Infinity : least - upper_mm,
    under_mm: lower_mm === null ? -Infinity : lower_mm - most,
  };
}

/**
 * Returns how far a gap is proven to be beyond the limit that it misses by more, in mm; 0 where nothing is proven.
 *
 * @param a the limits, and the smallest and the largest gap, in mm
 * @example
 * const gap = { kind: 'value', value_mm: 0.09, u_mm: 0.002 };
 * farBeyond({ limits: { upper_mm: 0.06 }, smallest: gap, largest: gap }); // 0.03
 * farBeyond({ limits: { upper_mm: 0.1 }, smallest: gap, largest: gap }); // 0
 */
export function farBeyond(a: Judged): number {
  const beyond = beyondOf(a);
  return beyond ? Math.max(beyond.over_mm, beyond.under_mm, 0) : 0;
}
