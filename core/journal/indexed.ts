import type { Job } from '../records/job';
import { ledgerAfter, ledgerOf, type Ledger } from './ledger';
import { targetsAfter, targetsOf, type Targets } from './targets';

/** A journal with what is looked up in it: its entries by kind, and its readings by what they are of. */
export interface IndexedJournal {
  readonly journal: Job['journal'];
  readonly ledger: Ledger;
  readonly targets: Targets;
}

/** Sorts a journal by kind of entry and by what its readings are of. */
export function indexed({ journal }: Pick<Job, 'journal'>): IndexedJournal {
  const ledger = ledgerOf({ journal });
  return { journal, ledger, targets: targetsOf(ledger.readings) };
}

const continues = (journal: Job['journal'], before: Job['journal']): boolean =>
  journal.length >= before.length && before.every((entry, i) => entry === journal[i]);

/**
 * Sorts a journal that has grown: lists that nothing was added to stay the same objects, so that what
 * was worked out from them still holds. Any other journal is sorted anew.
 */
export function reindexed(before: IndexedJournal, job: Pick<Job, 'journal'>): IndexedJournal {
  const { journal } = job;
  if (journal === before.journal) return before;
  if (!continues(journal, before.journal)) return indexed(job);
  const ledger = journal.slice(before.journal.length).reduce(ledgerAfter, before.ledger);
  const targets =
    ledger.readings === before.ledger.readings
      ? before.targets
      : targetsAfter(before.targets, ledger.readings);
  return { journal, ledger, targets };
}
