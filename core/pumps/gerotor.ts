import type { PumpFamily, PumpModel } from './family';
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
  HONED,
  insideBore,
  place,
  POLISHED,
  resting,
  twoPlaces,
  WORN_AWAY,
  drawnBy,
} from './measures';
import { oneOfEach, partKind } from './kinds';
import { inTransmission, type InTransmission } from './transmission';
import { gerotorTeardown } from './teardown/gerotor';
import { say } from '../wording/say';
import { gearsInPocket } from './gearsInPocket';

const PAIR = gearsInPocket({
  turning: 'rotors',
  meshing: 'lobes',
  inner: { part: 'inner', name: 'Inner rotor', between: 'between shaft and lobe' },
  outer: {
    part: 'outer',
    name: 'Outer rotor',
    between: 'on its rim',
    across: {
      name: 'Outer rotor diameter',
      field: 'outerDiameter_mm',
      words: 'pumps.micAcrossOuter',
    },
  },
});

const SHAFT = partKind('shaft', 'Shaft', 'shaft');

const transmission = inTransmission({ part: 'inner', name: 'Inner rotor' });

/** Describes what turns the inner rotor: a converter hub through its flats, or the shaft that it sits on. */
const DRIVEN_BY: Readonly<Record<GerotorGeometry['use'], InTransmission>> = {
  'front-pump': transmission,
  'oil-pump': {
    kinds: [SHAFT],
    parts: oneOfEach([SHAFT]),
    hub: [
      clearance({
        id: 'inner-shaft',
        name: 'Inner rotor on shaft',
        convention: 'diametral',
        terms: fit('rotor-bore', 'shaft-diameter'),
        touch: finger('Inner rotor on its shaft, dry. Does it slide freely, without rock?'),
        runs: 'shaft',
        restoredBy: ['gears'],
        sides: true,
      }),
    ],
    unit: [],
    dimensions: [
      dimension({
        id: 'rotor-bore',
        name: 'Inner rotor bore',
        part: 'inner',
        instrument: 'bore-gauge',
        stations: insideBore('inner rotor'),
        field: 'shaftDiameter_mm',
        worked: HONED,
        unworked: WORN_AWAY,
      }),
      dimension({
        id: 'shaft-diameter',
        name: 'Shaft diameter',
        part: 'shaft',
        instrument: 'outside-mic',
        stations: twoPlaces('shaft', 'where the rotor sits'),
        field: 'shaftDiameter_mm',
        worked: POLISHED,
        remedies: ['polish-journal'] as const,
      }),
    ],
  },
};

const tip = clearance({
  id: 'tip',
  name: 'Tip clearance',
  convention: 'opposite full mesh, lobe on lobe',
  stations: [1, 2, 3].map((n) =>
    place(`lobe-${n}`, say('pumps.lobe', { number: n }), say('pumps.lobes', { number: n })),
  ),
  rests: resting('inner-lobes', 'outer-lobes'),
  runs: 'tip',
  restoredBy: ['gears'],
  caution: 'Keep fingers out of the lobes when turning the rotors.',
});

const model = (g: GerotorGeometry): PumpModel =>
  PAIR.model({
    pocket_mm: g.pocketDiameter_mm,
    driven: DRIVEN_BY[g.use],
    gaps: [tip, PAIR.wall],
  });

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
