import { array, number, string, type InferType } from 'yup';
import { celsius, exact, finite, identifier, line, once } from '../schema/fields';
import { say } from '../wording/say';
import { fluid } from './flow';
import { figureFields } from './tag';

/** More steps than this no test has. */
export const MOST_POINTS = 40;

/** The most sections that a pump has. */
const MOST_SECTIONS = 8;

/** Makes the field of the sections that deliver in a test while the others go round; none named is all of them. */
export const sections = () =>
  array(number().integer('A whole number').min(1).max(MOST_SECTIONS).required())
    .required()
    .max(MOST_SECTIONS);

const flow = () =>
  finite().min(0, 'Flow cannot be below 0.').max(10_000, 'Flow must be at most 10000 l/min.');

/** Describes a step of a test: how the pump runs in it, for how long, and what it has to give. */
export const testPoint = exact({
  id: identifier(),
  /** Says what it stands for, as *hot idle*; empty where nobody said. */
  name: line().defined(),
  drive_rpm: figureFields.drive_rpm,
  ratio: figureFields.ratio,
  /** Is nought for a step without pressure. */
  pressure_bar: finite()
    .required('Enter the pressure.')
    .min(0, 'Pressure cannot be below 0.')
    .max(2000, 'Pressure must be at most 2000 bar.'),
  oil_C: celsius().nullable().defined(),
  minutes: finite()
    .moreThan(0, 'Time must be above 0.')
    .max(240, 'At most 240 minutes')
    .nullable()
    .defined(),
  sections: sections(),
  /** Says what it has to give at least, in l/min; null where nobody said. */
  least_lpm: flow().nullable().defined(),
  /** Says what it may lose at most from no pressure to this one, at the same speed, in l/min; null where nobody said. */
  mostLoss_lpm: flow().nullable().defined(),
  source: line().defined(),
});

/** Describes the steps of a test, in their order. */
export const testPoints = () =>
  once(
    array(testPoint)
      .required()
      .max(MOST_POINTS, say('records.most', { most: MOST_POINTS })),
    'A step is there twice',
    ({ id }) => id,
  );

/** Describes how the pump of one job is tested; null where that is as its sheet says. */
export const jobTesting = exact({
  points: testPoints().nullable().defined().default(undefined),
  fluid: fluid.nullable().defined().default(undefined),
});

/** Says that a job is tested as its sheet says. */
export const TESTED_AS_THE_SHEET: InferType<typeof jobTesting> = { points: null, fluid: null };

export type TestPoint = InferType<typeof testPoint>;

/** Lists where the flow of a test comes from. */
export const TEST_SOURCES = ['typed', 'simulated', 'file'] as const;
export type TestSource = (typeof TEST_SOURCES)[number];

/** Lists what can be said of a check without a bench. */
export const PROOF_ANSWERS = ['good', 'bad', 'later', 'not-tested'] as const;

/** Makes the field of the id of a run; empty where there is none. */
export const runId = () =>
  string()
    .defined()
    .matches(/^[\w-]{0,64}$/, 'Not the id of a run');
