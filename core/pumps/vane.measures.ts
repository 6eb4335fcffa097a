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
export const vaneSlot: Characteristic = clearance({
  id: 'vane-slot',
  name: 'Vane to slot',
  convention: 'total clearance in the slot',
  stations: [
    place('a', 'first slot', 'Leaf beside the vane in its slot, full depth.'),
    place('b', 'opposite slot', 'Leaf beside the vane in the opposite slot.'),
  ],
  terms: fit('slot-width', 'vane-thickness'),
  touch: finger('Vane in its slot, dry: does it fall free?'),
  runs: 'vane',
  caution: 'Vane edges cut. The rounded edge goes outward.',
});

export const vaneLength: Characteristic = clearance({
  id: 'vane-length',
  name: 'Vane length',
  convention: 'slot to tip, rounded edge included; the shortest counts',
  ...sizeAlone('vane-length'),
  restoredBy: ['vanes'],
});

/** Returns the races of a bearing: nothing but another one changes them. */
export const races = (part: string): Feature =>
  feature({ id: `${part}-races`, name: 'Races', part, worked: {} });

/** Returns the radial play of a shaft in its bearing, by indicator. */
export const bearingPlay = (id: string, name: string, bearing: string): Characteristic =>
  clearance({
    id,
    name,
    convention: 'total travel, pushed and pulled across',
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
  dimension({
    id: 'vane-length',
    name: 'Vane length',
    part: 'vane',
    instrument: 'outside-mic',
    stations: vaneStations(vanes, 'Outside mic over vane %, foot to rounded edge.'),
    others: 'all others no shorter',
    worked: POLISHED,
    unworked: NEW_VANES,
  }),
  dimension({
    id: 'vane-thickness',
    name: 'Vane thickness',
    part: 'vane',
    instrument: 'outside-mic',
    stations: vaneStations(vanes, 'Outside mic over vane %, in the middle.'),
    others: 'all others no thinner',
    field: 'vaneThickness_mm',
    worked: POLISHED,
    unworked: NEW_VANES,
  }),
  dimension({
    id: 'slot-width',
    name: 'Slot width',
    part: 'rotor',
    instrument: 'caliper',
    stations: [
      place('a', 'first slot', 'Caliper or gauge blocks in the first slot.'),
      place('b', 'opposite slot', 'Repeat in the opposite slot.'),
    ],
    field: 'vaneThickness_mm',
    worked: { dressed: 1 },
    unworked: WORN_AWAY,
  }),
  dimension({
    id: 'rotor-diameter',
    name: 'Rotor diameter',
    part: 'rotor',
    instrument: 'outside-mic',
    stations: [
      place('12-6', '12–6', 'Outside mic across the rotor, 12–6.'),
      place('3-9', '3–9', 'Outside mic across the rotor, 3–9.'),
    ],
    field: 'rotorDiameter_mm',
    worked: GROUND,
    unworked: WORN_AWAY,
  }),
  dimension({
    id: 'rotor-width',
    name: 'Rotor width',
    part: 'rotor',
    instrument: 'outside-mic',
    stations: [
      place('a', 'first place', 'Outside mic over the rotor, between two slots.'),
      place('b', '180° round', 'Outside mic over the rotor, 180° round.'),
    ],
    field: 'width_mm',
    ...GEAR_WIDTH,
  }),
];

/**
 * Returns what of a vane stays in its slot at full extension.
 *
 * @param reach the sizes that its reach is made of, with the sign of what they leave in the slot
 */
export const vaneInSlot = (...reach: readonly Term[]): Characteristic =>
  clearance({
    id: 'vane-in-slot',
    name: 'Vane engagement',
    convention: 'length in the slot at full extension',
    quantity: 'size',
    terms: [term('vane-length', 1), ...reach],
    wears: dimensionId('vane-length'),
    restoredBy: ['vanes'],
    below: 'falls out of its slot',
    caution: 'A vane that is too short comes out and wrecks the pump.',
  });
