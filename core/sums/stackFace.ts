import { object, type TestContext } from 'yup';
import { notUnder } from '../schema/fields';
import { faceStack, type FaceAnswer } from '../workshop/faceStack';
import { choice, gapFigure, limitFields, limitsIn, perhaps, usually } from './fields';
import { sayFrom } from '../wording/say';
import { limitWords, verdictWords } from './words';
import type { Figures } from './kinds';
import type { Said } from './page';
import { sum } from './sum';

const WORDS = {
  in: 'In: {gap} with the cover, limit {limit}.',
  over: 'Over by {by}. Take {from} to {to} off the deck.',
  overLeast: 'Over by {by}. Take {from} off the deck at least.',
  overOnly: 'Over by {by}: limit {limit}.',
  overAtLeast: 'Over by {by} at least: limit {limit}. Try thicker leaves.',
  under: 'Tight by {by}: the faces bind. Limit {limit}.',
  close: 'Too close to call: {gap}, limit {limit}.',
  chance: 'In with a chance of {percent} in 100.',
  atLeast: 'At least {gap}, limit {limit}. Try thicker leaves.',
  openIn: '{gap} so far, limit {limit}. Not all is counted.',
  noLimit: '{gap}. Enter a limit.',
  coverWear_mm:
    'Measure the cover: a straight edge over the gear track, a leaf beneath it; 0 where no leaf goes.',
  gasket_mm: 'Enter the gasket as clamped: it counts here.',
  wide: '{gap}: the uncertainty is wider than the limits allow. Measure more exactly.',
  hot: 'At work it is {hot}.',
  hotNone: 'At work nothing is left of it: it seizes.',
  brief: '{gap}, {verdict}',
  ground: 'the cover is ground flat',
  cut: 'the deck is cut by {by}',
  cover: 'cover',
  gear: 'gear',
  deck: 'body',
  larger: 'Gaps are drawn large.',
  drawn:
    'The gear in its pocket beneath the cover, with {gap} over it and the limits as dashed lines.',
} as const;

const say = sayFrom(WORDS);

const size = (label: string) => perhaps(label).min(1).max(300);

const temperature = (label: string) => perhaps(label, '°C').min(-40).max(200);

const expansion = (label: string) => perhaps(label, '1/K').min(0).max(1e-4);

/** The fields by which a gap is known: two sizes, or two leaves. */
const [BY_SIZES, BY_LEAVES] = [
  ['depth_mm', 'width_mm'],
  ['lo_mm', 'hi_mm'],
] as const;

type Gap = Readonly<
  Partial<Record<(typeof BY_SIZES)[number] | (typeof BY_LEAVES)[number], number | null>>
>;

/** Checks that a gap is given, in one way. A leaf that does not go may be null: none was too thick. */
function gapGiven(input: Gap, context: TestContext) {
  const refuse = (path: string, message: string) => context.createError({ path, message });
  const sizes = BY_SIZES.filter((name) => input[name] != null);
  const leaves = BY_LEAVES.filter((name) => input[name] != null);
  if (sizes.length > 0 && leaves.length > 0)
    return refuse(leaves[0] ?? 'lo_mm', 'Sizes or leaves, not both');
  if (leaves.length === 0) {
    const missing = BY_SIZES.find((name) => input[name] == null);
    return missing === undefined || refuse(missing, 'Missing');
  }
  if (input.lo_mm == null) return refuse('lo_mm', 'Missing');
  return input.hi_mm !== undefined || refuse('hi_mm', 'Missing');
}

type Given = Parameters<typeof limitsIn>[0];

const gapText = ({ lo_mm, hi_mm }: FaceAnswer, f: Figures): string =>
  hi_mm === null || f.bareGap(lo_mm) === f.bareGap(hi_mm)
    ? f.gap(lo_mm)
    : [f.bareGap(lo_mm), f.gap(hi_mm)].join('–');

/** So high is the largest gap drawn, in px. */
const GAP_PX = 34;

