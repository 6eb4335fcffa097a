import { array, object, type TestContext } from 'yup';
import { exact, notUnder } from '../schema/fields';
import { bridged, type Bridged } from '../workshop/bridge';
import { chooseShims, type GapRange } from '../workshop/shims';
import {
  bothLimits,
  choice,
  figure,
  gapFigure,
  lengths,
  perhaps,
  stackOf,
  usually,
  usualStackOf,
} from './fields';
import { sayFrom } from '../wording/say';
import { type Figures } from './kinds';
import { sum } from './sum';

const WORDS = {
  fit: 'Fit {stack}: it leaves {left}.',
  noneNeeded: 'No washer: it leaves {left}.',
  close: 'Fit {stack}: in at the middle, but it leaves {left}.',
  closeNone: 'No washer: in at the middle, but it leaves {left}.',
  none: 'None fits. Buy {from} to {to}.',
  tooTight: 'Too tight without any washer: {gap}.',
  uneven: 'No thickness fits: the places differ by {uneven}. Is the drum home?',
  unevenToo: 'The places differ by {uneven}: is the drum home?',
  leaves: 'The two leaves lie {uneven} apart: try one between.',
  instead: 'In place of the washer of {fitted} that lies in it.',
  brief: '{left} left',
  briefNone: 'none fits',
  two: 'two washers may lie together',
  looser: 'you aim for loose',
  tighter: 'you aim for tight',
  final: 'Choose the washer when deck, cover and gasket are final.',
  gap: 'Without a washer',
  buy: 'What fits anywhere',
  closest: 'Without a washer, where it is closest',
  widest: 'Without a washer, where it is widest',
  washer: 'washers',
  play: 'end play that is left; the lines are its limits',
  drawn:
    'The gap as a bar: washers, the play that they leave, and lines at the limits of that play.',
} as const;

const say = sayFrom(WORDS);

const range = ({ smallest, largest }: GapRange, f: Figures): string =>
  f.bareSize(smallest) === f.bareSize(largest)
    ? f.size(smallest)
    : [f.bareSize(smallest), f.size(largest)].join('–');

const stackWords = (stack_mm: readonly number[], f: Figures): string =>
  stack_mm.map((mm) => f.size(mm)).join(' + ');

/** Places that differ by more than this share of what is allowed are looked into. */
const UNEVEN = 0.5;

const AIMS = ['middle', 'tight', 'loose'] as const;

const washers = () => lengths('Washers to be had', 1, 'At least one washer', 100);

/** Tells which washers bring an end play inside its limits. */
export const shimChoose = sum({
  input: object({
    gap_mm: figure('Gap without a washer'),
    ...bothLimits,
    shims_mm: washers(),
    maxShims: stackOf('Most washers together'),
    aim: choice('Aim', AIMS),
  }),
  example: {
    gap_mm: 4.08,
    lower_mm: 0.25,
    upper_mm: 0.55,
    shims_mm: [3.3, 3.5, 3.7, 3.9],
    maxShims: 1,
    aim: 'middle',
  },
  answer: ({ gap_mm, ...choices }) => {
    const chosen = chooseShims({ smallest: gap_mm, largest: gap_mm }, choices);
    const { stack_mm, left_mm, verdict, buy_mm } = chosen;
    const found = { stack_mm, left_mm: left_mm && left_mm.smallest, verdict };
    return verdict === 'none' ? { ...found, buy_mm } : found;
  },
  gives: {
    stack_mm: ['Washers', 'mm'],
    left_mm: ['What they leave', 'mm'],
    verdict: ['Verdict'],
  },
});

const leaf = (label: string) => gapFigure(label).min(0);

const leaves = () => ({
  lo_mm: leaf('A leaf that goes under the foot'),
  hi_mm: leaf('A leaf that does not').test(notUnder('lo_mm', 'hi_mm is below lo_mm')),
});

interface Ends {
  readonly lo_mm?: number | null;
  readonly hi_mm?: number | null;
}

interface Place extends Ends {
  readonly case_mm?: number | null;
  readonly pump_mm?: number | null;
}

/** Returns which field of a place is missing: two depths, or two leaves. */
function missingOf(place: Place): keyof Place | null {
  const byLeaves = place.lo_mm != null || place.hi_mm != null;
  const names = byLeaves ? (['lo_mm', 'hi_mm'] as const) : (['case_mm', 'pump_mm'] as const);
  return names.find((name) => place[name] == null) ?? null;
}

