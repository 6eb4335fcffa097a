import type { Characteristic, Dimension, Feature, Station, Term } from './family';
import { dimensionId } from './ids';
import {
  clearance,
  dimension,
  feature,
  finger,
  fit,
  GEAR_WIDTH,
  GROUND,
  place,
  POLISHED,
  resting,
  sizeAlone,
  swing,
  term,
  WORN_AWAY,
} from './measures';
import { edgeHours, faceGap } from './pocket';
import { say } from '../wording/say';

/** Returns the side clearance of a part in a pocket: leaf under the edge, or depth less width. */
export const sideGap = (id: string, name: string, what: string, width: string): Characteristic =>
  faceGap(id, say('pumps.sideClearance', { part: name }), edgeHours(what), width);

/** Describes a vane in its slot, tried at both ends of the slot. */
export const vaneSlot: Characteristic = clearance(
  'vane-slot',
  'Vane to slot',
  'total clearance in the slot',
  {
    stations: [
      place('a', 'first slot', 'Leaf beside the vane in its slot, full depth.'),
      place('b', 'opposite slot', 'Leaf beside the vane in the opposite slot.'),
    ],
    terms: fit('slot-width', 'vane-thickness'),
    touch: finger('Vane in its slot, dry: does it fall free?'),
    runs: 'vane',
    caution: 'Vane edges cut. The rounded edge goes outward.',
  },
);

export const vaneLength: Characteristic = clearance(
  'vane-length',
  'Vane length',
  'slot to tip, rounded edge included; the shortest counts',
  { ...sizeAlone('vane-length'), restoredBy: ['vanes'] },
);

/** Returns the races of a bearing: nothing but another one changes them. */
export const races = (part: string): Feature => feature(`${part}-races`, 'Races', part, {});

/** Returns the radial play of a shaft in its bearing, by indicator. */
export const bearingPlay = (id: string, name: string, bearing: string): Characteristic =>
  clearance(id, name, 'total travel, pushed and pulled across', {
    rests: resting(bearing),
    restoredBy: ['bearing'],
    swing: swing([
      place(
        'up',
        'up and down',
        'Dial on the shaft at the bearing. Push down, lift: total travel.',
      ),
      place('side', 'side to side', 'Dial 90° round. Push and pull across: total travel.'),
    ]),
    caution: 'Never spin a bearing with compressed air.',
  });

/** Says why vanes are left alone. */
const NEW_VANES = 'A vane is not worked: a new set is put in.';

/** Returns a place for every vane. */
const vaneStations = (count: number, words: string): Station[] =>
  Array.from({ length: count }, (_, i) =>
    place(`vane-${i + 1}`, say('pumps.vane', { number: i + 1 }), words.replace('%', `${i + 1}`)),
  );

/** Returns the sizes that every vane pump has. */
export const vaneSizes = (vanes: number): Dimension[] => [
  dimension(
    'vane-length',
    'Vane length',
    'vane',
    'outside-mic',
    vaneStations(vanes, 'Outside mic over vane %, foot to rounded edge.'),
    { others: 'all others no shorter', worked: POLISHED, unworked: NEW_VANES },
  ),
  dimension(
    'vane-thickness',
    'Vane thickness',
    'vane',
    'outside-mic',
    vaneStations(vanes, 'Outside mic over vane %, in the middle.'),
    {
      others: 'all others no thinner',
      field: 'vaneThickness_mm',
      worked: POLISHED,
      unworked: NEW_VANES,
    },
  ),
  dimension(
    'slot-width',
    'Slot width',
    'rotor',
    'caliper',
    [
      place('a', 'first slot', 'Caliper or gauge blocks in the first slot.'),
      place('b', 'opposite slot', 'Repeat in the opposite slot.'),
    ],
    {
      field: 'vaneThickness_mm',
      worked: { dressed: 1 },
      unworked: WORN_AWAY,
    },
  ),
  dimension(
    'rotor-diameter',
    'Rotor diameter',
    'rotor',
    'outside-mic',
    [
      place('12-6', '12–6', 'Outside mic across the rotor, 12–6.'),
      place('3-9', '3–9', 'Outside mic across the rotor, 3–9.'),
    ],
    { field: 'rotorDiameter_mm', worked: GROUND, unworked: WORN_AWAY },
  ),
  dimension(
    'rotor-width',
    'Rotor width',
    'rotor',
    'outside-mic',
    [
      place('a', 'first place', 'Outside mic over the rotor, between two slots.'),
      place('b', '180° round', 'Outside mic over the rotor, 180° round.'),
    ],
    { field: 'width_mm', ...GEAR_WIDTH },
  ),
];

/**
 * Returns what of a vane stays in its slot at full extension.
 *
 * @param reach the sizes that its reach is made of, with the sign of what they leave in the slot
 */
export const vaneInSlot = (...reach: readonly Term[]): Characteristic =>
  clearance('vane-in-slot', 'Vane engagement', 'length in the slot at full extension', {
    quantity: 'size',
    terms: [term('vane-length', 1), ...reach],
    wears: dimensionId('vane-length'),
    restoredBy: ['vanes'],
    below: 'falls out of its slot',
    caution: 'A vane that is too short comes out and wrecks the pump.',
  });
