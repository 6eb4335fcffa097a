import type { Characteristic, Dimension, Part, PartKind } from './family';
import { oneOfEach, partKind, partOf } from './kinds';
import {
  clearance,
  dimension,
  finger,
  fit,
  HONED,
  insideBore,
  place,
  POLISHED,
  sizeAlone,
  swing,
  term,
  twoPlaces,
} from './measures';
import { say } from '../wording/say';

/** Describes what a converter hub drives in a pump: its part, and how it is named. */
export interface Driven {
  readonly part: string;
  /** `Drive gear`. */
  readonly name: string;
}

/** Describes what every pump that sits in a transmission has, whatever pumps in it. */
export interface InTransmission {
  readonly kinds: readonly PartKind[];
  readonly parts: readonly Part[];
  /** Lists the clearances where the hub carries and drives it: after the pump's own. */
  readonly hub: readonly Characteristic[];
  /** Lists what is measured with the pump against its transmission, last of all. */
  readonly unit: readonly Characteristic[];
  readonly dimensions: readonly Dimension[];
}

const BUSHING = partKind('bushing', 'Bushing', 'bushing', 'sized', 'bears');
const KINDS: readonly PartKind[] = [
  BUSHING,
  partKind('hub', 'Hub', 'hub'),
  partKind('input-shaft', 'Input shaft', 'shaft'),
  partKind('unit', 'Thrust washer', null, 'clutches'),
];

const ENDS = ['front', 'rear'] as const;

const statorBushing = (end: string): Characteristic =>
  clearance({
    id: `stator-bushing-${end}`,
    name: say('pumps.statorBushing', { end }),
    convention: 'diametral',
    terms: fit(`stator-bore-${end}`, `stator-journal-${end}`),
    touch: finger(say('pumps.turnInStator', { end })),
    restoredBy: ['bushing'],
    runs: 'shaft',
    sides: true,
  });

const statorSizes = (end: string): Dimension[] => [
  dimension({
    id: `stator-bore-${end}`,
    name: say('pumps.statorBore', { end }),
    part: `stator-bushing-${end}`,
    instrument: 'bore-gauge',
    stations: [
      place('a', 'first', say('pumps.gaugeStator', { end })),
      place('b', '90° round', say('pumps.gaugeStatorRound', { end })),
    ],
    worked: HONED,
    remedies: ['hone-bushing'],
  }),
  dimension({
    id: `stator-journal-${end}`,
    name: say('pumps.statorJournal', { end }),
    part: 'input-shaft',
    instrument: 'outside-mic',
    stations: twoPlaces('input shaft', say('pumps.whereBushingRuns', { end })),
    worked: POLISHED,
    remedies: ['polish-journal'],
  }),
];

/** Describes the end play by dial, by a bridge gauge's two depths and the washer between, or by a leaf under its foot. */
const pumpToUnit: Characteristic = clearance({
  id: 'pump-to-unit',
  name: 'Transmission end play, pump bolted up',
  convention: 'total travel, pump bolted up; or transmission depth less pump height and washer',
  usual: 'swing',
  swing: swing([
    place('end', 'on the shaft end', 'Dial on the shaft end. Push in, pull out: total travel.'),
  ]),
  terms: [term('unit-depth', 1), term('pump-height', -1), term('washer-thickness', -1)],
  stations: [
    place(
      'foot',
      'under the foot',
      'Bridge gauge across the case, washer in, foot at the pump’s height. Leaf under the foot.',
    ),
  ],
  caution: 'Do not hammer: pull with the slide’s weight only. Shaft edges cut.',
});

const vent: Characteristic = clearance({
  id: 'vent-size',
  name: 'Vent hole behind the seal',
  convention: 'diameter of the hole that lets the seal cavity drain',
  ...sizeAlone('vent-diameter'),
});

/**
 * Returns what a pump has because it sits in a transmission: the hub in its bushing, the drive
 * engagement, the stator support bushings, the vent behind the seal, the end play against the unit.
 *
 * @param driven the part that the hub drives
 */
