import { exact } from '../schema/fields';
import { string, type InferType } from 'yup';
import {
  tapped,
  disc,
  edgeThrough,
  leafFrom,
  looseOutline,
  onLoose,
  placed,
  type PlacementTable,
} from './drawing';
import {
  cutGear,
  driveCentre,
  turningPair,
  gearRoot,
  idlerCentre,
  pairedGear,
  toothModule,
  type GearPair,
} from './external-gear.gears';
import type { Outline, Placement, Seen, Shape } from './family';
import { angle, count, fits, length, over, under } from './fields';
import { KNIFE, thinnest } from './involute';
import { circlePath, onClock, polygonPath, type Point } from './shapes';
import { spelled } from '../wording/say';

/** The ways in which an external gear pump is built. */
export const BUILDS = ['plates', 'blocks', 'oil'] as const;

/**
 * Describes what the drawing and the sums need to know of an external gear pump: two equal gears side by
 * side.
 */
export const externalGeometry = exact({
  build: string().oneOf(BUILDS).label('Build').required('Build is missing'),
  sections: count('Sections on one shaft', 1, 4).test(
    'one section',
    'Sections must be 1 for a pump with a pressed idler shaft.',
    (sections, { parent }) => sections === 1 || (parent as { build: string }).build !== 'oil',
  ),
  teeth: count('Teeth of each gear', 6, 40),
  centreDistance_mm: length('Centre distance'),
  tipDiameter_mm: length('Gear tip diameter')
    .test(
      'meshes',
      () =>
        spelled(
          'Tip diameter must be larger than the centre distance, but tips must clear the roots.',
        ),
      (tip, { parent }) => {
        const { centreDistance_mm: a, teeth } = parent as {
          centreDistance_mm: number;
          teeth: number;
        };
        return tip > a && tip / 2 < a / 2 + 1.25 * (a / teeth);
      },
    )
    .test(
      fits((g: GearPair) => {
        if (thinnest(cutGear(g)) < KNIFE) {
          return 'Gear tip diameter is too large: the teeth come to a point. Use a smaller tip diameter or pressure angle.';
        }
        return (
          thinnest(pairedGear(g)) < KNIFE &&
          'Gear tip diameter: the tips of one gear would cut through the teeth of the other. Use a smaller one, more teeth, or a larger pressure angle.'
        );
      }),
    ),
  pressureAngle_deg: angle('Pressure angle', 14, 32),
  boreDiameter_mm: length('Body bore').test(
    over('tipDiameter_mm', 'Body bore must be larger than the gear tips.'),
  ),
  shaftDiameter_mm: length('Journal diameter').test(
    fits((g: GearPair, journal) =>
      under(
        'Journal diameter',
        journal,
        2 * gearRoot(g) - KNIFE * toothModule(g),
        'or it stands out over the roots of the teeth',
      ),
    ),
  ),
  width_mm: length('Gear width'),
  wall_mm: length('Body wall round the bores', 500),
});

export type ExternalGeometry = InferType<typeof externalGeometry>;

const tip = (g: ExternalGeometry) => g.tipDiameter_mm / 2;
const bore = (g: ExternalGeometry) => g.boreDiameter_mm / 2;

const extent = (g: ExternalGeometry) => g.centreDistance_mm / 2 + bore(g) + g.wall_mm;

/** Draws two circles of a radius round the gear centres and what lies between their outer tangents. */
function stadium(g: ExternalGeometry, radius: number): Point[] {
  const half = (centre: Point, from: number): Point[] =>
    Array.from({ length: 25 }, (_, i) => onClock(from + (180 * i) / 24, radius, centre));
  return [...half(driveCentre(g), -90), ...half(idlerCentre(g), 90)];
}

/** Steps round one of two bores; a chord between them is a tangent, so that no tip reaches past it. */
const BORE_STEPS = 120;

/** Returns the figure of eight of the two bores, as it is cut into the body. */
function eight(g: ExternalGeometry, radius: number): Point[] {
  const out = radius / Math.cos(Math.PI / BORE_STEPS);
  const waist = (Math.acos(Math.min(1, g.centreDistance_mm / 2 / out)) * 180) / Math.PI;
  const arc = (centre: Point, from: number, to: number): Point[] =>
    Array.from({ length: BORE_STEPS + 1 }, (_, i) =>
      onClock(from + ((to - from) * i) / BORE_STEPS, out, centre),
    );
  return [
    ...arc(driveCentre(g), -180 + waist, 180 - waist),
    ...arc(idlerCentre(g), waist, 360 - waist),
  ];
}

