import type { Characteristic, PartKind, PumpFamily, PumpModel } from './family';
import {
  gerotorGeometry,
  gerotorOutline,
  gerotorPlacement,
  type GerotorGeometry,
} from './gerotor.drawing';
import {
  clearance,
  dimension,
  finger,
  fit,
  GEAR_WIDTH,
  HONED,
  insideBore,
  place,
  POLISHED,
  reliefValve,
  resting,
  teeth,
  twoPlaces,
  WORN_AWAY,
  drawnBy,
} from './measures';
import { BODY, COVER, gearKind, oneOfEach, partKind, valveKinds } from './kinds';
import {
  coverDepths,
  coverWear,
  deck as deckPlane,
  deckFlatness,
  edgeHours,
  faceGap,
  floorTilt,
  lines,
  pocketBore,
  pocketDepth,
  wallGap,
  withCover,
} from './pocket';
import { inTransmission, type InTransmission } from './transmission';
import { gerotorTeardown } from './teardown/gerotor';
import { say } from '../wording/say';

const relief = reliefValve('body');

const face = (id: string, what: string, width: string) =>
  faceGap(id, say('pumps.endClearance', { part: what }), edgeHours(what), width, 'rotors');

const KINDS: readonly PartKind[] = [
  BODY,
  gearKind('inner', 'Inner rotor'),
  gearKind('outer', 'Outer rotor'),
  COVER,
  ...valveKinds('Relief plunger', 'Relief spring'),
];

const SHAFT = partKind('shaft', 'Shaft', 'shaft');

const transmission = inTransmission({ part: 'inner', name: 'Inner rotor' });

/** Describes what turns the inner rotor: a converter hub through its flats, or the shaft that it sits on. */
const DRIVEN_BY: Readonly<
  Record<
    GerotorGeometry['use'],
    Omit<InTransmission, 'hub'> & { readonly on: readonly Characteristic[] }
  >
> = {
  'front-pump': { ...transmission, on: transmission.hub },
  'oil-pump': {
    kinds: [SHAFT],
    parts: oneOfEach([SHAFT]),
    on: [
      clearance('inner-shaft', 'Inner rotor on shaft', 'diametral', {
        terms: fit('rotor-bore', 'shaft-diameter'),
        touch: finger('Inner rotor on its shaft, dry. Does it slide freely, without rock?'),
        runs: 'shaft',
        restoredBy: ['gears'],
        sides: true,
      }),
    ],
    unit: [],
    dimensions: [
      dimension(
        'rotor-bore',
        'Inner rotor bore',
        'inner',
        'bore-gauge',
        insideBore('inner rotor'),
        {
          field: 'shaftDiameter_mm',
          worked: HONED,
          unworked: WORN_AWAY,
        },
      ),
      dimension(
        'shaft-diameter',
        'Shaft diameter',
        'shaft',
        'outside-mic',
        twoPlaces('shaft', 'where the rotor sits'),
        {
          field: 'shaftDiameter_mm',
          worked: POLISHED,
          remedies: ['polish-journal'] as const,
        },
      ),
    ],
  },
};

function model(g: GerotorGeometry): PumpModel {
  const driven = DRIVEN_BY[g.use];
  return {
    kinds: [...KINDS, ...driven.kinds],
    parts: [...oneOfEach(KINDS), ...driven.parts],
    features: [
      deckPlane,
      teeth('inner-lobes', 'Inner rotor lobes', 'inner'),
      teeth('outer-lobes', 'Outer rotor lobes', 'outer'),
    ],
    characteristics: [
      face('face-inner', 'inner rotor', 'inner-width'),
      face('face-outer', 'outer rotor', 'outer-width'),
      clearance('tip', 'Tip clearance', 'opposite full mesh, lobe on lobe', {
        stations: [1, 2, 3].map((n) =>
          place(`lobe-${n}`, say('pumps.lobe', { number: n }), say('pumps.lobes', { number: n })),
        ),
        rests: resting('inner-lobes', 'outer-lobes'),
        runs: 'tip',
        restoredBy: ['gears'],
        caution: 'Keep fingers out of the lobes when turning the rotors.',
      }),
      wallGap('Outer rotor to pocket', 'outer rotor', fit('pocket-diameter', 'outer-diameter')),
      deckFlatness,
      floorTilt(g.pocketDiameter_mm),
      ...driven.on,
      ...relief.characteristics,
      coverWear,
      withCover('stack-inner', 'Total end clearance, inner rotor', 'face-inner'),
      withCover('stack-outer', 'Total end clearance, outer rotor', 'face-outer'),
      ...driven.unit,
    ],
    dimensions: [
      pocketDepth('rotors'),
      dimension(
        'inner-width',
        'Inner rotor width',
        'inner',
        'outside-mic',
        twoPlaces('inner rotor', 'between shaft and lobe'),
        { field: 'width_mm', ...GEAR_WIDTH },
      ),
      dimension(
        'outer-width',
        'Outer rotor width',
        'outer',
        'outside-mic',
        twoPlaces('outer rotor', 'on its rim'),
        { field: 'width_mm', ...GEAR_WIDTH },
      ),
      pocketBore,
      dimension(
        'outer-diameter',
        'Outer rotor diameter',
        'outer',
        'outside-mic',
        lines(['12–6', '3–9'], (l) => say('pumps.micAcrossOuter', { line: l })),
        {
          field: 'outerDiameter_mm',
          worked: POLISHED,
          unworked: WORN_AWAY,
        },
      ),
      ...driven.dimensions,
      ...relief.dimensions,
      ...coverDepths,
    ],
  };
}

/** Gerotor pump: an inner rotor turning in an outer one that has one lobe more. */
export const gerotor: PumpFamily<GerotorGeometry> = {
  id: 'gerotor',
  name: 'Gerotor',
  geometry: gerotorGeometry,
  example: {
    use: 'oil-pump',
    innerLobes: 6,
    eccentricity_mm: 2.8,
    arcCentreRadius_mm: 27,
    arcRadius_mm: 7.5,
    outerDiameter_mm: 66,
    pocketDiameter_mm: 66.14,
    bodyDiameter_mm: 92,
    shaftDiameter_mm: 18,
    width_mm: 16,
    bolts: 6,
  },
  cautions: () => [
    'Relief springs are loaded. Release them slowly; keep your face clear.',
    'Solvent and hot wash: gloves and glasses. Never spin a rotor with compressed air.',
    'Dropped rotors chip. Edges cut.',
  ],
  model: drawnBy(model),
  teardown: ({ use }) => gerotorTeardown(use),
  outline: gerotorOutline,
  placement: gerotorPlacement,
};
