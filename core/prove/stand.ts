import { middleFlow } from '../flow/answer';
import { jobPump, onlySections } from '../flow/jobPump';
import type { State } from '../guidance/evaluator';
import type { Job } from '../records/job';
import { pumpSpeed } from '../records/tag';
import { testFluidOf, type PlanStep } from './plan';

/** Holds what a simulated stand is told of a pump, so that it runs like it. */
export interface StandPump {
  readonly cc: number;
  readonly slip: number;
  readonly rpm: number;
  readonly bar: number;
}

/** A pump of which nobody knows what it moves. */
const ANY = { cc: 10, slip: 0.5 } as const;

/** Stands for how hot the oil is where nobody said, in °C. */
const WARM_C = 60;

/**
 * Returns what a simulated stand is told of a job's pump at a step: what it moves, and about what it loses there.
 *
 * @param job with its sheet
 * @param state what its readings come to
 * @param step how it is to run
 */
export function standPump(job: Job, state: State, step: PlanStep): StandPump {
  const whole = jobPump(job, state);
  const pump = step.sections.length === 0 ? whole : onlySections(whole, step.sections);
  const { pressure_bar, oil_C } = step;
  const [rpm, temp_C] = [pumpSpeed(step), oil_C ?? WARM_C];
  const flow = middleFlow(pump, { rpm, pressure_bar, temp_C, fluid: testFluidOf(job).fluid });
  const known = flow && { cc: (1000 * flow.theoretical_lpm) / rpm, slip: flow.slip_lpm };
  return { ...(known ?? ANY), rpm, bar: pressure_bar };
}
