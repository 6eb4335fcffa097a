import type { CharacteristicId, StationId } from '../pumps/ids';
import { object, string, type InferType } from 'yup';
import { common, idOf } from '../schema/fields';
import type { Voidable } from '../schema/voiding';
import { firstUnread, type Evidence, type Method } from './method';

/** Describes what a sweep with the straightedge or a test by hand may tell. */
export const ATTRIBUTE_FELT = {
  sweep: ['clear', 'touches'],
  finger: ['free', 'tight', 'rocks', 'catches'],
} as const;
export type AttributeFelt = (typeof ATTRIBUTE_FELT)[keyof typeof ATTRIBUTE_FELT][number];

const schema = object({
  ...common,
  station: idOf<StationId>(),
  kind: string().oneOf(['touch']).required(),
  characteristic: idOf<CharacteristicId>(),
  felt: string()
    .oneOf<AttributeFelt>([...ATTRIBUTE_FELT.sweep, ...ATTRIBUTE_FELT.finger])
    .required(),
})
  .noUnknown()
  .required();

export type AttributeReading = Voidable<InferType<typeof schema>>;

/** Describes what tests without a number tell besides a value. */
export interface AttributeDetails {
  /** The newest last. */
  readonly touches: readonly AttributeReading[];
}

const SWEPT: Evidence = {
  source: 'sweep',
  extremes: {
    smallest: { kind: 'interval', lo_mm: 0, hi_mm: 0 },
    largest: { kind: 'interval', lo_mm: 0, hi_mm: null },
  },
};

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

/** A test without a number: gears turned under the straightedge, or a part moved by hand. */
export const attribute: Method<'touch', AttributeReading, AttributeDetails> = {
  id: 'touch',
  schema,
  places: (_, c) => c.touch?.stations.map((station) => ({ station })) ?? [],
  // Gears that touch the edge stand at or above the deck: no gap is left there.
  evidence: (_, touches) => ({
    evidence: touches.some((t) => t.felt === 'touches') ? [SWEPT] : [],
    details: { touches },
  }),
  next: firstUnread,
  finer: null,
  figure: ({ felt }) => FELT_WORD[felt],
  detail: () => '',
  cells: ({ felt }) => ({ feel: felt }),
};
