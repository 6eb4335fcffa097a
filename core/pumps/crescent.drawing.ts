import { object, type InferType } from 'yup';
import { boltHoles, disc, looseOutline, onLoose, placed, type PlacementTable } from './drawing';
import type { Outline, Placement } from './family';
import { angle, count, length, over } from './fields';
import { gearOutline, type GearShape } from './involute';
import { acrossCircle, depthAt, edgeAt, overWidth, pushedTo, type Plan } from './placing';
import { circlePath, moved, onClock, ORIGIN, polygonPath, type Point } from './shapes';

/** What the drawing and the sums need to know of a crescent pump. */
export const crescentGeometry = object({
  pinionTeeth: count('Drive gear teeth', 8, 60),
  ringTeeth: count('Driven gear teeth', 12, 90).test(
    'room',
    'Driven gear teeth: at least 4 more than the drive gear, or no crescent fits',
    (teeth, { parent }) => teeth - (parent as { pinionTeeth: number }).pinionTeeth >= 4,
  ),
  module_mm: length('Module'),
  pressureAngle_deg: angle('Pressure angle', 14, 30),
  pinionTipDiameter_mm: length('Drive gear tip diameter'),
  ringTipDiameter_mm: length('Driven gear tip diameter'),
  ringOutsideDiameter_mm: length('Driven gear outside diameter'),
  pocketDiameter_mm: length('Pocket bore').test(
    over('ringOutsideDiameter_mm', 'Pocket bore: wider than the driven gear'),
  ),
  bodyDiameter_mm: length('Body diameter').test(
    over('pocketDiameter_mm', 'Body diameter: wider than the pocket'),
  ),
  hubBore_mm: length('Drive gear bore'),
  width_mm: length('Gear width'),
  bolts: count('Bolts', 3, 24),
})
  .noUnknown()
  .required();

export type CrescentGeometry = InferType<typeof crescentGeometry>;

/** Root below the pitch circle, in modules (the usual basic rack, ISO 53). */
const DEDENDUM = 1.25;

/** Flank thinning and the gaps of the crescent are drawn wide enough to be seen at phone size. */
const DRAWN_GAP = 0.06;

/** The crescent ends where it would become thinner than this many modules. */
const CRESCENT_TIP = 1.3;

/** How far a pushed gear is drawn from its centre, in pocket diameters: enough to see which side is free. */
const DRAWN_PUSH = 0.012;

/** The wall that the drawing leaves round the pocket of the cover's gear track, per pocket diameter. */
const TRACK_MARGIN = 0.01;

/** Returns the distance of the two gear centres, in mm: m(z₂ − z₁)/2. */
export function centreDistance(g: CrescentGeometry): number {
  return (g.module_mm * (g.ringTeeth - g.pinionTeeth)) / 2;
}

/** Returns the centre of the drive gear: it meshes at 12, so it lies above that of the pocket. */
export function pinionCentre(g: CrescentGeometry): Point {
  return { x: 0, y: -centreDistance(g) };
}

function gear(g: CrescentGeometry, teeth: number, tip: number, inside: 1 | -1): GearShape {
  return {
    teeth,
    module_mm: g.module_mm,
    pressureAngle_deg: g.pressureAngle_deg,
    tipRadius_mm: tip / 2,
    rootRadius_mm: (g.module_mm * teeth) / 2 + inside * DEDENDUM * g.module_mm,
    thinning_mm: DRAWN_GAP * g.module_mm,
  };
}

/** Draws the teeth of the drive gear: one is centred on 12, the middle of the mesh. */
export function pinionTeeth(g: CrescentGeometry): Point[] {
  return gearOutline(gear(g, g.pinionTeeth, g.pinionTipDiameter_mm, -1), 0, false, pinionCentre(g));
}

/** Draws the teeth of the driven gear as the edge of its hole: a space is centred on 12, to take that tooth. */
export function ringTeeth(g: CrescentGeometry): Point[] {
  return gearOutline(gear(g, g.ringTeeth, g.ringTipDiameter_mm, 1), Math.PI / g.ringTeeth, true);
}

