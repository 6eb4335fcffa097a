import { object } from 'yup';
import { CONFIDENCE, conformity } from '../metrology/conformity';
import type { Estimate } from '../metrology/estimate';
import { notUnder } from '../schema/fields';
import { sayFrom } from '../wording/say';
import { choice, gapFigure, limitFields, limitsIn, perhaps } from './fields';
import { sum } from './sum';
import { limitWords, verdictWords } from './words';

const WORDS = {
  in: 'In: {chance}, limit {limit}.',
  out: 'Out: {chance} that it is in, limit {limit}.',
  close: 'Too close to call: {chance} that it is in, limit {limit}.',
  noLimit: 'Enter a limit.',
  chance: '{percent} in 100',
  atLeast: 'at least {percent} in 100',
  closer: 'A leaf between the two tells more.',
  exactly: 'A reading with less uncertainty tells more.',
  plain: 'By the value alone: its uncertainty is not counted.',
  half: 'the uncertainty is half of it',
  middle: 'the middle of the two leaves goes',
  below: 'the middle of the two leaves does not go',
  brief: '{chance}, {verdict}',
  limit: 'limit {gap}',
  read: 'read {gap}',
  drawn: 'A scale with what was read, and the limits.',
} as const;

const say = sayFrom(WORDS);

const EITHER = 'Give value_mm and u_mm, or lo_mm and hi_mm (null where there is no upper end)';

/** Standard uncertainties to either side of a value that are drawn: 95 in 100 lie there. */
const COVERED = 2;

/** Tells whether a size or a bracket keeps its limits, and how likely. */
export const conformityOf = sum({
  input: object({
    value_mm: gapFigure('Size'),
    u_mm: gapFigure('Uncertainty').min(0, 'Not below zero'),
    lo_mm: gapFigure('A leaf that goes'),
    hi_mm: gapFigure('A leaf that does not').test(notUnder('lo_mm', 'hi_mm is below lo_mm')),
    ...limitFields,
    rule: choice('Rule', ['guarded', 'plain']),
    confidence: perhaps('Confidence', 'count').min(0.5, 'At least 0.5').lessThan(1, 'Below 1'),
  }).test('has a value', (input, context) => {
    const absent = (names: readonly (keyof typeof input)[]) =>
      names.filter((name) => input[name] == null);
    const noSize = absent(['value_mm', 'u_mm']);
    // A bracket without an upper end says so: null is given, nothing is not.
    const noBracket = absent(['lo_mm']);
    if (input.hi_mm === undefined) noBracket.push('hi_mm');
    if (noSize.length + noBracket.length === 2 && noSize.length !== 1) return true;
    const path = noBracket.length === 1 ? noBracket[0] : (noSize[0] ?? 'lo_mm');
    return context.createError({ path, message: EITHER });
  }),
  example: { value_mm: 0.052, u_mm: 0.002, upper_mm: 0.06, rule: 'guarded' },
  answer: ({ value_mm, u_mm, lo_mm, hi_mm, rule, confidence, ...given }) => {
    const estimate: Estimate =
      value_mm != null && u_mm != null
        ? { kind: 'value', value_mm, u_mm }
        : { kind: 'interval', lo_mm: lo_mm ?? 0, hi_mm: hi_mm ?? null };
    return conformity(estimate, limitsIn(given), rule, confidence ?? undefined);
  },
  page: {
    words: WORDS,
    asks: [
      { at: 'value_mm', how: 'A size; or two leaves in its place.' },
      { at: 'u_mm', how: 'Standard uncertainty: a good mic about 0.003 mm, a tenth of a thou.' },
      { at: 'lo_mm', how: 'The thickest leaf that goes.' },
      {
        at: 'hi_mm',
        openWith: 'lo_mm',
        how: 'The thinnest that does not; empty where every leaf goes.',
      },
      { at: 'lower_mm' },
      { at: 'upper_mm', how: 'From the maker’s manual.' },
      {
        at: 'rule',
        usual: 'guarded',
        more: true,
        names: { guarded: 'By its chance', plain: 'By the value alone' },
      },
      { at: 'confidence', usual: CONFIDENCE, more: true, how: 'The chance that “in” asks for.' },
    ],
    says: (given, { verdict, probability }, f) => {
      const byLeaves = given.lo_mm != null;
      const limit = limitWords(limitsIn(given), f);
      if (limit === '') return { mark: 'unknown', head: say('noLimit'), rest: [] };
      const percent = f.plain(100 * probability, 0);
      // Between two leaves every size is as likely: that is the least that can be said.
      const chance = say(byLeaves && given.hi_mm == null ? 'atLeast' : 'chance', { percent });
      const mark = { in: 'good', out: 'bad', close: 'unknown' } as const;
      return {
        mark: mark[verdict],
        head: say(verdict, { chance, limit }),
        rest: [
          verdict === 'close' ? say(byLeaves ? 'closer' : 'exactly') : '',
          given.rule === 'plain' ? say('plain') : '',
        ].filter(Boolean),
      };
    },
    brief: ({ probability, verdict }, f) =>
      say('brief', {
        chance: say('chance', { percent: f.plain(100 * probability, 0) }),
        verdict: verdictWords(verdict),
      }),
    weigh: ({ probability }) => probability,
    changes: ({ u_mm, lo_mm, hi_mm, ...given }) => [
      ...(u_mm == null ? [] : [{ what: say('half'), input: { ...given, u_mm: u_mm / 2 } }]),
      ...(lo_mm == null || hi_mm == null
        ? []
        : [
            { what: say('middle'), input: { ...given, lo_mm: (lo_mm + hi_mm) / 2, hi_mm } },
            { what: say('below'), input: { ...given, lo_mm, hi_mm: (lo_mm + hi_mm) / 2 } },
          ]),
    ],
    picture: ({ value_mm, u_mm, lo_mm, hi_mm, ...given }, { verdict }, f, pens) => {
      const isValue = value_mm != null && u_mm != null;
      const [from, to] = isValue
        ? [value_mm - COVERED * u_mm, value_mm + COVERED * u_mm]
        : [lo_mm ?? 0, hi_mm ?? lo_mm ?? 0];
      const ink = { in: 'in', out: 'out', close: 'brass' } as const;
      const read = isValue ? [value_mm] : [lo_mm, hi_mm];
      return pens.scale({
        stretches: [{ from, to, ink: ink[verdict] }],
        marks: [
          ...read.flatMap((mm) =>
            mm == null
              ? []
              : [{ at: mm, text: say('read', { gap: f.bareGap(mm) }), ink: 'ink' as const }],
          ),
          ...[given.lower_mm, given.upper_mm].flatMap((mm) =>
            mm == null
              ? []
              : [{ at: mm, text: say('limit', { gap: f.bareGap(mm) }), ink: 'out' as const }],
          ),
        ],
        said: say('drawn'),
      });
    },
    takes: {
      value_mm: 'gap',
      u_mm: 'gap_u',
      lo_mm: 'gap_lo',
      hi_mm: 'gap_hi',
      lower_mm: 'lower',
      upper_mm: 'upper',
    },
    formula: {
      line: 'P = share of what was read that lies between the limits; in at P ≥ 0.95, out at P ≤ 0.05',
      symbols: [['P', 'of a size by the normal distribution, of leaves by an even one']],
      source: 'JCGM 106, 7 and 8; ISO 14253-1',
      assumed: ['Between two leaves every size is as likely.'],
    },
    beside: ['conformity.need'],
  },
  gives: { verdict: ['Verdict'], probability: ['Probability of lying inside', 'count'] },
});
