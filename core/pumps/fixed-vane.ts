import { exact } from '../schema/fields';
import { type InferType } from 'yup';
import { disc, edgeThrough, placed, type PlacementTable } from './drawing';
import type { Outline, PartKind, PumpFamily, PumpModel, Seen, Shape } from './family';
import { length, over } from './fields';
import { COVER, oneOfEach, partKind, ROTOR, valveKinds, VANES } from './kinds';
import {
  clearance,
  dimension,
  fit,
  GROUND,
  HONED,
  place,
  reliefValve,
  term,
  WORN_AWAY,
  drawnBy,
} from './measures';
import { circlePath, onClock, ORIGIN, polygonPath, type Point } from './shapes';
import { polarCurve } from './vanes';
import { acrossCircle } from './placing';
import { slottedFields, type SlottedRotor } from './vane.fields';
import { vanePlacements } from './vane.drawing';
import { vaneFrame } from './vane.frame';
import { bearingPlay, races, vaneInSlot, vaneLength, vaneSizes, vaneSlot } from './vane.measures';
import { fixedVaneTeardown } from './teardown/fixed-vane';

type InCam = SlottedRotor & Record<'ringMinor_mm' | 'ringMajor_mm', number>;

/** Describes what the drawing and the sums need to know of a fixed vane cartridge. */
export const fixedVaneGeometry = exact({
  ...slottedFields([6, 16], (g: InCam) => ({
    least: (g.ringMinor_mm - g.rotorDiameter_mm) / 2,
    most: (g.ringMajor_mm - g.rotorDiameter_mm) / 2,
  })),
  ringMinor_mm: length('Cam ring, small diameter').test(
    over('rotorDiameter_mm', 'Cam ring, small diameter must be larger than the rotor.'),
  ),
  ringMajor_mm: length('Cam ring, large diameter').test(
    over('ringMinor_mm', 'Cam ring, large diameter must be larger than the small diameter.'),
  ),
  ringOutside_mm: length('Cam ring outside diameter').test(
    over('ringMajor_mm', 'Cam ring outside diameter must be larger than its bore.'),
  ),
  width_mm: length('Ring width'),
});

export type FixedVaneGeometry = InferType<typeof fixedVaneGeometry>;

/** Share of a quarter turn in which the cam neither rises nor falls, at either end. */
const DWELL = 0.3;

/**
 * Returns the cam ring's bore along a clock angle, in mm from the middle: small at 12
 * and 6, large at 3 and 9, with dwells between which it rises as a cycloid
 * (the usual law of cam textbooks: no step in its acceleration).
 */
export function camRadius(g: FixedVaneGeometry, angle_deg: number): number {
  const quarter = Math.abs((((angle_deg % 180) + 180) % 180) - 90) / 90;
  const share = Math.min(1, Math.max(0, (1 - quarter - DWELL) / (1 - 2 * DWELL)));
  const rise = share - Math.sin(2 * Math.PI * share) / (2 * Math.PI);
  return (g.ringMinor_mm + (g.ringMajor_mm - g.ringMinor_mm) * rise) / 2;
}

/** The ring about the rotor is the cam that its vanes run on. */
const FRAME = vaneFrame<FixedVaneGeometry>({
  ring_mm: (g) => g.ringMajor_mm,
  deck_mm: (g) => [g.ringMajor_mm, g.ringOutside_mm],
  margin: 1.08,
  ringAt: (g) => (angle_deg) => camRadius(g, angle_deg),
});
const { plan: planOf } = FRAME;

export const { rotor: fixedVaneRotor } = FRAME;

/** Returns the arrow on the land of the ring, past 12; its shaft goes round with the ring. */
function arrow(g: FixedVaneGeometry): Point[] {
  const out = (g.ringMinor_mm + g.ringOutside_mm) / 4;
  const wide = Math.min(0.05 * g.ringOutside_mm, 0.15 * (g.ringOutside_mm - g.ringMinor_mm));
  const side = (radius: number) =>
    Array.from({ length: 10 }, (_, i) => onClock(2 * i - 10, radius));
  return [
    ...side(out - 0.3 * wide),
    onClock(8, out - wide),
    onClock(18, out),
    onClock(8, out + wide),
    ...side(out + 0.3 * wide).reverse(),
  ];
}

/** Returns the cam ring with the arrow that shows which way it turns: flipped, it pumps the other way. */
function ring(g: FixedVaneGeometry): Shape[] {
  const bore = polarCurve((turn) => camRadius(g, turn));
  return [
    { role: 'driven', path: circlePath(ORIGIN, g.ringOutside_mm / 2) + polygonPath(bore) },
    { role: 'port', path: polygonPath(arrow(g)) },
  ];
}

const outline = (g: FixedVaneGeometry, seen: Seen): Outline =>
  FRAME.outline(g, seen, (rotor) => [disc('pocket', g.ringOutside_mm / 2), ...ring(g), ...rotor]);

