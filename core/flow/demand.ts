import type { Circuit, FlowState } from '../records/flow';
import type { Job } from '../records/job';

/** The two states at which a pump is looked at. */
export type Duty = 'idle' | 'work';

/** Says what circuits want at a state: all of them together, at the highest pressure among them. */
export interface Demand {
  readonly flow_lpm: number;
  /** Is null where nobody said. */
  readonly pressure_bar: number | null;
}

/**
 * Adds up what circuits want at a state; null where nobody said.
 *
 * @param circuits each with what it wants, in l/min and bar
 * @param duty hot idle, or working speed
 * @example
 * const circuit = { idle_lpm: 4, idle_bar: 6, work_lpm: null, work_bar: null };
 * demandOf([circuit, { ...circuit, idle_bar: 8 }], 'idle'); // { flow_lpm: 8, pressure_bar: 8 }
 * demandOf([circuit], 'work'); // null
 */
export function demandOf(circuits: readonly Omit<Circuit, 'name'>[], duty: Duty): Demand | null {
  const flows = circuits.flatMap((c) => c[`${duty}_lpm`] ?? []);
  const pressures = circuits.flatMap((c) => c[`${duty}_bar`] ?? []);
  if (flows.length === 0) return null;
  return {
    flow_lpm: flows.reduce((sum, lpm) => sum + lpm, 0),
    pressure_bar: pressures.length > 0 ? Math.max(...pressures) : null,
  };
}

/** Says how a pump runs at a state, and whether anybody said so. */
export interface JobState {
  readonly state: FlowState;
  readonly from: 'job' | 'sheet' | 'assumed';
}

/** Says how a pump is taken to run where nobody said. */
export const USUAL_STATE: Readonly<Record<Duty, FlowState>> = {
  idle: { rpm: 700, pressure_bar: 8, temp_C: 90 },
  work: { rpm: 2000, pressure_bar: 20, temp_C: 60 },
};

type OfJob = Pick<Job, 'flow' | 'sheet'>;

/**
 * Returns the circuits that a job's pump feeds, as the job has them, else its sheet.
 *
 * @param job and its sheet
 */
export const circuitsOf = ({ flow, sheet }: OfJob): readonly Circuit[] =>
  flow.demand ?? sheet.flow.demand;

/**
 * Returns how the pump of a job runs at hot idle, or at working speed: as the job says, as its sheet does; else a usual
 * state, at the highest pressure that its circuits want.
 *
 * @param job and its sheet
 * @param duty hot idle, or working speed
 */
export function stateFor(job: OfJob, duty: Duty): JobState {
  const { flow, sheet } = job;
  const own = flow[duty];
  if (own) return { state: own, from: 'job' };
  const published = sheet.flow[duty];
  if (published) return { state: published, from: 'sheet' };
  const usual = USUAL_STATE[duty];
  const pressure_bar = demandOf(circuitsOf(job), duty)?.pressure_bar ?? usual.pressure_bar;
  return { state: { ...usual, pressure_bar }, from: 'assumed' };
}

/**
 * Returns the state of a job's pump to which a speed is nearer.
 *
 * @param job and its sheet
 * @param rpm speed of the pump, in turns a minute
 */
export function dutyAt(job: OfJob, rpm: number): Duty {
  const far = (duty: Duty) => Math.abs(stateFor(job, duty).state.rpm - rpm);
  return far('work') < far('idle') ? 'work' : 'idle';
}
