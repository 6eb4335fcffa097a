import type { Displacement } from '../hydraulics/displacement';
import { areaOf, type Point } from './shapes';
import { innerPoint, outerRoot_mm, type Trochoid } from './trochoid';

/** Steps along each of the lines that bound a chamber. */
const STEPS = 1000;

const along = <T>(steps: number, at: (share: number) => T): T[] =>
  Array.from({ length: steps + 1 }, (_, i) => at(i / steps));

const polar = (radius: number, angle: number, centre: Point = { x: 0, y: 0 }): Point => ({
  x: centre.x + radius * Math.cos(angle),
  y: centre.y + radius * Math.sin(angle),
});

/** Returns the centre of a tooth's arc, and the direction in which it touches the inner rotor: towards the pitch point. */
function touchOf(t: Trochoid, angle: number) {
  const centre = polar(t.arcCentreRadius_mm, angle);
  const pitch = -(t.innerLobes + 1) * t.eccentricity_mm;
  return { centre, towards: Math.atan2(-centre.y, pitch - centre.x) };
}

/** Brings an angle to within half a turn of another. */
const near = (angle: number, to: number): number =>
  angle + 2 * Math.PI * Math.round((to - angle) / (2 * Math.PI));

/**
 * Returns the chamber between two teeth of the outer rotor and the inner one, the outer's centre at the origin and the
 * inner's at −e on the x axis: lobes meet lobes on the positive side, and mesh fully on the other.
 *
 * @param t the generating data, in mm
 * @param turn where the middle of the chamber stands, in radians from where lobes meet lobes
 * @param relief_mm how much wider the root circle is than the lobes need
 * @param steps along each of the lines that bound it
 * @returns its outline, in mm
 */
export function gerotorChamber(t: Trochoid, turn: number, relief_mm = 0, steps = STEPS): Point[] {
  const { innerLobes: n, eccentricity_mm: e, arcCentreRadius_mm: R, arcRadius_mm: rho } = t;
  const half = Math.PI / (n + 1);
  const root = outerRoot_mm(t) + relief_mm;
  // Where a tooth's arc runs into the root circle, as an angle at the rotor's centre from the tooth's axis.
  const meets = Math.acos((R * R + root * root - rho * rho) / (2 * R * root));
  const side = (sign: 1 | -1): Point[] => {
    const axis = turn + sign * half;
    const { centre, towards } = touchOf(t, axis);
    const foot = polar(root, axis - sign * meets);
    const end = Math.atan2(foot.y - centre.y, foot.x - centre.x);
    const from = near(towards, end);
    return along(steps, (share) => polar(rho, from + (end - from) * share, centre));
  };
  const rootArc = along(steps, (share) => polar(root, turn + (half - meets) * (2 * share - 1)));
  // The inner rotor's own frame is turned by so much against the outer's.
  const first = turn - half;
  const turned = ((n + 1) * first) / n;
  const inner = along(steps, (share) => {
    const { x, y } = innerPoint(t, -first / n + 2 * half * share);
    const at = polar(Math.hypot(x, y), Math.atan2(y, x) + turned);
    return { x: at.x - e, y: at.y };
  });
  return [...side(-1), ...rootArc, ...side(1).reverse(), ...inner.reverse()];
}

/** Says over how many steps of one tooth it is found what a gerotor moves in a turn. */
const TURN_STEPS = 720;

/**
 * Returns what a gerotor moves with each radian of its inner rotor, over the width, in mm²: the torque that a unit of
 * pressure makes between the contact beside where lobes meet lobes and the one beside full mesh.
 *
 * @param t the generating data, in mm
 * @param turn of the outer rotor, in radians
 */
function movedPerRadian(t: Trochoid, turn: number): number {
  const { innerLobes: n, eccentricity_mm: e, arcRadius_mm: rho } = t;
  const pitch = (2 * Math.PI) / (n + 1);
  const at = (axis: number): number => {
    const { centre, towards } = touchOf(t, turn + pitch * Math.round((axis - turn) / pitch));
    const q = polar(rho, towards, centre);
    return ((q.x + e) ** 2 + q.y ** 2 - ((q.x ** 2 + q.y ** 2) * n) / (n + 1)) / 2;
  };
  return at(0) - at(Math.PI);
}

/**
 * Returns what a gerotor moves in a turn of its inner rotor: V = N·b·(A_max − A_min), the areas of a chamber where it
 * is greatest and where it is least; the ripple from what it moves at each instant.
 *
 * @param t the generating data and the width, in mm
 * @example
 * gerotorDisplacement({ innerLobes: 6, eccentricity_mm: 2.8, arcCentreRadius_mm: 27, arcRadius_mm: 7.5, width_mm: 16 }).cc_rev.toFixed(3); // '10.723'
 * @see Litvin, Gear Geometry, for the contact and the profile
 */
export function gerotorDisplacement(t: Trochoid & { readonly width_mm: number }): Displacement {
  const [most, least] = [0, Math.PI].map((turn) => areaOf(gerotorChamber(t, turn)));
  const instants = movedOverTooth(t);
  const mean = instants.reduce((sum, one) => sum + one, 0) / instants.length;
  return {
    cc_rev: (t.innerLobes * t.width_mm * (most! - least!)) / 1000,
    ripple: (Math.max(...instants) - Math.min(...instants)) / mean,
  };
}

/**
 * Returns what a gerotor moves with each radian of its inner rotor over the width, in mm², while it goes on by one
 * tooth: a second way to its displacement, 2π b times the mean.
 *
 * @param t the generating data, in mm
 */
export function movedOverTooth(t: Trochoid): number[] {
  const pitch = (2 * Math.PI) / (t.innerLobes + 1);
  return Array.from({ length: TURN_STEPS }, (_, i) => movedPerRadian(t, (pitch * i) / TURN_STEPS));
}
