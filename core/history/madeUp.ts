import { ledgerOf } from '../journal/ledger';
import type { Job } from '../records/job';
import { DEMO_ID } from '../schema/fields';
import { counting } from '../schema/voiding';

/**
 * Tells whether a job is of no real pump: it came with the demo or is a further visit of a pump of the demo, or something that
 * counts was read off a simulated gauge.
 */
export const isMadeUp = (job: Pick<Job, 'demo' | 'visit' | 'journal'>): boolean =>
  job.demo === true ||
  job.visit?.of.startsWith(DEMO_ID) === true ||
  counting(ledgerOf(job).readings).some((r) => 'source' in r && r.source === 'simulated');

/**
 * Returns the jobs of the shop's own pumps; those that are made up where there is no other: a bench of the demo alone is one too.
 *
 * @param jobs all that are on the bench
 */
export function ownJobs<J extends { readonly madeUp: boolean }>(jobs: readonly J[]): readonly J[] {
  const own = jobs.filter(({ madeUp }) => !madeUp);
  return own.length > 0 ? own : jobs;
}

/** Tells whether a pump is still here: it did not go out, and was not given up. */
export const isHere = ({
  closed,
  out,
}: {
  readonly closed: string | null;
  readonly out: string | null;
}): boolean => closed === null && out === null;
