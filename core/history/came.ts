import type { Assessment } from '../assessment/assessment';
import type { Evaluator } from '../guidance/evaluator';
import { ledgerOf } from '../journal/ledger';
import { isAbout, type Item } from '../records/entry';
import type { WorkEntry } from '../records/entries/operation';
import type { Job } from '../records/job';

/** Returns a job as it stood just before an operation, without what was struck since. */
function justBefore(job: Job, operation: WorkEntry): Job {
  const items = Object.values(ledgerOf(job)).flat() as readonly Item[];
  const struck = new Set(items.flatMap(({ id, voided }) => (voided ? [id] : [])));
  const end = job.journal.findIndex(({ id }) => id === operation.id);
  const journal = job.journal
    .slice(0, end)
    .filter((entry) => !isAbout(entry) && !struck.has(entry.id));
  return { ...job, journal };
}

/**
 * Returns how the pump of a job came in: of each characteristic what was known before the first work that touched it. What
 * nothing was done to stands as it is.
 *
 * @param evaluator is asked on a branch, so that what it knows of the job stays
 */
export function asItCame(job: Job, evaluator: Evaluator): readonly Assessment[] {
  const now = evaluator.assess(job);
  const asked = new Map<string, ReadonlyMap<string, Assessment>>();
  const before = (operation: WorkEntry): ReadonlyMap<string, Assessment> => {
    const known = asked.get(operation.id);
    if (known) return known;
    const all = evaluator.branch().assess(justBefore(job, operation));
    const made = new Map(all.map((a) => [a.characteristic.id as string, a]));
    asked.set(operation.id, made);
    return made;
  };
  return now.map((a) => {
    const [first] = a.work;
    return first ? (before(first).get(a.characteristic.id) ?? a) : a;
  });
}
