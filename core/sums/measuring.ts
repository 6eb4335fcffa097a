import { array, number, object, string } from 'yup';
import { FELT, intervalOf } from '../feeler/bounds';
import { judgeTries, ladderOf, nextTry } from '../feeler/ladder';
import { gapFromSizes } from '../metrology/sizes';
import { parseReading } from '../quantity/parse';
import { exact } from '../schema/fields';
import { explainTries } from '../wording/verdict';
import { figure, limitFields, limitsIn, notBelow, perhaps, positive, stackOf } from './fields';
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