const PLACEMENTS: PlacementTable<FixedVaneGeometry> = {
  ...vanePlacements(planOf),
  'ring-major': (g, station) =>
    acrossCircle('bore', 'empty', g.ringMajor_mm / 2)(station === 'a' ? '3' : '9'),
  'ring-width': (g, station) => {
    const plan = planOf(g);
    const probe = onClock(station === 'a' ? 0 : 180, plan.deck_mm);
    const [from, to] = edgeThrough(probe, 90, 0.12 * plan.extent_mm);
    return { view: 'body', tool: { kind: 'mic', from, to }, probe };
  },
};

const relief = reliefValve('cover');

const KINDS: readonly PartKind[] = [
  ROTOR,
  VANES,
  partKind('ring', 'Cam ring', 'ring', 'holds'),
  COVER,
  ...valveKinds('Relief plunger', 'Relief spring'),
];
const BEARING = partKind('bearing', 'Bearing', 'bearing');

function model(g: FixedVaneGeometry): PumpModel {
  return {
    kinds: KINDS,
    parts: oneOfEach([...KINDS, BEARING]),
    features: [races('bearing')],
    characteristics: [
      clearance({
        id: 'side-rotor',
        name: 'Side clearance, rotor',
        convention: 'total of both sides: ring width less rotor width',
        stations: [
          place('12', '12', 'Straightedge across the ring, 12–6. Leaf on the rotor at 12.'),
          place('6', '6', 'Straightedge across the ring, 12–6. Leaf on the rotor at 6.'),
          place('3', '3', 'Straightedge across the ring, 3–9. Leaf on the rotor at 3.'),
        ],
        terms: fit('ring-width', 'rotor-width'),
        runs: 'face',
        caution: 'Ring and rotor flat on the plate, bone dry.',
      }),
      vaneSlot,
      vaneLength,
      vaneInSlot(term('ring-major', -0.5), term('rotor-diameter', 0.5)),
      clearance({
        id: 'ring-wear',
        name: 'Ring wear',
        convention: 'worn cam surface against the unworn rim, across',
        terms: fit('ring-track', 'ring-rim'),
        restoredBy: ['ring'],
        caution: 'Mark the ring’s arrow side before you turn it over.',
      }),
      bearingPlay('bearing-play', 'Bearing play', 'bearing-races'),
      ...relief.characteristics,
    ],
    dimensions: [
      ...vaneSizes(g.vanes),
      dimension({
        id: 'ring-width',
        name: 'Ring width',
        part: 'ring',
        instrument: 'outside-mic',
        stations: [
          place('a', 'at 12', 'Outside mic over the cam ring at 12.'),
          place('b', 'at 6', 'Outside mic over the cam ring at 6.'),
        ],
        field: 'width_mm',
        worked: GROUND,
        unworked: 'A cam ring is not ground: rotor and vanes would have to follow.',
      }),
      dimension({
        id: 'ring-major',
        name: 'Ring, large diameter',
        part: 'ring',
        instrument: 'bore-gauge',
        stations: [
          place('a', 'first', 'Bore gauge across the large diameter, 3–9.'),
          place('b', 'deeper', 'Bore gauge across the large diameter, deeper in.'),
        ],
        field: 'ringMajor_mm',
        worked: HONED,
        unworked: WORN_AWAY,
      }),
      dimension({
        id: 'ring-track',
        name: 'Ring across the worn cam surface',
        part: 'ring',
        instrument: 'bore-gauge',
        stations: [
          place('3-9', 'at 3–9', 'Bore gauge on the worn cam surface, 3–9.'),
          place('2-8', 'at 2–8', 'Bore gauge on the worn cam surface, 2–8, where ripples show.'),
        ],
        worked: HONED,
        unworked: WORN_AWAY,
      }),
      dimension({
        id: 'ring-rim',
        name: 'Ring beside the worn cam surface',
        part: 'ring',
        instrument: 'bore-gauge',
        stations: [
          place('3-9', 'at 3–9', 'Bore gauge at the unworn rim, 3–9.'),
          place('2-8', 'at 2–8', 'Bore gauge at the unworn rim, 2–8.'),
        ],
        worked: HONED,
        unworked: WORN_AWAY,
      }),
      ...relief.dimensions,
    ],
  };
}

/** Fixed vane cartridge: rotor and vanes in a cam ring with two rises, between plates. */
export const fixedVane: PumpFamily<FixedVaneGeometry> = {
  id: 'fixed-vane',
  name: 'Fixed vane cartridge',
  geometry: fixedVaneGeometry,
  example: {
    vanes: 12,
    vaneThickness_mm: 2,
    vaneLength_mm: 9,
    rotorDiameter_mm: 54,
    slotDepth_mm: 10.5,
    shaftDiameter_mm: 22,
    ringMinor_mm: 54.6,
    ringMajor_mm: 62,
    ringOutside_mm: 82,
    width_mm: 24,
  },
  cautions: () => [
    'The cover’s spring pushes the pressure plate: slacken its bolts evenly and under control.',
    'Mark ring arrow, vane edges and cover position before anything is turned.',
    'Solvent and hot wash: gloves and glasses. Never spin a bearing with compressed air.',
  ],
  model: drawnBy(model),
  teardown: () => fixedVaneTeardown,
  outline,
  placement: (g, target, station) => placed(PLACEMENTS, g, target, station, planOf(g).extent_mm),
};
