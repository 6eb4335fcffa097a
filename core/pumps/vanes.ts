import type { Shape } from './family';
import { degrees } from '../quantity/angle';
import type { Chamber, Chambers } from './chamber';
import { areaOf, circlePath, onClock, ORIGIN, polygonPath, type Point } from './shapes';

/** A slotted rotor with its vanes, as it is drawn. Lengths in mm, angles clockwise from 12. */
export interface VaneRotor {
  readonly centre: Point;
  readonly radius_mm: number;
  readonly vanes: number;
  /** Says how far it has turned from where a vane stands at 12. */
  readonly turn_deg: number;
  readonly thickness_mm: number;
  readonly slotDepth_mm: number;
  readonly shaftRadius_mm: number;
  /** Returns how far the ring is from the rotor's centre along a clock angle. */
  readonly ringAt: (angle_deg: number) => number;
}

/**
 * Returns how far a circle lies from a point inside it, along a clock angle.
 *
 * @param from the point, in mm
 * @param centre of the circle, in mm
 * @param radius in mm
 * @returns in mm, by the angle in degrees clockwise from 12
 * @example
 * circleFrom({ x: 0, y: 0 }, { x: 0, y: -2 }, 10)(0); // 12
 */
export function circleFrom(
  from: Point,
  centre: Point,
  radius: number,
): (angle_deg: number) => number {
  return (angle_deg) => {
    const along = onClock(angle_deg, 1);
    const off = { x: centre.x - from.x, y: centre.y - from.y };
    const ahead = off.x * along.x + off.y * along.y;
    const aside = off.x * along.y - off.y * along.x;
    return ahead + Math.sqrt(Math.max(0, radius ** 2 - aside ** 2));
  };
}

/**
 * Returns the directions of the vanes of a rotor.
 *
 * @param rotor how many there are, and how far it has turned from where one stands at 12
 * @returns degrees clockwise from 12
 * @example
 * vaneAngles({ vanes: 4, turn_deg: 0 }); // [0, 90, 180, 270]
 */
export const vaneAngles = ({ vanes, turn_deg }: Pick<VaneRotor, 'vanes' | 'turn_deg'>): number[] =>
  Array.from({ length: vanes }, (_, i) => turn_deg + (360 * i) / vanes);

/** Returns a point `along` a clock angle from the centre and `aside` of that line. */
function beside(centre: Point, angle_deg: number, along: number, aside: number): Point {
  const on = onClock(angle_deg, along, centre);
  const off = onClock(angle_deg + 90, aside);
  return { x: on.x + off.x, y: on.y + off.y };
}

/** Degrees between two points of a rim. */
const RIM_STEP = 4;

/**
 * Returns the rotor's rim with its slots cut in.
 *
 * @param r the rotor, in mm
 */
export function slottedRotor(r: VaneRotor): Point[] {
  const half = degrees(Math.asin(r.thickness_mm / 2 / r.radius_mm));
  const pitch = 360 / r.vanes;
  return vaneAngles(r).flatMap((turn) => {
    const floor = r.radius_mm - r.slotDepth_mm;
    const steps = Math.max(2, Math.ceil((pitch - 2 * half) / RIM_STEP));
    const rim = Array.from({ length: steps + 1 }, (_, i) =>
      onClock(turn + half + ((pitch - 2 * half) * i) / steps, r.radius_mm, r.centre),
    );
    return [
      beside(r.centre, turn, floor, -r.thickness_mm / 2),
      beside(r.centre, turn, floor, r.thickness_mm / 2),
      ...rim,
    ];
  });
}

/** Share of the slot's width that the drawn vane fills, so that both its sides are seen. */
const DRAWN_FILL = 0.8;

/** A drawn vane stands off the ring and the floor of its slot by a share of its thickness, so that all outlines are seen. */
const DRAWN_GAP = 0.03;

/** Bounds that gap from below by a share of the rotor's radius: the ring is drawn in straight steps. */
const LEAST_GAP = 0.0003;

/** Points of the ring that are looked at beside a vane's edge. */
const EDGE_POINTS = 24;

/**
 * Returns how far along its slot the middle of a vane's rounded edge comes, in mm from the rotor's centre:
 * where the ring slopes, it touches beside the middle and the vane stands back.
 */
