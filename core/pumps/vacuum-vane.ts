import { exact } from '../schema/fields';
import { type InferType } from 'yup';
import { boltHoles, disc, looseOutline, onLoose, placed, type PlacementTable } from './drawing';
import type { Outline, Part, PartKind, Placement, PumpFamily, PumpModel } from './family';
import { count, length, over } from './fields';
import { BODY, oneOfEach, partKind, partOf, ROTOR, VANES } from './kinds';
import { clearance, dimension, fit, HONED, place, term, WORN_AWAY } from './measures';
import { deck, pocketDepth } from './pocket';
import { onClock, ORIGIN, type Point } from './shapes';
import { circleFrom, vaneRotorShapes, type VaneRotor } from './vanes';
import { roundGap, slottedFields, type SlottedRotor } from './vane.fields';
import { vanePlacements, type VanePlan } from './vane.drawing';
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
  eccentricity_mm: length('Eccentricity').test(
    'room',
    'Eccentricity is too large: the rotor would run into the bore.',
    (e, { parent }) => {
      const g = parent as { boreDiameter_mm: number; rotorDiameter_mm: number };
      return 2 * e < g.boreDiameter_mm - g.rotorDiameter_mm;
    },
  ),
  bodyDiameter_mm: length('Body diameter').test(
    over('boreDiameter_mm', 'Body diameter must be larger than the bore.'),
  ),
  width_mm: length('Rotor width'),
  bolts: count('Bolts', 3, 24),
});

export type VacuumVaneGeometry = InferType<typeof vacuumVaneGeometry>;

/** Returns the rotor's centre: it all but touches the bore at 12, and the vanes reach farthest at 6. */
const rotorCentre = (g: VacuumVaneGeometry): Point => ({ x: 0, y: -g.eccentricity_mm });

/** Returns the rotor with its vanes as it is drawn: off the centre of the round bore that they run in. */
export const vacuumVaneRotor = (g: VacuumVaneGeometry): VaneRotor => ({
  centre: rotorCentre(g),
  radius_mm: g.rotorDiameter_mm / 2,
  vanes: g.vanes,
  thickness_mm: g.vaneThickness_mm,
  slotDepth_mm: g.slotDepth_mm,
  shaftRadius_mm: g.shaftDiameter_mm / 2,
  ringAt: circleFrom(rotorCentre(g), ORIGIN, g.boreDiameter_mm / 2),
});

const extent = (g: VacuumVaneGeometry) => g.bodyDiameter_mm / 2;

const planOf = (g: VacuumVaneGeometry): VanePlan => ({
  extent_mm: extent(g),
  deck_mm: (g.boreDiameter_mm + g.bodyDiameter_mm) / 4,
  rotorCentre: rotorCentre(g),
  rotorRadius_mm: g.rotorDiameter_mm / 2,
  shaftRadius_mm: g.shaftDiameter_mm / 2,
  ringRadius_mm: g.boreDiameter_mm / 2,
});

function outline(g: VacuumVaneGeometry, { view }: Pick<Placement, 'view'>): Outline {
  const extent_mm = extent(g);
  const loose = looseOutline(view, extent_mm);
  if (loose) return loose;
  const housing = disc('housing', extent_mm);
  const bore = disc('pocket', g.boreDiameter_mm / 2);
  const shaft = disc('hole', g.shaftDiameter_mm / 2, rotorCentre(g));
  const holes = boltHoles({ ...g, pocketDiameter_mm: g.boreDiameter_mm });
  const inside = view === 'empty' ? [shaft] : vaneRotorShapes(vacuumVaneRotor(g), g.vaneLength_mm);
  return { extent_mm, shapes: [housing, bore, ...inside, ...holes] };
}

const PLACEMENTS: PlacementTable<VacuumVaneGeometry> = {
  ...vanePlacements(planOf),
  eccentricity: (g, station) => {
    const to = onClock(station === 'a' ? 0 : 180, g.boreDiameter_mm / 2);
    return { view: 'empty', tool: { kind: 'dial', from: rotorCentre(g), to }, probe: to };
  },
  'vane-in-slot': (g) => onLoose('vane mic', extent(g)),
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
      clearance('ring-wear', 'Bore wear', 'worn cam surface against the unworn rim, across', {
        terms: fit('ring-track', 'ring-rim'),
        restoredBy: ['body'],
      }),
      bearingPlay('bearing-play-front', 'Bearing play, front', 'bearing-front-races'),
      bearingPlay('bearing-play-rear', 'Bearing play, rear', 'bearing-rear-races'),
    ],
    dimensions: [
      pocketDepth(g.width_mm, 'rotor'),
      ...vaneSizes(g.vanes, {
        thickness_mm: g.vaneThickness_mm,
        rotor_mm: g.rotorDiameter_mm,
        width_mm: g.width_mm,
      }),
      dimension(
        'eccentricity',
        'Eccentricity',
        'body',
        'indicator',
        [place('a', 'swept', 'Dial on the shaft, swept round the bore. Enter half the TIR.')],
        { drawn_mm: g.eccentricity_mm, field: 'eccentricity_mm' },
      ),
      dimension(
        'ring-track',
        'Bore, worn',
        'body',
        'bore-gauge',
        [
          place('3-9', 'at 3–9', 'Bore gauge in the worn bore, 3–9.'),
          place('12-6', 'at 12–6', 'Bore gauge in the worn bore, 12–6.'),
        ],
        {
          drawn_mm: g.boreDiameter_mm,
          field: 'boreDiameter_mm',
          worked: HONED,
          unworked: WORN_AWAY,
        },
      ),
      dimension(
        'ring-rim',
        'Bore, unworn',
        'body',
        'bore-gauge',
        [
          place('3-9', 'at 3–9', 'Bore gauge at the unworn end of the bore, 3–9.'),
          place('12-6', 'at 12–6', 'Bore gauge at the unworn end of the bore, 12–6.'),
        ],
        { worked: HONED, unworked: WORN_AWAY },
      ),
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
  model,
  teardown: () => vacuumVaneTeardown,
  outline,
  placement: (g, target, station) => placed(PLACEMENTS, g, target, station, extent(g)),
};