function bolts(g: ExternalGeometry): Shape[] {
  const out = bore(g) + 0.55 * g.wall_mm;
  return [45, 135, 225, 315].map((turn) => {
    const centre = turn < 90 || turn > 270 ? driveCentre(g) : idlerCentre(g);
    return tapped(0.16 * g.wall_mm, onClock(turn, out, centre));
  });
}

/** Draws the ports: the inlet at the left, the larger; the outlet at the right. */
function ports(g: ExternalGeometry): Shape[] {
  const reach = bore(g) + g.wall_mm;
  const port = (side: -1 | 1, half: number): Shape => ({
    role: 'port',
    path: polygonPath([
      { x: side * reach, y: -half },
      { x: side * 0.42 * bore(g), y: -half },
      { x: side * 0.42 * bore(g), y: half },
      { x: side * reach, y: half },
    ]),
  });
  return [port(-1, 0.3 * g.centreDistance_mm), port(1, 0.2 * g.centreDistance_mm)];
}

/** Returns a section as viewed from the shaft end: body, gears, plate or cover. */
export function externalOutline(g: ExternalGeometry, { view, turn_deg = 0 }: Seen): Outline {
  const extent_mm = extent(g);
  const housing: Shape = {
    role: 'housing',
    path: polygonPath(stadium(g, bore(g) + g.wall_mm)),
  };
  const journals = [driveCentre, idlerCentre].map((centre) =>
    disc('hole', g.shaftDiameter_mm / 2, centre(g)),
  );
  if (view === 'plate' || view === 'cover') {
    // The plate slides into the bores, and is wider than the track that the teeth leave on it.
    const face = view === 'plate' ? polygonPath(stadium(g, (bore(g) + tip(g)) / 2)) : housing.path;
    const tracks: Shape = { role: 'track', path: polygonPath(eight(g, tip(g))) };
    const holes = view === 'plate' ? journals : journals.slice(0, 1);
    return {
      extent_mm,
      shapes: [
        { role: 'housing', path: face },
        tracks,
        ...holes,
        ...(view === 'cover' ? bolts(g) : []),
      ],
    };
  }
  const loose = looseOutline(view, extent_mm);
  if (loose && view !== 'empty') return loose;
  const cavity: Shape[] = [
    housing,
    ...ports(g),
    { role: 'pocket', path: polygonPath(eight(g, bore(g))) },
  ];
  if (view === 'empty') return { extent_mm, shapes: [...cavity, ...journals, ...bolts(g)] };
  const teeth = turningPair(g)(turn_deg);
  const shaft = (centre: Point) => circlePath(centre, g.shaftDiameter_mm / 2);
  return {
    extent_mm,
    shapes: [
      ...cavity,
      { role: 'drive', path: polygonPath(teeth.drive) + shaft(driveCentre(g)) },
      { role: 'driven', path: polygonPath(teeth.idler) + shaft(idlerCentre(g)) },
      ...bolts(g),
    ],
  };
}

const centreOf = (g: ExternalGeometry, station: string): Point =>
  station.startsWith('idler') ? idlerCentre(g) : driveCentre(g);

/** Returns the radius midway between the journal and the roots of the teeth. */
const land = (g: ExternalGeometry) => (gearRoot(g) + g.shaftDiameter_mm / 2) / 2;

const tipLeaf =
  (which: 'drive' | 'idler') =>
  (g: ExternalGeometry, station: string): Placement => {
    // On the inlet side, where the pressure pushes the gears to.
    const turn = which === 'drive' ? (station === 'b' ? 300 : 275) : station === 'b' ? 240 : 265;
    const probe = onClock(turn, bore(g), centreOf(g, which));
    return {
      view: 'body',
      tool: { kind: 'leaf', from: onClock(turn, 0.35 * bore(g), centreOf(g, which)), to: probe },
      probe,
    };
  };

const boreAcross =
  (side: number) =>
  (which: string) =>
  (g: ExternalGeometry): Placement => {
    const [from, to] = edgeThrough(centreOf(g, which), side, bore(g));
    return { view: 'empty', tool: { kind: 'bore', from, to }, probe: from };
  };

const edgeOn =
  (view: 'body' | 'plate' | 'cover') =>
  (g: ExternalGeometry, station: string): Placement => {
    const centre = centreOf(g, station);
    const turn = station.endsWith('across') ? 90 : 0;
    const probe = onClock(
      turn === 0 ? (station.startsWith('idler') ? 180 : 0) : 90,
      view === 'body' ? land(g) : g.centreDistance_mm / 2,
      centre,
    );
    const through = turn === 0 ? { x: 0, y: 0 } : centre;
    const half = turn === 0 ? extent(g) * 0.96 : bore(g) + 0.7 * g.wall_mm;
    return {
      view,
      edge: edgeThrough(through, turn, half),
      tool: leafFrom(turn + 55, probe, 0.6 * bore(g)),
      probe,
    };
  };

