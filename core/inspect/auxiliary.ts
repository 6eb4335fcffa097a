import { clutchChecks } from './clutches';
import { ledgerOf } from '../journal/ledger';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import type { Sheet } from '../records/sheet';
import type { AlsoCheck } from '../pumps/teardown/teardown';
import type { AuxiliaryAnswer } from '../records/teardown';
import { say, spelled } from '../wording/say';

/** A small check, its answer, and whether that is what the sheet expects. */
export interface AuxiliaryChecked {
  readonly check: AlsoCheck;
  readonly answer: AuxiliaryAnswer | null;
  /** True where the answer is another than the expected one. */
  readonly differs: boolean;
}

/** Lists the small checks that a sheet asks for: its own, then those of each one-way clutch. */
export const smallChecks = ({ also, clutches }: Pick<Sheet, 'also' | 'clutches'>): AlsoCheck[] => [
  ...also,
  ...clutches.flatMap(clutchChecks),
];

/** Writes an answer beside what is right, where those differ: `both; should be clockwise`. */
export const answerBeside = ({ check, answer, differs }: AuxiliaryChecked): string =>
  differs
    ? say('judge.right', { found: spelled(answer?.answer ?? ''), right: spelled(check.expected) })
    : spelled(answer?.answer ?? '');

/** Returns the small checks of the visit, in the sheet's order. */
export function auxiliaryChecks(job: Pick<Job, 'sheet' | 'journal'>): AuxiliaryChecked[] {
  const answers = counting(ledgerOf(job).also);
  return smallChecks(job.sheet).map((check) => {
    const answer = answers.findLast((a) => a.check === check.id) ?? null;
    const differs = answer !== null && check.expected !== '' && answer.answer !== check.expected;
    return { check, answer, differs };
  });
}