export function inTransmission({ part, name }: Driven): InTransmission {
  return {
    kinds: KINDS,
    parts: [
      ...oneOfEach(KINDS),
      ...ENDS.map((end) =>
        partOf(BUSHING, { id: `stator-bushing-${end}`, name: say('pumps.statorBushing', { end }) }),
      ),
    ],
    hub: [
      clearance({
        id: 'hub-bushing',
        name: 'Hub to bushing',
        convention: 'diametral',
        terms: fit('bushing-bore', 'hub-diameter'),
        touch: finger('Hub in the bushing, dry. Does it turn freely, without rock?'),
        restoredBy: ['bushing'],
        runs: 'hub',
        hub: true,
        sides: true,
        caution: 'Bushing edges cut. Keep fingers out of a turning hub.',
      }),
      clearance({
        id: 'drive-engagement',
        name: 'Drive tang in hub slot',
        convention: 'slot less tang',
        terms: fit('hub-slot', 'drive-tang'),
        touch: finger(say('pumps.tangs', { part: name })),
        restoredBy: ['gears', 'rotor'],
      }),
    ],
    unit: [...ENDS.map(statorBushing), vent, pumpToUnit],
    dimensions: [
      dimension({
        id: 'bushing-bore',
        name: 'Bushing bore',
        part: 'bushing',
        instrument: 'bore-gauge',
        stations: insideBore('bushing'),
        worked: HONED,
        remedies: ['hone-bushing'],
      }),
      dimension({
        id: 'hub-diameter',
        name: 'Hub diameter',
        part: 'hub',
        instrument: 'outside-mic',
        stations: twoPlaces('hub journal', 'where the bushing runs'),
        worked: POLISHED,
        remedies: ['polish-journal'],
      }),
      dimension({
        id: 'hub-slot',
        name: 'Hub slot',
        part: 'hub',
        instrument: 'caliper',
        stations: [
          place('a', 'first slot', 'Caliper in the hub slot, where the tang bears.'),
          place('b', 'other slot', 'Caliper in the other slot.'),
        ],
        worked: { dressed: 1 },
        remedies: ['stone'],
      }),
      dimension({
        id: 'drive-tang',
        name: 'Drive tang',
        part,
        instrument: 'outside-mic',
        stations: [
          place('a', 'first tang', 'Outside mic over the tang, where it bears.'),
          place('b', 'other tang', 'Outside mic over the other tang.'),
        ],
        worked: { dressed: -1 },
        remedies: ['stone'],
      }),
      ...ENDS.flatMap(statorSizes),
      dimension({
        id: 'vent-diameter',
        name: 'Vent hole',
        part: 'body',
        instrument: 'caliper',
        stations: [
          place(
            'a',
            'vent',
            'Drill shank that just goes into the vent hole: caliper over the shank.',
          ),
        ],
      }),
      dimension({
        id: 'unit-depth',
        name: 'Transmission depth',
        part: 'unit',
        instrument: 'depth-mic',
        stations: [
          place('a', 'first', 'Bridge gauge across the case face, down to the thrust face.'),
          place('b', '180° round', 'Bridge gauge 180° round, down to the thrust face.'),
        ],
      }),
      dimension({
        id: 'pump-height',
        name: 'Pump height',
        part: 'cover',
        instrument: 'depth-mic',
        stations: [
          place('a', 'first', 'Bridge gauge on the pump’s thrust face, down to its mounting face.'),
          place('b', '180° round', 'Bridge gauge 180° round, down to the mounting face.'),
        ],
      }),
      dimension({
        id: 'washer-thickness',
        name: 'Thrust washer or shim',
        part: 'unit',
        instrument: 'outside-mic',
        stations: [place('a', 'washer', 'Outside mic over the thrust washer, with its shims.')],
        worked: { shimmed: 1 },
        remedies: ['change-washer'],
      }),
    ],
  };
}
