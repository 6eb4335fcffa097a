import { ledgerOf } from '../journal/ledger';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import type { Sheet } from '../records/sheet';
import type { AuxiliaryAnswer } from '../records/teardown';

/** A small check, its answer, and whether that is what the sheet expects. */
export interface AuxiliaryChecked {
  readonly check: Sheet['also'][number];
  readonly answer: AuxiliaryAnswer | null;
  /** True where the answer is another than the expected one. */
  readonly differs: boolean;
}

/** Returns the small checks of the visit, in the sheet's order. */
export function auxiliaryChecks(job: Pick<Job, 'sheet' | 'journal'>): AuxiliaryChecked[] {
  const answers = counting(ledgerOf(job).also);
  return job.sheet.also.map((check) => {
    const answer = answers.findLast((a) => a.check === check.id) ?? null;
    const differs = answer !== null && check.expected !== '' && answer.answer !== check.expected;
    return { check, answer, differs };
  });
}
