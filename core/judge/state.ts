import type { Job } from '../records/job';
import { assessJob, type Assessment } from './assess';
import { quantitiesOf, type Quantity } from './quantity';

/** Every value that is known of a job's pump. */
export interface State {
  /** Each characteristic: before, now, predicted and its verdict, in the order of the work. */
  readonly characteristics: readonly Assessment[];
  /** Each dimension of which something is known, by its id, in the pump's order. */
  readonly dimensions: ReadonlyMap<string, Quantity>;
}

/** Returns the state of a job's pump after everything in its journal. */
export const stateOf = (job: Job): State => ({
  characteristics: assessJob(job),
  dimensions: quantitiesOf(job),
});
