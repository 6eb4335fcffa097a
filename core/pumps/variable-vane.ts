import { exact } from '../schema/fields';
import { type InferType } from 'yup';
import { boltHoles, disc, looseOutline, onLoose, placed, type PlacementTable } from './drawing';
import type { Outline, PartKind, Placement, PumpFamily, PumpModel } from './family';
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
} from './measures';
import { coverDepths, coverWear, deck, floorTilt, pocketDepth, withCover } from './pocket';
import { circlePath, onClock, ORIGIN, type Point } from './shapes';
import { circleFrom, vaneRotorShapes, type VaneRotor } from './vanes';
import { edgeAt, overWidth } from './placing';
import { roundGap, slottedFields, type SlottedRotor } from './vane.fields';
import { vanePlacements, type VanePlan } from './vane.drawing';
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
  eccentricity_mm: length('Largest eccentricity').test(
    'room',
    'Largest eccentricity is too large: the rotor would run into the slide.',
    (e, { parent }) => {
      const g = parent as { slideBore_mm: number; rotorDiameter_mm: number };
      return 2 * e < g.slideBore_mm - g.rotorDiameter_mm;
    },
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
 * The pin is drawn no thicker than the slide's wall on its one side and the body's on the other
 * can take.
 */
const pinRadius = (g: VariableVaneGeometry): number =>
  Math.min(
    0.035 * g.bodyDiameter_mm,
    0.2 * (g.slideDiameter_mm - g.slideBore_mm),
    (g.pocketDiameter_mm - g.slideDiameter_mm) / 2 +
      0.1 * (g.bodyDiameter_mm - g.pocketDiameter_mm),
  );

const rotorCentre = (g: VariableVaneGeometry): Point => ({ x: 0, y: g.eccentricity_mm });

/** Returns the rotor with its vanes as it is drawn, with the slide at its full stroke. */
export const variableVaneRotor = (g: VariableVaneGeometry): VaneRotor => ({
  centre: rotorCentre(g),
  radius_mm: g.rotorDiameter_mm / 2,
  vanes: g.vanes,
  thickness_mm: g.vaneThickness_mm,
  slotDepth_mm: g.slotDepth_mm,
  shaftRadius_mm: g.shaftDiameter_mm / 2,
  ringAt: circleFrom(rotorCentre(g), ORIGIN, g.slideBore_mm / 2),
});

const planOf = (g: VariableVaneGeometry): VanePlan => ({
  extent_mm: g.bodyDiameter_mm / 2,
  deck_mm: (g.pocketDiameter_mm + g.bodyDiameter_mm) / 4,
  rotorCentre: rotorCentre(g),
  rotorRadius_mm: g.rotorDiameter_mm / 2,
  shaftRadius_mm: g.shaftDiameter_mm / 2,
  ringRadius_mm: g.slideBore_mm / 2,
});

function outline(g: VariableVaneGeometry, { view }: Pick<Placement, 'view'>): Outline {
  const extent_mm = g.bodyDiameter_mm / 2;
  const loose = looseOutline(view, extent_mm);
  if (loose) return loose;
  const housing = disc('housing', extent_mm);
  const holes = boltHoles(g);
  const pin = disc('hole', pinRadius(g), pivotAt(g));
  const shaft = disc('hole', g.shaftDiameter_mm / 2, rotorCentre(g));
  if (view === 'cover') {
    return {
      extent_mm,
      shapes: [housing, disc('track', g.slideDiameter_mm / 2), shaft, pin, ...holes],
    };
  }
  const pocket = disc('pocket', g.pocketDiameter_mm / 2);
  if (view === 'empty') return { extent_mm, shapes: [housing, pocket, shaft, pin, ...holes] };
  return {
    extent_mm,
    shapes: [
      housing,
      pocket,
      {
        role: 'driven',
        path: circlePath(ORIGIN, g.slideDiameter_mm / 2) + circlePath(ORIGIN, g.slideBore_mm / 2),
      },
      pin,
      ...vaneRotorShapes(variableVaneRotor(g), g.vaneLength_mm),
      ...holes,
    ],
  };
}

const slideLand = (g: VariableVaneGeometry) => (g.slideBore_mm + g.slideDiameter_mm) / 4;

const PLACEMENTS: PlacementTable<VariableVaneGeometry> = {
  ...vanePlacements(planOf),
  'side-slide': (g, station) => edgeAt(planOf(g), 'body', slideLand(g))(station),
  'side-vanes': (g, station) =>
    edgeAt(planOf(g), 'body', g.rotorDiameter_mm / 2, rotorCentre(g))(station),
  'slide-width': (g, station) => overWidth(planOf(g), slideLand(g))(station),
  'vane-width': (g, station) =>
    overWidth(planOf(g), g.rotorDiameter_mm / 2, rotorCentre(g))(station),
  'slide-pivot': (g) => onLoose('bushing finger', g.bodyDiameter_mm / 2),
  'pivot-bore': (g) => onLoose('bushing bore', g.bodyDiameter_mm / 2),
  'pivot-pin': (g) => onLoose('shaft mic', g.bodyDiameter_mm / 2),
  'outer-face': (g, station) =>
    overWidth(planOf(g), (g.pocketDiameter_mm + g.bodyDiameter_mm) / 4)(station),
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
      feature(
        'seal-grooves',
        'Slide seal grooves',
        'slide',
        { dressed: 0 },
        { remedies: ['stone'] },
      ),
    ],
    characteristics: [
      sideGap('side-rotor', 'rotor', 'rotor face', 'rotor-width'),
      sideGap('side-vanes', 'vanes', 'vane end', 'vane-width'),
      sideGap('side-slide', 'slide', 'slide face', 'slide-width'),
      vaneSlot,
      clearance('pocket-depth', 'Pocket depth', 'deck to floor', {
        ...sizeAlone('pocket-depth'),
        caution: FOLLOWS,
      }),
      floorTilt(g.pocketDiameter_mm, FOLLOWS),
      clearance('outer-face', 'Outer face', 'deck to outer face; follows the cut of the pocket', {
        ...sizeAlone('outer-face'),
        caution: FOLLOWS,
      }),
      vaneLength,
      clearance('slide-pivot', 'Slide on its pivot', 'diametral', {
        terms: fit('pivot-bore', 'pivot-pin'),
        touch: finger('Swing the slide on its pivot, dry. Does the slide swing by its own weight?'),
        runs: 'shaft',
        sides: true,
        caution: 'The slide’s spring is loaded. Release it slowly; keep your face clear.',
      }),
      clearance('slide-seals', 'Slide seals', 'by hand: they spring out and stay', {
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
      pocketDepth(g.width_mm, 'parts'),
      dimension(
        'outer-face',
        'Outer face',
        'body',
        'height-gauge',
        [
          place('a', 'first', 'Body on its deck, on the plate: height gauge over the outer face.'),
          place('b', '180° round', 'Height gauge over the outer face again, 180° round.'),
        ],
        {
          also: ['depth-mic', 'outside-mic'],
          caution: FOLLOWS,
          worked: { faced: -1, ground: -1 },
          remedies: ['sink-pocket'],
        },
      ),
      ...vaneSizes(g.vanes, {
        thickness_mm: g.vaneThickness_mm,
        rotor_mm: g.rotorDiameter_mm,
        width_mm: g.width_mm,
      }),
      dimension(
        'vane-width',
        'Vane width',
        'vane',
        'outside-mic',
        [
          place('a', 'first vane', 'Outside mic over the first vane, end to end.'),
          place('b', 'opposite vane', 'Outside mic over the opposite vane, end to end.'),
        ],
        { drawn_mm: g.width_mm, field: 'width_mm', ...GEAR_WIDTH },
      ),
      dimension(
        'slide-width',
        'Slide width',
        'slide',
        'outside-mic',
        [
          place('a', 'first place', 'Outside mic over the slide, beside the pivot.'),
          place('b', 'opposite', 'Outside mic over the slide, opposite the pivot.'),
        ],
        { drawn_mm: g.width_mm, field: 'width_mm', ...GEAR_WIDTH },
      ),
      dimension('pivot-bore', 'Pivot bore', 'slide', 'bore-gauge', insideBore('pivot hole'), {
        worked: HONED,
        unworked: WORN_AWAY,
      }),
      dimension(
        'pivot-pin',
        'Pivot pin',
        'body',
        'outside-mic',
        [
          place('a', 'first', 'Outside mic over the pivot pin.'),
          place('b', '90° round', 'Outside mic over the pivot pin, 90° round.'),
        ],
        { worked: POLISHED, remedies: ['polish-journal'] },
      ),
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
  model,
  teardown: () => variableVaneTeardown,
  outline,
  placement: (g, target, station) => placed(PLACEMENTS, g, target, station, g.bodyDiameter_mm / 2),
};
