import { object } from 'yup';
import { leafStacks } from '../workshop/leafStack';
import { figure, lengths, limitFields, limitsIn, usualStackOf } from './fields';
import { sum } from './sum';

/** Tells which leaves make a thickness, and what a set cannot tell. */
export const leavesStack = sum({
  input: object({
    target_mm: figure('Thickness').min(0).max(25).meta({ isGap: true }),
    leaves_mm: lengths('Leaves', 1, 'At least one leaf', 100),
    maxStack: usualStackOf(2),
    ...limitFields,
  }),
  example: { target_mm: 0.18, leaves_mm: [0.05, 0.08, 0.1, 0.2], maxStack: 2, upper_mm: 0.17 },
  answer: ({ leaves_mm, maxStack, target_mm, ...given }) =>
    leafStacks(leaves_mm, maxStack, target_mm, limitsIn(given)),
  gives: {
    exact: ['Made exactly'],
    best: ['Nearest'],
    below: ['Next below'],
    above: ['Next above'],
    blind: ['What the set cannot tell'],
  },
});
