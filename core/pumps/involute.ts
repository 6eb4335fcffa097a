import { ORIGIN, type Point } from './shapes';

/** A spur gear as it is drawn. All lengths in mm. */
export interface GearShape {
  readonly teeth: number;
  readonly module_mm: number;
  readonly pressureAngle_deg: number;
  readonly tipRadius_mm: number;
  readonly rootRadius_mm: number;
  /** Taken off each flank along the pitch circle, so that a meshing pair has backlash. */
  readonly thinning_mm: number;
  /** The external gear it meshes with, where its tips must find room at the root. */
  readonly mate?: { readonly teeth: number; readonly tipRadius_mm: number };
}

/** Points along one flank. */
const STEPS = 8;

/** The involute function inv α = tan α − α (ISO 21771). */
const inv = (alpha: number): number => Math.tan(alpha) - alpha;

/** Pressure angle of the involute at a radius, 0 at or below the base circle. */
const angleAt = (base: number, radius: number): number => Math.acos(Math.min(1, base / radius));

/**
 * Half the angle that a tooth spans at a radius: s/(2r) at the pitch circle,
 * and from there by the difference of the involute function (ISO 21771, 5).
 * The tooth of an internal gear has the flanks of the space of an external
 * one, so its difference has the other sign.
 */
function halfAngle(gear: GearShape, radius: number, internal: boolean): number {
  const pitch = (gear.module_mm * gear.teeth) / 2;
  const base = pitch * Math.cos((gear.pressureAngle_deg * Math.PI) / 180);
  const atPitch = Math.PI / (2 * gear.teeth) - gear.thinning_mm / pitch;
  const change = inv(angleAt(base, pitch)) - inv(angleAt(base, radius));
  return atPitch + (internal ? -change : change);
}

/**
 * Half the angle of the room that a mate's tip corner sweeps out at a radius
 * of a gear, from the middle of its tooth space; 0 where it does not reach. In
 * the gear's own frame the corner runs on an extended epicycloid: its cut is
 * the undercut of a gear with few teeth (textbooks on gear geometry, Litvin).
 */
function sweptHalfAngle(gear: GearShape, radius: number): number {
  if (!gear.mate) return 0;
  const { teeth, tipRadius_mm: tip } = gear.mate;
  const distance = (gear.module_mm * (gear.teeth + teeth)) / 2;
  const cosine = (distance ** 2 + tip ** 2 - radius ** 2) / (2 * distance * tip);
  if (cosine >= 1) return 0;
  const corner = halfAngle({ ...gear, teeth, tipRadius_mm: tip }, tip, false);
  const turn = Math.acos(Math.max(-1, cosine));
  const swept = [turn, -turn].map(
    (psi) =>
      Math.atan2(-tip * Math.sin(psi), distance - tip * Math.cos(psi)) +
      ((psi - corner) * teeth) / gear.teeth,
  );
  return Math.max(...swept.map(Math.abs));
}

/**
 * Returns the closed outline of a gear's teeth with involute flanks, one tooth centred
 * on the direction `phase` (radians, clockwise from 12). Below the base circle
 * a flank runs radially. For an internal gear the outline is the edge of the
 * hole: its tip radius is the smaller one.
 */
export function gearOutline(
  gear: GearShape,
  phase: number,
  internal = false,
  centre: Point = ORIGIN,
): Point[] {
  const at = (angle: number, radius: number): Point => ({
    x: centre.x + radius * Math.sin(angle),
    y: centre.y - radius * Math.cos(angle),
  });
  const radii = Array.from(
    { length: STEPS + 1 },
    (_, i) => gear.rootRadius_mm + ((gear.tipRadius_mm - gear.rootRadius_mm) * i) / STEPS,
  );
  const pitchAngle = (2 * Math.PI) / gear.teeth;
  const flank = radii.map((radius) => ({
    radius,
    half: Math.min(
      halfAngle(gear, radius, internal),
      pitchAngle / 2 - sweptHalfAngle(gear, radius),
    ),
  }));
  return Array.from({ length: gear.teeth }, (_, tooth) => {
    const axis = phase + tooth * pitchAngle;
    return [
      ...flank.map(({ radius, half }) => at(axis - half, radius)),
      ...[...flank].reverse().map(({ radius, half }) => at(axis + half, radius)),
    ];
  }).flat();
}
