import type { Work } from '../pumps/family';
import type { Decision, DoneBy } from '../records/rework';

/** Cuts one of an operation's kinds of work on sizes and surfaces whose ids begin so. */
interface Cut {
  readonly work: Exclude<Work, 'exchanged'>;
  readonly sizes: readonly string[];
  /** Its amount is counted the other way: a thinner washer in place of a thicker. */
  readonly less?: true;
}

/** Says what an operation costs and how far it goes, as the app begins with: made up, for the shop to put right. */
export interface OperationTerms {
  readonly by: DoneBy;
  readonly minutes: number;
  readonly price: number;
  readonly days: number;
  /** Null where there is no amount. */
  readonly least_mm: number | null;
  readonly most_mm: number | null;
  /** Names the abrasive or tool; empty for none in particular. */
  readonly tool: string;
  /** Says what is checked on the way; empty for nothing. */
  readonly check: string;
  /** Names the danger, then the move; empty where there is none. */
  readonly caution: string;
}

/** A kind of operation: what it does to which parts, and on what terms. */
export interface OperationKind extends OperationTerms {
  readonly id: string;
  /** Follows the name of a part: `face the deck`. */
  readonly name: string;
  /** Says it as an order of its own: `Face the deck`. */
  readonly order: string;
  /** Says what it makes of its part. */
  readonly decision: Decision;
  /** Lists what is cut; the first has to be there for the operation to be, what follows it goes along. */
  readonly cuts: readonly Cut[];
  /** Says what is one operation: all that a cut moves on a part, one size of it, or the gears of a section. */
  readonly per: 'part' | 'size' | 'section';
  /** Lists the kinds of part of which another takes the place; empty where none does. */
  readonly renews: readonly string[];
  /** Characteristics, by how their ids begin, that a new part brings in: by its being new, or sized as it goes in. */
  readonly restores: readonly string[];
  /** Surfaces, by how their ids begin, on which it puts right what was found by eye. */
  readonly surfaces: readonly string[];
  /** Names the operations that go along with it, by their kind. */
  readonly along: readonly string[];
  /** It does for a part that was to be replaced. */
  readonly insteadOfNew?: true;
  /** Holds only where the house does so. */
  readonly house?: 'lapping';
}

const LATHE = 'Lathe: guard down, no gloves, no loose sleeves.';
const MILL = 'Mill: clamp the part, guard down, brush chips away with the spindle stopped.';
const GRINDER =
  'Grinder: guard and glasses, check the wheel for cracks, never leave the magnet off.';
const PRESS = 'Press: shield up, hands clear. A bushing can break and fly.';
const HONE = 'Hone: clamp the part, hands clear of the drill. Rinse all grit out.';

/** Returns the terms of work that the shop does itself. */
const here = (
  minutes: number,
  more: Partial<OperationTerms> = {},
): Omit<OperationTerms, 'by'> & { readonly by: 'here' } => ({
  ...{ minutes, price: 0, days: 0, least_mm: null, most_mm: null },
  ...{ tool: '', check: '', caution: '', ...more },
  by: 'here',
});

/** Returns the terms of a part that is bought and put in. */
const bought = (price: number, days: number, minutes = 10): OperationTerms => ({
  ...here(minutes),
  price,
  days,
});

const NOTHING = {
  cuts: [],
  per: 'part',
  renews: [],
  restores: [],
  surfaces: [],
  along: [],
} as const;

type Made = Partial<OperationKind> & Pick<OperationKind, 'decision'>;

const kind = (
  id: string,
  name: string,
  order: string,
  terms: OperationTerms,
  made: Made,
): OperationKind => ({
  ...NOTHING,
  ...terms,
  ...made,
  ...{ id, name, order },
});

/** Gears and rotors of which all faces are ground in one setting. */
const WIDTHS = ['drive-width', 'driven-width', 'idler-width', 'inner-width', 'outer-width'];
const VANE_WIDTHS = ['rotor-width', 'vane-width', 'slide-width'];

/** The kinds of part that turn together and are bought as a set. */
export const GEARS = ['drive', 'driven', 'idler', 'inner', 'outer'] as const;

