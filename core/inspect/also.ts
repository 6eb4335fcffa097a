import { ledgerOf } from '../journal/ledger';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import type { Sheet } from '../records/sheet';
import type { AlsoAnswer } from '../records/teardown';

/** A small check, its answer, and whether that is what the sheet expects. */
export interface AlsoChecked {
  readonly check: Sheet['also'][number];
  readonly answer: AlsoAnswer | null;
  /** True where the answer is another than the expected one. */
  readonly differs: boolean;
}

/** The small checks of the visit, in the sheet's order. */
export function alsoChecked(job: Pick<Job, 'sheet' | 'journal'>): AlsoChecked[] {
  const answers = counting(ledgerOf(job).also);
  return job.sheet.also.map((check) => {
    const answer = answers.findLast((a) => a.check === check.id) ?? null;
    const differs = answer !== null && check.expected !== '' && answer.answer !== check.expected;
    return { check, answer, differs };
  });
}
