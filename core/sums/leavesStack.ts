import { object } from 'yup';
import { leafStacks, type LeafStack } from '../workshop/leafStack';
import { figure, lengths, limitFields, limitsIn, usualStackOf } from './fields';
import { sayFrom } from '../wording/say';
import { type Figures } from './kinds';
import { sum } from './sum';

const WORDS = {
  exact: 'Hold {leaves}.',
  both: 'Not exactly: {below} or {above}.',
  one: 'Not exactly: {near} is nearest.',
  none: 'No leaf of the set is near.',
  blind: 'From {from} to {to} this set cannot tell on which side of {limit} a gap is.',
  blindOver: 'Over {from} this set cannot tell on which side of {limit} a gap is.',
  brief: '{off} off',
  briefExact: 'exactly',
  more: 'one leaf more may be held',
  below: 'Next below',
  above: 'Next above',
  wanted: 'wanted {gap}',
  limit: 'limit {gap}',
  drawn:
    'A scale with the thickness wanted, the stacks next to it, and in brass what the set cannot tell.',
} as const;

const say = sayFrom(WORDS);

/** So much of what has no upper end is drawn. */
const BEYOND_mm = 0.05;

const stackWords = ({ leaves_mm }: LeafStack, f: Figures): string => {
  const thin = leaves_mm.slice(0, -1).map((mm) => f.bareGap(mm));
  return [...thin, f.gap(leaves_mm.at(-1) ?? 0)].join(' + ');
};

/** Tells which leaves make a thickness, and what a set cannot tell. */
export const leavesStack = sum({
  input: object({
    target_mm: figure('Thickness').min(0).max(25).meta({ isGap: true }),
    leaves_mm: lengths('Leaves', 1, 'At least one leaf', 100).meta({ isGap: true }),
    maxStack: usualStackOf(2),
    ...limitFields,
  }),
  example: { target_mm: 0.18, leaves_mm: [0.05, 0.08, 0.1, 0.2], maxStack: 2, upper_mm: 0.17 },
  answer: ({ leaves_mm, maxStack, target_mm, ...given }) =>
    leafStacks(leaves_mm, maxStack, target_mm, limitsIn(given)),
  page: {
    words: WORDS,
    asks: [
      { at: 'target_mm' },
      { at: 'leaves_mm', how: 'All of the set, with a blank between.' },
      { at: 'lower_mm' },
      { at: 'upper_mm' },
      { at: 'maxStack', more: true, names: { 1: 'One', 2: 'Two', 3: 'Three' } },
    ],
    says: (given, { exact, best, below, above, blind }, f) => ({
      mark: exact ? 'good' : 'bad',
      head:
        exact && best
          ? say('exact', { leaves: stackWords(best, f) })
          : below && above
            ? say('both', { below: stackWords(below, f), above: stackWords(above, f) })
            : best
              ? say('one', { near: stackWords(best, f) })
              : say('none'),
      rest: blind.map(({ limit, from_mm, to_mm }) => {
        const at = f.gap(given[`${limit}_mm`] ?? 0);
        return to_mm === null
          ? say('blindOver', { from: f.gap(from_mm), limit: at })
          : say('blind', { from: f.bareGap(from_mm), to: f.gap(to_mm), limit: at });
      }),
    }),
    brief: ({ best, exact }, f) =>
      exact ? say('briefExact') : say('brief', { off: f.gap(Math.abs(best?.off_mm ?? 0)) }),
    weigh: ({ best }) => Math.abs(best?.off_mm ?? 0),
    changes: (given) =>
      given.maxStack < 3
        ? [{ what: say('more'), input: { ...given, maxStack: given.maxStack + 1 } }]
        : [],
    rows: (_, { below, above }, f) => [
      ...(below ? [[say('below'), stackWords(below, f)] as const] : []),
      ...(above ? [[say('above'), stackWords(above, f)] as const] : []),
    ],
    picture: (given, { below, above, blind }, f, pens) =>
      pens.scale({
        stretches: blind.map(({ from_mm, to_mm }) => ({
          from: from_mm,
          to: to_mm ?? Math.max(from_mm, given.target_mm, given.upper_mm ?? 0) + BEYOND_mm,
          ink: 'brass',
        })),
        marks: [
          {
            at: given.target_mm,
            text: say('wanted', { gap: f.bareGap(given.target_mm) }),
            ink: 'blue',
          },
          ...[below, above].flatMap((stack) =>
            stack ? [{ at: stack.sum_mm, text: f.bareGap(stack.sum_mm), ink: 'ink' as const }] : [],
          ),
          ...[given.lower_mm, given.upper_mm].flatMap((limit) =>
            limit == null
              ? []
              : [{ at: limit, text: say('limit', { gap: f.bareGap(limit) }), ink: 'out' as const }],
          ),
        ],
        said: say('drawn'),
      }),
    takes: {
      target_mm: 'gap',
      leaves_mm: 'leaves',
      maxStack: 'stack',
      lower_mm: 'lower',
      upper_mm: 'upper',
    },
    formula: {
      line: 'Σ leaves = thickness',
      symbols: [],
      source: 'house rule',
      assumed: ['Thicknesses within 0.1 µm are the same; fewer leaves, then none that is thin.'],
    },
  },
  gives: {
    exact: ['Made exactly'],
    best: ['Nearest'],
    below: ['Next below'],
    above: ['Next above'],
    blind: ['What the set cannot tell'],
  },
});
