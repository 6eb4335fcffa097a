import { workEntriesOf } from '../journal/eras';
import { ledgerOf, type Ledger } from '../journal/ledger';
import type { BuildEntry } from '../records/entries/build';
import type { TorqueEntry } from '../records/entries/torque';
import type { TrialEntry } from '../records/entries/trial';
import type { WorkEntry } from '../records/entries/operation';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';

/** Holds what was said at the build, drawn up and worked, and where each of it stands in the journal. */
export interface Answers {
  readonly builds: readonly BuildEntry[];
  readonly torques: readonly TorqueEntry[];
  readonly trials: readonly TrialEntry[];
  readonly works: readonly WorkEntry[];
  /** Returns the place of an entry in the journal. */
  readonly at: (entry: { readonly id: string }) => number;
}

/** Returns what counts of a job's build. */
export function answersOf(job: Pick<Job, 'journal'>): Answers {
  const ledger: Ledger = ledgerOf(job);
  const places = new Map(job.journal.map(({ id }, i) => [id, i]));
  return {
    builds: counting(ledger.builds),
    torques: counting(ledger.torques),
    trials: counting(ledger.trials),
    works: workEntriesOf(job),
    at: ({ id }) => places.get(id) ?? -1,
  };
}

/** Returns the place of the last work on some parts; −1 where there was none. */
export const lastWorkOn = ({ works, at }: Answers, parts: ReadonlySet<string>): number =>
  Math.max(-1, ...works.filter(({ part }) => parts.has(part)).map(at));
