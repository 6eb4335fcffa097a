import { dequal } from 'dequal';
import { voidWhere } from '../journal/commands';
import type { Item } from '../records/entry';
import type { Job } from '../records/job';

/** Describes what stands on everything that somebody writes down. */
export interface Stamp {
  readonly id: string;
  /** ISO 8601 in UTC. */
  readonly at: string;
  readonly by: string;
  readonly voided: null;
}

/** Returns what of a job a command stands on; `stands.ts` has the table. */
export type Stands = (job: Job) => unknown;

/** Something that is done to a job: returns the job after it. */
export interface Command {
  (job: Job, made: Stamp): Job;
  /** Returns what it assumes to be as it was seen; left out where it can be done whatever happened since. */
  readonly stands?: Stands;
}

/** Returns a command that is only done while what it stands on is as it was seen. */
export const standing = (stands: Stands, command: Command): Command =>
  Object.assign((job: Job, made: Stamp) => command(job, made), { stands });

/** Tells that something was done elsewhere meanwhile on which a command stands. Nothing was written. */
export class Overtaken extends Error {
  constructor() {
    super('This was changed elsewhere meanwhile. Look at it as it is now, then go on.');
    this.name = 'Overtaken';
  }
}

/**
 * Returns a job after a command.
 *
 * @param job as it is in storage
 * @param seen as whoever gave the command saw it; null where nobody did
 * @throws Overtaken where what the command stands on is not as it was seen
 */
export function after(job: Job, seen: Job | null, command: Command, made: Stamp): Job {
  const { stands } = command;
  if (stands && seen && seen !== job && !dequal(stands(job), stands(seen))) throw new Overtaken();
  return command(job, made);
}

/** Returns a command that takes back what is meant and counts: it stays in the journal. */
export const takenBack =
  (meant: (item: Item) => boolean): Command =>
  (job, { at, by }) =>
    voidWhere(job, meant, { at, by, why: 'taken back' });

/** Returns what stands on one of several things that are written down at once. */
export const stampOf = (made: Stamp, index: number): Stamp => ({
  ...made,
  id: `${made.id}-${index}`,
});
