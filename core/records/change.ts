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
    readings: struckIn(job.readings, (r) => ids.includes(r.id), strike),
  };
}

/** Something written down that can be struck through. */
type Struckable = { readonly id: string; readonly struck: Strike | null };

/** A list with one more entry; those that it takes the place of are struck through, and stay. */
export function replacing<T extends Struckable>(
  list: readonly T[],
  next: T & { readonly at: string; readonly by: string },
  placeOf: (item: T) => boolean,
  why = 'noted again',
): T[] {
  const { at, by } = next;
  return [...struckIn(list, placeOf, { at, by, why }), next];
}

/** A list in which the standing entries that are meant are struck through. */
export function struckIn<T extends Struckable>(
  list: readonly T[],
  meant: (item: T) => boolean,
  strike: Strike,
): T[] {
  return list.map((item) =>
    item.struck === null && meant(item) ? { ...item, struck: { ...strike } } : item,
  );
}

/** The last reading that still counts: what Undo strikes. */
export function lastStanding(job: Job): Reading | null {
  return job.readings.findLast((r) => r.struck === null) ?? null;
}
