import type { Assessment } from '../assessment/assessment';
import { causesOn } from '../causes/answer';
import { causeName, complaintWords, wordsAgainst, wordsFor } from '../causes/sayCauses';
import { takenCauses } from '../journal/blamed';
import { capital } from '../quantity/letters';
import type { Job } from '../records/job';
import { paragraph, sentence } from '../wording/say';
import { sayReport } from './sayReport';

/**
 * Lists why a pump failed: what was complained of, the likeliest cause with what speaks for and against it, the word of whoever had
 * it in hand beside it, what must change too; empty where nobody said anything and nothing points to a cause.
 *
 * @param all what its clearances come to
 */
export function whyLines(job: Job, all: readonly Assessment[]): string[] {
  const { found, shown, settled, sentence: answer } = causesOn(job, all);
  const taken = takenCauses(job);
  const { complaints, places } = found;
  if (complaints.length + taken.length + shown.length === 0) return [];
  const [first] = shown;
  return [
    ...(complaints.length > 0 ? [sentence(capital(complaintWords(complaints)))] : []),
    ...(shown.length === 0
      ? []
      : settled
        ? [answer]
        : [
            sayReport('report.inQuestion', {
              causes: shown.map(({ ranked }) => causeName(ranked)).join('; '),
            }),
          ]),
    ...(settled && first
      ? [
          sayReport('report.asItCame', {
            evidence: paragraph(
              ...wordsFor(first.ranked, places),
              ...wordsAgainst(first.ranked, places),
            ),
          }),
        ]
      : []),
    ...taken.map(({ words, answer: how, by }) =>
      sayReport('report.cause', { cause: sentence(words), how, by: by || 'unknown' }),
    ),
    ...taken.flatMap(({ change }) =>
      change.map(({ words }) => sayReport('report.change', { words })),
    ),
  ];
}
