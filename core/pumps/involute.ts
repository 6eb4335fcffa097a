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
  /** The gear it meshes with, whose teeth must find room between its own. */
  readonly mate?: Mate;
}

/** The other gear of a pair: of the same module, pressure angle and thinning. */
export interface Mate {
  readonly teeth: number;
  readonly tipRadius_mm: number;
  /** Gives the root radius of a ring, where this is one round the gear. */
  readonly ringRoot_mm?: number;
}

/** Root below the pitch circle, in modules (the usual basic rack, ISO 53). */
export const DEDENDUM = 1.25;

/** Between the tips of one gear and the roots of the other there are so many modules at least. */
export const TIP_TO_ROOT = 0.1;

/** A tooth thinner than this many modules is a knife. */
export const KNIFE = 0.05;

/** Steps along one flank. */
const STEPS = 10;

/** Radians between two points of a root. */
const ROOT_STEP = Math.PI / 36;

/** Describes what a root is cut free beyond what the mate's teeth sweep out, in modules. */
const CUT_FREE = 0.03;

/** Left between the roots of two flanks, in modules: they do not cross. */
const LEAST_SPACE = 0.02;

/** Returns the involute function inv α = tan α − α (ISO 21771). */
const inv = (alpha: number): number => Math.tan(alpha) - alpha;

/** Returns the pressure angle of the involute at a radius, 0 at or below the base circle. */
const angleAt = (base: number, radius: number): number => Math.acos(Math.min(1, base / radius));

/**
 * Returns half the angle that a tooth spans at a radius: s/(2r) at the pitch circle,
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

/** Returns evenly spaced radii from one to another, both among them. */
const between = (from: number, to: number): number[] =>
  Array.from({ length: STEPS + 1 }, (_, i) => from + ((to - from) * i) / STEPS);

/**
 * Returns half the angle of the room that a point of a mate's flank sweeps out at a
 * radius of a gear, from the middle of its tooth space; 0 where it does not
 * reach. In the gear's own frame the point runs on an extended epicycloid, on
 * a hypocycloid where the mate is a ring (textbooks on gear geometry, Litvin).
 *
 * @param at the point's distance from the mate's centre, and half its tooth's angle there
 */
function sweptBy(
  gear: GearShape,
  mate: Mate,
  at: { readonly radius: number; readonly half: number },
  radius: number,
): number {
  const ring = mate.ringRoot_mm === undefined ? 1 : -1;
  const distance = Math.abs((gear.module_mm * (mate.teeth + ring * gear.teeth)) / 2);
  const cosine = (distance ** 2 + at.radius ** 2 - radius ** 2) / (2 * distance * at.radius);
  if (!(cosine < 1)) return 0;
  const turn = Math.acos(Math.max(-1, cosine));
  const swept = [turn, -turn].map(
    (psi) =>
      Math.atan2(-at.radius * Math.sin(psi), ring * (distance - at.radius * Math.cos(psi))) +
      ((psi - at.half) * mate.teeth) / gear.teeth,
  );
  return Math.max(...swept.map(Math.abs));
}

/**
 * Returns half the angle of the room that a mate needs at a radius of a gear: its tip
 * corner cuts the root of a gear with few teeth, and the flank of a ring does
 * where it is no involute, under its base circle. What is left of the tooth is
 * the undercut one.
 */
function sweptHalfAngle(gear: GearShape, radius: number): number {
  const { mate } = gear;
  if (!mate) return 0;
  const internal = mate.ringRoot_mm !== undefined;
  const flank = internal ? between(mate.tipRadius_mm, mate.ringRoot_mm) : [mate.tipRadius_mm];
  return Math.max(
    ...flank.map((r) => {
      const half = halfAngle({ ...gear, teeth: mate.teeth }, r, internal);
      return sweptBy(gear, mate, { radius: r, half }, radius);
    }),
  );
}

/** Returns one flank of a gear from root to tip: half the angle that its tooth spans at each radius. */
function flankOf(gear: GearShape, internal: boolean): { radius: number; half: number }[] {
  const space = Math.PI / gear.teeth;
  return between(gear.rootRadius_mm, gear.tipRadius_mm).map((radius) => ({
    radius,
    half: Math.min(
      halfAngle(gear, radius, internal),
      space - sweptHalfAngle(gear, radius) - (CUT_FREE * gear.module_mm) / radius,
      space - (LEAST_SPACE * gear.module_mm) / radius,
    ),
  }));
}

/**
 * Returns how thick a gear's tooth is where it is thinnest, in modules, as it is drawn: below zero
 * where its mate cuts it through, or where its flanks cross before they reach the tip.
 *
 * @param gear its module, teeth and radii, in mm
 * @param internal its teeth point inwards: a ring
 * @returns in modules
 * @example
 * thinnest({ teeth: 20, module_mm: 2, pressureAngle_deg: 20, tipRadius_mm: 22, rootRadius_mm: 17.5, thinning_mm: 0 }) > KNIFE; // true
 */
export function thinnest(gear: GearShape, internal = false): number {
  const widths = flankOf(gear, internal).map(({ radius, half }) => 2 * half * radius);
  return Math.min(...widths) / gear.module_mm;
}

/**
 * Returns the closed outline of a gear's teeth with involute flanks, one tooth centred
 * on the direction `phase` (radians, clockwise from 12). Below the base circle
 * a flank runs radially. For an internal gear the outline is the edge of the
 * hole: its tip radius is the smaller one.
 *
 * @param gear its module, teeth and radii, in mm
 * @param phase in radians, clockwise from 12
 * @param internal its teeth point inwards: a ring
 * @param centre in mm
 * @returns points in mm, in their order
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
  const pitchAngle = (2 * Math.PI) / gear.teeth;
  const flank = flankOf(gear, internal);
  // The root between two teeth goes round with the gear; a chord would cut into what lies beneath it.
  const foot = flank[0]?.half ?? 0;
  const space = pitchAngle / 2 - foot;
  const steps = Math.round(space / ROOT_STEP);
  const root = Array.from({ length: steps }, (_, i) => ({
    radius: gear.rootRadius_mm,
    half: foot + (space * (i + 0.5)) / steps,
  }));
  const side = [...root.reverse(), ...flank];
  return Array.from({ length: gear.teeth }, (_, tooth) => {
    const axis = phase + tooth * pitchAngle;
    return [
      ...side.map(({ radius, half }) => at(axis - half, radius)),
      ...[...side].reverse().map(({ radius, half }) => at(axis + half, radius)),
    ];
  }).flat();
}
