import type { State } from '../guidance/evaluator';
import type { Job } from '../records/job';
import { deliveredBands, middleFlow, type Band, type Drawing, type JobPath } from './answer';
import { factorOf, fitBefore, fitNow, type JobFit } from './benchTest';
import { circuitsOf, demandOf, dutyAt } from './demand';
import { jobPump, type Conditions, type JobDisplacement, type JobPump } from './jobPump';
import { standingBefore, standingNow, type Standing } from './known';

/** Says what the pump of a job delivers at a state, and where it loses the rest. */
export interface JobFlowAnswer {
  readonly subject: JobPump;
  readonly displacement: JobDisplacement;
  /** Is null where nobody can say what the pump moves. */
  readonly delivered: Band | null;
  readonly slip_lpm: number | null;
  readonly efficiency: number | null;
  /** Says what its circuits want at the nearer of its states; null where nobody said. */
  readonly demand_lpm: number | null;
  readonly fit: JobFit | null;
  readonly K: number;
  readonly paths: readonly JobPath[];
}

/**
 * Returns what the pump of a job delivers, by its own gaps at a moment: as a band, path by path, with the factor that its
 * tests fit: before the work those before the teardown.
 *
 * @param job its sheet, its tests, what it feeds
 * @param state what its readings come to
 * @param at how it runs, and on what
 * @param drawing how often it is drawn, from which seed
 * @param standing returns what a gap is at that moment; now where it is left out
 * @throws InputError on `temp_C` where nobody knows the viscosity
 */
export function jobFlow(
  job: Pick<Job, 'sheet' | 'before' | 'flow' | 'journal'>,
  state: State,
  at: Conditions,
  drawing: Drawing,
  standing: Standing = standingNow,
): JobFlowAnswer {
  const subject = jobPump(job, state, standing);
  const fit = (standing === standingBefore ? fitBefore : fitNow)(job, state, at.fluid);
  const factor = factorOf(fit);
  const middle = middleFlow(subject, at, factor);
  const [delivered = null] = deliveredBands(subject, [at], factor, drawing) ?? [];
  return {
    subject,
    displacement: subject.displacement,
    delivered,
    slip_lpm: middle?.slip_lpm ?? null,
    efficiency: middle?.efficiency ?? null,
    demand_lpm: demandOf(circuitsOf(job), dutyAt(job, at.rpm))?.flow_lpm ?? null,
    fit,
    K: factor.K,
    paths: middle?.paths ?? [],
  };
}
