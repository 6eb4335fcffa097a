import { capital } from '../../quantity/letters';
import { say, spelled } from '../../wording/say';

/** Says which way round a part lay: a few choices that can be drawn. */
export interface WayRound {
  readonly id: string;
  /** Names what is looked at: `Bevel`. */
  readonly name: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  /** Says from where it is looked at, where that changes the answer: `from the shaft end`. */
  readonly seen?: string;
  /** The options are the hours of a clock. */
  readonly clock?: true;
  /** Stands before the option in a note; empty where that says all, absent where it is the name. */
  readonly noted?: string;
}

const way = (
  id: string,
  name: string,
  ...options: readonly (readonly [id: string, name: string])[]
): WayRound => ({ id, name, options: options.map(([o, words]) => ({ id: o, name: words })) });

const FROM_SHAFT = { seen: 'from the shaft end' } as const;

const ARROWS = [
  ['cw', 'clockwise'],
  ['ccw', 'anticlockwise'],
  ['none', 'no arrow'],
] as const;

const HOURS = Array.from({ length: 12 }, (_, i) => String(i === 0 ? 12 : i));

/** Every set of choices; the drawing of each option goes by both ids. */
export const WAYS_ROUND: readonly WayRound[] = [
  way(
    'bevel',
    'Bevel',
    ['up', 'to the converter'],
    ['down', 'to the pocket'],
    ['none', 'no bevel'],
  ),
  way('mark', 'Mark', ['up', 'faces up'], ['down', 'faces down'], ['none', 'no mark']),
  // By the blind end, as the bushing is bought and fitted: where the open end is towards the gears, it is at the seal.
  way(
    'groove',
    'Blind end of the oil groove',
    ['down', 'to the seal'],
    ['up', 'to the gears'],
    ['none', 'no groove'],
  ),
  // Sheets of before do not say from where an arrow is seen; what was noted by them stays as it reads.
  way('arrow', 'Arrow', ...ARROWS),
  { ...way('arrow-shaft', 'Arrow', ...ARROWS), ...FROM_SHAFT },
  {
    ...way(
      'port',
      'Inlet port',
      ...HOURS.map((hour) => [hour, say('pumps.atOclock', { hour })] as const),
    ),
    ...FROM_SHAFT,
    clock: true,
  },
  way('lip', 'Seal lip', ['down', 'to the pump'], ['up', 'outward']),
  way('edge', 'Rounded edge', ['up', 'outward'], ['down', 'inward']),
  {
    ...way(
      'plug',
      'Drain plug',
      ['left', 'inlet side'],
      ['right', 'outlet side'],
      ['none', 'no plug'],
    ),
    noted: 'drain plug in the',
  },
  {
    ...way(
      'drain',
      'Drain hole that is open',
      ['left', 'to the inlet side'],
      ['right', 'to the outlet side'],
      ['none', 'no drain is open'],
    ),
    noted: 'drain open',
  },
  way('relief', 'Relief groove in the plate', ['left', 'to the inlet'], ['right', 'to the outlet']),
  { ...way('order', 'Plunger cup', ['up', 'outward'], ['down', 'inward']), noted: 'cup' },
];

/** Ways that are wrong on any pump, and what comes of it: oil under pressure behind a seal blows it. */
const NEVER: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  plug: {
    left: 'so the drain is open to the outlet: that blows the seal',
  },
  drain: {
    right: 'that blows the seal',
    none: 'the leak past the bushing cannot get away: that blows the seal',
  },
};

/**
 * Says what is wrong with a way that can be right on no pump; null where it may be right.
 *
 * @param id of the choices
 * @param option that was chosen
 * @example
 * neverRight('drain', 'right'); // 'that blows the seal'
 * neverRight('drain', 'left'); // null
 */
export const neverRight = (id: string, option: string): string | null =>
  NEVER[id]?.[option] ?? null;

export const WAY_ROUND_IDS: readonly string[] = WAYS_ROUND.map((w) => w.id);

/**
 * Returns the choices of that name; undefined where a step asks for none.
 *
 * @param id of the choices
 * @example
 * wayRoundOf('which way the wind blows'); // undefined
 */
export function wayRoundOf(id: string): WayRound | undefined {
  return WAYS_ROUND.find((w) => w.id === id);
}

/**
 * Writes the question for which way round a part lay: `Bevel: which way did it face?`
 *
 * @param way the name of the mark, and from where it is seen
 * @example
 * askOf({ name: 'Bevel' }); // 'Bevel: which way did it face?'
 */
export function askOf({ name, seen, clock }: WayRound): string {
  if (!seen) return say('pumps.whichWay', { mark: name });
  return say(clock ? 'pumps.whichHourSeen' : 'pumps.whichWaySeen', { mark: name, from: seen });
}

/**
 * Writes which way round a part lay: `Bevel to the converter`, `No bevel`; empty where nothing was chosen.
 *
 * @param id of the choices
 * @param option that was chosen
 * @example
 * wayRoundWords('bevel', ''); // ''
 */
export function wayRoundWords(id: string, option: string): string {
  const set = wayRoundOf(id);
  const chosen = set?.options.find((o) => o.id === option);
  if (!set || !chosen) return '';
  const way = spelled(chosen.name);
  const mark = set.noted ?? set.name;
  // What is not there faces no way.
  if (option === 'none' || mark === '') return capital(way);
  return set.seen
    ? say('pumps.facedSeen', { mark: set.name, way, from: set.seen })
    : say('pumps.faced', { mark: capital(mark), way });
}
