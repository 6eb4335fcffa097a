import { radians } from '../quantity/angle';

/** A point on the drawing in mm: x to the right, y downwards, origin at the pocket's centre. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/**
 * Returns the point at a clock angle: degrees clockwise from 12.
 *
 * @param angle_deg clockwise from 12
 * @param radius in mm
 * @param centre in mm
 * @example
 * onClock(90, 10); // { x: 10, y: 0 }
 * onClock(180, 10); // { x: 0, y: 10 }
 */
export function onClock(angle_deg: number, radius: number, centre: Point = ORIGIN): Point {
  return {
    x: centre.x + radius * Math.sin(radians(angle_deg)),
    y: centre.y - radius * Math.cos(radians(angle_deg)),
  };
}

export const ORIGIN: Point = { x: 0, y: 0 };

/**
 * Returns a polygon moved by `by`.
 *
 * @param points in mm
 * @param by in mm
 * @example
 * moved([{ x: 1, y: 2 }], { x: 10, y: 0 }); // [{ x: 11, y: 2 }]
 */
export function moved(points: readonly Point[], by: Point): Point[] {
  return points.map(({ x, y }) => ({ x: x + by.x, y: y + by.y }));
}

/**
 * Returns a polygon turned clockwise about a centre.
 *
 * @param points in mm
 * @param turn_deg in degrees
 * @param centre in mm
 * @example
 * turnedAbout([{ x: 0, y: -10 }], 90); // [{ x: 10, y: 0 }]
 */
export function turnedAbout(
  points: readonly Point[],
  turn_deg: number,
  centre: Point = ORIGIN,
): Point[] {
  const [c, s] = [Math.cos(radians(turn_deg)), Math.sin(radians(turn_deg))];
  return points.map(({ x, y }) => ({
    x: centre.x + (x - centre.x) * c - (y - centre.y) * s,
    y: centre.y + (x - centre.x) * s + (y - centre.y) * c,
  }));
}

/**
 * Returns the area inside a closed outline, in mm² (Gauss's formula of the shoelace).
 *
 * @param outline in mm
 * @example
 * areaOf([{ x: 0, y: 0 }, { x: 2, y: 0 }, { x: 2, y: 3 }, { x: 0, y: 3 }]); // 6
 */
export function areaOf(outline: readonly Point[]): number {
  const twice = outline.reduce((sum, { x, y }, i) => {
    const next = outline[(i + 1) % outline.length] as Point;
    return sum + x * next.y - y * next.x;
  }, 0);
  return Math.abs(twice) / 2;
}

/**
 * Returns how many parts of a millimetre are written: of a small outline more, or its points would run
 * together.
 */
const fineness = (largest_mm: number): number => (largest_mm < 100 ? 10_000 : 1000);

const written = (value: number, fine: number): string => String(Math.round(value * fine) / fine);

/**
 * Returns the closed SVG path through the points.
 *
 * @param points in mm, in their order
 * @example
 * polygonPath([
 *   { x: 0, y: 0 },
 *   { x: 10, y: 0 },
 *   { x: 0, y: 10 },
 * ]); // 'M0 0L10 0L0 10Z'
 */
export function polygonPath(points: readonly Point[]): string {
  const largest = points.reduce((most, { x, y }) => Math.max(most, Math.abs(x), Math.abs(y)), 0);
  const fine = fineness(largest);
  return `M${points.map(({ x, y }) => `${written(x, fine)} ${written(y, fine)}`).join('L')}Z`;
}

/**
 * Returns the closed SVG path of a circle.
 *
 * @param centre in mm
 * @param radius in mm
 * @example
 * circlePath({ x: 0, y: 0 }, 5); // 'M-5 0a5 5 0 1 0 10 0a5 5 0 1 0 -10 0Z'
 */
export function circlePath({ x, y }: Point, radius: number): string {
  const fine = fineness(radius);
  const [r, wide] = [written(radius, fine), written(2 * radius, fine)];
  return `M${written(x - radius, fine)} ${written(y, fine)}a${r} ${r} 0 1 0 ${wide} 0a${r} ${r} 0 1 0 -${wide} 0Z`;
}

/**
 * Tells whether a point lies in a polygon (even-odd crossing rule).
 *
 * @param polygon its corners, in mm
 * @param point in mm
 * @example
 * const corners = [
 *   { x: 0, y: 0 },
 *   { x: 10, y: 0 },
 *   { x: 0, y: 10 },
 * ];
 * contains(corners, { x: 2, y: 2 }); // true
 * contains(corners, { x: 8, y: 8 }); // false
 */
export function contains(polygon: readonly Point[], { x, y }: Point): boolean {
  let inside = false;
  polygon.forEach((a, i) => {
    const b = polygon[(i + 1) % polygon.length] as Point;
    if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) inside = !inside;
  });
  return inside;
}
