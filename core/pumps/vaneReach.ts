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
  /** Says how far the slot passes the middle of the rotor; none of a radial slot. */
  readonly slotOffset_mm?: number | null;
}

/** Says how far a vane stands out, what of it stays in the slot, and how long that lasts. */
export interface VaneReach {
  readonly reach_mm: number;
  readonly inSlot_mm: number;
  /** `escapes` where the vane is no longer than its reach: it can leave its slot. */
  readonly verdict: 'in' | 'out' | 'escapes';
  /** Is null where nothing is known of the wear, or there is none. */
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
 * Returns the reach of a vane (ring radius + eccentricity − rotor radius; along a slot that passes the middle by s it is
 * √((R + e)² − s²) − √(r² − s²)), what of it stays in the slot (length − reach), and the hours left at the wear so far.
 * Lengths in mm.
 *
 * @param vane in its slot, and the ring, in mm
 * @example
 * const slot = { ringRadius_mm: 29, eccentricity_mm: 4.7, rotorRadius_mm: 24, vaneLength_mm: 15.5 };
 * vaneReach({ ...slot, newVaneLength_mm: 16, hours: 2000, leastInSlot_mm: 5 }); // { reach_mm: 9.7, inSlot_mm: 5.8, verdict: 'in', hoursLeft: 3200 }
 */
export const vaneReach = (vane: VaneInSlot): VaneReach => {
  const { ringRadius_mm, eccentricity_mm, rotorRadius_mm } = vane;
  const offset_mm = vane.slotOffset_mm ?? 0;
  if (offset_mm === 0) return atReach(ringRadius_mm + eccentricity_mm - rotorRadius_mm, vane);
  const along = (radius_mm: number) => Math.sqrt(radius_mm ** 2 - offset_mm ** 2);
  return atReach(along(ringRadius_mm + eccentricity_mm) - along(rotorRadius_mm), vane);
};

/**
 * Returns what of a vane stays in its slot where it stands out by its reach, in mm, and how long that lasts.
 *
 * @param reach_mm how far the vane stands out
 * @param vane its length, and what has to stay in the slot, in mm
 * @example
 * atReach(9.7, { vaneLength_mm: 14, leastInSlot_mm: 5 }).verdict; // 'out'
 * atReach(9.7, { vaneLength_mm: 9, leastInSlot_mm: 5 }).verdict; // 'escapes'
 */
export function atReach(reach_mm: number, vane: Vane): VaneReach {
  const inSlot_mm = vane.vaneLength_mm - reach_mm;
  const verdict = inSlot_mm <= 0 ? 'escapes' : inSlot_mm >= vane.leastInSlot_mm ? 'in' : 'out';
  return { reach_mm, inSlot_mm, verdict, hoursLeft: hoursLeft(vane, inSlot_mm) };
}
