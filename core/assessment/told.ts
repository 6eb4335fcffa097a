import { endsAt, type Estimate } from '../metrology/estimate';
import { COVERAGE } from '../metrology/normal';

/** Gives the bounds of one end of a gap as they are told, in mm; the upper one is null where nobody knows it. */
export interface ToldBounds {
  readonly lo_mm: number;
  readonly hi_mm: number | null;
}

/** Gives the smallest and the largest place of a gap as they are told. */
export interface ToldReach {
  readonly smallest: ToldBounds;
  readonly largest: ToldBounds;
}

/** Says how a value is told: as ± 2u, also the extreme of several: the smallest does not reach over the largest. */
const TOLD = { below: COVERAGE, above: COVERAGE };

function bounds(e: Estimate): ToldBounds {
  const [lo_mm, hi_mm] = endsAt(e, TOLD);
  return { lo_mm, hi_mm: Number.isFinite(hi_mm) ? hi_mm : null };
}

/**
 * Returns what is known of a gap as it is told to others; null where an end of it is not known.
 *
 * @param e its smallest and its largest, or null
 * @example
 * const gap = { kind: 'value', value_mm: 0.05, u_mm: 0.002 };
 * toldReach({ smallest: gap, largest: gap }); // { smallest: { lo_mm: 0.046, hi_mm: 0.054 }, largest: { lo_mm: 0.046, hi_mm: 0.054 } }
 * toldReach(null); // null
 */
export const toldReach = (
  e: { readonly smallest: Estimate | null; readonly largest: Estimate | null } | null,
): ToldReach | null =>
  e?.smallest && e.largest ? { smallest: bounds(e.smallest), largest: bounds(e.largest) } : null;

/**
 * Returns an estimate of what was told: a bracket.
 *
 * @param told its bounds
 * @example
 * toldEstimate({ lo_mm: 0.04, hi_mm: 0.05 }); // { kind: 'interval', lo_mm: 0.04, hi_mm: 0.05 }
 */
export const toldEstimate = ({ lo_mm, hi_mm }: ToldBounds): Estimate => ({
  kind: 'interval',
  lo_mm,
  hi_mm,
});
