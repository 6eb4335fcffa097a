import type { CharacteristicId, StationId } from '../pumps/ids';
import { string, type InferType } from 'yup';
import type { Extremes } from '../metrology/extremes';
import type { Characteristic } from '../pumps/family';
import { exact, readingFields, idOf } from '../schema/fields';
import type { Voidable } from '../schema/voiding';
import { firstUnread, type Evidence, type Method } from './method';

/** Describes what a sweep with the straightedge or a test by hand may tell. */
export const ATTRIBUTE_FELT = {
  sweep: ['clear', 'touches'],
  finger: ['free', 'tight', 'rocks', 'catches'],
} as const;
export type AttributeFelt = (typeof ATTRIBUTE_FELT)[keyof typeof ATTRIBUTE_FELT][number];

const schema = exact({
  ...readingFields,
  station: idOf<StationId>(),
  kind: string().oneOf(['touch']).required(),
  characteristic: idOf<CharacteristicId>(),
  felt: string()
    .oneOf<AttributeFelt>([...ATTRIBUTE_FELT.sweep, ...ATTRIBUTE_FELT.finger])
    .required(),
});

export type AttributeReading = Voidable<InferType<typeof schema>>;

/** Describes what tests without a number tell besides a value. */
export interface AttributeDetails {
  /** The newest last. */
  readonly touches: readonly AttributeReading[];
}

/** Less than this is no clearance to a hand that turns or rocks a part, in mm. */
const HAND_mm = 0.01;

/** Returns what a test says where the smallest gap is no more than so much, in mm. */
const atMost = (hi_mm: number): Extremes => ({
  smallest: { kind: 'interval', lo_mm: 0, hi_mm },
  largest: { kind: 'interval', lo_mm: 0, hi_mm: null },
});

/** Says that some clearance is there all around. */
const SOME: Extremes = {
  smallest: { kind: 'interval', lo_mm: 0, hi_mm: null },
  largest: { kind: 'interval', lo_mm: 0, hi_mm: null },
};

type Told = Evidence<'sweep' | 'hand'>;

const TIGHT: Told = { source: 'hand', extremes: atMost(HAND_mm), felt: true };
const FREE: Told = { source: 'hand', extremes: SOME, beside: true };

/**
 * Gives what each answer says of a gap: gears that touch the edge stand at the deck or above it; a part that is
 * tight or binds has no clearance to speak of. What rocks is not known to be too wide: see `rocks`.
 */
const SAYS: Readonly<Record<AttributeFelt, Told>> = {
  touches: { source: 'sweep', extremes: atMost(0), felt: true },
  clear: { source: 'sweep', extremes: SOME, beside: true },
  free: FREE,
  rocks: FREE,
  tight: TIGHT,
  catches: TIGHT,
};

/**
 * Tells whether a part rocked when it was last tried by hand, which a fit that is in does not do. A hub that the house
 * wants free may: its figure decides.
 */
export const rocks = (
  { touches }: AttributeDetails,
  { hub }: Pick<Characteristic, 'hub'>,
  school: HubSchool,
): boolean => touches.at(-1)?.felt === 'rocks' && !(hub && school === 'free');

/** Describes what was felt, as a rebuilder says it. */
const FELT_WORD: Readonly<Record<AttributeFelt, string>> = {
  clear: 'clear',
  touches: 'touches',
  free: 'free',
  tight: 'tight',
  rocks: 'rocks',
  catches: 'binds',
};

const FELT_SENTENCE: Readonly<Record<AttributeFelt, string>> = {
  clear: 'Sweep: the straightedge clears the gears.',
  touches: 'Sweep: the gears touch the straightedge. No clearance there.',
  free: 'By hand: free.',
  tight: 'By hand: tight. Look for burrs before you trust the figure.',
  rocks: 'By hand: it rocks.',
  catches: 'By hand: it binds. Look for burrs before you trust the figure.',
};

/** Says how a hub should sit in its bushing, as a house sees it. */
export type HubSchool = 'free' | 'snug';

/** Describes what an answer on a hub in its bushing means to either school. */
const ON_HUB: Readonly<Record<HubSchool, Readonly<Partial<Record<AttributeFelt, string>>>>> = {
  free: {
    free: 'By hand: free, as the house rule wants a hub.',
    tight:
      'By hand: tight. House rule: hubs run free, as heat closes the gap. Hone a little, clean, try again.',
    rocks: 'By hand: it rocks. Turning freely is not loose: measure it before it stays in.',
  },
  snug: {
    free: 'By hand: free. House rule: hubs are snug. Measure it, and feel for rock.',
    tight: 'By hand: snug, as the house rule wants a hub, if it still turns by hand.',
    rocks: 'By hand: it rocks. House rule: no rock. Replace the bushing.',
  },
};

/**
 * Says what the last test without a number told; empty where there was none.
 *
 * @param school how the house wants a hub in its bushing, where it is one
 */
export function attributeWords({ touches }: AttributeDetails, school?: HubSchool): string {
  const last = touches.at(-1);
  if (!last) return '';
  return (school && ON_HUB[school][last.felt]) ?? FELT_SENTENCE[last.felt];
}

interface Types {
  readonly id: 'touch';
  readonly reading: AttributeReading;
  readonly details: AttributeDetails;
  readonly source: Told['source'];
  readonly step: object;
  readonly answer: AttributeFelt;
}

/** A test without a number: gears turned under the straightedge, or a part moved by hand. */
export const attribute: Method<Types> = {
  id: 'touch',
  schema,
  sources: { sweep: 'sweep', hand: 'hand test' },
  gives: 'feel',
  goesOn: false,
  readBy: 'sizes',
  finer: null,
  paper: [],
  unread: { touches: [] },
  name: ({ touch }) => (touch?.test === 'sweep' ? 'Sweep' : 'By hand'),
  places: (_, c) => c.touch?.stations.map((station) => ({ station })) ?? [],
  // What was felt last counts: a burr was stoned off since. A snug hub is as its house wants it.
  evidence: ({ hub }, touches, { bushing }) => {
    const felt = touches.at(-1)?.felt;
    const asWanted = hub && bushing === 'snug' && felt === 'tight';
    return { evidence: felt && !asWanted ? [SAYS[felt]] : [], details: { touches } };
  },
  next: firstUnread,
  record: ({ characteristic, station }, felt, stamp, bench) => ({
    ...stamp,
    kind: 'touch',
    instrument:
      bench.characteristic(characteristic).touch?.test === 'sweep' ? 'Straightedge' : 'By hand',
    characteristic,
    station: station.id,
    felt,
    voided: null,
  }),
  simulate: (_step, _hidden, { touch }) => (touch?.test === 'sweep' ? 'clear' : 'free'),
  figure: ({ felt }) => FELT_WORD[felt],
  detail: () => '',
  cells: ({ felt }) => ({ feel: felt }),
};
