import { object } from 'yup';
import { conformityNeed } from '../metrology/need';
import { figure, limitFields, limitsIn, notBelow } from './fields';
import { sum } from './sum';

/** Tells how sure a verdict is, and how exactly a size has to be known for one. */
export const conformityNeedOf = sum({
  input: object({
    value_mm: figure('Size').meta({ isGap: true }),
    u_mm: notBelow('Uncertainty').meta({ isGap: true }),
    ...limitFields,
  }),
  example: { value_mm: 0.058, u_mm: 0.003, upper_mm: 0.06 },
  answer: ({ value_mm, u_mm, ...given }) => conformityNeed(value_mm, u_mm, limitsIn(given)),
  gives: {
    probability: ['Probability of lying inside', 'count'],
    verdict: ['Verdict'],
    uThatDecides_mm: ['Uncertainty that decides', 'mm'],
    inFrom_mm: ['In from', 'mm'],
    inTo_mm: ['In to', 'mm'],
  },
});
