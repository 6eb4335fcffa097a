import { circuitsOf, demandOf, stateFor, type Duty } from '../flow/demand';
import { fluidOf, type JobFluid } from '../flow/fluids';
import { flowOf } from '../pumps/flows';
import type { Job } from '../records/job';
import { pumpSpeed, type BeforeFigure } from '../records/tag';
import type { TestPoint } from '../records/testing';
import { sayProve } from './say';

/** Says who says what a step of a test is: the job, its sheet, the test before the teardown, or nobody. */
export type StepFrom = 'job' | 'sheet' | 'before' | 'assumed';

/** A limit of a step: a flow in l/min, and who says so. */
export interface StepLimit {
  readonly lpm: number;
  readonly source: string;
}

/** A step of a test, with what it has to give. */
export interface PlanStep extends TestPoint {
  readonly from: StepFrom;
  readonly least: StepLimit | null;
  readonly mostLoss: StepLimit | null;
}

type OfJob = Pick<Job, 'sheet' | 'flow' | 'before' | 'testing'>;

/** Says how close two figures have to be to be the same step: a share of the greater, and at least so much. */
const SAME = { rpm: { share: 0.05, least: 5 }, bar: { share: 0.15, least: 1 } } as const;

/** Up to this a step is without pressure, in bar. */
export const FREE_bar = 1;

const isNear = (a: number, b: number, { share, least }: { share: number; least: number }) =>
  Math.abs(a - b) <= Math.max(least, share * Math.max(Math.abs(a), Math.abs(b)));

/**
 * Tells whether two speeds of a pump are the same as far as a test goes.
 *
 * @param a in turns a minute
 * @param b in turns a minute
 * @example
 * isSameSpeed(2000, 2080); // true
 * isSameSpeed(2000, 2200); // false
 */
export const isSameSpeed = (a: number, b: number): boolean => isNear(a, b, SAME.rpm);

/**
 * Tells whether two pressures are the same as far as a test goes.
 *
 * @param a in bar
 * @param b in bar
 * @example
 * isSamePressure(8, 8.8); // true
 * isSamePressure(20, 30); // false
 */
export const isSamePressure = (a: number, b: number): boolean => isNear(a, b, SAME.bar);

/** Says how a pump ran or is to run: its speed, and its pressure where that is known. */
type Ran = Pick<TestPoint, 'drive_rpm' | 'ratio'> & { readonly pressure_bar: number | null };

/**
 * Tells whether a pump ran as a step has it: at its speed, and at its pressure where that was read.
 *
 * @param step as it was to be
 * @param ran as it was
 * @example
 * const step = { drive_rpm: 700, ratio: 1, pressure_bar: 8 };
 * isAsPlanned(step, { drive_rpm: 694, ratio: 1, pressure_bar: 7.9 }); // true
 * isAsPlanned(step, { drive_rpm: 1500, ratio: 1, pressure_bar: null }); // false
 */
export const isAsPlanned = (step: Ran, ran: Ran): boolean =>
  isSameSpeed(pumpSpeed(step), pumpSpeed(ran)) &&
  (ran.pressure_bar === null ||
    step.pressure_bar === null ||
    isSamePressure(step.pressure_bar, ran.pressure_bar));

const NO_LIMITS = { least_lpm: null, mostLoss_lpm: null, source: '' } as const;

/** Gives how long a step lasts where nobody said, in minutes. */
const MINUTES = 2;

const stepAt = (id: string, name: string, at: Partial<TestPoint>): TestPoint => ({
  id,
  name,
  drive_rpm: 1000,
  ratio: 1,
  pressure_bar: 0,
  oil_C: null,
  minutes: MINUTES,
  sections: [],
  ...NO_LIMITS,
  ...at,
});

/** Returns the steps at which the pump was tested before the teardown: what it gave then is known there. */
const asBefore = (before: readonly BeforeFigure[]): TestPoint[] =>
  before.flatMap((figure, i) => {
    const { drive_rpm, ratio, pressure_bar, oil_C } = figure;
    if (figure.flow_lpm === null || pressure_bar === null || pressure_bar < 0) return [];
    return [stepAt(`before-${i + 1}`, '', { drive_rpm, ratio, pressure_bar, oil_C })];
  });

/** Returns a step at one of the pump's two states. */
function atDuty(job: OfJob, duty: Duty): TestPoint {
  const { rpm, pressure_bar, temp_C } = stateFor(job, duty).state;
  const at = { drive_rpm: Math.max(1, rpm), pressure_bar, oil_C: temp_C };
  return stepAt(duty, sayProve(`prove.at.${duty}`), at);
}

