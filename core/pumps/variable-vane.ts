import { exact } from '../schema/fields';
import { type InferType } from 'yup';
import { boltHoles, disc, onLoose, placed, type PlacementTable } from './drawing';
import type { Outline, PartKind, PumpFamily, PumpModel, Seen } from './family';
import { count, length, over } from './fields';
import { BODY, COVER, oneOfEach, partKind, ROTOR, valveKinds, VANES } from './kinds';
import {
  clearance,
  dimension,
  feature,
  finger,
  fit,
  GEAR_WIDTH,
  HONED,
  insideBore,
  place,
  POLISHED,
  reliefValve,
  resting,
  sizeAlone,
  WORN_AWAY,
  drawnBy,
} from './measures';
import { coverDepths, coverWear, deck, floorTilt, pocketDepth, withCover } from './pocket';
import { onClock, type Point } from './shapes';
import { edgeAt, overWidth } from './placing';
import { roundGap, slottedFields, type SlottedRotor } from './vane.fields';
import { vanePlacements } from './vane.drawing';
import { offCentre, roundRing, vaneFrame } from './vane.frame';
import { sideGap, vaneLength, vaneSizes, vaneSlot } from './vane.measures';
import { inTransmission } from './transmission';
import { variableVaneTeardown } from './teardown/variable-vane';

type InSlide = SlottedRotor & Record<'slideBore_mm' | 'eccentricity_mm', number>;

/** Describes what the drawing and the sums need to know of a variable vane pump. */
export const variableVaneGeometry = exact({
  ...slottedFields([5, 15], (g: InSlide) =>
    roundGap(g.rotorDiameter_mm, g.slideBore_mm, g.eccentricity_mm),
  ),
  slideBore_mm: length('Slide bore').test(
    over('rotorDiameter_mm', 'Slide bore must be larger than the rotor.'),
  ),
  eccentricity_mm: offCentre(
    'Largest eccentricity',
    'slideBore_mm',
    'Largest eccentricity is too large: the rotor would run into the slide.',
  ),
  slideDiameter_mm: length('Slide outside diameter').test(
    over('slideBore_mm', 'Slide outside diameter must be larger than its bore.'),
  ),
  pocketDiameter_mm: length('Pocket across').test(
    over('slideDiameter_mm', 'Pocket must be larger than the slide.'),
  ),
  bodyDiameter_mm: length('Body diameter').test(
    over('pocketDiameter_mm', 'Body diameter must be larger than the pocket.'),
  ),
  width_mm: length('Rotor width'),
  bolts: count('Bolts', 3, 24),
});

export type VariableVaneGeometry = InferType<typeof variableVaneGeometry>;

/** Returns the centre of the pin at 9 on which the slide swings; it is drawn at its largest stroke, away from it. */
const pivotAt = (g: VariableVaneGeometry): Point => onClock(270, g.slideDiameter_mm / 2);

/**
 * Returns the radius of the drawn pin, in mm: no thicker than the slide’s wall on its one side and the
 * body’s on the other can take.
 */
const pinRadius = (g: VariableVaneGeometry): number =>
  Math.min(
    0.035 * g.bodyDiameter_mm,
    0.2 * (g.slideDiameter_mm - g.slideBore_mm),
    (g.pocketDiameter_mm - g.slideDiameter_mm) / 2 +
      0.1 * (g.bodyDiameter_mm - g.pocketDiameter_mm),
  );

/** The slide is drawn at its full stroke. */
const FRAME = vaneFrame<VariableVaneGeometry>({
  ring_mm: (g) => g.slideBore_mm,
  deck_mm: (g) => [g.pocketDiameter_mm, g.bodyDiameter_mm],
  off_mm: (g) => g.eccentricity_mm,
});
const { plan: planOf } = FRAME;

export const { rotor: variableVaneRotor } = FRAME;