function edgeMiddle(r: VaneRotor, turn: number, half: number): number {
  const least = Math.asin(Math.min(1, half / r.radius_mm));
  const reach = Array.from({ length: 2 * EDGE_POINTS + 1 }, (_, i) => {
    const off = (least * (i - EDGE_POINTS)) / EDGE_POINTS;
    const far = r.ringAt(turn + degrees(off));
    const aside = far * Math.sin(off);
    if (Math.abs(aside) > half) return Infinity;
    return far * Math.cos(off) - Math.sqrt(half ** 2 - aside ** 2);
  });
  return Math.min(...reach);
}

/**
 * Returns each vane out to the ring, its outer edge rounded, as long as rotor and ring let it be.
 *
 * @param r the rotor, and the ring about it, in mm
 * @param length_mm how long a vane is
 */
export function vanesOut(r: VaneRotor, length_mm: number): Point[][] {
  const half = (DRAWN_FILL * r.thickness_mm) / 2;
  return vaneAngles(r).map((turn) => {
    const gap = Math.max(DRAWN_GAP * r.thickness_mm, LEAST_GAP * r.radius_mm);
    const middle = edgeMiddle(r, turn, half) - gap;
    const foot = Math.max(middle + half - length_mm, r.radius_mm - r.slotDepth_mm + gap);
    const round = Array.from({ length: 9 }, (_, i) => {
      const t = Math.PI * (1 - i / 8);
      return beside(r.centre, turn, middle + half * Math.sin(t), half * Math.cos(t));
    });
    return [beside(r.centre, turn, foot, -half), ...round, beside(r.centre, turn, foot, half)];
  });
}

/** Steps along the ring between two vanes. */
const CHAMBER_STEPS = 48;

/**
 * Returns the chamber between a vane and the next one: from the rotor out to the ring.
 *
 * @param r the rotor, and the ring about it, in mm
 * @param index counts the vanes from that at 12
 */
export function vaneChamber(r: VaneRotor, index: number): Chamber {
  const from = vaneAngles(r)[index] ?? 0;
  const to = from + 360 / r.vanes;
  const half = r.thickness_mm / 2;
  // Half a vane, seen from the middle at a distance.
  const beside = (far: number) => degrees(Math.asin(Math.min(1, half / far)));
  const rim = beside(r.radius_mm);
  const along = (a: number, b: number, far: (angle: number) => number): Point[] =>
    Array.from({ length: CHAMBER_STEPS + 1 }, (_, i) => {
      const angle = a + ((b - a) * i) / CHAMBER_STEPS;
      return onClock(angle, far(angle), r.centre);
    });
  const outline = [
    ...along(from + beside(r.ringAt(from + rim)), to - beside(r.ringAt(to - rim)), r.ringAt),
    ...along(to - rim, from + rim, () => r.radius_mm),
  ];
  return { outline, area_mm2: areaOf(outline) };
}

/**
 * Returns the chambers of a vane pump.
 *
 * @param rotorOf returns the rotor with its ring at a turn, in mm
 * @param first returns the vane behind which the chamber lies that is followed, counted from that at 12
 */
export const vaneChambers = <G extends Pick<VaneRotor, 'vanes'>>(
  rotorOf: (geometry: G, turn_deg: number) => VaneRotor,
  first: (vanes: number) => number,
): Chambers<G> => ({
  between: 'vanes',
  part: 'rotor',
  count: (g) => g.vanes,
  of: (g) => (turn_deg) => vaneChamber(rotorOf(g, turn_deg), first(g.vanes)),
});

/**
 * Returns the rotor with its shaft bore, and its vanes out to the ring.
 *
 * @param r the rotor, and the ring about it, in mm
 * @param length_mm how long a vane is
 */
export function vaneRotorShapes(r: VaneRotor, length_mm: number): Shape[] {
  return [
    {
      role: 'drive',
      path: polygonPath(slottedRotor(r)) + circlePath(r.centre, r.shaftRadius_mm),
    },
    ...vanesOut(r, length_mm).map((vane): Shape => ({ role: 'vane', path: polygonPath(vane) })),
  ];
}

/**
 * Returns a closed curve from its distance along clock angles.
 *
 * @param radiusAt gives its distance in mm by the angle in degrees clockwise from 12
 * @param centre in mm
 */
export function polarCurve(radiusAt: (angle_deg: number) => number, centre: Point = ORIGIN) {
  return Array.from({ length: 360 }, (_, turn) => onClock(turn, radiusAt(turn), centre));
}
