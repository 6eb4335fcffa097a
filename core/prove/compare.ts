import {
  deliveredBands,
  middleFlow,
  type Band,
  type JobPath,
  type SlipFactor,
} from '../flow/answer';
import { factorOf, fitBefore } from '../flow/benchTest';
import { jobPump, onlySections, type Conditions, type JobPump } from '../flow/jobPump';
import type { State } from '../guidance/evaluator';
import { hasViscosity } from '../hydraulics/fluid';
import { testsIn, type Tested } from '../journal/tested';
import { conformity } from '../metrology/conformity';
import type { TestEntry } from '../records/entries/tested';
import type { Job } from '../records/job';
import { pumpSpeed, type BeforeFigure } from '../records/tag';
import {
  FREE_bar,
  isSamePressure,
  isSameSpeed,
  planOf,
  testFluidOf,
  type PlanStep,
  type StepLimit,
} from './plan';

/** What the model has for a step, and on which side of it the test lies. */
export interface ModelSaid {
  readonly band: Band;
  readonly at: Conditions;
  /** Where the model has it lose what it loses, greatest first. */
  readonly paths: readonly JobPath[];
  readonly side: 'low' | 'as' | 'high';
}

/** A limit with what the test says of it. */
export interface Judged extends StepLimit {
  readonly verdict: 'in' | 'out' | 'close';
}

/** What is lost from no pressure to pressure. */
export interface Loss {
  readonly lpm: number;
  /** Of what it gave without pressure. */
  readonly share: number;
  readonly most: Judged | null;
}

/** A step of a test, with what came of it. */
export interface StepResult {
  /** Is null for a test that no step of the plan asks for. */
  readonly step: PlanStep | null;
  readonly test: Tested | null;
  /** A run of the step that nobody has cut yet; null for none. */
  readonly run: TestEntry | null;
  /** What it gave before the teardown, at the same speed and pressure. */
  readonly before: (BeforeFigure & { readonly flow_lpm: number }) | null;
  readonly model: ModelSaid | null;
  readonly least: Judged | null;
  readonly loss: Loss | null;
}

/** Says of 1.96 standard deviations how many they are. */
const HALF_95 = 1.96;
/** Where nobody can say how well a flow is known, it is held against its limit as it stands. */
const NO_SPREAD_lpm = 1e-9;

/** Draws of the pump that a band is made of: few, spread evenly, since a screen waits for them. */
const DRAWS = 1000;
const SEED = 1;

/**
 * Judges a flow against a limit: the sum of conformity knows no unit.
 *
 * @param flow in l/min, and half of its interval of 95%, null where that is not known
 * @param limit what is wanted at least, or allowed at most
 * @param side on which side of the limit it has to lie
 * @param rule how the house decides
 * @example
 * judged({ lpm: 9.4, half95: 0.06 }, { lpm: 8, source: 'sheet 14' }, 'least', 'guarded').verdict; // 'in'
 * judged({ lpm: 8.01, half95: 0.06 }, { lpm: 8, source: '' }, 'least', 'guarded').verdict; // 'close'
 * judged({ lpm: 7.9, half95: null }, { lpm: 8, source: '' }, 'least', 'guarded').verdict; // 'out'
 */
export function judged(
  { lpm, half95 }: { readonly lpm: number; readonly half95: number | null },
  limit: StepLimit,
  side: 'least' | 'most',
  rule: Job['rules']['decision'],
): Judged {
  const read = {
    kind: 'value' as const,
    value_mm: lpm,
    u_mm: half95 === null ? NO_SPREAD_lpm : Math.max(NO_SPREAD_lpm, half95 / HALF_95),
  };
  const limits = side === 'least' ? { lower_mm: limit.lpm } : { upper_mm: limit.lpm };
  const by = half95 === null ? 'plain' : rule;
  return { ...limit, verdict: conformity(read, limits, by).verdict };
}

/** What a job is compared by: its pump, the factor of the test before the teardown, what it is tested on. */
interface Basis {
  readonly job: Job;
  readonly pump: JobPump;
  readonly factor: SlipFactor;
}

const all = (sections: readonly number[]): boolean => sections.length === 0;

/** Returns what the pump gave before the teardown where the step runs; null for none. */
function beforeAt({ before }: Job, at: Pick<Tested, 'drive_rpm' | 'ratio' | 'pressure_bar'>) {
  const { pressure_bar } = at;
  const found = before.filter(
    (figure): figure is BeforeFigure & { flow_lpm: number } =>
      figure.flow_lpm !== null &&
      isSameSpeed(pumpSpeed(figure), pumpSpeed(at)) &&
      pressure_bar !== null &&
      figure.pressure_bar !== null &&
      isSamePressure(figure.pressure_bar, pressure_bar),
  );
  const off = (figure: BeforeFigure) => Math.abs(pumpSpeed(figure) - pumpSpeed(at));
  return found.sort((a, b) => off(a) - off(b))[0] ?? null;
}