const cutting: readonly OperationKind[] = [
  kind(
    'deck-faced',
    'face the deck',
    'Face the deck',
    here(40, {
      ...{ least_mm: 0.005, most_mm: 0.2, caution: LATHE },
      tool: 'Lathe, chucked on the hub bore; or surface grinder',
      check: 'Before the first cut, dial on the deck: under 0.01 mm (4 tenths) of runout.',
    }),
    {
      decision: 'machine',
      cuts: [{ work: 'faced', sizes: ['pocket-depth'] }],
      surfaces: ['deck'],
      along: ['dowels'],
    },
  ),
  kind(
    'pocket-sunk',
    'sink the pocket',
    'Sink the pocket',
    here(70, {
      ...{ least_mm: 0.005, most_mm: 0.15, caution: MILL },
      tool: 'Mill, with an offset tool where a crescent stands in the way',
      check: 'Depth mic at four places after each cut: the floor stays flat.',
    }),
    {
      decision: 'machine',
      cuts: [
        { work: 'sunk', sizes: ['pocket-depth'] },
        { work: 'ground', sizes: ['outer-face'] },
      ],
      surfaces: ['floor'],
    },
  ),
  kind(
    'body-ground',
    'grind the body to width',
    'Grind the body',
    here(35, {
      ...{ least_mm: 0.005, most_mm: 0.15, caution: GRINDER, tool: 'Surface grinder' },
      check: 'Outside mic over the body at four places: parallel within 0.005 mm (2 tenths).',
    }),
    { decision: 'machine', cuts: [{ work: 'ground', sizes: ['body-width'] }], along: ['dowels'] },
  ),
  kind(
    'gears-ground',
    'grind to width together',
    'Grind the gears together',
    here(45, {
      ...{ least_mm: 0.005, most_mm: 0.1, caution: GRINDER, tool: 'Surface grinder, one setting' },
      check: 'Outside mic over every gear: all the same within 0.003 mm (1 tenth).',
    }),
    {
      ...{ decision: 'machine', per: 'section' },
      cuts: [{ work: 'ground', sizes: [...WIDTHS, ...VANE_WIDTHS] }],
      surfaces: [
        'drive-face',
        'driven-face',
        'inner-face',
        'outer-face',
        'rotor-face',
        'slide-face',
      ],
    },
  ),
  kind(
    'cover-ground',
    'grind flat',
    'Grind the cover flat',
    here(25, {
      ...{ least_mm: 0.005, most_mm: 0.25, caution: GRINDER, tool: 'Surface grinder' },
      check: 'Straightedge over the wear mark: no leaf goes under.',
    }),
    {
      decision: 'machine',
      cuts: [{ work: 'ground', sizes: ['track-depth', 'face-depth'] }],
      surfaces: ['cover-track', 'covers', 'plates'],
      along: ['dowels'],
    },
  ),
  kind(
    'plate-ground',
    'grind flat',
    'Grind the plate flat',
    here(20, {
      ...{ least_mm: 0.005, most_mm: 0.15, caution: GRINDER },
      tool: 'Surface grinder. Never by hand on loose paper',
      check: 'Outside mic over the plate at four places: parallel within 0.005 mm (2 tenths).',
    }),
    {
      decision: 'machine',
      cuts: [{ work: 'ground', sizes: ['plate-track', 'plate-face'] }],
      surfaces: ['plate-'],
    },
  ),
  kind(
    'block-ground',
    'grind the face',
    'Grind the bushing block',
    here(25, {
      ...{ least_mm: 0.005, most_mm: 0.1, caution: GRINDER, tool: 'Surface grinder' },
      check: 'Outside mic over both blocks: the same length within 0.005 mm (2 tenths).',
    }),
    {
      decision: 'machine',
      cuts: [{ work: 'ground', sizes: ['block-length'] }],
      surfaces: ['block-'],
    },
  ),
  kind(
    'face-lapped',
    'lap by hand',
    'Lap the face',
    here(20, {
      ...{ least_mm: 0.001, most_mm: 0.01 },
      tool: 'Abrasive paper on a true flat: coarse, then fine, figure of eight',
      check: 'Measure after every ten strokes. Turn the part each time.',
      caution: 'Edges cut. Rinse all abrasive out before assembly.',
    }),
    {
      decision: 'dress',
      cuts: [
        { work: 'dressed', sizes: ['plate-track', 'plate-face', 'track-depth', 'face-depth'] },
      ],
      house: 'lapping',
    },
  ),
  kind(
    'bushing-honed',
    'hone',
    'Hone the bushing',
    here(20, {
      ...{ least_mm: 0.002, most_mm: 0.05, caution: HONE, tool: 'Three-leg hone, 400 grit, oil' },
      check: 'Clean it, slip the hub on, turn it, rock it. Then the next 0.005 mm (2 tenths).',
    }),
    {
      ...{ decision: 'machine', per: 'size' },
      cuts: [{ work: 'honed', sizes: ['bushing-bore', 'stator-bore'] }],
    },
  ),
  kind(
    'shaft-polished',
    'polish in the lathe',
    'Polish the shaft',
    here(15, {
      ...{ least_mm: 0.001, most_mm: 0.02, caution: LATHE, tool: 'Lathe, 600 grit strip, oil' },
      check: 'Outside mic at two places, 90° apart, after every pass.',
    }),
    {
      ...{ decision: 'dress', per: 'size' },
      cuts: [
        {
          work: 'dressed',
          sizes: ['hub-diameter', 'stator-journal', 'journal-', 'shaft-diameter', 'pivot-pin'],
        },
      ],
      surfaces: ['hub', 'shaft', 'journals'],
    },
  ),
];

