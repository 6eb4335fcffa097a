import type { Assessment } from '../core/assessment/assessment';
import { stateOf } from '../core/guidance/evaluator';
import { InputError } from '../core/errors';
import { endsAt, type Estimate } from '../core/metrology/estimate';
import { COVERAGE } from '../core/metrology/normal';
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

/** A value is told as ± 2u, also the extreme of several: the smallest does not reach over the largest. */
const TOLD = { below: COVERAGE, above: COVERAGE };

const interval = (e: Estimate) => {
  const [lo_mm, hi_mm] = endsAt(e, TOLD);
  return { lo_mm, hi_mm: Number.isFinite(hi_mm) ? hi_mm : null };
};

const range = (e: { smallest: Estimate | null; largest: Estimate | null } | null) =>
  e?.smallest && e.largest
    ? { smallest: interval(e.smallest), largest: interval(e.largest) }
    : null;

function characteristic(a: Assessment) {
  return {
    id: a.characteristic.id,
    name: a.characteristic.name,
    lower_mm: a.limits?.lower_mm ?? null,
    upper_mm: a.limits?.upper_mm ?? null,
    now: range(a),
    before: range(a.before),
    predicted: range(a.predicted),
    verdict: a.limits ? a.verdict : 'recorded',
    probability: a.probability,
  };
}

/** Returns every value that is known of the pump in a file of one job. */
export function assessFile(file: object) {
  const job = jobIn(file);
  const { characteristics, dimensions } = stateOf(job);
  const parts = new Map(pumpOf(job.sheet).dimensions.map((d) => [d.id, d.part]));
  return {
    characteristics: characteristics.map(characteristic),
    dimensions: [...dimensions].map(([id, quantity]) => ({
      id,
      part: parts.get(id) ?? null,
      ...quantity,
    })),
  };
}
