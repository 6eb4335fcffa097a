import { FELT } from '../feeler/bounds';
import type { Evaluator } from '../guidance/evaluator';
import type { Job } from '../records/job';
import { addReading, answerLeaf } from './measuring';
import type { Stamp } from './command';

/** Stands on answers that nobody gave. */
const NOBODY: Stamp = { id: 'ahead', at: '', by: '', voided: null };

/**
 * Lists the thinking that can be done while the hand is still at the pump: for each answer that the
 * leaf in hand can get, what would come next. Where that answer is then given, the search for the
 * next leaf is remembered by the ladder.
 *
 * @returns one piece of work for each answer, to be run one at a time; none where no leaf is asked for
 */
export function thinkingAhead(job: Job, evaluator: Evaluator): (() => void)[] {
  const step = evaluator.next(job);
  if (step?.way !== 'leaf') return [];
  return FELT.map((felt) => () => {
    const branch = evaluator.branch();
    const { reading, pending } = answerLeaf(job, step, felt, NOBODY, branch);
    if (!pending) branch.next(addReading(reading, branch)(job, NOBODY));
  });
}
