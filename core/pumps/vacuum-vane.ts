import { exact } from '../schema/fields';
import { type InferType } from 'yup';
import { boltHoles, disc, onLoose, placed, type PlacementTable } from './drawing';
import type { Outline, Part, PartKind, PumpFamily, PumpModel, Seen } from './family';
import { count, length, over } from './fields';
import { BODY, oneOfEach, partKind, partOf, ROTOR, VANES } from './kinds';
import { clearance, dimension, fit, HONED, place, term, WORN_AWAY, drawnBy } from './measures';
import { deck, pocketDepth } from './pocket';
import { onClock } from './shapes';
import { roundGap, slottedFields, type SlottedRotor } from './vane.fields';
import { vanePlacements } from './vane.drawing';
import { offCentre, vaneFrame } from './vane.frame';
import {
  bearingPlay,
  races,
  sideGap,
  vaneInSlot,
  vaneLength,
  vaneSizes,
  vaneSlot,
} from './vane.measures';
import { vacuumVaneTeardown } from './teardown/vacuum-vane';

type InBore = SlottedRotor & Record<'boreDiameter_mm' | 'eccentricity_mm', number>;

/**
 * Describes what the drawing and the sums need to know of a small vacuum pump: an eccentric rotor in a
 * round bore.
 */
export const vacuumVaneGeometry = exact({
  ...slottedFields([2, 8], (g: InBore) =>
    roundGap(g.rotorDiameter_mm, g.boreDiameter_mm, g.eccentricity_mm),
  ),
  boreDiameter_mm: length('Bore').test(
    over('rotorDiameter_mm', 'Bore must be larger than the rotor.'),
  ),
  eccentricity_mm: offCentre(
    'Eccentricity',
    'boreDiameter_mm',
    'Eccentricity is too large: the rotor would run into the bore.',
  ),
  bodyDiameter_mm: length('Body diameter').test(
    over('boreDiameter_mm', 'Body diameter must be larger than the bore.'),
  ),
  width_mm: length('Rotor width'),
  bolts: count('Bolts', 3, 24),
});

export type VacuumVaneGeometry = InferType<typeof vacuumVaneGeometry>;

/** The rotor all but touches the bore at 12, and the vanes reach farthest at 6. */
const FRAME = vaneFrame<VacuumVaneGeometry>({
  ring_mm: (g) => g.boreDiameter_mm,
  deck_mm: (g) => [g.boreDiameter_mm, g.bodyDiameter_mm],
  off_mm: (g) => -g.eccentricity_mm,
  isPast6: true,
});
const { plan: planOf } = FRAME;

export const { rotor: vacuumVaneRotor } = FRAME;

const outline = (g: VacuumVaneGeometry, seen: Seen): Outline =>
  FRAME.outline(g, seen, (rotor) => {
    const shaft = disc('hole', g.shaftDiameter_mm / 2, planOf(g).rotorCentre);
    const inside = seen.view === 'empty' ? [shaft] : rotor;
    const holes = boltHoles({ ...g, pocketDiameter_mm: g.boreDiameter_mm });
    return [disc('pocket', g.boreDiameter_mm / 2), ...inside, ...holes];
  });

const PLACEMENTS: PlacementTable<VacuumVaneGeometry> = {
  ...vanePlacements(planOf),
  eccentricity: (g, station) => {
    const to = onClock(station === 'a' ? 0 : 180, g.boreDiameter_mm / 2);
    return { view: 'empty', tool: { kind: 'dial', from: planOf(g).rotorCentre, to }, probe: to };
  },
  'vane-in-slot': (g) => onLoose('vane mic', planOf(g).extent_mm),
};

const KINDS: readonly PartKind[] = [BODY, ROTOR, VANES, partKind('cover', 'End covers', 'cover')];
const BEARING = partKind('bearing', 'Bearing', 'bearing');
const BEARINGS: readonly Part[] = [
  partOf(BEARING, { id: 'bearing-front', name: 'Bearing, front' }),
  partOf(BEARING, { id: 'bearing-rear', name: 'Bearing, rear' }),
];

function model(g: VacuumVaneGeometry): PumpModel {
  return {
    kinds: KINDS,
    parts: [...oneOfEach(KINDS), ...BEARINGS],
    features: [deck, ...BEARINGS.map((b) => races(b.id))],
    characteristics: [
      sideGap('side-rotor', 'rotor', 'rotor face', 'rotor-width'),
      vaneSlot,
      vaneLength,
      vaneInSlot(term('ring-track', -0.5), term('eccentricity', -1), term('rotor-diameter', 0.5)),
      clearance({
        id: 'ring-wear',
        name: 'Bore wear',
        convention: 'worn cam surface against the unworn rim, across',
        terms: fit('ring-track', 'ring-rim'),
        restoredBy: ['body'],
      }),
      bearingPlay('bearing-play-front', 'Bearing play, front', 'bearing-front-races'),
      bearingPlay('bearing-play-rear', 'Bearing play, rear', 'bearing-rear-races'),
    ],
    dimensions: [
      pocketDepth('rotor'),
      ...vaneSizes(g.vanes),
      dimension({
        id: 'eccentricity',
        name: 'Eccentricity',
        part: 'body',
        instrument: 'indicator',
        stations: [
          place('a', 'swept', 'Dial on the shaft, swept round the bore. Enter half the TIR.'),
        ],
        field: 'eccentricity_mm',
      }),
      dimension({
        id: 'ring-track',
        name: 'Bore, worn',
        part: 'body',
        instrument: 'bore-gauge',
        stations: [
          place('3-9', 'at 3–9', 'Bore gauge in the worn bore, 3–9.'),
          place('12-6', 'at 12–6', 'Bore gauge in the worn bore, 12–6.'),
        ],
        field: 'boreDiameter_mm',
        worked: HONED,
        unworked: WORN_AWAY,
      }),
      dimension({
        id: 'ring-rim',
        name: 'Bore, unworn',
        part: 'body',
        instrument: 'bore-gauge',
        stations: [
          place('3-9', 'at 3–9', 'Bore gauge at the unworn end of the bore, 3–9.'),
          place('12-6', 'at 12–6', 'Bore gauge at the unworn end of the bore, 12–6.'),
        ],
        worked: HONED,
        unworked: WORN_AWAY,
      }),
    ],
  };
}

/** Small vacuum or transfer vane pump: an eccentric rotor with few vanes in a round bore, two bearings. */
export const vacuumVane: PumpFamily<VacuumVaneGeometry> = {
  id: 'vacuum-vane',
  name: 'Small vacuum vane',
  geometry: vacuumVaneGeometry,
  example: {
    vanes: 4,
    vaneThickness_mm: 4,
    vaneLength_mm: 16,
    rotorDiameter_mm: 48,
    slotDepth_mm: 16.5,
    shaftDiameter_mm: 12,
    boreDiameter_mm: 58,
    eccentricity_mm: 4.7,
    bodyDiameter_mm: 88,
    width_mm: 36,
    bolts: 6,
  },
  cautions: () => [
    'Carbon vanes snap and their dust is fine: mask on, no compressed air.',
    'Never spin a bearing with compressed air.',
    'Solvent and hot wash: gloves and glasses.',
  ],
  model: drawnBy(model),
  teardown: () => vacuumVaneTeardown,
  outline,
  placement: (g, target, station) => placed(PLACEMENTS, g, target, station, planOf(g).extent_mm),
};
