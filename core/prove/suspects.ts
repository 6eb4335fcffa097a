import { factorOf, fitBefore } from '../flow/benchTest';
import { jobPump, middleGaps } from '../flow/jobPump';
import { gapAtDemand } from '../flow/overview';
import type { GapFrom } from '../flow/known';
import type { State } from '../guidance/evaluator';
import type { CharacteristicId } from '../pumps/ids';
import type { Job } from '../records/job';
import { testFluidOf } from './plan';
import { testedPump, type StepResult } from './compare';

/** A leak that would explain by itself why a pump delivers so little. */
export interface Suspect {
  readonly characteristic: CharacteristicId;
  /** Says how its gap is known: what nobody measured is looked at first. */
  readonly from: GapFrom;
  /** The gap that it is taken to have, and the one at which the pump delivers what the test gave, in mm at 20 °C. */
  readonly taken_mm: number;
  readonly would_mm: number;
}

/** Lists how gaps are known, those that are least sure first. */
const ORDER: readonly GapFrom[] = ['example', 'limits', 'predicted', 'measured'];

/** More leaks than these nobody looks at. */
const MOST = 3;

/**
 * Lists the leaks that would each explain by itself why a step of a test gave so little: gaps that nobody measured first, and of
 * those the one that has to be widened least.
 *
 * @param job with its sheet
 * @param state what its readings come to
 * @param result a step that gave less than the model has
 */
export function suspectsOf(job: Job, state: State, { test, model }: StepResult): Suspect[] {
  if (!test || !model) return [];
  const fit = fitBefore(job, state, testFluidOf(job).fluid);
  const basis = { subject: testedPump(jobPump(job, state), test), factor: factorOf(fit) };
  const gaps = middleGaps(basis.subject.known);
  return model.paths
    .flatMap(({ characteristic, gapFrom }): Suspect[] => {
      const would_mm = gapAtDemand(basis, characteristic, model.at, test.flow_lpm);
      // As it is measured: wear and a gasket come on top of both.
      const taken_mm = gaps.get(characteristic)?.largest_mm ?? 0;
      return would_mm === null || would_mm <= taken_mm
        ? []
        : [{ characteristic, from: gapFrom, taken_mm, would_mm }];
    })
    .sort(
      (a, b) =>
        ORDER.indexOf(a.from) - ORDER.indexOf(b.from) ||
        a.would_mm - a.taken_mm - (b.would_mm - b.taken_mm),
    )
    .slice(0, MOST);
}
