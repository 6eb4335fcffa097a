import type { ProofEntry } from '../records/entries/proof';
import type { TestEntry } from '../records/entries/tested';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import { workEntriesOf } from './eras';
import { ledgerOf } from './ledger';

type Journal = Pick<Job, 'journal'>;

/** A step of a test that was run and says a flow. */
export type Tested = TestEntry & { readonly flow_lpm: number };

const saysFlow = (entry: TestEntry): entry is Tested => entry.flow_lpm !== null;

/** Lists every test that counts, with runs that nobody has cut yet, in their order; some are of the pump before it was worked on. */
const testsEver = (job: Journal): readonly TestEntry[] => counting(ledgerOf(job).tests);

/** Returns what tells whether something was noted after all work on the pump: what was noted before says nothing of it now. */
function sinceWork(job: Journal): (id: string) => boolean {
  const at = new Map(job.journal.map(({ id }, i) => [id, i]));
  const last = Math.max(-1, ...workEntriesOf(job).map(({ id }) => at.get(id) ?? -1));
  return (id) => (at.get(id) ?? -1) > last;
}

/** Lists the tests of the pump as it is now, with runs that nobody has cut yet. A run is as old as its first entry, whenever it was cut. */
export function testsIn(job: Journal): readonly TestEntry[] {
  const isNow = sinceWork(job);
  const begun = new Map<string, string>();
  for (const { run, id } of ledgerOf(job).tests) if (!begun.has(run)) begun.set(run, id);
  return testsEver(job).filter(({ id, run }) => isNow(run === '' ? id : (begun.get(run) ?? id)));
}

/** Lists the tests of the pump as it is now that say a flow. */
export const testsNow = (job: Journal): readonly Tested[] => testsIn(job).filter(saysFlow);

/** Tells whether the pump was tested, but not since the last work on it. */
export const isTestOvertaken = (job: Journal): boolean =>
  testsNow(job).length === 0 && testsEver(job).some(saysFlow);

/** Tells whether the pump as it is now was proven: a test says a flow, or a check without a bench came out. */
export const isProven = (job: Journal): boolean =>
  testsNow(job).length > 0 ||
  proofsIn(job).some(({ answer }) => answer === 'good' || answer === 'bad');

/** Lists what checks without a bench showed of the pump as it is now; what is to be done later, and why it is not tested, stands whatever was done. */
export function proofsIn(job: Journal): readonly ProofEntry[] {
  const isNow = sinceWork(job);
  return counting(ledgerOf(job).proofs).filter(
    ({ id, answer }) => answer === 'later' || answer === 'not-tested' || isNow(id),
  );
}
