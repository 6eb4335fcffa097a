import type { WorkedOut } from '../records/entries/worked';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import { ledgerOf } from './ledger';

/** Lists what sums came to for a job and what still counts, in the order in which it was worked out. */
export const workedOutIn = (job: Pick<Job, 'journal'>): readonly WorkedOut[] =>
  counting(ledgerOf(job).worked);

/** Returns the way that a pump turns once it is reversed as it was worked out last; null where nobody did. */
export const turnsFrom = (job: Pick<Job, 'journal'>): WorkedOut['turns'] =>
  workedOutIn(job).findLast(({ turns }) => turns !== null)?.turns ?? null;
