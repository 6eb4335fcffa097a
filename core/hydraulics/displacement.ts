import { radians } from '../quantity/angle';

/** Describes what a pump moves in a turn of its shaft. */
export interface Displacement {
  /** In cm³ a turn. */
  readonly cc_rev: number;
  /** Says how far its flow swings within a turn, as a share of its mean: greatest less least. */
  readonly ripple: number;
}

/** Cubic millimetres in a cubic centimetre. */
const MM3 = 1000;

/** Returns the square of the base pitch, t₀ = π m cos α, in mm². */
const basePitch2 = (module_mm: number, pressureAngle_deg: number): number =>
  (Math.PI * module_mm * Math.cos(radians(pressureAngle_deg))) ** 2;

/** Two equal gears side by side; lengths in mm. */
export interface ExternalPair {
  readonly teeth: number;
  readonly tipDiameter_mm: number;
  readonly centreDistance_mm: number;
  readonly width_mm: number;
  readonly pressureAngle_deg: number;
}

/**
 * Returns what two equal gears move in a turn: V = 2πb(r_a² − r_p² − t₀²/12), and the ripple
 * (t₀²/4)/(r_a² − r_p² − t₀²/12).
 *
 * @param pair both gears, in mm
 * @example
 * externalDisplacement({ teeth: 10, tipDiameter_mm: 48, centreDistance_mm: 40, width_mm: 20, pressureAngle_deg: 20 }); // { cc_rev: 20.656587 }
 * @see Ivantysyn and Ivantysynova, Hydrostatic Pumps and Motors, external gear pumps
 */
export function externalDisplacement(pair: ExternalPair): Displacement {
  const { teeth, tipDiameter_mm, centreDistance_mm, width_mm, pressureAngle_deg } = pair;
  const t2 = basePitch2(centreDistance_mm / teeth, pressureAngle_deg);
  const swept = (tipDiameter_mm / 2) ** 2 - (centreDistance_mm / 2) ** 2 - t2 / 12;
  return { cc_rev: (2 * Math.PI * width_mm * swept) / MM3, ripple: t2 / 4 / swept };
}

/** A gear inside a ring with a crescent between them; lengths in mm. */
export interface InternalPair {
  readonly pinionTeeth: number;
  readonly ringTeeth: number;
  readonly module_mm: number;
  readonly pinionTipDiameter_mm: number;
  readonly ringTipDiameter_mm: number;
  readonly width_mm: number;
  readonly pressureAngle_deg: number;
}

/**
 * Returns what a gear in a ring moves in a turn of the gear:
 * V = πb[(r_a1² − r_1²) + (r_1/r_2)(r_2² − r_a2²) − (1 − z_1/z_2) t₀²/12].
 *
 * @param pair both gears, in mm
 * @example
 * const pair = { pinionTeeth: 17, ringTeeth: 23, module_mm: 4, pinionTipDiameter_mm: 75.2, ringTipDiameter_mm: 86.4 };
 * internalDisplacement({ ...pair, width_mm: 20, pressureAngle_deg: 22.5 }); // { cc_rev: 27.610518 }
 * @see Ivantysyn and Ivantysynova, Hydrostatic Pumps and Motors, internal gear pumps
 */
export function internalDisplacement(pair: InternalPair): Displacement {
  const { pinionTeeth, ringTeeth, module_mm, width_mm, pressureAngle_deg } = pair;
  const r1 = (module_mm * pinionTeeth) / 2;
  const r2 = (module_mm * ringTeeth) / 2;
  const t2 = basePitch2(module_mm, pressureAngle_deg);
  const slower = 1 - pinionTeeth / ringTeeth;
  const swept =
    (pair.pinionTipDiameter_mm / 2) ** 2 -
    r1 ** 2 +
    (r1 / r2) * (r2 ** 2 - (pair.ringTipDiameter_mm / 2) ** 2) -
    (slower * t2) / 12;
  return { cc_rev: (Math.PI * width_mm * swept) / MM3, ripple: (slower * t2) / 4 / swept };
}

/** Vanes in a rotor that is off the centre of a round ring; lengths in mm. */
export interface RoundRing {
  readonly ringDiameter_mm: number;
  readonly eccentricity_mm: number;
  readonly vanes: number;
  readonly vaneThickness_mm: number;
  readonly width_mm: number;
}

/** Returns half the angle over which one vane seals alone: π/z, and half of that where z is odd. */
const sealing = (vanes: number): number => Math.PI / (vanes % 2 === 0 ? vanes : 2 * vanes);

/**
 * Returns what vanes in a round ring move in a turn: V = 2be(πD − zt), and the ripple (1 − cos ψ)/(sin ψ/ψ).
 *
 * @param ring its diameter, the eccentricity and the vanes, in mm
 * @example
 * roundVaneDisplacement({ ringDiameter_mm: 62, eccentricity_mm: 2.8, vanes: 7, vaneThickness_mm: 2.5, width_mm: 18 }); // { cc_rev: 17.869697 }
 * @see Ivantysyn and Ivantysynova, Hydrostatic Pumps and Motors, vane pumps
 */
