import type { Assessment } from '../core/assessment/assessment';
import { toldReach } from '../core/assessment/told';
import { leftAt } from '../core/history/visit';
import { stateOf } from '../core/guidance/evaluator';
import { InputError } from '../core/errors';
import { pumpOf } from '../core/pumps/registry';
import type { Job } from '../core/records/job';
import { bench } from './file';

/**
 * Returns the one job of a file.
 *
 * @throws InputError at the first thing that is wrong with the file, or where it holds no one job
 */
export function jobIn(file: object): Job {
  const [job, ...others] = bench(file, 'file').jobs;
  if (job && others.length === 0) return job;
  throw new InputError('file.jobs', 'not-one-job', 'A file with one job is wanted.');
}

const characteristicOf = (job: Job) => (a: Assessment) => {
  return {
    id: a.characteristic.id,
    name: a.characteristic.name,
    lower_mm: a.limits?.lower_mm ?? null,
    upper_mm: a.limits?.upper_mm ?? null,
    now: toldReach(a),
    // Where nothing was done to it yet, it is how it left the visit before.
    before: toldReach(a.before) ?? leftAt(job, a),
    predicted: toldReach(a.predicted),
    verdict: a.limits ? a.verdict : 'recorded',
    probability: a.probability,
  };
};

/** Returns every value that is known of the pump in a file of one job. */
export function assessFile(file: object) {
  const job = jobIn(file);
  const { characteristics, dimensions } = stateOf(job);
  const parts = new Map(pumpOf(job.sheet).dimensions.map((d) => [d.id, d.part]));
  return {
    characteristics: characteristics.map(characteristicOf(job)),
    dimensions: [...dimensions].map(([id, quantity]) => ({
      id,
      part: parts.get(id) ?? null,
      ...quantity,
    })),
  };
}