/** Angle from 6, in radians, at which the crescent ends on either side. */
function crescentEnd(g: CrescentGeometry): { end: number; innerAt: (phi: number) => number } {
  const gap = DRAWN_GAP * g.module_mm;
  const inner = g.pinionTipDiameter_mm / 2 + gap;
  const outer = g.ringTipDiameter_mm / 2 - gap;
  const a = centreDistance(g);
  // Along a ray from the pocket's centre at φ from 6: where it leaves the drive gear's circle.
  const innerAt = (phi: number) =>
    -a * Math.cos(phi) + Math.sqrt(inner ** 2 - (a * Math.sin(phi)) ** 2);
  const reach = Array.from({ length: 180 }, (_, i) => (i * Math.PI) / 180).filter(
    (phi) => outer - innerAt(phi) >= CRESCENT_TIP * g.module_mm,
  );
  return { end: reach.at(-1) ?? 0, innerAt };
}

/**
 * Returns the crescent: outside the circle of the drive gear's tips, inside that of
 * the driven gear's, and cut off where it runs out to nothing.
 */
export function crescentBlock(g: CrescentGeometry): Point[] {
  const { end, innerAt } = crescentEnd(g);
  const outer = g.ringTipDiameter_mm / 2 - DRAWN_GAP * g.module_mm;
  const steps = 36;
  const arc = (radius: (phi: number) => number): Point[] =>
    Array.from({ length: steps + 1 }, (_, i) => {
      const phi = -end + (2 * end * i) / steps;
      return { x: -radius(phi) * Math.sin(phi), y: radius(phi) * Math.cos(phi) };
    });
  return [...arc(() => outer), ...arc(innerAt).reverse()];
}

/** Two driving flats across the drive gear's bore. */
function hubBore(g: CrescentGeometry, centre: Point): Point[] {
  const r = g.hubBore_mm / 2;
  const depth = 0.12 * r;
  const half = Math.asin(0.32);
  const lobe = (from: number, to: number): Point[] =>
    Array.from({ length: 19 }, (_, i) => {
      const turn = from + ((to - from) * i) / 18;
      return { x: centre.x + r * Math.sin(turn), y: centre.y - r * Math.cos(turn) };
    });
  const tang = (side: 1 | -1): Point[] => {
    const y = 0.32 * r;
    const x = side * (r * Math.cos(half) - depth);
    return [
      { x: centre.x + x, y: centre.y - side * y },
      { x: centre.x + x, y: centre.y + side * y },
    ];
  };
  const q = Math.PI / 2;
  return [...lobe(-q + half, q - half), ...tang(1), ...lobe(q + half, 3 * q - half), ...tang(-1)];
}

/** Returns the pump as seen from above: the body with or without its gears, or the cover's worn face. */
export function crescentOutline(
  g: CrescentGeometry,
  { view, push }: Pick<Placement, 'view' | 'push'>,
): Outline {
  const extent_mm = g.bodyDiameter_mm / 2;
  const loose = looseOutline(view, extent_mm);
  if (loose) return loose;
  const by = push
    ? { x: push.x * DRAWN_PUSH * g.pocketDiameter_mm, y: push.y * DRAWN_PUSH * g.pocketDiameter_mm }
    : ORIGIN;
  const hub = pinionCentre(g);
  const holes = boltHoles(
    g.bolts,
    (g.bodyDiameter_mm + g.pocketDiameter_mm) / 4,
    Math.min(0.022 * g.bodyDiameter_mm, (g.bodyDiameter_mm - g.pocketDiameter_mm) / 8),
  );
  const housing = disc('housing', extent_mm);
  const block = polygonPath(crescentBlock(g));
  if (view === 'cover') {
    const track = (g.pocketDiameter_mm / 2) * (1 - TRACK_MARGIN);
    return {
      extent_mm,
      shapes: [
        housing,
        disc('track', track),
        { role: 'housing', path: block },
        disc('hole', g.hubBore_mm / 2, hub),
        ...holes,
      ],
    };
  }
  const pocket = disc('pocket', g.pocketDiameter_mm / 2);
  const crescentShape = { role: 'crescent' as const, path: block };
  if (view === 'empty') {
    const bore = disc('hole', g.hubBore_mm / 2, hub);
    return { extent_mm, shapes: [housing, pocket, crescentShape, bore, ...holes] };
  }
  const rim = circlePath(by, g.ringOutsideDiameter_mm / 2);
  return {
    extent_mm,
    shapes: [
      housing,
      pocket,
      { role: 'driven', path: rim + polygonPath(moved(ringTeeth(g), by)) },
      crescentShape,
      { role: 'drive', path: polygonPath(pinionTeeth(g)) + polygonPath(hubBore(g, hub)) },
      ...holes,
    ],
  };
}

