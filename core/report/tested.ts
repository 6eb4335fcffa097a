import type { State } from '../guidance/evaluator';
import { proofsIn } from '../journal/tested';
import { comparedSteps } from '../prove/compare';
import {
  beneathWords,
  followUpWords,
  leakWords,
  proofWords,
  resultWords,
  untestedWords,
} from '../prove/sayProve';
import { sayProve } from '../prove/say';
import type { ShopUnit } from '../quantity/units';
import type { Job } from '../records/job';
import { paragraph, sentence } from '../wording/say';

/**
 * Lists what was proven of a pump: each step that was tested beside what it came with, the limits and the model; checks without a
 * bench; that it was not tested. Empty where nobody said anything.
 *
 * @param job with its journal
 * @param state what its readings come to
 * @param unit that the shop reads
 */
export function testLines(job: Job, state: State, unit: ShopUnit): string[] {
  const steps = comparedSteps(job, state).flatMap((result) =>
    result.test
      ? [
          paragraph(
            resultWords(result, unit),
            beneathWords(result, unit),
            leakWords(job, result),
            result.test.from === 'simulated' && sayProve('prove.simulated'),
            result.test.remark && sentence(result.test.remark),
          ),
        ]
      : [],
  );
  const proofs = proofsIn(job).flatMap((proof) => {
    const words = proofWords(job, proof, unit);
    return words ? [sentence(words)] : [];
  });
  return [...steps, ...proofs, untestedWords(job), ...followUpWords(job)].filter(Boolean);
}
