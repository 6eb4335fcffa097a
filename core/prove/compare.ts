import {
  deliveredBands,
  middleFlow,
  unmeasuredShare,
  type Band,
  type JobPath,
  type SlipFactor,
} from '../flow/answer';
import { factorOf, fitBefore } from '../flow/benchTest';
import { jobPump, onlySections, type Conditions, type JobPump } from '../flow/jobPump';
import type { State } from '../guidance/evaluator';
import { hasViscosity } from '../hydraulics/fluid';
import { testsIn, testsNow, type Tested } from '../journal/tested';
import { conformity } from '../metrology/conformity';
import type { TestEntry } from '../records/entries/tested';
import type { Job } from '../records/job';
import { pumpSpeed, type BeforeFigure } from '../records/tag';
import {
  FREE_bar,
  isAsPlanned,
  isSamePressure,
  isSameSpeed,
  planOf,
  testFluidOf,
  type PlanStep,
  type StepLimit,
} from './plan';

/** Holds what the model has for a step, and on which side of it the test lies. */
export interface ModelSaid {
  readonly band: Band;
  readonly at: Conditions;
  /** Lists where the model has it lose what it loses, greatest first. */
  readonly paths: readonly JobPath[];
  readonly side: 'low' | 'as' | 'high';
  /** Most of what it loses goes through gaps that were measured. */
  readonly isMeasured: boolean;
}

/** Names what the model lacks to say anything of a step. */
export type Lacks = 'pressure' | 'oil' | 'sizes';

/** Holds a limit with what the test says of it. */
export interface Judged extends StepLimit {
  readonly verdict: 'in' | 'out' | 'close';
}

/** Holds what is lost from no pressure to pressure. */
export interface Loss {
  readonly lpm: number;
  /** Gives the share of what it gave without pressure. */
  readonly share: number;
  readonly most: Judged | null;
}

/** Holds a step of a test, with what came of it. */
export interface StepResult {
  /** Is null for a test that no step of the plan asks for. */
  readonly step: PlanStep | null;
  readonly test: Tested | null;
  /** A run of the step that nobody has cut yet; null for none. */
  readonly run: TestEntry | null;
  /** It ran otherwise than its step has it: what that wants does not hold. */
  readonly isOff: boolean;
  /** Holds what it gave before the teardown, at the same speed and pressure. */
  readonly before: (BeforeFigure & { readonly flow_lpm: number }) | null;
  readonly model: ModelSaid | null;
  /** Is null where there is no test, or the model says something. */
  readonly lacks: Lacks | null;
  readonly least: Judged | null;
  readonly loss: Loss | null;
}

/** Says of 1.96 standard deviations how many they are. */
const HALF_95 = 1.96;
/** Stands for a spread that nobody knows: such a flow is held against its limit as it stands. */
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

/** Holds what a job is compared by: its pump, and the factor of the test before the teardown. */
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

/** Returns how a step ran, as the model asks for it; what is lacking where something was not read, or no oil is known there. */
function conditionsOf(job: Job, test: Tested): Conditions | Lacks {
  const { pressure_bar, oil_C } = test;
  if (pressure_bar === null) return 'pressure';
  if (oil_C === null || !hasViscosity(oil_C)) return 'oil';
  const { fluid } = testFluidOf(job);
  return { rpm: pumpSpeed(test), pressure_bar: Math.max(0, pressure_bar), temp_C: oil_C, fluid };
}

/** Returns the pump as it delivered in a test: all of it, or some of its sections alone. */
export const testedPump = (pump: JobPump, { sections }: Pick<Tested, 'sections'>): JobPump =>
  all(sections) ? pump : onlySections(pump, sections);

/** Less than this share of the loss through measured gaps is not most of it. */
const MOSTLY = 0.5;

/** Returns what the model has for a test, or what it lacks for that. */
function modelOf({ job, pump, factor }: Basis, test: Tested): ModelSaid | Lacks {
  const at = conditionsOf(job, test);
  if (typeof at === 'string') return at;
  const subject = testedPump(pump, test);
  const [band] = deliveredBands(subject, [at], factor, { seed: SEED, draws: DRAWS }) ?? [];
  const paths = middleFlow(subject, at, factor)?.paths;
  if (!band || !paths) return 'sizes';
  const half = test.half95_lpm ?? 0;
  const side =
    test.flow_lpm + half < band.lo ? 'low' : test.flow_lpm - half > band.hi ? 'high' : 'as';
  return { band, at, paths, side, isMeasured: unmeasuredShare(paths) < MOSTLY };
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
  const tests = testsNow(job);
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
    const isOff = step !== null && test !== null && !isAsPlanned(step, test);
    const wanted = isOff ? null : step;
    const model = test && modelOf(basis, test);
    const isSaid = typeof model !== 'string';
    return {
      step,
      test,
      run,
      isOff,
      before: ran && all(ran.sections) ? beforeAt(job, ran) : null,
      model: isSaid ? model : null,
      lacks: isSaid ? null : model,
      least:
        test && wanted?.least
          ? judged({ lpm: test.flow_lpm, half95: test.half95_lpm }, wanted.least, 'least', rule)
          : null,
      loss: test && lossOf(test, wanted?.mostLoss ?? null, tests, rule),
    };
  };
  const plan = planOf(job);
  const steps = new Set(plan.map(({ id }) => id));
  const runs = entries.filter(({ flow_lpm, run }) => flow_lpm === null && run !== '');
  const lastOf = <T extends TestEntry>(list: readonly T[], id: string): T | null =>
    list.findLast(({ point }) => point === id) ?? null;
  return [
    ...plan.map((step) => resultOf(step, lastOf(tests, step.id), lastOf(runs, step.id))),
    ...tests.filter(({ point }) => !steps.has(point)).map((test) => resultOf(null, test, null)),
    ...runs.filter(({ point }) => !steps.has(point)).map((run) => resultOf(null, null, run)),
  ];
}
