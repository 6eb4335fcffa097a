import type { ProofEntry } from '../records/entries/proof';
import type { TestEntry } from '../records/entries/tested';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import { ledgerOf } from './ledger';

type Journal = Pick<Job, 'journal'>;

/** A step of a test that was run and says a flow. */
export type Tested = TestEntry & { readonly flow_lpm: number };

const saysFlow = (entry: TestEntry): entry is Tested => entry.flow_lpm !== null;

/** Lists the tests that count, with runs that nobody has cut yet, in their order. */
export const testsIn = (job: Journal): readonly TestEntry[] => counting(ledgerOf(job).tests);

/** Lists what checks without a bench showed, as it counts. */
export const proofsIn = (job: Journal): readonly ProofEntry[] => counting(ledgerOf(job).proofs);

/** Lists the tests of the pump as it is now: those that say a flow, and after which nothing was done to the pump. */
export function testsNow(job: Journal): readonly Tested[] {
  const undone = new Set(ledgerOf(job).operations.flatMap((o) => (o.voided ? [o.id] : [])));
  const worked = job.journal.findLastIndex((e) => e.kind === 'operation' && !undone.has(e.id));
  const since = new Set(job.journal.slice(worked + 1).map(({ id }) => id));
  return testsIn(job)
    .filter(saysFlow)
    .filter(({ id }) => since.has(id));
}
