import type { Limits } from '../metrology/interval';
import { ends, type Estimate } from '../metrology/estimate';
import type { LengthKind } from '../quantity/units';

/** Leaves so much room beyond the last thing that is shown, as a share of the scale. */
const ROOM = 0.25;

/** A reading this many times the limit runs off the end of the scale, with an arrow: it does not squeeze the rest. */
const MOST = 6;

/** Gives the length of the scale where neither a limit nor a reading gives one, in mm. */
const BLANK_MM = 0.1;

/** Gives the ends of what a bar shows, in mm. */
export interface BarScale {
  readonly from_mm: number;
  readonly to_mm: number;
}

/**
 * Returns the scale of a gap bar: room for the limit, the evidence and the hot gap, but
 * never so long that the limits shrink to nothing. A gap begins at nothing; a
 * size shows the stretch about its limits.
 */
export function barScale(
  limits: Limits | null,
  estimates: readonly Estimate[],
  heatShift_mm: number | null,
  kind: LengthKind = 'gap',
): BarScale {
  const known = estimates.flatMap(ends).filter(Number.isFinite);
  if (kind === 'size') {
    const all = [limits?.lower_mm, limits?.upper_mm, ...known].filter((v) => v != null);
    const [least, most] = all.length > 0 ? [Math.min(...all), Math.max(...all)] : [0, 0];
    const room = ROOM * Math.max(most - least, BLANK_MM);
    return { from_mm: least - room, to_mm: most + room };
  }
  const limit = limits?.upper_mm ?? limits?.lower_mm ?? 0;
  const seen = known.length > 0 ? Math.max(...known) + Math.max(0, heatShift_mm ?? 0) : 0;
  const most = limit > 0 ? MOST * limit : Infinity;
  const end = Math.max(limit, Math.min(seen, most));
  return { from_mm: 0, to_mm: end > 0 ? end * (1 + ROOM) : BLANK_MM };
}