const outline = (g: VariableVaneGeometry, seen: Seen): Outline =>
  FRAME.outline(g, seen, (rotor) => {
    const pin = disc('hole', pinRadius(g), pivotAt(g));
    const shaft = disc('hole', g.shaftDiameter_mm / 2, planOf(g).rotorCentre);
    const pocket = disc('pocket', g.pocketDiameter_mm / 2);
    const holes = boltHoles(g);
    if (seen.view === 'cover') return [disc('track', g.slideDiameter_mm / 2), shaft, pin, ...holes];
    if (seen.view === 'empty') return [pocket, shaft, pin, ...holes];
    return [pocket, roundRing(g.slideDiameter_mm, g.slideBore_mm), pin, ...rotor, ...holes];
  });

const slideLand = (g: VariableVaneGeometry) => (g.slideBore_mm + g.slideDiameter_mm) / 4;

const PLACEMENTS: PlacementTable<VariableVaneGeometry> = {
  ...vanePlacements(planOf),
  'side-slide': (g, station) => edgeAt(planOf(g), 'body', slideLand(g))(station),
  'side-vanes': (g, station) => {
    const plan = planOf(g);
    return edgeAt(plan, 'body', plan.rotorRadius_mm, plan.rotorCentre)(station);
  },
  'slide-width': (g, station) => overWidth(planOf(g), slideLand(g))(station),
  'vane-width': (g, station) => {
    const plan = planOf(g);
    return overWidth(plan, plan.rotorRadius_mm, plan.rotorCentre)(station);
  },
  'slide-pivot': (g) => onLoose('bushing finger', g.bodyDiameter_mm / 2),
  'pivot-bore': (g) => onLoose('bushing bore', g.bodyDiameter_mm / 2),
  'pivot-pin': (g) => onLoose('shaft mic', g.bodyDiameter_mm / 2),
  'outer-face': (g, station) => overWidth(planOf(g), planOf(g).deck_mm)(station),
  'slide-seals': (g) => {
    const probe = onClock(90, g.slideDiameter_mm / 2);
    return { view: 'body', tool: { kind: 'finger', from: probe, to: probe }, probe };
  },
};

const FOLLOWS =
  'If you machine the pocket, take the same off the outer face, or other parts will foul.';
const relief = reliefValve('body');
const transmission = inTransmission({ part: 'rotor', name: 'Rotor' });

const KINDS: readonly PartKind[] = [
  BODY,
  ROTOR,
  VANES,
  partKind('slide', 'Slide', 'slide'),
  COVER,
  ...valveKinds('Regulator valve', 'Regulator spring'),
];

