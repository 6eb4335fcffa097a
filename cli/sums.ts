import { array, boolean, mixed, object, string } from 'yup';
import { COMPLAINT_IDS } from '../core/causes/complaints';
import { CAUSES, SIGNS } from '../core/causes/causes';
import { FAMILY_IDS } from '../core/pumps/registry';
import { loadHighs, LONGEST_s } from '../core/rework/solver/highs';
import { withinTime, type Solver } from '../core/rework/solver/program';
import { SUMS as ALONE } from '../core/sums/all';
import { figure, notBelow, perhaps } from '../core/sums/fields';
import { fluidFields } from '../core/sums/fluid';
import { exact, once } from '../core/schema/fields';
import { sum, type Sum, type Tools } from '../core/sums/sum';
import { buildFile } from './build';
import { reportOfFile } from './report';
import { causesOfFile, rankSigns } from './causes';
import { decideFile } from './decide';
import { flowOfFile, MOMENTS } from './flow';
import { assessFile } from './job';

/** Makes the field of a whole file of the app as a JSON value, checked like any file that is opened. */
const appFile = () =>
  mixed<object>().test(
    'object',
    'A file of the app as JSON',
    (v) => v == null || (typeof v === 'object' && !Array.isArray(v)),
  );

/** What is known of the pump in a file of one job. */
const jobAssess = sum({
  input: object({ file: appFile().required() }),
  example: { file: {} },
  answer: ({ file }) => assessFile(file),
  gives: {},
});

/** What is to be done with it. */
const jobDecide = sum({
  input: object({ file: appFile().required(), shop: appFile().nullable() }),
  example: { file: {} },
  answer: async ({ file, shop }, { solver, now }) =>
    decideFile(
      file,
      shop,
      withinTime(await solver(), LONGEST_s, () => now()),
    ),
  gives: {},
});

/** What it delivers, and where it loses the rest. */
const jobFlowOf = sum({
  input: object({
    file: appFile().required(),
    rpm: notBelow('Speed of the pump', '1/min'),
    pressure_bar: notBelow('Pressure', 'bar'),
    temp_C: figure('Temperature', '°C'),
    fluid: exact(fluidFields),
    state: string().oneOf(MOMENTS),
    shop: appFile().nullable(),
    seed: perhaps('Seed', 'count').integer('Must be a whole number'),
  }),
  example: {
    file: {},
    rpm: 700,
    pressure_bar: 8,
    temp_C: 90,
    fluid: { kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870 },
  },
  answer: (question, { solver, now }) =>
    flowOfFile(question, async () => withinTime(await solver(), LONGEST_s, () => now())),
  gives: {},
});

/** How it goes back together. */
const jobBuild = sum({
  input: object({ file: appFile().required() }),
  example: { file: {} },
  answer: ({ file }) => buildFile(file),
  gives: {},
});

/** Why it failed. */
const jobCauses = sum({
  input: object({ file: appFile().required() }),
  example: { file: {} },
  answer: ({ file }) => causesOfFile(file),
  gives: {},
});

/** Its report, in one of its forms. */
const jobReport = sum({
  input: object({
    file: appFile().required(),
    form: string().oneOf(['owner', 'full'] as const),
    unit: string().oneOf(['mm', 'thou', 'both'] as const),
  }),
  example: { file: {} },
  answer: (question) => reportOfFile(question),
  gives: {},
});

const settled = Object.fromEntries(
  CAUSES.map(({ id }) => [id, string().oneOf(['yes', 'no'] as const)] as const),
);

/** Why a pump of some family failed, by the signs alone. */
const causesRank = sum({
  input: object({
    family: string().oneOf(FAMILY_IDS).required(),
    build: string(),
    complaint: array(string().oneOf(COMPLAINT_IDS).required()).required(),
    signs: once(
      array(
        exact({
          id: string()
            .oneOf(
              SIGNS.map(({ id }) => id),
              'No such sign: docs/causes.json lists them',
            )
            .required(),
          found: boolean().required(),
        }),
      ).required(),
      'A sign is there twice',
      ({ id }) => id,
    ),
    settled: object(settled).noUnknown(),
  }),
  example: { family: 'crescent', complaint: ['SB'], signs: [{ id: 'vent-blocked', found: true }] },
  answer: rankSigns,
  gives: {},
});

/** The sums that are open to the command line, by name, each loaded when it is asked for. */
export const SUMS: ReadonlyMap<string, () => Promise<Sum>> = new Map([
  ...ALONE.map(({ id, load }) => [id, load] as const),
  ['job.assess', async () => jobAssess] as const,
  ['job.decide', async () => jobDecide] as const,
  ['job.build', async () => jobBuild] as const,
  ['job.causes', async () => jobCauses] as const,
  ['job.report', async () => jobReport] as const,
  ['causes.rank', async () => causesRank] as const,
  ['job.flow', async () => jobFlowOf] as const,
]);

let solver: Promise<Solver> | null = null;

/** What the command gives to its sums: the solver is loaded for the first that asks, and kept for the lines after it. */
export const TOOLS: Tools = {
  solver: () => (solver ??= loadHighs()),
  now: () => performance.now(),
};