/** The steps in which thrust washers and shims are to be had go up to this, in mm. */
const SHIMS = { least_mm: 0.05, most_mm: 1.2 } as const;

const shimming: readonly OperationKind[] = [
  kind(
    'washer-thicker',
    'fit a thicker thrust washer',
    'Fit a thicker thrust washer',
    { ...bought(9, 1, 5), ...SHIMS },
    {
      decision: 'replace',
      cuts: [{ work: 'shimmed', sizes: ['washer-thickness'] }],
      surfaces: ['thrust-washer'],
    },
  ),
  kind(
    'washer-thinner',
    'fit a thinner thrust washer',
    'Fit a thinner thrust washer',
    { ...bought(9, 1, 5), ...SHIMS },
    {
      decision: 'replace',
      cuts: [{ work: 'shimmed', sizes: ['washer-thickness'], less: true }],
    },
  ),
];

const small: readonly OperationKind[] = [
  kind(
    'nicks-stoned',
    'stone off nicks and burrs',
    'Stone off the nicks',
    here(10, { tool: 'Fine flat stone, oil', check: 'Straightedge or finger: nothing stands up.' }),
    { decision: 'dress' },
  ),
  kind(
    'dowels',
    'take the dowels out and put them in again',
    'Take the dowels out',
    here(10, {
      tool: 'Dowel puller, brass drift',
      caution: 'A dowel can snap. Glasses on; pull in line.',
    }),
    { decision: 'dress' },
  ),
  kind(
    'race-roughened',
    'roughen the clutch race',
    'Roughen the clutch race',
    here(10, { tool: 'Emery cloth, 120 grit, crosshatch by hand' }),
    { decision: 'dress' },
  ),
  kind(
    'seat-cut',
    'cut the valve seat true',
    'Cut the valve seat true',
    here(20, { caution: LATHE, tool: 'Seat cutter' }),
    {
      decision: 'machine',
      surfaces: ['valve-seat'],
    },
  ),
];

