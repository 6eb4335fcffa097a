import { journalFrom, type Loose } from '../records/migrate';
import { ledgerOf, type Ledger } from './ledger';
import type { Job } from '../records/job';

/**
 * Returns a job whose journal holds other lists than it did, for tests and what-if questions: the
 * journal is written anew, in the order of the moments.
 */
export function relisted<J extends Pick<Job, 'journal'>>(job: J, lists: Partial<Ledger>): J {
  const all = Object.entries({ ...ledgerOf(job), ...lists });
  const journal = journalFrom(all as unknown as [string, Loose[]][]);
  return { ...job, journal: journal as unknown as Job['journal'] };
}
