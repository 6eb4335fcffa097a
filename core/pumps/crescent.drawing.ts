import { exact } from '../schema/fields';
import { type InferType } from 'yup';
import { boltHoles, disc, looseOutline, placed, rimPath, type PlacementTable } from './drawing';
import {
  crescentBlock,
  crescentEnd,
  crescentFaces,
  cutPinion,
  pinion,
  pinionCentre,
  pinionRoot,
  ring,
  ringRoot,
  turningGears,
  type Gears,
} from './crescent.gears';
import type { Outline, Placement, Seen } from './family';
import { trimmed } from '../quantity/format';
import { angle, atLeast, count, fits, length, over, under } from './fields';
import { KNIFE, thinnest } from './involute';
import { acrossCircle, depthAt, edgeAt, overWidth, pushedTo, type PocketFrame } from './placing';
import { onClock, polygonPath, turnedAbout, type Point } from './shapes';
import { say } from '../wording/say';

/** Says how far tips stand off their pitch circle, in modules: less is no tooth, more reaches no mate. */
const ADDENDUM = { least: 0.2, most: 1.5 } as const;

/** It reaches so far to either side of 6 at least, in radians. */
const CRESCENT_REACH = Math.PI / 6;

/** The wall that the drawing leaves round the pocket of the cover's gear track, per pocket diameter. */
const TRACK_MARGIN = 0.01;

/**
 * Says of a tip diameter that it does not go with the module; false where it does.
 *
 * @param outwards 1 for teeth that point outwards, −1 for those of a ring
 */
function tipOff(label: string, g: Gears, teeth: number, tip: number, outwards: 1 | -1) {
  const addendum = (outwards * (tip - g.module_mm * teeth)) / (2 * g.module_mm);
  if (addendum >= ADDENDUM.least && addendum <= ADDENDUM.most) return false;
  const range = [ADDENDUM.least, ADDENDUM.most]
    .map((a) => g.module_mm * (teeth + 2 * outwards * a))
    .sort((a, b) => a - b)
    .map((mm) => trimmed(mm, 2));
  const [least = '', most = ''] = range;
  return say('geometry.teethOfModule', { field: label, least, most, teeth });
}

/** Describes what the drawing and the sums need to know of a crescent pump. */
export const crescentGeometry = exact({
  pinionTeeth: count('Drive gear teeth', 8, 60),
  ringTeeth: count('Driven gear teeth', 12, 90)
    .test(
      'room',
      'Driven gear must have at least 4 more teeth than the drive gear.',
      (teeth, { parent }) => teeth - (parent as { pinionTeeth: number }).pinionTeeth >= 4,
    )
    .test(
      fits((g: Gears, teeth) => {
        const most = Math.ceil(g.pinionTeeth + g.pinionTipDiameter_mm / g.module_mm) - 1;
        return teeth > most && say('geometry.mostTeeth', { most });
      }),
    ),
  module_mm: length('Module'),
  pressureAngle_deg: angle('Pressure angle', 14, 30),
  pinionTipDiameter_mm: length('Drive gear tip diameter').test(
    fits((g: Gears, tip) => {
      const off = tipOff('Drive gear tip diameter', g, g.pinionTeeth, tip, 1);
      if (off) return off;
      if (thinnest(cutPinion(g)) < KNIFE) {
        return 'Drive gear tip diameter: the teeth come to a point before it. Use a smaller one, or a smaller pressure angle.';
      }
      return (
        !crescentFaces(g).thick(CRESCENT_REACH) &&
        'Drive gear tip diameter: the tips of the two gears leave no room for a crescent. Use smaller tips.'
      );
    }),
  ),
  ringTipDiameter_mm: length('Driven gear tip diameter').test(
    fits((g: Gears, tip) => {
      const off = tipOff('Driven gear tip diameter', g, g.ringTeeth, tip, -1);
      if (off) return off;
      return (
        (thinnest(ring(g), true) < KNIFE || thinnest(pinion(g)) < KNIFE) &&
        'Driven gear tip diameter: its teeth would cut through those of the drive gear. Use a larger one, or a larger difference in teeth.'
      );
    }),
  ),
  ringOutsideDiameter_mm: length('Driven gear outside diameter').test(
    fits((g: Gears, outside) => {
      const least = 2 * ringRoot(g) + KNIFE * g.module_mm;
      return outside < least && say('geometry.leastOutside', { least: atLeast(least) });
    }),
  ),
  pocketDiameter_mm: length('Pocket bore').test(
    over('ringOutsideDiameter_mm', 'Pocket bore must be larger than the driven gear.'),
  ),
  bodyDiameter_mm: length('Body diameter').test(
    over('pocketDiameter_mm', 'Body diameter must be larger than the pocket.'),
  ),
  hubBore_mm: length('Drive gear bore').test(
    fits((g: Gears, bore) =>
      under(
        'Drive gear bore',
        bore,
        2 * pinionRoot(g) - KNIFE * g.module_mm,
        'or it breaks into the roots of the teeth',
      ),
    ),
  ),
  width_mm: length('Gear width'),
  bolts: count('Bolts', 3, 24),
});

export type CrescentGeometry = InferType<typeof crescentGeometry>;

/** Draws two driving flats across the drive gear's bore. */
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
export function crescentOutline(g: CrescentGeometry, { view, push, turn_deg = 0 }: Seen): Outline {
  const extent_mm = g.bodyDiameter_mm / 2;
  const loose = looseOutline(view, extent_mm);
  if (loose) return loose;
  const hub = pinionCentre(g);
  const holes = boltHoles(g);
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
  const teeth = turningGears(g)(turn_deg);
  const rim = rimPath(push, {
    rim_mm: g.ringOutsideDiameter_mm / 2,
    wall_mm: g.pocketDiameter_mm / 2,
    within_mm: ringRoot(g),
  });
  return {
    extent_mm,
    shapes: [
      housing,
      pocket,
      { role: 'driven', path: rim + polygonPath(teeth.driven) },
      crescentShape,
      {
        role: 'drive',
        path: polygonPath(teeth.drive) + polygonPath(turnedAbout(hubBore(g, hub), -turn_deg, hub)),
      },
      ...holes,
    ],
  };
}

const deck = (g: CrescentGeometry) => (g.pocketDiameter_mm + g.bodyDiameter_mm) / 4;
const ringLand = (g: CrescentGeometry) => (g.ringOutsideDiameter_mm / 2 + ringRoot(g)) / 2;
const pinionLand = (g: CrescentGeometry) => (pinionRoot(g) + g.hubBore_mm / 2) / 2;
const extent = (g: CrescentGeometry) => g.bodyDiameter_mm / 2;

/** Says where along the crescent its tip gaps are tried: both ends and the middle. */
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

const planOf = (g: CrescentGeometry): PocketFrame => ({ extent_mm: extent(g), deck_mm: deck(g) });

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