/** Returns how a step ran, as the model asks for it; null where that is not known, or no oil is known there. */
function conditionsOf(job: Job, step: PlanStep | null, test: Tested): Conditions | null {
  const pressure_bar = test.pressure_bar ?? step?.pressure_bar ?? null;
  const temp_C = test.oil_C ?? step?.oil_C ?? null;
  if (pressure_bar === null || temp_C === null || !hasViscosity(temp_C)) return null;
  const { fluid } = testFluidOf(job);
  return { rpm: pumpSpeed(test), pressure_bar: Math.max(0, pressure_bar), temp_C, fluid };
}

function modelOf({ job, pump, factor }: Basis, step: PlanStep | null, test: Tested) {
  const at = conditionsOf(job, step, test);
  const subject = all(test.sections) ? pump : onlySections(pump, test.sections);
  const drawing = { seed: SEED, draws: DRAWS };
  const [band] = (at && deliveredBands(subject, [at], factor, drawing)) ?? [];
  if (!at || !band) return null;
  const half = test.half95_lpm ?? 0;
  const side =
    test.flow_lpm + half < band.lo ? 'low' : test.flow_lpm - half > band.hi ? 'high' : 'as';
  const paths = middleFlow(subject, at, factor)?.paths ?? [];
  return { band, at, side, paths } as const;
}

/** Returns the test without pressure that a test under pressure is held against; null for none. */
function freeOf(test: Tested, tests: readonly Tested[]): Tested | null {
  const isFree = ({ pressure_bar }: Tested) => pressure_bar !== null && pressure_bar <= FREE_bar;
  if (test.pressure_bar === null || isFree(test)) return null;
  const like = tests.filter(
    (other) =>
      isFree(other) &&
      isSameSpeed(pumpSpeed(other), pumpSpeed(test)) &&
      other.sections.join() === test.sections.join(),
  );
  return like.at(-1) ?? null;
}

function lossOf(
  test: Tested,
  most: StepLimit | null,
  tests: readonly Tested[],
  rule: Job['rules']['decision'],
): Loss | null {
  const free = freeOf(test, tests);
  if (!free || free.flow_lpm <= 0) return null;
  // At a slightly other speed it moves that much more.
  const moved = (free.flow_lpm * pumpSpeed(test)) / pumpSpeed(free);
  const halves = [free.half95_lpm, test.half95_lpm];
  const half95 = halves.some((half) => half === null) ? null : Math.hypot(...halves.map(Number));
  const lpm = moved - test.flow_lpm;
  return {
    lpm,
    share: lpm / moved,
    most: most && judged({ lpm, half95 }, most, 'most', rule),
  };
}

/**
 * Compares the tests of a job with what it gave before, what the model has, and the limits: first the steps of its plan in their
 * order, then tests that no step asks for. Of several tests of a step the last counts.
 *
 * @param job with its sheet and its journal
 * @param state what its readings come to
 */
export function comparedSteps(job: Job, state: State): StepResult[] {
  const entries = testsIn(job);
  const tests = entries.filter((test): test is Tested => test.flow_lpm !== null);
  const pump = jobPump(job, state);
  const fit = fitBefore(job, state, testFluidOf(job).fluid);
  const basis: Basis = { job, pump, factor: factorOf(fit) };
  const rule = job.rules.decision;
  const resultOf = (
    step: PlanStep | null,
    test: Tested | null,
    run: TestEntry | null,
  ): StepResult => {
    const ran = test ?? step;
    return {
      step,
      test,
      run,
      before: ran && all(ran.sections) ? beforeAt(job, ran) : null,
      model: test && modelOf(basis, step, test),
      least:
        test && step?.least
          ? judged({ lpm: test.flow_lpm, half95: test.half95_lpm }, step.least, 'least', rule)
          : null,
      loss: test && lossOf(test, step?.mostLoss ?? null, tests, rule),
    };
  };
  const plan = planOf(job);
  const steps = new Set(plan.map(({ id }) => id));
  const uncut = (id: string) =>
    entries.findLast((e) => e.point === id && e.flow_lpm === null && e.run !== '') ?? null;
  return [
    ...plan.map((step) =>
      resultOf(step, tests.findLast(({ point }) => point === step.id) ?? null, uncut(step.id)),
    ),
    ...tests.filter(({ point }) => !steps.has(point)).map((test) => resultOf(null, test, null)),
    ...entries
      .filter((e) => !steps.has(e.point) && e.flow_lpm === null && e.run !== '')
      .map((run) => resultOf(null, null, run)),
  ];
}