export function roundVaneDisplacement(ring: RoundRing): Displacement {
  const { ringDiameter_mm, eccentricity_mm, vanes, vaneThickness_mm, width_mm } = ring;
  const psi = sealing(vanes);
  const round = Math.PI * ringDiameter_mm - vanes * vaneThickness_mm;
  return {
    cc_rev: (2 * width_mm * eccentricity_mm * round) / MM3,
    ripple: (1 - Math.cos(psi)) / (Math.sin(psi) / psi),
  };
}

/**
 * Returns what so few vanes carry round in truth, in cm³ a turn: the round of the ring counts with
 * sin(π/z)/(π/z), since each chamber begins and ends at a vane.
 *
 * @param ring its diameter, the eccentricity and the vanes, in mm
 * @example
 * carriedByVanes({ ringDiameter_mm: 62, eccentricity_mm: 2.8, vanes: 7, vaneThickness_mm: 2.5, width_mm: 18 }); // 17.217199
 */
export function carriedByVanes(ring: RoundRing): number {
  const { ringDiameter_mm, eccentricity_mm, vanes, vaneThickness_mm, width_mm } = ring;
  const half = Math.PI / vanes;
  const round = (Math.PI * ringDiameter_mm * Math.sin(half)) / half - vanes * vaneThickness_mm;
  return (2 * width_mm * eccentricity_mm * round) / MM3;
}

/** Vanes in a cam ring with two lifts; lengths in mm. */
export interface CamRing {
  readonly ringMinor_mm: number;
  readonly ringMajor_mm: number;
  readonly vanes: number;
  readonly vaneThickness_mm: number;
  readonly width_mm: number;
}

/** Directions of a turn in which the swing of the flow is looked for. */
const STEPS = 720;

/**
 * Returns the ripple of a figure over one pitch of vanes, or of teeth: greatest less least, as a share of its mean.
 *
 * @param at gives the figure at a turn, in degrees
 * @param pitch_deg the turn after which it begins anew
 * @example
 * rippleOf((turn) => 10 + Math.sin((turn * Math.PI) / 15), 30); // 0.2
 */
export function rippleOf(at: (turn_deg: number) => number, pitch_deg: number): number {
  const all = Array.from({ length: STEPS }, (_, i) => at((pitch_deg * i) / STEPS));
  const mean = all.reduce((sum, one) => sum + one, 0) / STEPS;
  return (Math.max(...all) - Math.min(...all)) / mean;
}

/**
 * Returns what vanes in a cam ring with two lifts move in a turn: V = 2b(R₁ − R₂)[π(R₁ + R₂) − zt], their feet on the
 * outlet. The ripple is that of the sealing vanes alone: the squares of the ring's radii where the nearest vane to
 * each of the four seals stands.
 *
 * @param ring its two diameters and the vanes, in mm
 * @param radiusAt gives the radius of the cam at a clock angle in degrees: small at 0 and 180
 * @example
 * const ring = { ringMinor_mm: 54.6, ringMajor_mm: 62, vanes: 12, vaneThickness_mm: 2, width_mm: 24 };
 * camVaneDisplacement(ring, (angle) => (angle % 180 < 45 || angle % 180 > 135 ? 27.3 : 31)); // { cc_rev: 28.265902, ripple: 0 }
 * @see Ivantysyn and Ivantysynova, Hydrostatic Pumps and Motors, balanced vane pumps
 */
export function camVaneDisplacement(
  ring: CamRing,
  radiusAt: (angle_deg: number) => number,
): Displacement {
  const [major, minor] = [ring.ringMajor_mm / 2, ring.ringMinor_mm / 2];
  const round = Math.PI * (major + minor) - ring.vanes * ring.vaneThickness_mm;
  const pitch = 360 / ring.vanes;
  const nearest = (angle: number, turn: number) =>
    radiusAt(turn + pitch * Math.round((angle - turn) / pitch)) ** 2;
  const swept = (turn: number) =>
    nearest(90, turn) + nearest(270, turn) - nearest(0, turn) - nearest(180, turn);
  return {
    cc_rev: (2 * ring.width_mm * (major - minor) * round) / MM3,
    ripple: rippleOf(swept, pitch),
  };
}

/**
 * Returns how far a gear's tip reaches along the wall that it runs on, in mm: its land,
 * 2r_a[π/(2z) ± (inv α − inv α_a)], and a tenth of the module at least. No play of the flanks is taken off.
 *
 * @param gear its teeth, module and tip radius, in mm; the pressure angle in degrees
 * @param isRing its teeth point inwards
 * @example
 * tipLand_mm({ teeth: 12, module_mm: 3.5, tip_mm: 24.3, pressureAngle_deg: 25 }); // 1.847819
 */
export function tipLand_mm(
  gear: Readonly<Record<'teeth' | 'module_mm' | 'tip_mm' | 'pressureAngle_deg', number>>,
  isRing = false,
): number {
  const { teeth, module_mm, tip_mm, pressureAngle_deg } = gear;
  const involute = (angle: number) => Math.tan(angle) - angle;
  const alpha = radians(pressureAngle_deg);
  const atTip = Math.acos(Math.min(1, ((module_mm * teeth) / 2 / tip_mm) * Math.cos(alpha)));
  const bend = (isRing ? -1 : 1) * (involute(alpha) - involute(atTip));
  return Math.max(2 * tip_mm * (Math.PI / (2 * teeth) + bend), 0.1 * module_mm);
}
