import type { Outline, Placement, Shape, Tool, View } from './family';
import { circlePath, onClock, ORIGIN, polygonPath, type Point } from './shapes';

/** Returns a line through a centre at a clock angle, long enough to span the pocket and rest on the deck. */
export function edgeThrough(
  centre: Point,
  angle_deg: number,
  half: number,
): readonly [Point, Point] {
  return [onClock(angle_deg, half, centre), onClock(angle_deg + 180, half, centre)];
}

/** Returns the clock angle in degrees of a station that is named by its hour, `4` is 120; 12 where it names none. */
export const hourAngle = (station: string): number =>
  ((Number.parseInt(station, 10) || 0) % 12) * 30;

/** A body with a round pocket, in mm. */
interface RoundBody {
  readonly bolts: number;
  readonly bodyDiameter_mm: number;
  readonly pocketDiameter_mm: number;
}

/** Radius of a tapped hole, per body diameter; no more than half of the wall that it stands in. */
const HOLE = 0.021;

/** Returns the tapped holes evenly round the middle of a body's wall, half a pitch off 12. */
export function boltHoles(body: RoundBody): Shape[] {
  const { bolts, bodyDiameter_mm: outer, pocketDiameter_mm: inner } = body;
  const radius = Math.min(HOLE * outer, (outer - inner) / 8);
  return Array.from({ length: bolts }, (_, i) =>
    tapped(radius, onClock(((i + 0.5) * 360) / bolts, (outer + inner) / 4)),
  );
}

/** The gap at the free side of a pushed part, in pocket diameters: enough to see which side that is. */
const DRAWN_GAP = 0.024;

/**
 * Describes what of that gap is left where the part is hard against the wall, so that both outlines are
 * seen.
 */
const HARD_ON = 0.03;

/**
 * Returns the rim of a ring that runs in a pocket. Pushed, it is drawn smaller: it touches the wall on
 * the one side and gapes on the other, while its teeth stay in mesh.
 *
 * @param push which way, a unit vector; none where it is centred
 * @param rim_mm radius of the ring
 * @param wall_mm radius of the pocket
 * @param within_mm radius of what the rim must not cut into: the roots of its teeth
 */
export function rimPath(
  push: Point | undefined,
  { rim_mm, wall_mm, within_mm }: Readonly<Record<'rim_mm' | 'wall_mm' | 'within_mm', number>>,
): string {
  if (!push) return circlePath(ORIGIN, rim_mm);
  const half = Math.min(DRAWN_GAP * wall_mm, 0.45 * (wall_mm - within_mm));
  const by = half * (1 - HARD_ON);
  return circlePath({ x: push.x * by, y: push.y * by }, wall_mm - half);
}

/** Returns a full circle about a centre; radius in mm. */
export const disc = (role: Shape['role'], radius: number, centre: Point = ORIGIN): Shape => ({
  role,
  path: circlePath(centre, radius),
});

/** Returns a tapped hole: where its bolt goes in is told with it. */
export const tapped = (radius: number, at: Point): Shape => ({
  ...disc('thread', radius, at),
  at,
});

/**
 * Returns the middles of the tapped holes of a drawing, in the order in which they lie round the pump.
 *
 * @param outline the drawing
 * @example
 * boltsOn({ shapes: [tapped(4, { x: 0, y: 40 })] }); // [{ x: 0, y: 40 }]
 */
export const boltsOn = ({ shapes }: Outline): Point[] => shapes.flatMap(({ at }) => at ?? []);

/** Returns a rectangle by its corners. */
export const box = (role: Shape['role'], a: Point, b: Point): Shape => ({
  role,
  path: polygonPath([a, { x: b.x, y: a.y }, b, { x: a.x, y: b.y }]),
});

const at = (x: number, y: number): Point => ({ x, y });

/** Returns a leaf that comes from outside, along a clock angle, to where it goes in. */
export function leafFrom(angle_deg: number, to: Point, long: number): Tool {
  return { kind: 'leaf', from: onClock(angle_deg, long, to), to };
}

/** Returns the coils of a spring between two ends, as strips. */
function coils(s: number): Shape[] {
  const turns = 7;
  const pitch = (1.4 * s) / turns;
  return Array.from({ length: turns }, (_, i) => {
    const y = -0.7 * s + i * pitch;
    return {
      role: 'drive' as const,
      path: polygonPath([
        at(-0.35 * s, y),
        at(0.35 * s, y + 0.45 * pitch),
        at(0.35 * s, y + 0.8 * pitch),
        at(-0.35 * s, y + 0.35 * pitch),
      ]),
    };
  });
}