interface Cover {
  readonly coverWear_mm?: number | null;
  readonly coverLeaf_mm?: number | null;
  readonly uCover_mm: number;
}

/** Returns what is known of a cover: its wear, or the leaf that no wear lets through. */
function coverOf({ coverWear_mm, coverLeaf_mm, uCover_mm }: Cover) {
  if (coverWear_mm != null) return { mm: coverWear_mm, u_mm: uCover_mm };
  return coverLeaf_mm == null ? null : { mm: 0, u_mm: 0, upTo_mm: coverLeaf_mm };
}

/** Returns the middle of what may come off a deck, or the least where there is no most. */
const cutOf = ({ from_mm, to_mm }: NonNullable<FaceAnswer['deckCut']>): number =>
  to_mm === null ? from_mm : (from_mm + to_mm) / 2;

/** Says how a face stands. */
function headOf(given: Given, answer: FaceAnswer, f: Figures): Pick<Said, 'mark' | 'head'> {
  const { verdict, deckCut, lo_mm, hi_mm } = answer;
  const [gap, limit] = [gapText(answer, f), limitWords(limitsIn(given), f)];
  if (limit === '') return { mark: 'unknown', head: say('noLimit', { gap }) };
  const isOpen = hi_mm === null && verdict !== 'out';
  if (isOpen) return { mark: 'unknown', head: say('atLeast', { gap, limit }) };
  if (verdict === 'in') return { mark: 'good', head: say('in', { gap, limit }) };
  if (verdict === 'open') return { mark: 'unknown', head: say('openIn', { gap, limit }) };
  if (verdict === 'close') return { mark: 'unknown', head: say('close', { gap, limit }) };
  const over = given.upper_mm == null ? -1 : (hi_mm ?? lo_mm) - given.upper_mm;
  const under = given.lower_mm == null ? -1 : given.lower_mm - lo_mm;
  // Found out by its doubt alone: it lies between its limits.
  if (over <= 0 && under <= 0) return { mark: 'unknown', head: say('wide', { gap }) };
  if (over <= 0) return { mark: 'bad', head: say('under', { by: f.gap(under), limit }) };
  const by = f.gap(over);
  if (hi_mm === null) return { mark: 'bad', head: say('overAtLeast', { by, limit }) };
  if (!deckCut) return { mark: 'bad', head: say('overOnly', { by, limit }) };
  const from = deckCut.to_mm === null ? f.gap(deckCut.from_mm) : f.bareGap(deckCut.from_mm);
  return {
    mark: 'bad',
    head:
      deckCut.to_mm === null
        ? say('overLeast', { by, from })
        : say('over', { by, from, to: f.gap(deckCut.to_mm) }),
  };
}

