import type { Point } from '../pumps/shapes';

/** A closed line through points. */
type Polygon = readonly Point[];

/** Points on a drawn circle. */
const CIRCLE_POINTS = 720;

function polygonOf(part: string): Polygon {
  const figures = (part.match(/-?[\d.]+/g) ?? []).map(Number);
  if (!part.includes('a')) {
    return Array.from({ length: figures.length / 2 }, (_, i) => ({
      x: figures[2 * i] as number,
      y: figures[2 * i + 1] as number,
    }));
  }
  const [x, y, r] = figures as [number, number, number];
  return Array.from({ length: CIRCLE_POINTS }, (_, i) => {
    const turn = (2 * Math.PI * i) / CIRCLE_POINTS;
    return { x: x + r - r * Math.cos(turn), y: y + r * Math.sin(turn) };
  });
}

interface Edge {
  readonly a: Point;
  readonly b: Point;
  readonly left: number;
  readonly right: number;
}

/** A shape as it is drawn: its rim, the edges of its holes, and all their steps from left to right. */
export interface Traced {
  readonly polygons: readonly Polygon[];
  readonly edges: readonly Edge[];
  /** Width of the widest step. */
  readonly widest: number;
}

const edgesOf = (polygon: Polygon): Edge[] =>
  polygon.map((a, i) => {
    const b = polygon[(i + 1) % polygon.length] as Point;
    return { a, b, left: Math.min(a.x, b.x), right: Math.max(a.x, b.x) };
  });

/** Returns the closed lines of a shape's path. */
export function traced(path: string): Traced {
  const polygons = path.split('Z').filter(Boolean).map(polygonOf);
  const edges = polygons.flatMap(edgesOf).sort((p, q) => p.left - q.left);
  return { polygons, edges, widest: Math.max(...edges.map((e) => e.right - e.left)) };
}

/** Returns twice the area of a triangle: over zero where it is turned to the left. */
const turned = (a: Point, b: Point, c: Point): number =>
  (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);

/** Tells whether two edges cross; ends that touch do not. */
const cross = (p: Edge, q: Edge): boolean =>
  turned(p.a, p.b, q.a) * turned(p.a, p.b, q.b) < 0 &&
  turned(q.a, q.b, p.a) * turned(q.a, q.b, p.b) < 0;

/** Returns a place where the edges of two shapes cross, or those of one shape each other; null where they do not. */
export function crossing(one: Traced, other: Traced): Point | null {
  const { edges, widest } = other;
  for (const edge of one.edges) {
    let [low, high] = [0, edges.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((edges[middle] as Edge).left < edge.left - widest) low = middle + 1;
      else high = middle;
    }
    for (let i = low; i < edges.length && (edges[i] as Edge).left <= edge.right; i++) {
      if (edges[i] !== edge && cross(edge, edges[i] as Edge)) return edge.a;
    }
  }
  return null;
}
