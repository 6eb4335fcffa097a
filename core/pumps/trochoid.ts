import type { Point } from './shapes';

/** The generating data of a gerotor pair, in mm. */
export interface Trochoid {
  /** Lobes of the inner rotor; the outer one has one more. */
  readonly innerLobes: number;
  readonly eccentricity_mm: number;
  /** Circle on which the centres of the outer rotor's tooth arcs lie. */
  readonly arcCentreRadius_mm: number;
  /** Radius of these arcs. */
  readonly arcRadius_mm: number;
}

/**
 * Returns the curve on which an arc centre of the outer rotor runs, seen from the
 * inner rotor: R·e^{iφ} + e·e^{i(N+1)φ}, with its derivatives. An
 * epitrochoid; the textbooks on gear geometry (Litvin) give it as the pitch
 * circles rolling on each other.
 */
function centreCurve(t: Trochoid, phi: number) {
  const { arcCentreRadius_mm: R, eccentricity_mm: e, innerLobes } = t;
  const n = innerLobes + 1;
  const [c, s] = [Math.cos(phi), Math.sin(phi)];
  const [cn, sn] = [Math.cos(n * phi), Math.sin(n * phi)];
  return {
    at: { x: R * c + e * cn, y: R * s + e * sn },
    first: { x: -R * s - n * e * sn, y: R * c + n * e * cn },
    second: { x: -R * c - n * n * e * cn, y: -R * s - n * n * e * sn },
  };
}

/** A point of the inner profile, and which way the centre curve runs there. */
interface Heading {
  readonly phi: number;
  readonly point: Point;
  readonly heading: number;
}

function offsetPoint(t: Trochoid, phi: number): Heading {
  const { at, first } = centreCurve(t, phi);
  const speed = Math.hypot(first.x, first.y);
  // The curve runs anticlockwise, so its inward side is to the left.
  const point = {
    x: at.x - (t.arcRadius_mm * first.y) / speed,
    y: at.y + (t.arcRadius_mm * first.x) / speed,
  };
  return { phi, point, heading: Math.atan2(first.y, first.x) };
}

/**
 * Returns a point of the inner rotor's outline, its own centre at the origin, a lobe on the positive x axis.
 *
 * @param t the generating data, in mm
 * @param phi the curve's parameter, in radians
 */
export const innerPoint = (t: Trochoid, phi: number): Point => offsetPoint(t, phi).point;

/** Radians between the normals of two points of a profile: where it bends more, more of it are taken. */
const LARGEST_TURN = Math.PI / 60;

/** Times that a step is halved at most. */
const HALVINGS = 8;

/**
 * Returns the inner rotor's outline: the centre curve offset inwards by the arc
 * radius, its own centre at the origin, a lobe on the positive x axis.
 *
 * @param t the generating data, in mm
 * @param steps even steps of the curve's parameter; where the profile turns sharply within one,
 *   between two narrow lobes, it is halved
 */
export function innerProfile(t: Trochoid, steps: number): Point[] {
  const at = (phi: number) => offsetPoint(t, phi);
  const halved = (from: Heading, to: Heading, left: number): Point[] => {
    const turn = Math.abs(from.heading - to.heading) % (2 * Math.PI);
    if (left === 0 || Math.min(turn, 2 * Math.PI - turn) <= LARGEST_TURN) return [from.point];
    const middle = at((from.phi + to.phi) / 2);
    return [...halved(from, middle, left - 1), ...halved(middle, to, left - 1)];
  };
  const evenly = Array.from({ length: steps + 1 }, (_, i) => at((2 * Math.PI * i) / steps));
  return evenly.slice(1).flatMap((to, i) => halved(evenly[i] as Heading, to, HALVINGS));
}

/**
 * Returns how much larger the tightest outward bend of the centre curve is than the
 * arc radius, in mm. Below zero the offset curve crosses itself: the lobes
 * would be undercut and no such rotor can be made.
 *
 * @param t the generating data, in mm
 * @example
 * undercutMargin_mm({ innerLobes: 6, eccentricity_mm: 3, arcCentreRadius_mm: 30, arcRadius_mm: 10 }) > 0; // true
 */
export function undercutMargin_mm(t: Trochoid): number {
  // Half a lobe: the others are as it is, and its other half is its image.
  const steps = 360;
  let least = Infinity;
  for (let i = 0; i <= steps; i++) {
    const { first, second } = centreCurve(t, (Math.PI * i) / (t.innerLobes * steps));
    const cross = first.x * second.y - first.y * second.x;
    const curvature = cross / Math.hypot(first.x, first.y) ** 3;
    if (curvature > 0) least = Math.min(least, 1 / curvature);
  }
  return least - t.arcRadius_mm;
}

/**
 * Returns the radius of the outer rotor's root circle: what the inner rotor's lobes reach at full mesh.
 *
 * @param t the generating data, in mm
 */
export function outerRoot_mm(t: Trochoid): number {
  return t.arcCentreRadius_mm - t.arcRadius_mm + 2 * t.eccentricity_mm;
}

/**
 * Returns the radius of the inner rotor's root circle: where its lobes begin.
 *
 * @param t the generating data, in mm
 */
export function innerRoot_mm(t: Trochoid): number {
  return t.arcCentreRadius_mm - t.arcRadius_mm - t.eccentricity_mm;
}

/** Steps along one tooth arc of the outer rotor, and along the root beside it. */
const ARC_STEPS = 16;

/**
 * Returns the edge of the outer rotor's hole, its own centre at the origin: tooth arcs
 * of the given radius, the first on the positive x axis, joined by the root
 * circle widened by `relief_mm`.
 *
 * @param t the generating data, in mm
 * @param relief_mm how much wider the root circle is than the lobes need
 */
export function outerProfile(t: Trochoid, relief_mm: number): Point[] {
  const { arcCentreRadius_mm: R, arcRadius_mm: rho, innerLobes } = t;
  const teeth = innerLobes + 1;
  const root = outerRoot_mm(t) + relief_mm;
  // Where the arc meets the root circle, as an angle at the arc's own centre, from its inward pole.
  const cosine = (R * R + rho * rho - root * root) / (2 * R * rho);
  const half = Math.acos(Math.max(-1, Math.min(1, cosine)));
  // The same point seen from the rotor's centre, as an angle from the tooth's axis.
  const meets = Math.atan2(rho * Math.sin(half), R - rho * Math.cos(half));
  return Array.from({ length: teeth }, (_, tooth) => {
    const axis = (2 * Math.PI * tooth) / teeth;
    const arc = Array.from({ length: ARC_STEPS + 1 }, (_unused, i): Point => {
      const turn = axis + Math.PI + half - (2 * half * i) / ARC_STEPS;
      return {
        x: R * Math.cos(axis) + rho * Math.cos(turn),
        y: R * Math.sin(axis) + rho * Math.sin(turn),
      };
    });
    const rootArc = Array.from({ length: ARC_STEPS - 1 }, (_unused, i): Point => {
      const turn = axis + meets + ((2 * Math.PI) / teeth - 2 * meets) * ((i + 1) / ARC_STEPS);
      return { x: root * Math.cos(turn), y: root * Math.sin(turn) };
    });
    return [...arc, ...rootArc];
  }).flat();
}
