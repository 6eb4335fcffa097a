import { exact } from '../schema/fields';
import { string, type InferType } from 'yup';
import {
  boltHoles,
  disc,
  leafFrom,
  looseOutline,
  onLoose,
  placed,
  rimPath,
  type PlacementTable,
} from './drawing';
import type { Outline, Placement, Seen } from './family';
import { atLeast, count, fits, length, over, under } from './fields';
import { acrossCircle, depthAt, edgeAt, overWidth, pushedTo, type PocketFrame } from './placing';
import { circlePath, moved, onClock, polygonPath, turnedAbout, type Point } from './shapes';
import {
  innerProfile,
  innerRoot_mm,
  outerProfile,
  outerRoot_mm,
  undercutMargin_mm,
  type Trochoid,
} from './trochoid';
import { say } from '../wording/say';

/** Steps along one lobe of the inner rotor, besides those that its bends take: a narrow one is not missed. */
export const STEPS_A_LOBE = 60;

/** Gap at the root of the outer rotor, in eccentricities: so that it is seen. */
const DRAWN_RELIEF = 0.12;

/** Gap between lobe and tooth, in eccentricities: where they touch, neither is drawn in the other. */
const DRAWN_GAP = 0.02;

/** Metal outside the lobes of one rotor and inside those of the other, in eccentricities. */
const LEAST_RIM = 0.1;

/** Describes what a gerotor pump is for: with that go its checks and its orders. */
export const GEROTOR_USES = ['front-pump', 'oil-pump'] as const;

/** Describes what the drawing and the sums need to know of a gerotor pump. */
export const gerotorGeometry = exact({
  use: string()
    .oneOf(GEROTOR_USES)
    .label('What it is')
    .required('Front pump or oil pump is missing'),
  innerLobes: count('Inner rotor lobes', 3, 16),
  eccentricity_mm: length('Eccentricity').test(
    fits((g: Trochoid, e) =>
      under(
        'Eccentricity',
        e,
        g.arcCentreRadius_mm / (g.innerLobes + 1),
        'or the lobes of the inner rotor run into loops',
      ),
    ),
  ),
  arcCentreRadius_mm: length('Tooth arc centres on radius'),
  arcRadius_mm: length('Tooth arc radius')
    .test(
      'no undercut',
      'Tooth arc radius: with this eccentricity and lobe count the inner lobes would be undercut',
      (arcRadius_mm, { parent }) => {
        const g = parent as Trochoid;
        return ![g.innerLobes, g.eccentricity_mm, g.arcCentreRadius_mm].every(Number.isFinite)
          ? true
          : undercutMargin_mm({ ...g, arcRadius_mm }) > 0;
      },
    )
    .test(
      fits((g: Trochoid, radius) => {
        const least = (1 + DRAWN_RELIEF / 2) * g.eccentricity_mm;
        if (radius <= least) {
          return say('geometry.leastArc', { least: atLeast(least) });
        }
        const most = g.arcCentreRadius_mm * Math.sin(Math.PI / (g.innerLobes + 1));
        return under('Tooth arc radius', radius, most, 'or a tooth runs into the one beside it');
      }),
    ),
  outerDiameter_mm: length('Outer rotor diameter')
    .test(
      'holds the lobes',
      'Outer rotor diameter: the lobes would break through its rim',
      (diameter, { parent }) => diameter > 2 * outerRoot_mm(parent as Trochoid),
    )
    .test(
      fits((g: Trochoid, diameter) => {
        const least = 2 * (outerRoot_mm(g) + LEAST_RIM * g.eccentricity_mm);
        return diameter < least && say('geometry.leastRotor', { least: atLeast(least) });
      }),
    ),
  pocketDiameter_mm: length('Pocket bore').test(
    over('outerDiameter_mm', 'Pocket bore must be larger than the outer rotor.'),
  ),
  bodyDiameter_mm: length('Body diameter').test(
    over('pocketDiameter_mm', 'Body diameter must be larger than the pocket.'),
  ),
  shaftDiameter_mm: length('Shaft diameter').test(
    fits((g: Trochoid, shaft) =>
      under(
        'Shaft diameter',
        shaft,
        2 * (innerRoot_mm(g) - LEAST_RIM * g.eccentricity_mm),
        'or it breaks into the roots of the lobes',
      ),
    ),
  ),
  width_mm: length('Rotor width'),
  bolts: count('Bolts', 3, 24),
});

export type GerotorGeometry = InferType<typeof gerotorGeometry>;

/** Turns points from the trochoid's frame, whose first lobe is on the x axis, to the bench, where it is at 12. */
export const upright = (points: readonly Point[]): Point[] =>
  points.map(({ x, y }) => ({ x: y, y: -x }));

/** Returns the inner rotor's own centre: off the pocket's by the eccentricity, away from 12. */
export const innerCentre = (g: GerotorGeometry): Point => ({ x: 0, y: g.eccentricity_mm });

/**
 * Returns the inner rotor where it lies: lobe on lobe at 12, full mesh at 6.
 *
 * @param g the pump, in mm
 * @param turn_deg how far it has turned: it carries oil from the left over the top, so with the clock
 */
export function innerLobes(g: GerotorGeometry, turn_deg = 0): Point[] {
  const gap = Math.min(DRAWN_GAP * g.eccentricity_mm, undercutMargin_mm(g) / 2);
  const drawn = { ...g, arcRadius_mm: g.arcRadius_mm + gap };
  const lying = upright(innerProfile(drawn, STEPS_A_LOBE * g.innerLobes));
  return moved(turnedAbout(lying, turn_deg), innerCentre(g));
}

