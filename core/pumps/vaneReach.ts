/** A vane, and what of it has to stay in its slot. Lengths in mm. */
interface Vane {
  readonly vaneLength_mm: number;
  /** Length of a new vane; without it nothing is known of the wear. */
  readonly newVaneLength_mm?: number | null;
  /** Hours in which the vane wore from that to this. */
  readonly hours?: number | null;
  /** Least that has to stay in the slot. */
  readonly leastInSlot_mm: number;
}

/** A vane in its slot, and the ring that it has to reach. Lengths in mm. */
export interface VaneInSlot extends Vane {
  readonly ringRadius_mm: number;
  /** Between the middles of ring and rotor. */
  readonly eccentricity_mm: number;
  readonly rotorRadius_mm: number;
}

/** Says how far a vane stands out, what of it stays in the slot, and how long that lasts. */
export interface VaneReach {
  readonly reach_mm: number;
  readonly inSlot_mm: number;
  /** `escapes` where the vane is no longer than its reach: it can leave its slot. */
  readonly verdict: 'in' | 'out' | 'escapes';
  /** Null where nothing is known of the wear, or there is none. */
  readonly hoursLeft: number | null;
}

/** Returns the hours until no more than the least is in the slot, at the wear so far; null where that is unknown. */
function hoursLeft(vane: Vane, inSlot_mm: number): number | null {
  const { vaneLength_mm, newVaneLength_mm, hours, leastInSlot_mm } = vane;
  if (newVaneLength_mm == null || hours == null || hours <= 0) return null;
  const perHour_mm = (newVaneLength_mm - vaneLength_mm) / hours;
  return perHour_mm > 0 ? Math.max(0, (inSlot_mm - leastInSlot_mm) / perHour_mm) : null;
}

/**
 * Returns the reach of a vane (ring radius + eccentricity − rotor radius), what of it stays in the slot
 * (length − reach), and the hours left at the wear so far. Lengths in mm.
 *
 * @example ring 29, eccentricity 4.7, rotor 24, vane 15.5 of 16 after 2000 h, least 5: reach 9.7, 5.8 in
 *   the slot, 3200 h left
 */
export const vaneReach = (vane: VaneInSlot): VaneReach =>
  atReach(vane.ringRadius_mm + vane.eccentricity_mm - vane.rotorRadius_mm, vane);

/** Returns what of a vane stays in its slot where it stands out by its reach, in mm, and how long that lasts. */
export function atReach(reach_mm: number, vane: Vane): VaneReach {
  const inSlot_mm = vane.vaneLength_mm - reach_mm;
  const verdict = inSlot_mm <= 0 ? 'escapes' : inSlot_mm >= vane.leastInSlot_mm ? 'in' : 'out';
  return { reach_mm, inSlot_mm, verdict, hoursLeft: hoursLeft(vane, inSlot_mm) };
}