const isSameStep = (a: TestPoint, b: TestPoint): boolean =>
  a.sections.join() === b.sections.join() &&
  isSameSpeed(pumpSpeed(a), pumpSpeed(b)) &&
  isSamePressure(a.pressure_bar, b.pressure_bar);

/** Counts the sections of a pump. */
const sectionsOf = ({ family, geometry }: OfJob['sheet']): number =>
  flowOf(family).sections?.(geometry) ?? 1;

/** Tells whether a pump is proven by what it delivers: one that moves air is not. */
export const isProvenByFlow = ({ family }: Pick<OfJob['sheet'], 'family'>): boolean =>
  family !== 'vacuum-vane';

/**
 * Returns the steps at which a pump is tested where its sheet lists none, so that whoever has a stand need not write a plan first:
 * those of the test before the teardown, since only the same step says what the work changed; hot idle, where its circuits are
 * hungriest; working speed without and with pressure, whose difference is the slip; each section of a stack alone, since a good one
 * hides a bad one. A pump that moves air has none.
 *
 * @param job with its sheet, and the test before the teardown
 */
function proposed(job: OfJob): (TestPoint & { readonly from: StepFrom })[] {
  if (!isProvenByFlow(job.sheet)) return [];
  const before = asBefore(job.before).map(from('before'));
  const work = atDuty(job, 'work');
  const free = {
    ...work,
    id: 'work-free',
    name: '',
    pressure_bar: 0,
  };
  const count = sectionsOf(job.sheet);
  const single = Array.from({ length: count > 1 ? count : 0 }, (_, i) => ({
    ...work,
    id: `work-s${i + 1}`,
    name: '',
    sections: [i + 1],
  }));
  const usual = [atDuty(job, 'idle'), free, work, ...single]
    .filter((step) => !before.some((had) => isSameStep(had, step)))
    .map(from('assumed'));
  return [...before, ...usual];
}

const from = (who: StepFrom) => (step: TestPoint) => ({ ...step, from: who });

/** Returns the steps of the sheet, and after them those at which it was tested before the teardown; null where the sheet has none. */
function sheetSteps({ sheet, before }: OfJob) {
  const { testPoints } = sheet;
  if (testPoints.length === 0) return null;
  const others = asBefore(before).filter(
    (step) => !testPoints.some((had) => isSameStep(had, step)),
  );
  return [...testPoints.map(from('sheet')), ...others.map(from('before'))];
}

/** Returns what a step has to give: as whoever made it says; at one of its states, what the circuits want. */
function leastOf(job: OfJob, step: TestPoint): StepLimit | null {
  if (step.least_lpm !== null) return { lpm: step.least_lpm, source: step.source };
  if (step.sections.length > 0 || step.pressure_bar <= FREE_bar) return null;
  const duty = (['idle', 'work'] as const).find((one) => {
    const { state } = stateFor(job, one);
    return (
      isSameSpeed(state.rpm, pumpSpeed(step)) &&
      isSamePressure(state.pressure_bar, step.pressure_bar)
    );
  });
  const demand = duty && demandOf(circuitsOf(job), duty);
  return demand ? { lpm: demand.flow_lpm, source: sayProve('prove.circuits') } : null;
}

/**
 * Lists the steps of a job's test: as the job has them; else its sheet, and those at which it was tested before; else made up
 * from these and how it runs.
 *
 * @param job its sheet, its test before the teardown, how it runs
 */
export function planOf(job: OfJob): PlanStep[] {
  const { testing } = job;
  const steps = testing.points?.map(from('job')) ?? sheetSteps(job) ?? proposed(job);
  return steps.map((step) => ({
    ...step,
    least: leastOf(job, step),
    mostLoss: step.mostLoss_lpm === null ? null : { lpm: step.mostLoss_lpm, source: step.source },
  }));
}

/**
 * Returns what a job's pump is tested on: as the job says, as its sheet does for the test; else what it runs on.
 *
 * @param job and its sheet
 */
export function testFluidOf(job: Pick<Job, 'flow' | 'sheet' | 'testing'>): JobFluid {
  const { testing, sheet } = job;
  if (testing.fluid) return { fluid: testing.fluid, from: 'job' };
  return sheet.testFluid ? { fluid: sheet.testFluid, from: 'sheet' } : fluidOf(job);
}