/** Returns the gap at the roots of the outer rotor, in mm: no more than its rim can spare. */
export const relief_mm = (g: GerotorGeometry): number =>
  Math.min(DRAWN_RELIEF * g.eccentricity_mm, (g.outerDiameter_mm / 2 - outerRoot_mm(g)) / 2);

/**
 * Returns how far the outer rotor turns with the inner one, in degrees.
 *
 * @param g the pump
 * @param turn_deg of the inner rotor
 * @example
 * outerTurn_deg({ innerLobes: 5 }, 90); // 75
 */
export const outerTurn_deg = (
  { innerLobes: n }: Pick<GerotorGeometry, 'innerLobes'>,
  turn_deg: number,
): number => (turn_deg * n) / (n + 1);

/**
 * Returns the edge of the outer rotor's hole.
 *
 * @param g the pump, in mm
 * @param turn_deg how far the inner rotor has turned
 */
export const outerLobes = (g: GerotorGeometry, turn_deg = 0): Point[] =>
  turnedAbout(upright(outerProfile(g, relief_mm(g))), outerTurn_deg(g, turn_deg));

const extent = (g: GerotorGeometry) => g.bodyDiameter_mm / 2;
const deck = (g: GerotorGeometry) => (g.pocketDiameter_mm + g.bodyDiameter_mm) / 4;
const outerLand = (g: GerotorGeometry) => (g.outerDiameter_mm / 2 + outerRoot_mm(g)) / 2;

/** Returns the radius midway between the shaft and the lobes' roots. */
const innerLand = (g: GerotorGeometry) => (g.shaftDiameter_mm / 2 + innerRoot_mm(g)) / 2;

/** Returns what is drawn of a pump: the rotors in their pocket, the cover, or what is loose. */
export function gerotorOutline(g: GerotorGeometry, { view, push, turn_deg = 0 }: Seen): Outline {
  const extent_mm = extent(g);
  const loose = looseOutline(view, extent_mm);
  if (loose) return loose;
  const holes = boltHoles(g);
  const housing = disc('housing', extent_mm);
  const shaft = disc('hole', g.shaftDiameter_mm / 2, innerCentre(g));
  if (view === 'cover') {
    return {
      extent_mm,
      shapes: [housing, disc('track', 0.99 * (g.pocketDiameter_mm / 2)), shaft, ...holes],
    };
  }
  const pocket = disc('pocket', g.pocketDiameter_mm / 2);
  if (view === 'empty') return { extent_mm, shapes: [housing, pocket, shaft, ...holes] };
  const rim = rimPath(push, {
    rim_mm: g.outerDiameter_mm / 2,
    wall_mm: g.pocketDiameter_mm / 2,
    within_mm: outerRoot_mm(g) + relief_mm(g),
  });
  return {
    extent_mm,
    shapes: [
      housing,
      pocket,
      { role: 'driven', path: rim + polygonPath(outerLobes(g, turn_deg)) },
      {
        role: 'drive',
        path:
          polygonPath(innerLobes(g, turn_deg)) + circlePath(innerCentre(g), g.shaftDiameter_mm / 2),
      },
      ...holes,
    ],
  };
}

const planOf = (g: GerotorGeometry): PocketFrame => ({ extent_mm: extent(g), deck_mm: deck(g) });

const PLACEMENTS: PlacementTable<GerotorGeometry> = {
  'deck-flatness': (g, at) => edgeAt(planOf(g), 'empty', deck(g))(at),
  'face-inner': (g, at) => edgeAt(planOf(g), 'body', innerLand(g), innerCentre(g))(at),
  'face-outer': (g, at) => edgeAt(planOf(g), 'body', outerLand(g))(at),
  tip: (g, station) => {
    const lobe = Number(station.replace('lobe-', '')) || 1;
    const probe = onClock(0, g.arcCentreRadius_mm - g.arcRadius_mm);
    return { view: 'body', tool: leafFrom(lobe * 15, probe, 0.35 * g.bodyDiameter_mm), probe };
  },
  'od-pocket': (g, at) => pushedTo(planOf(g), g.pocketDiameter_mm / 2)(at),
  'inner-shaft': (g) => onLoose('bushing finger', extent(g)),
  'rotor-bore': (g) => onLoose('bushing bore', extent(g)),
  'shaft-diameter': (g) => onLoose('shaft mic', extent(g)),
  'cover-wear': (g, at) => edgeAt(planOf(g), 'cover', outerLand(g))(at),
  'pocket-depth': (g, at) => depthAt(planOf(g), 'empty', 0.43 * g.pocketDiameter_mm)(at),
  'track-depth': (g, at) => depthAt(planOf(g), 'cover', outerLand(g))(at),
  'face-depth': (g, at) => depthAt(planOf(g), 'cover', deck(g))(at),
  'pocket-diameter': (g, at) => acrossCircle('bore', 'empty', g.pocketDiameter_mm / 2)(at),
  'outer-diameter': (g, at) => acrossCircle('mic', 'body', g.outerDiameter_mm / 2)(at),
  'inner-width': (g, at) => overWidth(planOf(g), innerLand(g), innerCentre(g))(at),
  'outer-width': (g, at) => overWidth(planOf(g), outerLand(g))(at),
};

/** Returns where a leaf or a gauge goes. */
export const gerotorPlacement = (g: GerotorGeometry, target: string, station: string): Placement =>
  placed(PLACEMENTS, g, target, station, extent(g));
