import { buildList } from '../core/assembly/list';
import { answerBuild } from '../core/commands/building';
import { assessJob } from '../core/guidance/evaluator';
import { emptyJob } from '../core/practice/job';
import type { Job } from '../core/records/job';
import { largestSheet, VELTRANE_T6 } from '../demo/sheets';
import { howMany } from './howMany';

/** How long the list of the build takes to be made, which is done anew with every answer. */

const RUNS = howMany(200, 3);
const AT = '2026-11-20T08:00:00.000Z';

const median = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;

/** Returns how long a list takes, in ms: the median of many. */
function timeOf(job: Job): number {
  const all = assessJob(job);
  return median(
    Array.from({ length: RUNS }, () => {
      const begin = performance.now();
      buildList(job, all);
      return performance.now() - begin;
    }),
  );
}

/** Answers every step that is answered by a word. */
const answered = (job: Job): Job =>
  buildList(job, []).reduce(
    (done, { step }, i) =>
      answerBuild({ step: step.id, said: step.kind === 'spin' ? 'free' : 'done' })(done, {
        id: `answer-${i}`,
        at: AT,
        by: 'Runa T.',
        voided: null,
      }),
    job,
  );

for (const sheet of [VELTRANE_T6, largestSheet()]) {
  const job = emptyJob(sheet, AT);
  const steps = buildList(job, []).length;
  const [fresh, done] = [timeOf(job), timeOf(answered(job))];
  console.log(
    `${sheet.model}, ${steps} steps: ${fresh.toFixed(2)} ms before the first answer, ${done.toFixed(2)} ms after the last`,
  );
}
