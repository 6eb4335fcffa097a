import { InputError } from '../errors';

const RAD = Math.PI / 180;

/** A lever indicator's reading as it was made. */
export interface LeverReading {
  readonly read_mm: number;
  /** Angle between the stylus' lever and the direction in which the part moved; 0 for a plunger. */
  readonly lever_deg: number;
  /** Radius at which the stylus stood, and the one at which the swing is wanted, in mm. */
  readonly contactRadius_mm?: number | null;
  readonly wantedRadius_mm?: number | null;
}

/**
 * Returns the true swing behind what an indicator showed, in mm: reading · cos θ for
 * the lever's angle, and × r_wanted / r_contact where the part turns about an
 * axis (workshop metrology textbooks: cosine error).
 *
 * @param r what was read in mm, the lever’s angle in degrees, the radii of contact and of interest in mm
 * @returns in mm
 * @throws InputError on `lever_deg` outside 0 to 80, on `contactRadius_mm` at or below zero
 * @example
 * trueSwing({ read_mm: 0.1, lever_deg: 60 }); // 0.05
 */
export function trueSwing(r: LeverReading): number {
  if (!(r.lever_deg >= 0 && r.lever_deg <= 80)) {
    throw new InputError('lever_deg', 'out-of-range', 'The lever’s angle is 0 to 80°.');
  }
  if (r.contactRadius_mm != null && !(r.contactRadius_mm > 0)) {
    throw new InputError('contactRadius_mm', 'out-of-range', 'Radius must be above 0.');
  }
  const atRadius =
    r.contactRadius_mm != null && r.wantedRadius_mm != null
      ? r.wantedRadius_mm / r.contactRadius_mm
      : 1;
  return r.read_mm * Math.cos(r.lever_deg * RAD) * atRadius;
}
