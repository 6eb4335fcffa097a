import type { Stamp } from '../core/commands/command';
import { addReading, answerLeaf } from '../core/commands/measuring';
import { Evaluator } from '../core/guidance/evaluator';
import { emptyJob } from '../core/practice/job';
import type { Job } from '../core/records/job';
import { largeJob } from './large';
import { VELTRANE_T6 } from './sheets';

const MADE: Stamp = { id: 'tap', at: '2026-11-30T10:00:00.000Z', by: 'R.', voided: null };

/** Most characteristics that one answer may touch: its own, and the sum that it is a part of. */
const MOST = 2;

/** Returns a job with a check in hand at which a leaf is asked for. */
function atLeaf(job: Job): Job {
  for (const { characteristic } of new Evaluator().assess(job)) {
    const turned = { ...job, cursor: { ...job.cursor, characteristic: characteristic.id } };
    const leaf = { ...turned, cursor: { ...turned.cursor, way: 'leaf' as const } };
    if (new Evaluator().next(leaf)?.way === 'leaf') return leaf;
  }
  throw new Error('No leaf is asked for.');
}

/** Returns how many assessments an answer to the leaf in hand made anew: what was kept is the very same object. */
function assessedBy(job: Job): number {
  const evaluator = new Evaluator();
  const before = evaluator.assess(job);
  const step = evaluator.next(job);
  if (step?.way !== 'leaf') throw new Error('No leaf is asked for.');
  const { reading } = answerLeaf(job, step, 'no-go', MADE, evaluator);
  const after = evaluator.assess(addReading(reading, evaluator)(job, MADE));
  return after.filter((assessment, i) => assessment !== before[i]).length;
}

describe('what an answer costs the core', () => {
  it.each([
    ['a fresh pump', emptyJob(VELTRANE_T6, MADE.at)],
    ['a pump of four sections with 2,000 readings', atLeaf(largeJob(2000))],
  ])('is the assessment of what it was read on, and no more: %s', (_, job) => {
    const assessed = assessedBy(job);
    expect(assessed).toBeGreaterThan(0);
    expect(assessed).toBeLessThanOrEqual(MOST);
  });
});
