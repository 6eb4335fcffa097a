import { mixed, object, string } from 'yup';
import { loadHighs, LONGEST_s } from '../core/rework/solver/highs';
import { withinTime, type Solver } from '../core/rework/solver/program';
import { SUMS as ALONE } from '../core/sums/all';
import { figure, notBelow, perhaps } from '../core/sums/fields';
import { fluidFields } from '../core/sums/fluid';
import { exact } from '../core/schema/fields';
import { sum, type Sum, type Tools } from '../core/sums/sum';
import { buildFile } from './build';
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

/** The sums that are open to the command line, by name, each loaded when it is asked for. */
export const SUMS: ReadonlyMap<string, () => Promise<Sum>> = new Map([
  ...ALONE.map(({ id, load }) => [id, load] as const),
  ['job.assess', async () => jobAssess] as const,
  ['job.decide', async () => jobDecide] as const,
  ['job.build', async () => jobBuild] as const,
  ['job.flow', async () => jobFlowOf] as const,
]);

let solver: Promise<Solver> | null = null;

/** What the command gives to its sums: the solver is loaded for the first that asks, and kept for the lines after it. */
export const TOOLS: Tools = {
  solver: () => (solver ??= loadHighs()),
  now: () => performance.now(),
};