const isWhole = (place: Place, context: TestContext) => {
  const missing = missingOf(place);
  const path = [context.path, missing].filter(Boolean).join('.');
  return missing === null || context.createError({ path, message: 'Missing' });
};

/** Checks that there are two places, or leaves in their stead. */
function placesGiven(input: Ends & { places?: unknown[] | null }, context: TestContext) {
  if (input.lo_mm != null || input.hi_mm != null) return isWhole(input, context);
  const enough = (input.places?.length ?? 0) >= 2;
  return (
    enough || context.createError({ path: 'places', message: 'Two places at least, or a leaf' })
  );
}

/** Returns the gap of a place between two ends. */
const endsOf = ({ case_mm, pump_mm, lo_mm, hi_mm }: Place) =>
  case_mm != null && pump_mm != null
    ? { smallest: case_mm - pump_mm, largest: case_mm - pump_mm }
    : { smallest: lo_mm ?? 0, largest: hi_mm ?? 0 };

/** Says which washers fit, or why none does. */
function headOf(answer: Bridged, byLeaves: boolean, f: Figures): string {
  const { verdict, stack_mm, left_mm, gap_mm, buy_mm, uneven_mm } = answer;
  const stack = stackWords(stack_mm, f);
  const isEmpty = stack_mm.length === 0;
  if (left_mm) {
    const left = range(left_mm, f);
    if (verdict === 'in')
      return isEmpty ? say('noneNeeded', { left }) : say('fit', { stack, left });
    return isEmpty ? say('closeNone', { left }) : say('close', { stack, left });
  }
  if (!buy_mm) return say(byLeaves ? 'leaves' : 'uneven', { uneven: f.size(uneven_mm) });
  if (buy_mm.to_mm <= 0) return say('tooTight', { gap: range(gap_mm, f) });
  const from_mm = Math.max(0, buy_mm.from_mm);
  return say('none', { from: f.bareSize(from_mm), to: f.size(buy_mm.to_mm) });
}

