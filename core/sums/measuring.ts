import { array, number, object, string } from 'yup';
import { FELT, intervalOf } from '../feeler/bounds';
import { judgeTries, ladderOf, nextTry } from '../feeler/ladder';
import { conformity } from '../metrology/conformity';
import type { Estimate } from '../metrology/estimate';
import { studyOf } from '../metrology/repeatability';
import { gapFromSizes } from '../metrology/sizes';
import { parseReading } from '../quantity/parse';
import { exact, notUnder } from '../schema/fields';
import { explainTries } from '../wording/verdict';
import {
  figure,
  label,
  limitFields,
  limitsIn,
  notBelow,
  perhaps,
  positive,
  stackOf,
} from './fields';
import { sum } from './sum';

/** Tells how a length that somebody wrote is understood. */
export const readingParse = sum({
  input: object({
    text: string().defined().meta({ label: 'As it is written' }),
    kind: string().oneOf(['gap', 'size']).required(),
    unit: string().oneOf(['thou', 'in', 'mm']).required(),
  }),
  example: { text: '.7896', kind: 'size', unit: 'thou' },
  answer: ({ text, kind, unit }) => parseReading(text, kind, unit),
  gives: { mm: ['Length', 'mm'], echo: ['As it is understood'] },
  says: ({ echo }) => echo,
});

const leaf = () => positive('Leaf');

/** Tells what tries with leaves say of a gap, and which leaf tells more. */
export const feelerNext = sum({
  input: object({
    leaves_mm: array(leaf()).required().min(1, 'At least one leaf'),
    maxStack: stackOf(),
    ...limitFields,
    dragBand_mm: perhaps('Drag band').min(0, 'Not below zero'),
    goal: string().oneOf(['verdict', 'size']).required(),
    tries: array(
      exact({
        leaves_mm: array(leaf())
          .required()
          .min(1, 'At least one leaf')
          .max(3, 'At most three leaves together')
          .test(
            'distinct',
            'The same leaf cannot be held twice',
            (leaves) => !leaves || new Set(leaves).size === leaves.length,
          ),
        felt: string().oneOf(FELT).required(),
      }),
    ).required(),
  }),
  example: {
    leaves_mm: [0.03, 0.04, 0.05, 0.06],
    maxStack: 1,
    upper_mm: 0.06,
    goal: 'verdict',
    tries: [{ leaves_mm: [0.05], felt: 'free' }],
  },
  answer: ({ leaves_mm, maxStack, goal, tries, dragBand_mm, ...given }) => {
    const band = dragBand_mm == null ? {} : { dragBand_mm };
    const ladder = ladderOf({ leaves_mm, maxStack, ...band });
    const limits = limitsIn(given);
    const { bounds, verdict } = judgeTries(ladder, limits, tries);
    const next = nextTry(ladder, limits, goal, tries);
    return {
      smallest: intervalOf(bounds.smallest),
      largest: intervalOf(bounds.largest),
      verdict,
      next: next && { leaves_mm: next.leaves_mm },
      reason: explainTries(bounds, limits, verdict, next, 'mm'),
    };
  },
  gives: {
    smallest: ['Smallest gap', 'mm'],
    largest: ['Largest gap', 'mm'],
    verdict: ['Verdict'],
    next: ['Leaves to try', 'mm'],
    reason: ['Why'],
  },
  says: ({ reason }) => reason,
});

/** The gap that sizes leave, cold and hot. */
export const gapOfSizes = sum({
  input: object({
    terms: array(
      exact({
        name: string().defined(),
        sign: number().oneOf([1, -1]).required(),
        value_mm: figure('Size'),
        u_mm: notBelow('Uncertainty'),
        alpha_per_K: perhaps('Expansion', '1/K'),
        measuredAt_C: perhaps('Measured at', '°C'),
        hot_C: perhaps('Running at', '°C'),
      }),
    )
      .required()
      .min(1, 'A gap needs at least one size'),
  }),
  example: {
    terms: [
      { name: 'pocket depth', sign: 1, value_mm: 20.055, u_mm: 0.002 },
      { name: 'gear width', sign: -1, value_mm: 20.0, u_mm: 0.001 },
    ],
  },
  answer: ({ terms }) =>
    gapFromSizes(terms.map(({ sign, ...term }) => ({ ...term, factor: sign }))),
  gives: { gap_mm: ['Gap', 'mm'], u_mm: ['Uncertainty', 'mm'], hot_mm: ['Hot gap', 'mm'] },
});

const EITHER = 'Give value_mm and u_mm, or lo_mm and hi_mm (null where there is no upper end)';

/** Tells whether a size or a bracket keeps its limits, and how likely. */
export const conformityOf = sum({
  input: object({
    value_mm: perhaps('Size'),
    u_mm: perhaps('Uncertainty').min(0, 'Not below zero'),
    lo_mm: perhaps('At least'),
    hi_mm: perhaps('At most').test(notUnder('lo_mm', 'hi_mm is below lo_mm')),
    ...limitFields,
    rule: string().oneOf(['guarded', 'plain']).required(),
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
  gives: { verdict: ['Verdict'], probability: ['Probability of lying inside', 'count'] },
});

/** Tells how well people and an instrument repeat each other. */
export const repeatability = sum({
  input: object({
    readings: array(
      exact({ part: label(), person: label(), trial: label(), value: figure('Reading') }),
    )
      .required()
      .min(8, 'A study needs two parts, two people and two trials at least'),
  }),
  example: {
    readings: ['1', '2'].flatMap((part, i) =>
      ['Ivo', 'Runa'].flatMap((person, j) =>
        [1, 2].map((trial) => ({ part, person, trial, value: 20 + 0.01 * i + 0.001 * j * trial })),
      ),
    ),
  },
  answer: ({ readings }) =>
    studyOf(
      readings.map(({ part, person, trial, value }) => ({
        part: String(part),
        person: String(person),
        trial: String(trial),
        value,
      })),
    ),
  gives: {
    repeatability: ['One person, the same part again', 'mm'],
    reproducibility: ['Between people', 'mm'],
    grr: ['Both together', 'mm'],
    parts: ['Between parts', 'mm'],
    total: ['All together', 'mm'],
    grrPercent: ['Of all, %', 'count'],
    categories: ['Sizes told apart', 'count'],
  },
});
