import { conformity, CONFIDENCE, type Conformity } from './conformity';
import type { Limits } from './interval';
import { normalBeyond } from './normal';
import { lastThatHolds } from './search';
import { zoneOf } from './verdict';

/** Says how sure a verdict is, and what would settle it. */
export interface ConformityNeed extends Conformity {
  /** The largest standard uncertainty with which this value decides; null on a limit, or without one. */
  readonly uThatDecides_mm: number | null;
  /** Between these a value is in with the uncertainty given; null where there is no limit. */
  readonly inFrom_mm: number | null;
  readonly inTo_mm: number | null;
}

/** Standard uncertainties by which a value keeps clear of a limit. */
const CLEAR = normalBeyond(1 - CONFIDENCE);

/** Returns the largest uncertainty with which a value that lies inside is found in. */
function uToBeIn(value_mm: number, limits: Limits, nearest_mm: number): number {
  // One limit alone is passed at d/z; another one only asks for less.
  const most = nearest_mm / CLEAR;
  const isIn = (u_mm: number) =>
    conformity({ kind: 'value', value_mm, u_mm }, limits, 'guarded').verdict === 'in';
  return isIn(most) ? most : lastThatHolds(isIn, 0, most);
}

/**
 * Returns how sure it is that a value lies inside its limits, how exactly it would have to be known to decide, and
 * between which values it would be in as it is known. Outside a distance d from the limit decides at d/z, z that of 95%.
 *
 * @param value_mm in mm
 * @param u_mm its standard uncertainty
 * @param limits in mm
 * @example
 * conformityNeed(0.058, 0.003, { upper_mm: 0.06 }); // { probability: 0.747507, verdict: 'close', uThatDecides_mm: 0.001216, inTo_mm: 0.055065 }
 * conformityNeed(0.06, 0.003, { upper_mm: 0.06 }).uThatDecides_mm; // null
 * @see JCGM 106, 7 and 8
 */
export function conformityNeed(value_mm: number, u_mm: number, limits: Limits): ConformityNeed {
  const { lower, upper } = zoneOf(limits);
  const [overLower, underUpper] = [value_mm - lower, upper - value_mm];
  const inside_mm = Math.min(overLower, underUpper);
  const decides =
    inside_mm > 0 ? uToBeIn(value_mm, limits, inside_mm) : Math.abs(inside_mm) / CLEAR;
  const settled = Number.isFinite(inside_mm) && inside_mm !== 0;
  return {
    ...conformity({ kind: 'value', value_mm, u_mm }, limits, 'guarded'),
    uThatDecides_mm: settled ? decides : null,
    inFrom_mm: limits.lower_mm == null ? null : limits.lower_mm + CLEAR * u_mm,
    inTo_mm: limits.upper_mm == null ? null : limits.upper_mm - CLEAR * u_mm,
  };
}