const renewing: readonly OperationKind[] = [
  // The hub first: a bushing is sized to the hub that runs in it.
  kind('hub-renewed', 'replace', 'Replace the hub', bought(65, 3, 20), {
    ...{ decision: 'replace', renews: ['hub'], surfaces: ['hub'] },
  }),
  kind(
    'bushing-renewed',
    'replace and size',
    'Replace the bushing',
    {
      ...bought(12, 0, 35),
      ...{ caution: PRESS, tool: 'Press and driver, then hone' },
      check: 'Clean it, slip the hub on, turn it, rock it: after every step of the hone.',
    },
    {
      decision: 'replace',
      renews: ['bushing'],
      restores: ['hub-bushing', 'stator-bushing', 'shaft-bushing'],
      surfaces: ['bushing'],
    },
  ),
  kind('gear-set', 'replace as a set', 'Replace the gears', bought(95, 2), {
    ...{ decision: 'replace', per: 'section', renews: GEARS },
    restores: [
      'backlash',
      'tip-crescent',
      'tip',
      'drive-engagement',
      'shaft-runout',
      'inner-shaft',
    ],
    surfaces: [
      ...['drive-', 'driven-', 'inner-', 'outer-', 'teeth-', 'tangs', 'shaft-drive', 'journals'],
    ],
  }),
  kind('cover-renewed', 'replace', 'Replace the cover', bought(90, 4), {
    ...{ decision: 'replace', renews: ['cover'], restores: ['cover-wear'] },
    surfaces: ['cover-track', 'covers', 'plates'],
  }),
  kind('plate-renewed', 'replace', 'Replace the plate', bought(28, 2), {
    ...{ decision: 'replace', renews: ['plate'], restores: ['plate-wear'], surfaces: ['plate-'] },
  }),
  kind('block-renewed', 'replace', 'Replace the bushing block', bought(45, 3), {
    ...{
      decision: 'replace',
      renews: ['block'],
      restores: ['shaft-bushing'],
      surfaces: ['block-'],
    },
  }),
  kind('body-renewed', 'replace', 'Replace the body', bought(210, 6, 20), {
    ...{ decision: 'replace', renews: ['body'] },
    restores: ['floor-tilt', 'deck-flatness', 'body-track', 'tip-body', 'ring-wear'],
    surfaces: ['deck', 'floor', 'wall', 'crescent', 'ears', 'bore', 'pivot'],
  }),
  kind(
    'bores-sleeved',
    'have it sleeved',
    'Have the bores sleeved',
    { ...bought(130, 5, 0), by: 'out' },
    {
      ...{
        decision: 'machine',
        insteadOfNew: true,
        cuts: [{ work: 'sleeved', sizes: ['bore-track', 'bore-clean'] }],
        restores: ['tip-body', 'body-track'],
      },
      surfaces: ['bore'],
    },
  ),
  kind('rotor-renewed', 'replace', 'Replace the rotor', bought(80, 4), {
    ...{ decision: 'replace', renews: ['rotor'], restores: ['drive-engagement'] },
    surfaces: ['rotor-'],
  }),
  kind('vanes-renewed', 'replace as a set', 'Replace the vanes', bought(36, 2), {
    ...{ decision: 'replace', renews: ['vane'] },
    restores: ['vane-length', 'vane-in-slot'],
    surfaces: ['vanes'],
  }),
  kind('ring-renewed', 'replace', 'Replace the cam ring', bought(70, 4), {
    ...{ decision: 'replace', renews: ['ring'], restores: ['ring-wear'], surfaces: ['ring'] },
  }),
  kind('slide-renewed', 'replace', 'Replace the slide', bought(60, 4), {
    ...{ decision: 'replace', renews: ['slide'], restores: ['slide-seals'], surfaces: ['slide-'] },
  }),
  kind('bearing-renewed', 'replace', 'Replace the bearing', bought(24, 1, 20), {
    ...{ decision: 'replace', renews: ['bearing'], restores: ['bearing-play'] },
    surfaces: ['bearings'],
    caution: PRESS,
  }),
  kind('plunger-renewed', 'replace', 'Replace the plunger', bought(14, 2, 5), {
    ...{ decision: 'replace', renews: ['plunger'], restores: ['plunger-bore'] },
    surfaces: ['valve-plunger', 'valve-seat'],
  }),
  kind(
    'spring-renewed',
    'replace',
    'Replace the spring',
    { ...bought(6, 2, 5), caution: 'A loaded spring can fly out. Guide it; keep your face clear.' },
    {
      ...{ decision: 'replace', renews: ['spring'], restores: ['spring-'] },
      surfaces: ['valve-spring'],
    },
  ),
  kind('shaft-renewed', 'replace', 'Replace the shaft', bought(40, 3), {
    ...{ decision: 'replace', renews: ['shaft', 'input-shaft'], surfaces: ['shaft'] },
  }),
];

/** Stands for a new pump in place of this one: what every plan is weighed against. */
export const NEW_PUMP: OperationKind = kind(
  'whole-pump',
  'buy a new one',
  'Buy a new pump',
  bought(640, 9, 0),
  {
    decision: 'replace',
  },
);

/** Stands for gears of another width from the sheet's list. */
export const OTHER_WIDTH: OperationKind = kind(
  'gears-wider',
  'fit',
  'Fit gears of another width',
  bought(0, 0),
  {
    ...{ decision: 'pair', per: 'section', renews: GEARS },
    restores: ['backlash', 'tip-crescent', 'tip', 'drive-engagement'],
  },
);

/** Every kind of operation that the app knows, the least work first. */
export const OPERATION_KINDS: readonly OperationKind[] = [
  ...small,
  ...cutting,
  ...shimming,
  ...renewing,
  OTHER_WIDTH,
  NEW_PUMP,
];

/** Returns a kind of operation by its id; undefined for one that this version does not know. */
export const kindOf = (id: string): OperationKind | undefined =>
  OPERATION_KINDS.find((k) => k.id === id);