/** Parts by themselves, drawn in a square of half-side s: what they are like, not to their size. */
const LOOSE: Partial<Record<View, (s: number) => Shape[]>> = {
  shaft: (s) => [
    box('drive', at(-0.9 * s, -0.14 * s), at(-0.45 * s, 0.14 * s)),
    box('drive', at(-0.45 * s, -0.24 * s), at(0.45 * s, 0.24 * s)),
    box('drive', at(0.45 * s, -0.14 * s), at(0.9 * s, 0.14 * s)),
    ...[-0.67, 0.67].map((x): Shape => ({
      role: 'housing',
      path: polygonPath([
        at((x - 0.2) * s, 0.5 * s),
        at((x - 0.12) * s, 0.08 * s),
        at(x * s, 0.2 * s),
        at((x + 0.12) * s, 0.08 * s),
        at((x + 0.2) * s, 0.5 * s),
      ]),
    })),
  ],
  bushing: (s) => [disc('housing', 0.85 * s), disc('driven', 0.62 * s), disc('hole', 0.48 * s)],
  vane: (s) => [
    {
      role: 'vane',
      path: polygonPath([
        ...Array.from({ length: 13 }, (_, i) => {
          const angle = Math.PI + (i * Math.PI) / 12;
          return at(0.2 * s * Math.cos(angle), -0.6 * s + 0.2 * s * Math.sin(angle));
        }),
        at(0.2 * s, 0.8 * s),
        at(-0.2 * s, 0.8 * s),
      ]),
    },
  ],
  spring: coils,
  plunger: (s) => [
    box('drive', at(-0.35 * s, -0.7 * s), at(0.35 * s, 0.3 * s)),
    box('driven', at(-0.16 * s, 0.3 * s), at(0.16 * s, 0.7 * s)),
  ],
  slot: (s) => [
    {
      role: 'driven',
      path: polygonPath([
        at(-0.8 * s, -0.4 * s),
        at(-0.16 * s, -0.4 * s),
        at(-0.16 * s, 0.5 * s),
        at(0.16 * s, 0.5 * s),
        at(0.16 * s, -0.4 * s),
        at(0.8 * s, -0.4 * s),
        at(0.8 * s, 0.8 * s),
        at(-0.8 * s, 0.8 * s),
      ]),
    },
    box('vane', at(-0.1 * s, -0.75 * s), at(0.12 * s, 0.44 * s)),
  ],
  plate: (s) => [
    disc('housing', 0.85 * s),
    disc('track', 0.62 * s),
    disc('hole', 0.2 * s),
    ...boltHoles({ bolts: 6, bodyDiameter_mm: 1.7 * s, pocketDiameter_mm: 1.26 * s }),
  ],
  unit: (s) => [
    box('housing', at(-0.9 * s, -0.8 * s), at(-0.15 * s, 0.8 * s)),
    box('crescent', at(-0.15 * s, -0.6 * s), at(0.1 * s, 0.6 * s)),
    box('drive', at(-0.5 * s, -0.12 * s), at(0.45 * s, 0.12 * s)),
  ],
};

/** Returns the drawing of a part by itself; null for a view that belongs to a pump. */
export function looseOutline(view: View, extent_mm: number): Outline | null {
  const shapes = LOOSE[view]?.(extent_mm);
  return shapes ? { shapes, extent_mm } : null;
}

/** Says where the instrument goes on a part by itself: from, to and the mark, in shares of the half-side. */
const ON_LOOSE: Readonly<
  Record<string, readonly [kind: Tool['kind'], from: Point, to: Point, mark: Point]>
