import { journalFrom } from '../records/migrateTo2';
import type { Loose } from '../records/loose';
import { ledgerOf, type Ledger } from '../journal/ledger';
import type { Job } from '../records/job';

/**
 * Returns a job with other lists of entries in place of its own: its journal is written anew, in the
 * order of the moments, as a record of the first version was.
 */
export function relisted<J extends Pick<Job, 'journal'>>(job: J, lists: Partial<Ledger>): J {
  const all = Object.entries({ ...ledgerOf(job), ...lists }).map(([name, list]) => [
    name,
    list.map(({ voided: struck, ...entry }) => ({ ...entry, struck })),
  ]);
  const journal = journalFrom(all as unknown as [string, Loose[]][]);
  return { ...job, journal: journal as unknown as Job['journal'] };
}
