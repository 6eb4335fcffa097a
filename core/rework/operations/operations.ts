import type { Remedy } from '../../pumps/remedies';
import { CUTTING } from './cutting';
import { bought, inHouse, operation, LATHE, type Operation } from './operation';
import { RENEWING } from './renewing';

/** A washer is thicker or thinner by so much at least and at most, where nobody said which can be had, in mm. */
const SHIMS = { least_mm: 0.05, most_mm: 1.2 } as const;

const shimming: readonly Operation[] = [
  operation(
    'washer-thicker',
    'fit a thicker thrust washer',
    'Fit a thicker thrust washer',
    { ...bought(9, 1, 5), ...SHIMS },
    { decision: 'replace', remedy: 'change-washer', amountSaid: 'rework.cut.washer-thicker' },
  ),
  operation(
    'washer-thinner',
    'fit a thinner thrust washer',
    'Fit a thinner thrust washer',
    { ...bought(9, 1, 5), ...SHIMS },
    {
      decision: 'replace',
      remedy: 'change-washer',
      amountSaid: 'rework.cut.washer-thinner',
      less: true,
    },
  ),
];

/** Stands for a thrust washer of a thickness that can be had. */
export const WASHER: Operation = operation(
  'washer-changed',
  'change the thrust washer',
  'Change the thrust washer',
  bought(9, 1, 5),
  { decision: 'replace', remedy: 'change-washer' },
);

/** Stands for a part that lies on the shelf, with the sizes that are known of it; its price is what it is worth there. */
export const FROM_SHELF: Operation = operation(
  'from-shelf',
  'fit one from the shelf',
  'Fit parts from the shelf',
  bought(40, 0, 20),
  { decision: 'pair' },
);

/** Stands for a second look at a gap that is too close to call: the instruments zeroed, its places read once more. */
export const MEASURE_AGAIN: Operation = operation(
  'measure-again',
  'zero and measure again',
  'Zero and measure again',
  inHouse(10, {
    check: 'Zero on the standard first. Clean both faces: oil and burrs read as metal.',
  }),
  { decision: 'reuse' },
);

const small: readonly Operation[] = [
  operation(
    'nicks-stoned',
    'stone off nicks and burrs',
    'Stone off the nicks',
    inHouse(10, {
      setup: 4,
      tool: 'Fine flat stone, oil',
      check: 'Straightedge or finger: nothing stands up.',
    }),
    { decision: 'dress', remedy: 'stone', asked: true },
  ),
  operation(
    'dowels',
    'take the dowels out and put them in again',
    'Take the dowels out',
    inHouse(10, {
      tool: 'Dowel puller, brass drift',
      caution: 'A dowel can snap. Glasses on; pull in line.',
    }),
    { decision: 'dress' },
  ),
  operation(
    'race-roughened',
    'roughen the clutch race',
    'Roughen the clutch race',
    inHouse(10, { tool: 'Emery cloth, 120 grit, crosshatch by hand' }),
    { decision: 'dress', remedy: 'roughen-race', asked: true },
  ),
  operation(
    'drain-drilled',
    'convert to a drilled drain',
    'Convert to a drilled drain',
    {
      ...inHouse(40, {
        tool: 'Drill, stop collar, plug for the other side',
        check: 'A wire from the seal cavity comes out at the inlet, and nowhere else.',
      }),
      caution:
        'The drill can break through into the outlet. Measure the wall first, set the stop, clamp the body.',
    },
    { decision: 'machine', remedy: 'drill-drain', asked: true },
  ),
  operation(
    'drain-valve-freed',
    'clean and free the drain valve',
    'Free the drain valve',
    inHouse(15, {
      tool: 'Solvent, brass rod',
      check: 'It moves freely both ways, and seats on each side.',
      caution: 'Solvent: gloves and glasses. Never blow towards a hand.',
    }),
    { decision: 'dress', remedy: 'free-drain-valve', asked: true },
  ),
  operation(
    'seat-cut',
    'cut the valve seat true',
    'Cut the valve seat true',
    inHouse(20, { caution: LATHE, tool: 'Seat cutter' }),
    { decision: 'machine', remedy: 'cut-seat', asked: true },
  ),
];

/** Stands for a new pump in place of this one: what every plan is weighed against. */
export const NEW_PUMP: Operation = operation(
  'whole-pump',
  'buy a new one',
  'Buy a new pump',
  bought(640, 9, 0),
  {
    decision: 'replace',
  },
);

/** Stands for gears of another width from the sheet's list. */
export const OTHER_WIDTH: Operation = operation(
  'gears-wider',
  'fit',
  'Fit gears of another width',
  bought(0, 0),
  { decision: 'pair', per: 'section', replaces: 'gears', otherWidth: true, house: 'gears' },
);

/** Every operation that the app knows, the least work first. */
export const OPERATIONS: readonly Operation[] = [
  ...small,
  ...CUTTING,
  ...shimming,
  WASHER,
  ...RENEWING,
  OTHER_WIDTH,
  FROM_SHELF,
  MEASURE_AGAIN,
  NEW_PUMP,
];

const BY_ID: ReadonlyMap<string, Operation> = new Map(OPERATIONS.map((o) => [o.id, o]));

/**
 * Returns an operation by its id; undefined for one that this version does not know.
 *
 * @param id of a kind of operation
 * @example
 * operationOf('whole-pump').id; // 'whole-pump'
 * operationOf('polish-the-name-plate'); // undefined
 */
export const operationOf = (id: string): Operation | undefined => BY_ID.get(id);

/**
 * Returns the operation that carries out a remedy: the first of those that do.
 *
 * @param remedy what a gap that is out asks for
 * @example
 * operationFor('face-deck').remedy; // 'face-deck'
 */
export const operationFor = (remedy: Remedy): Operation | undefined =>
  OPERATIONS.find((o) => o.remedy === remedy);
