import { areaOf, onClock, type Point } from './shapes';

/** A chamber between two teeth, lobes or vanes as it stands at a turn of the shaft. */
export interface Chamber {
  /** Bounds it on the drawing, in mm; parts that are drawn over it bound it further. */
  readonly outline: readonly Point[];
  readonly area_mm2: number;
}

/** The chambers of one kind in which a pump carries oil from its inlet to its outlet. */
export interface Chambers<G> {
  readonly between: 'teeth' | 'lobes' | 'vanes';
  /** Names the part of the first section with which they go round. */
  readonly part: string;
  /** Returns how many there are. */
  count(geometry: G): number;
  /** Returns one of them as it goes round with the shaft: at the mesh, or where it is least, while that has not turned. */
  of(geometry: G): (turn_deg: number) => Chamber;
}

/** A sector between two radii about a centre; lengths in mm, angles clockwise from 12. */
export interface Wedge {
  readonly centre: Point;
  readonly from_deg: number;
  readonly to_deg: number;
  readonly inner_mm: number;
  readonly outer_mm: number;
}

/** Steps along an arc of a sector. */
const STEPS = 24;

/** Returns points on an arc of a sector, clockwise. */
const arcOf = ({ centre, from_deg, to_deg }: Wedge, radius: number): Point[] =>
  Array.from({ length: STEPS + 1 }, (_, i) =>
    onClock(from_deg + ((to_deg - from_deg) * i) / STEPS, radius, centre),
  );

/**
 * Returns a sector out to a radius, clockwise: no corner of it points inwards. Its two straight sides come first, since
 * little is left of a gear between them.
 */
function sectorOf(wedge: Wedge, radius: number): Point[] {
  const arc = arcOf(wedge, radius);
  return [...arc.slice(-1), wedge.centre, ...arc.slice(0, -1)];
}

/**
 * Returns what of a polygon lies in another (Sutherland and Hodgman): pieces hang together by lines without area.
 *
 * @param polygon in mm
 * @param convex has no corner that points inwards, clockwise, in mm
 */
function clipped(polygon: readonly Point[], convex: readonly Point[]): readonly Point[] {
  return convex.reduce<readonly Point[]>((left, a, i) => {
    const b = convex[(i + 1) % convex.length] as Point;
    const inside = ({ x, y }: Point) => (b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x);
    return left.flatMap((to, j) => {
      const from = left.at(j - 1) as Point;
      const [before, here] = [inside(from), inside(to)];
      const share = before / (before - here);
      const crossed =
        before * here < 0
          ? [{ x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) }]
          : [];
      return here >= 0 ? [...crossed, to] : crossed;
    });
  }, polygon);
}

/** Returns how much of a polygon lies in a sector between two radii, in mm². */
const areaWithin = (polygon: readonly Point[], wedge: Wedge): number =>
  areaOf(clipped(polygon, sectorOf(wedge, wedge.outer_mm))) -
  areaOf(clipped(polygon, sectorOf(wedge, wedge.inner_mm)));

/**
 * Returns the chamber between two teeth of a gear: what neither it nor its mate fills of the sector from the middle of
 * one tooth to that of the next.
 *
 * @param wedge the sector, from the roots to the tips, in mm
 * @param metal outlines of what fills it, in mm
 * @param hole the edge of a ring about it, outside which all is metal; the whole sector is free where it is left out
 */
export function toothChamber(
  wedge: Wedge,
  metal: readonly (readonly Point[])[],
  hole: readonly Point[] = sectorOf(wedge, wedge.outer_mm),
): Chamber {
  const { inner_mm, outer_mm } = wedge;
  return {
    outline: [...arcOf(wedge, outer_mm), ...arcOf(wedge, inner_mm).reverse()],
    area_mm2: metal.reduce((left, one) => left - areaWithin(one, wedge), areaWithin(hole, wedge)),
  };
}
