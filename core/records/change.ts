import type { Job } from './job';
import type { Reading } from './parts';

/** Who strikes a reading through, when and why. */
export interface Strike {
  readonly at: string;
  readonly by: string;
  readonly why: string;
}

/** The job with one more reading. */
export function withReading(job: Job, reading: Reading): Job {
  return { ...job, readings: [...job.readings, reading] };
}

/** The job with some readings struck through: they stay, and no longer count. */
export function withStruck(job: Job, ids: readonly string[], strike: Strike): Job {
  return {
    ...job,
    readings: job.readings.map((r) =>
      ids.includes(r.id) && r.struck === null ? { ...r, struck: { ...strike } } : r,
    ),
  };
}

/** The last reading that still counts: what Undo strikes. */
export function lastStanding(job: Job): Reading | null {
  return job.readings.findLast((r) => r.struck === null) ?? null;
}