const deck = (g: CrescentGeometry) => (g.pocketDiameter_mm + g.bodyDiameter_mm) / 4;
const ringLand = (g: CrescentGeometry) =>
  (g.ringOutsideDiameter_mm / 2 + (g.module_mm * g.ringTeeth) / 2 + DEDENDUM * g.module_mm) / 2;
const pinionLand = (g: CrescentGeometry) =>
  ((g.module_mm * g.pinionTeeth) / 2 - DEDENDUM * g.module_mm + g.hubBore_mm / 2) / 2;
const extent = (g: CrescentGeometry) => g.bodyDiameter_mm / 2;

/** Where along the crescent its tip gaps are tried: both ends and the middle. */
const ALONG: Readonly<Record<string, number>> = { left: 0.75, middle: 0, right: -0.75 };

const tipGap =
  (inner: boolean) =>
  (g: CrescentGeometry, station: string): Placement => {
    const { end, innerAt } = crescentEnd(g);
    const phi = end * (ALONG[station] ?? 0);
    const radius = inner ? innerAt(phi) : g.ringTipDiameter_mm / 2;
    const probe = { x: -radius * Math.sin(phi), y: radius * Math.cos(phi) };
    const from = { x: probe.x * 1.5, y: probe.y * 1.5 };
    return { view: 'body', tool: { kind: 'leaf', from, to: probe }, probe };
  };

const planOf = (g: CrescentGeometry): Plan => ({ extent_mm: extent(g), deck_mm: deck(g) });

const PLACEMENTS: PlacementTable<CrescentGeometry> = {
  'deck-flatness': (g, at) => edgeAt(planOf(g), 'empty', deck(g))(at),
  'face-drive': (g, at) => edgeAt(planOf(g), 'body', pinionLand(g), pinionCentre(g))(at),
  'face-driven': (g, at) => edgeAt(planOf(g), 'body', ringLand(g))(at),
  'od-pocket': (g, at) => pushedTo(planOf(g), g.pocketDiameter_mm / 2)(at),
  'tip-crescent-drive': tipGap(true),
  'tip-crescent-driven': tipGap(false),
  backlash: (g) => {
    const to = onClock(300, (g.module_mm * g.pinionTeeth) / 2, pinionCentre(g));
    return {
      view: 'body',
      tool: { kind: 'dial', from: onClock(300, extent(g) * 0.95), to },
      probe: to,
    };
  },
  'cover-wear': (g, at) => edgeAt(planOf(g), 'cover', ringLand(g))(at),
  'hub-bushing': (g) => onLoose('bushing finger', extent(g)),
  'bushing-bore': (g) => onLoose('bushing bore', extent(g)),
  'hub-diameter': (g) => onLoose('shaft mic', extent(g)),
  'drive-engagement': (g) => onLoose('slot finger', extent(g)),
  'hub-slot': (g) => onLoose('slot mic', extent(g)),
  'drive-tang': (g) => onLoose('vane thick', extent(g)),
  'pump-to-unit': (g) => onLoose('unit dial', extent(g)),
  'drive-width': (g, at) => overWidth(planOf(g), pinionLand(g), pinionCentre(g))(at),
  'driven-width': (g, at) => overWidth(planOf(g), ringLand(g))(at),
  'pocket-depth': (g, at) => depthAt(planOf(g), 'empty', 0.43 * g.pocketDiameter_mm)(at),
  'track-depth': (g, at) => depthAt(planOf(g), 'cover', ringLand(g))(at),
  'face-depth': (g, at) => depthAt(planOf(g), 'cover', deck(g))(at),
  'pocket-diameter': (g, at) => acrossCircle('bore', 'empty', g.pocketDiameter_mm / 2)(at),
  'driven-diameter': (g, at) => acrossCircle('mic', 'body', g.ringOutsideDiameter_mm / 2)(at),
};

/** Returns where edge, leaf and spindle lie for each characteristic and size of a crescent pump. */
export function crescentPlacement(g: CrescentGeometry, target: string, station: string): Placement {
  return placed(PLACEMENTS, g, target, station, extent(g));
}
