import type { Job } from '../records/job';
import { operationsOf } from './eras';

/** Tells whether a part was exchanged after an entry was made: what the entry says is of the one before. */
export function exchangedSince(
  job: Pick<Job, 'journal'>,
  part: string,
  { id }: { readonly id: string },
): boolean {
  const last = operationsOf(job).findLast((o) => o.part === part && o.work === 'exchanged');
  if (!last) return false;
  const at = (entry: string) => job.journal.findIndex((e) => e.id === entry);
  return at(last.id) > at(id);
}
