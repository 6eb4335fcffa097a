import { array, object } from 'yup';
import { finite } from '../schema/fields';
import { standing } from '../workshop/standing';
import { figure } from './fields';
import { sum } from './sum';

/** Tells where a figure stands among those of the past. */
export const historyStanding = sum({
  input: object({
    past: array(finite().required()).required().meta({ label: 'Figures of the past' }),
    value: figure('Figure', 'count'),
  }),
  example: { past: [0.03, 0.04, 0.045, 0.05, 0.06], value: 0.058 },
  answer: ({ past, value }) => standing(past, value),
  gives: {
    n: ['How many', 'count'],
    median: ['Median'],
    percentile: ['Share below', '%'],
    robustZ: ['Robust standard deviations off', 'count'],
    enough: ['Enough to say something'],
  },
});
