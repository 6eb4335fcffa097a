/** A point on the drawing in mm: x to the right, y downwards, origin at the pocket's centre. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

const RAD = Math.PI / 180;

/** Returns the point at a clock angle: degrees clockwise from 12. */
export function onClock(angle_deg: number, radius: number, centre: Point = ORIGIN): Point {
  return {
    x: centre.x + radius * Math.sin(angle_deg * RAD),
    y: centre.y - radius * Math.cos(angle_deg * RAD),
  };
}

export const ORIGIN: Point = { x: 0, y: 0 };

/** Returns a polygon moved by `by`. */
export function moved(points: readonly Point[], by: Point): Point[] {
  return points.map(({ x, y }) => ({ x: x + by.x, y: y + by.y }));
}

const num = (value: number): string => String(Math.round(value * 100) / 100);

/** Returns the closed SVG path through the points. */
export function polygonPath(points: readonly Point[]): string {
  return `M${points.map(({ x, y }) => `${num(x)} ${num(y)}`).join('L')}Z`;
}

/** Returns the closed SVG path of a circle. */
export function circlePath({ x, y }: Point, radius: number): string {
  const r = num(radius);
  return `M${num(x - radius)} ${num(y)}a${r} ${r} 0 1 0 ${num(2 * radius)} 0a${r} ${r} 0 1 0 ${num(-2 * radius)} 0Z`;
}

/** Tells whether a point lies in a polygon (even-odd crossing rule). */
export function contains(polygon: readonly Point[], { x, y }: Point): boolean {
  let inside = false;
  polygon.forEach((a, i) => {
    const b = polygon[(i + 1) % polygon.length] as Point;
    if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) inside = !inside;
  });
  return inside;
}
