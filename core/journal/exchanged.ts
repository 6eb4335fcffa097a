import type { WorkEntry } from '../records/entries/operation';
import type { Job } from '../records/job';
import { workEntriesOf } from './eras';

/** Returns the work that last put another part in the place of one; undefined where it is the first. */
export const lastExchange = (job: Pick<Job, 'journal'>, part: string): WorkEntry | undefined =>
  workEntriesOf(job).findLast((o) => o.part === part && o.work === 'exchanged');

/** Tells whether a part was exchanged after an entry was made: what the entry says is of the one before. */
export function exchangedSince(
  job: Pick<Job, 'journal'>,
  part: string,
  { id }: { readonly id: string },
): boolean {
  const last = lastExchange(job, part);
  if (!last) return false;
  const at = (entry: string) => job.journal.findIndex((e) => e.id === entry);
  return at(last.id) > at(id);
}