/** Tells how much end play there is over a bridge, and which washer it wants. */
export const bridgeShim = sum({
  input: object({
    places: array(
      exact({
        case_mm: perhaps('Bridge to the thrust face of the case'),
        pump_mm: perhaps('Bridge to that of the pump'),
        ...leaves(),
      }).test('two figures', isWhole),
    )
      .nullable()
      .max(12, 'At most 12 places'),
    ...leaves(),
    fitted_mm: usually('Washer that lies in it', 0),
    gasket_mm: usually('Gasket as clamped', 0),
    ...bothLimits,
    shims_mm: washers(),
    maxShims: usualStackOf(1, 'Most washers together'),
    aim: choice('Aim', AIMS, 'middle'),
  }).test('has places', placesGiven),
  example: {
    places: [
      { case_mm: 62.41, pump_mm: 58.72 },
      { case_mm: 62.44, pump_mm: 58.73 },
    ],
    gasket_mm: 0.38,
    lower_mm: 0.25,
    upper_mm: 0.55,
    shims_mm: [3.5, 3.6, 3.7, 3.8],
  },
  answer: ({ places, lo_mm, hi_mm, fitted_mm, gasket_mm, ...choices }) => {
    const byLeaf = lo_mm != null && hi_mm != null;
    const read = byLeaf ? [endsOf({ lo_mm, hi_mm })] : (places ?? []).map(endsOf);
    return bridged(read, fitted_mm + gasket_mm, choices);
  },
  page: {
    words: WORDS,
    asks: [
      {
        at: 'places[].case_mm',
        how: 'Bridge on the flange of the case, rod to the thrust face; two places, with a blank between.',
      },
      { at: 'places[].pump_mm', how: 'The same bridge on the pump; as many places.' },
      { at: 'lower_mm' },
      { at: 'upper_mm' },
      { at: 'shims_mm', how: 'What can be bought, with a blank between.' },
      { at: 'gasket_mm', more: true, how: 'Mic over an old one where it was clamped.' },
      { at: 'fitted_mm', more: true, how: 'The washer that lay in it as it was measured.' },
      {
        at: 'lo_mm',
        more: true,
        how: 'In place of two depths: the thickest leaf that goes under the foot.',
      },
      { at: 'hi_mm', more: true },
      { at: 'maxShims', more: true, names: { 1: 'One', 2: 'Two', 3: 'Three' } },
      { at: 'aim', more: true, names: { middle: 'Middle', tight: 'Tight', loose: 'Loose' } },
    ],
    says: (given, answer, f) => {
      const { verdict, left_mm, buy_mm, uneven_mm } = answer;
      const byLeaves = given.lo_mm != null;
      const uneven = f.size(uneven_mm);
      const isUneven = uneven_mm > UNEVEN * (given.upper_mm - given.lower_mm);
      return {
        mark: verdict === 'in' ? 'good' : verdict === 'close' ? 'unknown' : 'bad',
        head: headOf(answer, byLeaves, f),
        rest: [
          // Where no thickness fits at all the head says so.
          isUneven && (left_mm ?? buy_mm) ? say(byLeaves ? 'leaves' : 'unevenToo', { uneven }) : '',
          verdict !== 'none' && given.fitted_mm > 0
            ? say('instead', { fitted: f.size(given.fitted_mm) })
            : '',
          say('final'),
        ].filter(Boolean),
      };
    },
    brief: ({ left_mm }, f) =>
      left_mm ? say('brief', { left: range(left_mm, f) }) : say('briefNone'),
    weigh: ({ left_mm }) => left_mm?.smallest ?? null,
    changes: (given) => [
      ...(given.maxShims < 2 ? [{ what: say('two'), input: { ...given, maxShims: 2 } }] : []),
      ...(given.aim === 'middle'
        ? [
            { what: say('looser'), input: { ...given, aim: 'loose' as const } },
            { what: say('tighter'), input: { ...given, aim: 'tight' as const } },
          ]
        : []),
    ],
    rows: (_, { gap_mm, buy_mm }, f) => [
      [say('gap'), range(gap_mm, f)],
      ...(buy_mm && buy_mm.to_mm > 0
        ? [
            [
              say('buy'),
              range({ smallest: Math.max(0, buy_mm.from_mm), largest: buy_mm.to_mm }, f),
            ] as const,
          ]
        : []),
    ],
    picture: (given, { gap_mm, stack_mm, left_mm }, f, pens) => {
      const washers = stack_mm.reduce((sum, mm) => sum + mm, 0);
      const bar = (name: string, gap: number) => ({
        name,
        pieces: [
          ...stack_mm.map((value) => ({ value, ink: 'brass' as const })),
          {
            value: Math.max(0, gap - washers),
            ink: left_mm ? ('in' as const) : ('steel' as const),
          },
        ],
        total: f.size(gap),
      });
      const limits = [given.lower_mm, given.upper_mm].map((end) => ({
        at: washers + end,
        text: f.bareSize(end),
        ink: 'out' as const,
      }));
      const isEven = f.size(gap_mm.smallest) === f.size(gap_mm.largest);
      if (gap_mm.smallest <= 0) return null;
      return pens.bars({
        bars: [
          bar(say(isEven ? 'gap' : 'closest'), gap_mm.smallest),
          ...(isEven ? [] : [bar(say('widest'), gap_mm.largest)]),
        ],
        lines: limits,
        key: [
          ...(stack_mm.length > 0 ? [['brass', say('washer')] as const] : []),
          [left_mm ? 'in' : 'steel', say('play')],
        ],
        said: say('drawn'),
      });
    },
    takes: {
      'places[].case_mm': 'bridge_case',
      'places[].pump_mm': 'bridge_pump',
      fitted_mm: 'bridge_washer',
      lower_mm: 'lower',
      upper_mm: 'upper',
      shims_mm: 'washers',
    },
    formula: {
      line: 'end play = case − pump + gasket − washers',
      symbols: [
        ['case', 'bridge on the flange to the thrust face of the case'],
        ['pump', 'the same bridge to that of the pump'],
      ],
      source: 'plain geometry',
      assumed: [
        'Aim tight where the play grows by wear or by an aluminium case; loose where heat closes it.',
      ],
    },
  },
  gives: {
    gap_mm: ['Gap without a washer', 'mm'],
    uneven_mm: ['Between places', 'mm'],
    stack_mm: ['Washers', 'mm'],
    left_mm: ['What they leave', 'mm'],
    verdict: ['Verdict'],
    buy_mm: ['Washer to buy', 'mm'],
  },
});