/** Tells what the faces of gears leave to the cover, cold and hot. */
export const stackFace = sum({
  input: object({
    depth_mm: size('Pocket depth'),
    width_mm: size('Gear width'),
    lo_mm: gapFigure('A leaf that goes').min(0).max(2),
    hi_mm: gapFigure('A leaf that does not')
      .min(0)
      .max(2)
      .test(notUnder('lo_mm', 'hi_mm is below lo_mm')),
    uDepth_mm: usually('Uncertainty of the depth', 0.003).min(0),
    uWidth_mm: usually('Uncertainty of the width', 0.003).min(0),
    uCover_mm: usually('Uncertainty of the cover', 0.003).min(0),
    coverWear_mm: gapFigure('Wear of the cover').min(0).max(5),
    coverLeaf_mm: gapFigure('Thinnest leaf, none went under').min(0).max(5),
    gasket_mm: gapFigure('Gasket as clamped').min(0).max(5),
    measured: choice('Measured', ['bare', 'gasket'], 'bare'),
    limitFor: choice('The limit is for', ['bare', 'assembled'], 'bare'),
    ...limitFields,
    alphaBody_per_K: expansion('Expansion of the body'),
    alphaGear_per_K: expansion('Expansion of the gears'),
    body_C: temperature('Body at work'),
    gear_C: temperature('Gears at work'),
    rule: choice('Rule', ['guarded', 'plain'], 'guarded'),
  }).test('has a gap', gapGiven),
  example: {
    depth_mm: 18.072,
    width_mm: 18.02,
    coverWear_mm: 0.01,
    lower_mm: 0.02,
    upper_mm: 0.06,
    alphaBody_per_K: 22e-6,
    alphaGear_per_K: 11.7e-6,
    body_C: 90,
    gear_C: 90,
  },
  answer: (given) => {
    const { depth_mm, width_mm, lo_mm, hi_mm } = given;
    return faceStack({
      gap:
        depth_mm != null && width_mm != null
          ? {
              depth: { mm: depth_mm, u_mm: given.uDepth_mm },
              width: { mm: width_mm, u_mm: given.uWidth_mm },
            }
          : { lo_mm: lo_mm ?? 0, hi_mm: hi_mm ?? null },
      cover: coverOf(given),
      gasket_mm: given.gasket_mm ?? null,
      measured: given.measured,
      limitFor: given.limitFor,
      limits: limitsIn(given),
      rule: given.rule,
      heat: {
        alphaBody_per_K: given.alphaBody_per_K ?? null,
        alphaGear_per_K: given.alphaGear_per_K ?? null,
        body_C: given.body_C ?? null,
        gear_C: given.gear_C ?? null,
      },
    });
  },
  page: {
    words: WORDS,
    asks: [
      { at: 'depth_mm', how: 'Depth mic from the deck to the floor.' },
      { at: 'width_mm', how: 'Mic over the gear, at three teeth.' },
      {
        at: 'coverWear_mm',
        how: 'Straight edge over the gear track, leaf beneath it; 0 where none goes.',
      },
      { at: 'lower_mm' },
      { at: 'upper_mm', how: 'From the maker’s manual.' },
      {
        at: 'coverLeaf_mm',
        more: true,
        how: 'In place of the wear, where no leaf went beneath the edge on the gear track.',
      },
      {
        at: 'lo_mm',
        more: true,
        how: 'In place of depth and width: the thickest that goes under a straight edge.',
      },
      { at: 'hi_mm', more: true, openWith: 'lo_mm', how: 'Empty where every leaf goes.' },
      { at: 'measured', more: true, names: { bare: 'Bare', gasket: 'With the gasket' } },
      { at: 'limitFor', more: true, names: { bare: 'Bare faces', assembled: 'As assembled' } },
      { at: 'gasket_mm', more: true, how: 'Mic over an old one where it was clamped.' },
      { at: 'alphaBody_per_K', more: true, how: 'Aluminium about 22, cast iron about 11.' },
      { at: 'alphaGear_per_K', more: true, how: 'Steel about 12.' },
      { at: 'body_C', more: true },
      { at: 'gear_C', more: true },
      { at: 'uDepth_mm', more: true },
      { at: 'uWidth_mm', more: true },
      { at: 'uCover_mm', more: true },
    ],
    says: (given, answer, f) => ({
      ...headOf(given, answer, f),
      rest: [
        ...answer.missing.map((field) => say(field)),
        answer.verdict === 'close' && answer.probability !== null
          ? say('chance', { percent: f.plain(100 * answer.probability, 0) })
          : '',
        answer.hot_mm === null
          ? ''
          : answer.hot_mm > 0
            ? say('hot', { hot: f.gap(answer.hot_mm) })
            : say('hotNone'),
      ].filter(Boolean),
    }),
    brief: (answer, f) =>
      say('brief', { gap: gapText(answer, f), verdict: verdictWords(answer.verdict) }),
    weigh: ({ lo_mm }) => lo_mm,
    changes: (given, { deckCut }, f) => [
      ...((given.coverWear_mm ?? 0) > 0
        ? [{ what: say('ground'), input: { ...given, coverWear_mm: 0 } }]
        : []),
      ...(deckCut && given.depth_mm != null
        ? [
            {
              what: say('cut', { by: f.gap(cutOf(deckCut)) }),
              input: { ...given, depth_mm: given.depth_mm - cutOf(deckCut) },
            },
          ]
        : []),
    ],
    picture: (given, answer, f, pens) => {
      const [deck, floor] = [62, 138];
      const gap_mm = answer.hi_mm ?? answer.lo_mm;
      const ends = [given.lower_mm, given.upper_mm].flatMap((end) => (end == null ? [] : [end]));
      const cover_mm = given.coverWear_mm ?? 0;
      // Gaps are drawn so large that they are seen.
      const px = GAP_PX / Math.max(Math.abs(gap_mm), cover_mm, ...ends, 0.01);
      const bare_mm =
        given.depth_mm != null && given.width_mm != null
          ? given.depth_mm - given.width_mm
          : gap_mm - cover_mm;
      const top = deck + bare_mm * px;
      const limit = (mm: number) => [
        pens.line(
          [
            { x: 96, y: top - mm * px },
            { x: 268, y: top - mm * px },
          ],
          {
            line: 'out',
            dashed: true,
          },
        ),
        pens.words(f.bareGap(mm), 276, top - mm * px + 4, 'start', 'out'),
      ];
      const tone = answer.verdict === 'in' ? 'in' : answer.verdict === 'out' ? 'out' : 'brass';
      return {
        height: 170,
        said: say('drawn', { gap: gapText(answer, f) }),
        parts: [
          pens.rect(30, deck, 300, floor + 14 - deck, { fill: 'casting', line: 'ink' }),
          pens.rect(90, deck, 180, floor - deck, { fill: 'paper', line: 'ink' }),
          pens.rect(104, top, 152, floor - top, { fill: 'steel', line: 'ink' }),
          pens.rect(30, 12, 300, deck - 12, { fill: 'casting', line: 'ink' }),
          pens.rect(104, deck - cover_mm * px, 152, cover_mm * px, { fill: 'paper', line: 'ink' }),
          pens.line(
            [
              { x: 91, y: deck },
              { x: 269, y: deck },
            ],
            { line: 'paper', width: 2 },
          ),
          ...ends.flatMap(limit),
          pens.arrow({ x: 180, y: top }, { x: 180, y: deck - cover_mm * px }, tone),
          pens.words(say('cover'), 38, 28),
          pens.words(say('gear'), 180, floor - 10, 'middle'),
          pens.words(say('deck'), 38, floor - 2),
          pens.words(say('larger'), 180, 162, 'middle', 'muted'),
        ],
      };
    },
    takes: {
      depth_mm: 'plus',
      width_mm: 'minus',
      uDepth_mm: 'plus_u',
      uWidth_mm: 'minus_u',
      coverWear_mm: 'cover_wear',
      coverLeaf_mm: 'cover_leaf',
      lo_mm: 'gap_lo',
      hi_mm: 'gap_hi',
      lower_mm: 'face_lower',
      upper_mm: 'face_upper',
      gasket_mm: 'gasket',
      measured: 'gasket_measured',
      limitFor: 'gasket_limit',
      alphaBody_per_K: 'plus_alpha',
      alphaGear_per_K: 'minus_alpha',
      body_C: 'plus_hot',
      gear_C: 'minus_hot',
    },
    formula: {
      line: 'gap = depth − width + cover ± gasket',
      symbols: [
        ['depth', 'from the deck to the floor of the pocket'],
        ['width', 'of the gear'],
        ['cover', 'how far the gears have worn into the cover'],
        [
          'gasket',
          'added where it was left out and the limit counts it; taken off the other way round',
        ],
      ],
      source: 'JCGM 100, 5.1.2; linear expansion',
      assumed: ['A clamped gasket and a cover do not grow with heat.'],
    },
  },
  gives: {
    lo_mm: ['Gap at least', 'mm'],
    hi_mm: ['Gap at most', 'mm'],
    u_mm: ['Uncertainty', 'mm'],
    hot_mm: ['Hot gap', 'mm'],
    probability: ['Probability of lying inside', 'count'],
    verdict: ['Verdict'],
    deckCut: ['To take off the deck', 'mm'],
    missing: ['Still to be measured'],
  },
});
