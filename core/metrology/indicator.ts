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

/** Says what an indicator moved: lengths in mm, null for what was not given. */
export interface DialSwing {
  readonly swing_mm: number;
  /** At the pitch circle; null without both radii. */
  readonly backlash_mm: number | null;
  /** Says how much more the dial showed than there was, in %. */
  readonly overread_percent: number;
  /** Standard uncertainty of a reading to its graduation. */
  readonly u_mm: number | null;
}

/**
 * Returns what an indicator that stands askew really moved, and what that is at the pitch circle. A reading to a
 * graduation is off by half of it at most: u = g/√12.
 *
 * @param dial the reading in mm, the angle in degrees, radii in mm
 * @example
 * const dial = { reading_mm: 0.13, angle_deg: 20, contactRadius_mm: 22, pitchRadius_mm: 18.5 };
 * dialSwing(dial); // { swing_mm: 0.12216, backlash_mm: 0.102725, u_mm: null }
 * @see JCGM 100, F.2.2.1
 */
export function dialSwing(dial: {
  readonly reading_mm: number;
  readonly angle_deg: number;
  readonly contactRadius_mm?: number | null;
  readonly pitchRadius_mm?: number | null;
  readonly graduation_mm?: number | null;
}): DialSwing {
  const { reading_mm, angle_deg, contactRadius_mm, pitchRadius_mm, graduation_mm } = dial;
  const read = { read_mm: reading_mm, lever_deg: angle_deg };
  const radii = { contactRadius_mm, wantedRadius_mm: pitchRadius_mm };
  const hasRadii = contactRadius_mm != null && pitchRadius_mm != null;
  return {
    swing_mm: trueSwing(read),
    backlash_mm: hasRadii ? trueSwing({ ...read, ...radii }) : null,
    overread_percent: 100 * (1 / Math.cos(angle_deg * RAD) - 1),
    u_mm: graduation_mm == null ? null : graduation_mm / Math.sqrt(12),
  };
}
