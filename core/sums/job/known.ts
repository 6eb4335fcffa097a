import type { State } from '../../guidance/evaluator';
import type { CharacteristicId } from '../../pumps/ids';
import type { Job } from '../../records/job';
import type { Shop } from '../../records/shop';
import type { Facts } from './facts';
import { gapFacts } from './ofGap';
import { pumpFacts } from './ofPump';

/**
 * Returns what a job knows of its pump and of one of its gaps, as sums ask for it.
 *
 * @param job the job
 * @param state what its readings come to
 * @param shop its money
 * @param gap the one that is asked about; null for none
 */
export const factsIn = (
  job: Job,
  state: State,
  shop: Pick<Shop, 'money'>,
  gap: CharacteristicId | null,
): Facts => ({
  ...pumpFacts({ job, state }, shop),
  ...(gap === null ? {} : gapFacts({ job, state }, gap)),
});