> = {
  'shaft mic': ['mic', at(0.67, -0.14), at(0.67, 0.14), at(0.67, -0.36)],
  'shaft dial': ['dial', at(0, -0.72), at(0, -0.24), at(0, -0.24)],
  'bushing bore': ['bore', at(-0.48, 0), at(0.48, 0), at(0, 0)],
  'vane mic': ['mic', at(0, -0.8), at(0, 0.8), at(0.42, 0)],
  'vane thick': ['mic', at(-0.2, 0), at(0.2, 0), at(0.45, 0)],
  'spring mic': ['mic', at(0, -0.7), at(0, 0.75), at(0.6, 0)],
  'plunger mic': ['mic', at(-0.35, -0.2), at(0.35, -0.2), at(0.62, -0.2)],
  'plunger bore': ['bore', at(-0.35, -0.2), at(0.35, -0.2), at(0.62, -0.2)],
  'slot leaf': ['leaf', at(0.14, -0.95), at(0.14, 0.1), at(0.14, -0.3)],
  'slot mic': ['bore', at(-0.16, -0.1), at(0.16, -0.1), at(0.5, -0.1)],
  'plate leaf': ['leaf', at(0.95, -0.4), at(0.44, -0.2), at(0.4, -0.18)],
  'plate depth': ['depth', at(-0.9, 0), at(0.9, 0), at(0.4, 0)],
  'unit dial': ['dial', at(0.85, -0.5), at(0.45, 0), at(0.45, 0)],
  'unit depth': ['depth', at(0.1, -0.75), at(0.1, 0.75), at(-0.15, 0.3)],
  'unit leaf': ['leaf', at(0.62, -0.78), at(0.12, -0.45), at(0.12, -0.45)],
  'unit mic': ['mic', at(-0.15, -0.5), at(0.1, -0.5), at(0.35, -0.5)],
  'unit finger': ['finger', at(0.45, 0), at(0.45, 0), at(0.45, 0)],
  'slot finger': ['finger', at(0, -0.6), at(0, -0.6), at(0, -0.6)],
  'plunger finger': ['finger', at(0, -0.2), at(0, -0.2), at(0, -0.2)],
  'bushing mic': ['mic', at(0.75, -0.75), at(0.75, 0.75), at(0.75, 0)],
  'bushing finger': ['finger', at(0, 0), at(0, 0), at(0, 0)],
};

/** Returns a placement on a part by itself, named by part and instrument: `shaft mic`. */
export function onLoose(name: keyof typeof ON_LOOSE & string, extent_mm: number): Placement {
  const [kind, from, to, mark] = ON_LOOSE[name] ?? ['finger', ORIGIN, ORIGIN, ORIGIN];
  const scaled = ({ x, y }: Point): Point => ({ x: x * extent_mm, y: y * extent_mm });
  const view = name.split(' ')[0] as View;
  const edge =
    name === 'plate leaf'
      ? { edge: [at(-0.95 * extent_mm, 0), at(0.95 * extent_mm, 0)] as const }
      : {};
  return {
    view,
    ...edge,
    tool: { kind, from: scaled(from), to: scaled(to) },
    probe: scaled(mark),
  };
}

/** Says which loose drawing shows a relief valve's sizes and tests. */
export const RELIEF_ON: Readonly<Record<string, keyof typeof ON_LOOSE & string>> = {
  'plunger-bore': 'plunger finger',
  'plunger-bore-diameter': 'plunger bore',
  'plunger-diameter': 'plunger mic',
  'spring-length': 'spring mic',
  'spring-load': 'spring mic',
  'spring-free-length': 'spring mic',
  'spring-loaded-length': 'spring mic',
};

/**
 * Says which loose drawing shows what a pump has because it sits in a transmission, by target and where it
 * matters by station.
 */
const TRANSMISSION_ON: Readonly<Record<string, keyof typeof ON_LOOSE & string>> = {
  'hub-bushing': 'bushing finger',
  'bushing-bore': 'bushing bore',
  'hub-diameter': 'shaft mic',
  'drive-engagement': 'slot finger',
  'hub-slot': 'slot mic',
  'drive-tang': 'vane thick',
  'stator-bushing-front': 'bushing finger',
  'stator-bushing-rear': 'bushing finger',
  'stator-bore-front': 'bushing bore',
  'stator-bore-rear': 'bushing bore',
  'stator-journal-front': 'shaft mic',
  'stator-journal-rear': 'shaft mic',
  'vent-diameter': 'shaft mic',
  'pump-to-unit': 'unit dial',
  'pump-to-unit foot': 'unit leaf',
  'unit-depth': 'unit depth',
  'pump-height': 'unit depth',
  'washer-thickness': 'unit mic',
};

/**
 * Says where an instrument goes, by what it measures; a target that is not listed lies in the pocket's
 * middle.
 */
export type PlacementTable<G> = Readonly<
  Record<string, (geometry: G, station: string) => Placement>
>;

/**
 * Returns where the instrument goes for a target at a station: on the part by itself for what is of the
 * relief valve or of the transmission, else by the family's table; in the middle of the body where the table does not list it.
 *
 * @param extent_mm half the side of the drawing
 */
export function placed<G>(
  table: PlacementTable<G>,
  geometry: G,
  target: string,
  station: string,
  extent_mm: number,
): Placement {
  const loose =
    RELIEF_ON[target] ?? TRANSMISSION_ON[`${target} ${station}`] ?? TRANSMISSION_ON[target];
  if (loose) return onLoose(loose, extent_mm);
  return table[target]?.(geometry, station) ?? { view: 'body', probe: ORIGIN };
}
