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
