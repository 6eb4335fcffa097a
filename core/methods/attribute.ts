import { object, string, type InferType } from 'yup';
import { common, identifier } from '../schema/fields';
import type { Voidable } from '../schema/voiding';
import { firstUnread, type Evidence, type Method } from './method';

/** What a sweep with the straightedge or a test by hand may tell. */
export const ATTRIBUTE_FELT = {
  sweep: ['clear', 'touches'],
  finger: ['free', 'tight', 'catches'],
} as const;
export type AttributeFelt = (typeof ATTRIBUTE_FELT)[keyof typeof ATTRIBUTE_FELT][number];

const schema = object({
  ...common,
  kind: string().oneOf(['touch']).required(),
  characteristic: identifier(),
  felt: string()
    .oneOf<AttributeFelt>([...ATTRIBUTE_FELT.sweep, ...ATTRIBUTE_FELT.finger])
    .required(),
})
  .noUnknown()
  .required();

export type AttributeReading = Voidable<InferType<typeof schema>>;

/** What tests without a number tell besides a value. */
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

/** What was felt, as a rebuilder says it. */
const FELT_WORD: Readonly<Record<AttributeFelt, string>> = {
  clear: 'clear',
  touches: 'touches',
  free: 'free',
  tight: 'tight',
  catches: 'catches',
};

const FELT_SENTENCE: Readonly<Record<AttributeFelt, string>> = {
  clear: 'Sweep: the edge clears the gears.',
  touches: 'Sweep: the gears touch the edge, no gap is left there.',
  free: 'By hand: free.',
  tight: 'By hand: tight. Look before the figure is trusted.',
  catches: 'By hand: it catches. Look before the figure is trusted.',
};

/** Says what the last test without a number told; empty where there was none. */
export function attributeWords({ touches }: AttributeDetails): string {
  const last = touches.at(-1);
  return last ? FELT_SENTENCE[last.felt] : '';
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
  could: null,
  figure: ({ felt }) => FELT_WORD[felt],
  detail: () => '',
  cells: ({ felt }) => ({ felt }),
};
