import { hasViscosity, type Fluid } from '../hydraulics/fluid';
import type { State } from '../guidance/evaluator';
import { testsNow } from '../journal/tested';
import type { Job } from '../records/job';
import { type BeforeFigure, pumpSpeed } from '../records/tag';
import { middleFlow, UNFITTED, unmeasuredShare, type SlipFactor } from './answer';
import { jobPump, type Conditions, type JobPump } from './jobPump';
import { standingBefore, standingNow } from './known';

/** A reading of a test that says all that the model asks: flow, pressure and the oil's temperature. */
interface Usable {
  readonly at: Conditions;
  readonly flow_lpm: number;
}

/** Says what a test makes of the model's slip. */
export interface BenchFit {
  /** Says what the slip of the test was, of that of the model; null where it delivered more than the pump moves. */
  readonly K: number | null;
  /** Counts the readings that could be used. */
  readonly readings: number;
  /**
   * Says what becomes of it: the slip is multiplied by it; it is too far off to be more than a finding; or the pump
   * would have to move more than is known, so that the one or the other figure is wrong.
   */
  readonly as: 'factor' | 'finding' | 'contradiction';
  /** Most of what the model loses goes through gaps that were measured: else they are what is looked for first. */
  readonly isMeasured: boolean;
}

/** Says what the tests of a job make of the model's slip, and which tests: those before the teardown, or those since. */
export interface JobFit extends BenchFit {
  readonly of: 'before' | 'now';
}

/** Between these a test is taken to say how far the model is off; beyond, that something else is. */
export const BELIEVED = { least: 0.5, most: 2 } as const;

/** Less than this share is not most. */
const MOSTLY = 0.5;

/** Returns the readings of a test that can be used. */
function usable(figures: readonly BeforeFigure[], fluid: Fluid): Usable[] {
  return figures.flatMap((figure) => {
    const { flow_lpm, pressure_bar, oil_C } = figure;
    const isTold = flow_lpm !== null && pressure_bar !== null && oil_C !== null;
    // On a cold enough bench nobody knows the viscosity.
    if (!isTold || pressure_bar <= 0 || !hasViscosity(oil_C)) return [];
    const at = { rpm: pumpSpeed(figure), pressure_bar, temp_C: oil_C, fluid };
    return [{ at, flow_lpm }];
  });
}

/**
 * Returns what a bench test makes of the model's slip: K = Σ s(V·n − Q)/Σ s², the slips s of the model at its readings;
 * null where no reading says flow, pressure and temperature.
 *
 * @param subject the pump as it was in the test
 * @param figures the readings of the test
 * @param fluid what it ran on
 */
export function benchFit(
  subject: JobPump,
  figures: readonly BeforeFigure[],
  fluid: Fluid,
): BenchFit | null {
  const read = usable(figures, fluid).flatMap(({ at, flow_lpm }) => {
    const flow = middleFlow(subject, at);
    return flow && flow.slip_lpm > 0
      ? [{ slip: flow.slip_lpm, lost: flow.theoretical_lpm - flow_lpm, paths: flow.paths }]
      : [];
  });
  if (read.length === 0) return null;
  const readings = read.length;
  const isMeasured = read.every(({ paths }) => unmeasuredShare(paths) < MOSTLY);
  const K =
    read.reduce((sum, { slip, lost }) => sum + slip * lost, 0) /
    read.reduce((sum, { slip }) => sum + slip ** 2, 0);
  if (!(K > 0)) return { K: null, readings, as: 'contradiction', isMeasured };
  const isBelieved = K >= BELIEVED.least && K <= BELIEVED.most;
  return { K, readings, as: isBelieved ? 'factor' : 'finding', isMeasured };
}

/**
 * Returns the factor on the slip that a bench test gives; that of the model alone where it gives none.
 *
 * @param fit what the test makes of it; null for no test
 * @example
 * factorOf({ K: 1.3, readings: 2, as: 'factor' }); // { K: 1.3, isFitted: true }
 * factorOf({ K: 4, readings: 1, as: 'finding' }); // { K: 1, isFitted: false }
 */
export const factorOf = (fit: BenchFit | null): SlipFactor =>
  fit?.as === 'factor' && fit.K !== null ? { K: fit.K, isFitted: true } : UNFITTED;

type OfJob = Pick<Job, 'sheet' | 'before' | 'journal'>;

/**
 * Returns what the tests before the teardown make of the model's slip; null where none can be used.
 *
 * @param job its sheet and its tests
 * @param state what its readings come to
 * @param fluid what it ran on
 */
export function fitBefore(job: OfJob, state: State, fluid: Fluid): JobFit | null {
  const fit = benchFit(jobPump(job, state, standingBefore), job.before, fluid);
  return fit && { ...fit, of: 'before' };
}

/**
 * Returns what the tests of the whole pump as it is now make of the model's slip; where none can be used, what those before the
 * teardown do.
 *
 * @param job its sheet and its tests
 * @param state what its readings come to
 * @param fluid what it ran on
 */
export function fitNow(job: OfJob, state: State, fluid: Fluid): JobFit | null {
  const whole = testsNow(job).filter(({ sections }) => sections.length === 0);
  if (whole.length === 0) return fitBefore(job, state, fluid);
  const fit = benchFit(jobPump(job, state, standingNow), whole, fluid);
  return fit ? { ...fit, of: 'now' } : fitBefore(job, state, fluid);
}
