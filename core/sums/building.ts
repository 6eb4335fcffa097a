import { array, object, string } from 'yup';
import { matchOnLine } from '../pairing/line';
import { linearPlan } from '../rework/solver/linear';
import { exact, notUnder } from '../schema/fields';
import { figure, figures, limitFields, notBelow, ONCE, perhaps } from './fields';
import { sum } from './sum';

const name = () => string().required();

/** Tells which body goes with which gear set, for as many pumps as possible with the least metal off. */
export const matchParts = sum({
  input: object({
    bodies: array(exact({ id: name(), depth_mm: figure('Pocket depth') }))
      .required()
      .max(5000, 'At most 5,000 bodies')
      .test(...ONCE),
    gears: array(exact({ id: name(), width_mm: figure('Gear width') }))
      .required()
      .max(5000, 'At most 5,000 gear sets')
      .test(...ONCE),
    lower_mm: figure('Min'),
    upper_mm: figure('Max').test(notUnder('lower_mm', 'The upper limit is below the lower one')),
    maxDeckCut_mm: notBelow('Most off the deck'),
    maxGearGrind_mm: notBelow('Most off the gears'),
  }),
  example: {
    bodies: [{ id: 'B1', depth_mm: 20.06 }],
    gears: [{ id: 'G1', width_mm: 20.01 }],
    lower_mm: 0.02,
    upper_mm: 0.06,
    maxDeckCut_mm: 0.1,
    maxGearGrind_mm: 0.05,
  },
  answer: ({ bodies, gears, ...window }) => matchOnLine(bodies, gears, window),
  gives: {
    pairs: ['Pumps'],
    built: ['How many', 'count'],
    totalCut_mm: ['Metal off in all', 'mm'],
  },
});

/** The cheapest work that brings sums of sizes inside their limits. */
export const reworkPlan = sum({
  input: object({
    dimensions: figures('Sizes').required(),
    characteristics: array(
      exact({ id: name(), terms: figures('Terms').required(), ...limitFields }),
    )
      .required()
      .max(500, 'At most 500 characteristics')
      .test(...ONCE),
    operations: array(
      exact({
        id: name(),
        effects: figures('Effects').required(),
        offset: figures('Offsets').nullable(),
        min_mm: notBelow('Least amount'),
        max_mm: notBelow('Most amount').test(
          notUnder('min_mm', 'The most amount is below the least'),
        ),
        fixedCost: notBelow('Cost of doing it', 'money'),
        costPerMm: notBelow('Cost per mm', 'money'),
      }),
    )
      .required()
      .max(100, 'At most 100 operations')
      .test(...ONCE),
    excludes: array(
      array(name())
        .required()
        .length(2, 'Two operations')
        .test('two', 'An operation cannot exclude itself', ([a, b] = []) => a !== b),
    ).nullable(),
    guard_mm: perhaps('Kept inside each limit').min(0, 'Not below zero'),
  }),
  example: {
    dimensions: { depth: 20.09, width: 20 },
    characteristics: [{ id: 'end', terms: { depth: 1, width: -1 }, upper_mm: 0.06 }],
    operations: [
      {
        id: 'face-deck',
        effects: { depth: -1 },
        min_mm: 0.01,
        max_mm: 0.2,
        fixedCost: 20,
        costPerMm: 10,
      },
    ],
  },
  answer: async (input, tools) => linearPlan(input, await tools.solver()),
  gives: { feasible: ['Whether there is a plan'], cost: ['Cost', 'money'] },
});
