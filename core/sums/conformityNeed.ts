import { object } from 'yup';
import { conformityNeed } from '../metrology/need';
import { figure, limitFields, limitsIn, notBelow } from './fields';
import { sayFrom } from '../wording/say';
import { sum } from './sum';

const WORDS = {
  in: 'In: {percent} in 100.',
  out: 'Out: {percent} in 100 that it is in.',
  close: 'Too close to call. An uncertainty under {u} decides.',
  onLimit: 'It lies on its limit: no reading decides.',
  noLimit: 'Enter a limit.',
  chance: 'In with a chance of {percent} in 100.',
  decides: 'It stays decided up to an uncertainty of {u}.',
  between: 'With this uncertainty it is in from {from} to {to}.',
  upTo: 'With this uncertainty it is in up to {to}.',
  from: 'With this uncertainty it is in from {from}.',
  never: 'With this uncertainty nothing between the limits is in.',
  brief: '{percent} in 100',
  half: 'the uncertainty is half of it',
  curve: 'chance of being in',
  axes: 'chance in 100 over what was read',
  needed: 'from here on it counts as in',
  drawn: 'The chance of lying inside over what was read; here it is {percent} in 100.',
} as const;

const say = sayFrom(WORDS);

/** Tells how sure a verdict is, and how exactly a size has to be known for one. */
export const conformityNeedOf = sum({
  input: object({
    value_mm: figure('Size').meta({ isGap: true }),
    u_mm: notBelow('Uncertainty').meta({ isGap: true }),
    ...limitFields,
  }),
  example: { value_mm: 0.058, u_mm: 0.003, upper_mm: 0.06 },
  answer: ({ value_mm, u_mm, ...given }) => conformityNeed(value_mm, u_mm, limitsIn(given)),
  page: {
    words: WORDS,
    asks: [
      { at: 'value_mm' },
      { at: 'u_mm', how: 'Standard uncertainty: a good mic about 0.003 mm.' },
      { at: 'lower_mm' },
      { at: 'upper_mm' },
    ],
    says: (given, answer, f) => {
      const { verdict, probability, uThatDecides_mm, inFrom_mm, inTo_mm } = answer;
      const percent = f.plain(100 * probability, 0);
      const hasLimit = given.lower_mm != null || given.upper_mm != null;
      const u = f.fine(uThatDecides_mm ?? 0);
      // What lies inside and is found out is so by its doubt alone: less of it would decide otherwise.
      const isSettled =
        verdict !== 'close' && uThatDecides_mm !== null && given.u_mm <= uThatDecides_mm;
      const head = () => {
        if (!hasLimit) return say('noLimit');
        if (uThatDecides_mm === null) return say('onLimit');
        return isSettled ? say(verdict, { percent }) : say('close', { u });
      };
      const zone = () => {
        if (inFrom_mm === null) return inTo_mm === null ? '' : say('upTo', { to: f.gap(inTo_mm) });
        if (inTo_mm === null) return say('from', { from: f.gap(inFrom_mm) });
        return inFrom_mm > inTo_mm
          ? say('never')
          : say('between', { from: f.bareGap(inFrom_mm), to: f.gap(inTo_mm) });
      };
      return {
        mark: !hasLimit || !isSettled ? 'unknown' : verdict === 'in' ? 'good' : 'bad',
        head: head(),
        rest: [
          hasLimit && !isSettled ? say('chance', { percent }) : '',
          hasLimit && isSettled ? say('decides', { u }) : '',
          zone(),
        ].filter(Boolean),
      };
    },
    brief: ({ probability }, f) => say('brief', { percent: f.plain(100 * probability, 0) }),
    weigh: ({ probability }) => probability,
    changes: (given) => [{ what: say('half'), input: { ...given, u_mm: given.u_mm / 2 } }],
    picture: ({ value_mm, u_mm, ...given }, { probability }, f, pens) => {
      const limits = limitsIn(given);
      const ends = [limits.lower_mm, limits.upper_mm].flatMap((end) => (end === null ? [] : [end]));
      const beyond = 4 * u_mm || 0.01;
      if (ends.length === 0) return null;
      return pens.chart({
        from: Math.min(value_mm, ...ends) - beyond,
        to: Math.max(value_mm, ...ends) + beyond,
        at: value_mm,
        label: (mm) => f.bareGap(mm),
        curves: [
          {
            name: say('curve'),
            of: (mm) => 100 * conformityNeed(mm, u_mm, limits).probability,
          },
          { name: say('needed'), of: () => 95, dashed: true },
        ],
        decimals: 0,
        axes: say('axes'),
        said: say('drawn', { percent: f.plain(100 * probability, 0) }),
      });
    },
    takes: { value_mm: 'gap', u_mm: 'gap_u', lower_mm: 'lower', upper_mm: 'upper' },
    formula: {
      line: 'P = Φ((upper − x)/u) − Φ((lower − x)/u); in at P ≥ 0.95, out at P ≤ 0.05',
      symbols: [
        ['x, u', 'the size and its standard uncertainty'],
        ['Φ', 'share of the normal distribution below'],
      ],
      source: 'JCGM 106, 7 and 8',
      assumed: [],
    },
  },
  gives: {
    probability: ['Probability of lying inside', 'count'],
    verdict: ['Verdict'],
    uThatDecides_mm: ['Uncertainty that decides', 'mm'],
    inFrom_mm: ['In from', 'mm'],
    inTo_mm: ['In to', 'mm'],
  },
});