function model(g: VariableVaneGeometry): PumpModel {
  return {
    kinds: [...KINDS, ...transmission.kinds],
    parts: [...oneOfEach(KINDS), ...transmission.parts],
    features: [
      deck,
      feature({
        id: 'seal-grooves',
        name: 'Slide seal grooves',
        part: 'slide',
        worked: { dressed: 0 },
        remedies: ['stone'],
      }),
    ],
    characteristics: [
      sideGap('side-rotor', 'rotor', 'rotor face', 'rotor-width'),
      sideGap('side-vanes', 'vanes', 'vane end', 'vane-width'),
      sideGap('side-slide', 'slide', 'slide face', 'slide-width'),
      vaneSlot,
      clearance({
        id: 'pocket-depth',
        name: 'Pocket depth',
        convention: 'deck to floor',
        ...sizeAlone('pocket-depth'),
        caution: FOLLOWS,
      }),
      floorTilt(g.pocketDiameter_mm, FOLLOWS),
      clearance({
        id: 'outer-face',
        name: 'Outer face',
        convention: 'deck to outer face; follows the cut of the pocket',
        ...sizeAlone('outer-face'),
        caution: FOLLOWS,
      }),
      vaneLength,
      clearance({
        id: 'slide-pivot',
        name: 'Slide on its pivot',
        convention: 'diametral',
        terms: fit('pivot-bore', 'pivot-pin'),
        touch: finger('Swing the slide on its pivot, dry. Does the slide swing by its own weight?'),
        runs: 'shaft',
        sides: true,
        caution: 'The slide’s spring is loaded. Release it slowly; keep your face clear.',
      }),
      clearance({
        id: 'slide-seals',
        name: 'Slide seals',
        convention: 'by hand: they spring out and stay',
        rests: resting('seal-grooves'),
        restoredBy: ['slide'],
        touch: finger(
          'Press each slide seal into its groove. Does the seal spring out and slide freely?',
        ),
      }),
      ...transmission.hub,
      ...relief.characteristics,
      coverWear,
      withCover('stack-rotor', 'Total side clearance, rotor', 'side-rotor'),
      withCover('stack-slide', 'Total side clearance, slide', 'side-slide'),
      ...transmission.unit,
    ],
    dimensions: [
      pocketDepth('parts'),
      dimension({
        id: 'outer-face',
        name: 'Outer face',
        part: 'body',
        instrument: 'height-gauge',
        stations: [
          place('a', 'first', 'Body on its deck, on the plate: height gauge over the outer face.'),
          place('b', '180° round', 'Height gauge over the outer face again, 180° round.'),
        ],
        also: ['depth-mic', 'outside-mic'],
        caution: FOLLOWS,
        worked: { faced: -1, ground: -1 },
        remedies: ['sink-pocket'],
      }),
      ...vaneSizes(g.vanes),
      dimension({
        id: 'vane-width',
        name: 'Vane width',
        part: 'vane',
        instrument: 'outside-mic',
        stations: [
          place('a', 'first vane', 'Outside mic over the first vane, end to end.'),
          place('b', 'opposite vane', 'Outside mic over the opposite vane, end to end.'),
        ],
        field: 'width_mm',
        ...GEAR_WIDTH,
      }),
      dimension({
        id: 'slide-width',
        name: 'Slide width',
        part: 'slide',
        instrument: 'outside-mic',
        stations: [
          place('a', 'first place', 'Outside mic over the slide, beside the pivot.'),
          place('b', 'opposite', 'Outside mic over the slide, opposite the pivot.'),
        ],
        field: 'width_mm',
        ...GEAR_WIDTH,
      }),
      dimension({
        id: 'pivot-bore',
        name: 'Pivot bore',
        part: 'slide',
        instrument: 'bore-gauge',
        stations: insideBore('pivot hole'),
        worked: HONED,
        unworked: WORN_AWAY,
      }),
      dimension({
        id: 'pivot-pin',
        name: 'Pivot pin',
        part: 'body',
        instrument: 'outside-mic',
        stations: [
          place('a', 'first', 'Outside mic over the pivot pin.'),
          place('b', '90° round', 'Outside mic over the pivot pin, 90° round.'),
        ],
        worked: POLISHED,
        remedies: ['polish-journal'],
      }),
      ...transmission.dimensions,
      ...relief.dimensions,
      ...coverDepths,
    ],
  };
}

/** Variable-displacement vane pump: a slide on a pivot sets how far the vanes reach. */
export const variableVane: PumpFamily<VariableVaneGeometry> = {
  id: 'variable-vane',
  name: 'Variable vane',
  geometry: variableVaneGeometry,
  example: {
    vanes: 7,
    vaneThickness_mm: 2.5,
    vaneLength_mm: 9.2,
    rotorDiameter_mm: 55,
    slotDepth_mm: 10,
    shaftDiameter_mm: 24,
    slideBore_mm: 62,
    eccentricity_mm: 2.8,
    slideDiameter_mm: 80,
    pocketDiameter_mm: 92,
    bodyDiameter_mm: 120,
    width_mm: 18,
    bolts: 7,
  },
  cautions: () => [
    'The slide’s spring and the regulator’s are loaded. Release them slowly; face clear.',
    'Solvent and hot wash: gloves and glasses. Never spin a part with compressed air.',
    'Vanes and vane rings snap: carry them, do not tip them out.',
  ],
  model: drawnBy(model),
  teardown: () => variableVaneTeardown,
  outline,
  placement: (g, target, station) => placed(PLACEMENTS, g, target, station, g.bodyDiameter_mm / 2),
};
