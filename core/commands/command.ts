import type { Job } from '../records/job';

/** Describes what stands on everything that somebody writes down. */
export interface Made {
  readonly id: string;
  /** ISO 8601 in UTC. */
  readonly at: string;
  readonly by: string;
  readonly voided: null;
}

/** Something that is done to a job: returns the job after it. */
export type Command = (job: Job, made: Made) => Job;

/** Returns what stands on one of several things that are written down at once. */
export const madeAs = (made: Made, index: number): Made => ({ ...made, id: `${made.id}-${index}` });