/**
 * Returns a depth mic across a gear's track, its spindle at a share of the bore's radius from the gear's
 * centre.
 */
const depthOn =
  (view: 'plate' | 'cover', share: number) =>
  (g: ExternalGeometry, station: string): Placement => {
    const centre = centreOf(g, station);
    const [from, to] = edgeThrough(centre, 90, bore(g) + 0.7 * g.wall_mm);
    return {
      view,
      tool: { kind: 'depth', from, to },
      probe: onClock(270, Math.min(share * bore(g), bore(g) + 0.6 * g.wall_mm), centre),
    };
  };

const gearMic =
  (gear: string) =>
  (g: ExternalGeometry): Placement => {
    const probe = onClock(90, land(g), centreOf(g, gear));
    const [from, to] = edgeThrough(probe, 0, 0.3 * bore(g));
    return { view: 'body', tool: { kind: 'mic', from, to }, probe };
  };

const PLACEMENTS: PlacementTable<ExternalGeometry> = {
  end: (g, station) => edgeOn('body')(g, station),
  'tip-body-drive': tipLeaf('drive'),
  'tip-body-idler': tipLeaf('idler'),
  'bore-track-drive': boreAcross(270)('drive'),
  'bore-track-idler': boreAcross(270)('idler'),
  'bore-clean-drive': boreAcross(320)('drive'),
  'bore-clean-idler': boreAcross(220)('idler'),
  backlash: (g) => {
    const to = onClock(60, g.centreDistance_mm / 2, driveCentre(g));
    return {
      view: 'body',
      tool: { kind: 'dial', from: onClock(60, bore(g) + 0.8 * g.wall_mm, driveCentre(g)), to },
      probe: to,
    };
  },
  'plate-wear-front': edgeOn('plate'),
  'plate-wear-rear': edgeOn('plate'),
  'cover-wear': edgeOn('cover'),
  'track-depth': depthOn('cover', 0.5),
  'face-depth': depthOn('cover', 1.35),
  'plate-track-front': depthOn('plate', 0.5),
  'plate-track-rear': depthOn('plate', 0.5),
  'plate-face-front': depthOn('plate', 1.35),
  'plate-face-rear': depthOn('plate', 1.35),
  'drive-width': gearMic('drive'),
  'idler-width': gearMic('idler'),
  'body-width': (g, station) => {
    const corner = station.includes('top') ? driveCentre(g) : idlerCentre(g);
    const probe = onClock(station.includes('left') ? 285 : 75, bore(g) + 0.5 * g.wall_mm, corner);
    const [from, to] = edgeThrough(probe, 90, 0.45 * g.wall_mm);
    return { view: 'empty', tool: { kind: 'mic', from, to }, probe };
  },
  'pocket-depth': (g, station) => {
    const centre = centreOf(g, station);
    const [from, to] = edgeThrough(centre, 90, bore(g) + 0.7 * g.wall_mm);
    return {
      view: 'empty',
      tool: { kind: 'depth', from, to },
      probe: onClock(station.endsWith('b') ? 90 : 270, 0.7 * bore(g), centre),
    };
  },
  'idler-shaft-height': (g) => {
    const [from, to] = edgeThrough(idlerCentre(g), 90, bore(g) + 0.7 * g.wall_mm);
    return { view: 'empty', tool: { kind: 'depth', from, to }, probe: idlerCentre(g) };
  },
};

/** Parts measured by themselves, by how the target's name begins. */
const LOOSE = [
  ['shaft-bushing', 'bushing finger'],
  ['bushing-bore', 'bushing bore'],
  ['journal', 'shaft mic'],
  ['shaft-runout', 'shaft dial'],
  ['idler-bore', 'bushing bore'],
  ['idler-shaft-diameter', 'shaft mic'],
  ['idler-shaft-fit', 'bushing finger'],
  ['block-length', 'bushing mic'],
] as const;

/** Returns where things lie for a target, as it is called on the first section. */
export function externalPlacement(g: ExternalGeometry, target: string, station: string): Placement {
  const loose = LOOSE.find(([start]) => target.startsWith(start));
  if (loose) return onLoose(loose[1], extent(g));
  const own = target === 'idler-shaft-depth' ? 'idler-shaft-height' : target;
  return placed(PLACEMENTS, g, own, station, extent(g));
}
