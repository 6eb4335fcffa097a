import { emptyJob } from '../practice/job';
import { VELTRANE_T6 } from '../testing/sheets';
import { Evaluator } from '../guidance/evaluator';
import { thinkingAhead } from './ahead';
import { addReading, answerLeaf } from './measuring';

const job = emptyJob(VELTRANE_T6, '2026-11-20T09:00:00.000Z');
const made = { id: 'r1', at: '2026-11-20T09:01:00.000Z', by: 'Ivo K.', voided: null };

describe('thinking ahead', () => {
  it('leaves nothing to search for after any answer, and the job in hand as it is', () => {
    const evaluator = new Evaluator();
    const all = evaluator.assess(job);
    const step = evaluator.next(job);
    if (step?.way !== 'leaf') throw new Error('Measuring begins with a leaf.');
    for (const piece of thinkingAhead(job, evaluator)) piece();
    expect(evaluator.assess(job)).toBe(all);
    const { known } = evaluator.ladder(job);
    const thought = known.size;
    for (const felt of ['free', 'drag', 'part-way', 'no-go'] as const) {
      const asked = new Evaluator();
      const { reading } = answerLeaf(job, step, felt, made, evaluator);
      const after = addReading(reading, evaluator)(job, made);
      expect(evaluator.next(after)).toEqual(asked.next(after));
    }
    expect(known.size).toBe(thought);
  });

  it('is none where no leaf is asked for', () => {
    expect(
      thinkingAhead({ ...job, cursor: { ...job.cursor, way: 'size' } }, new Evaluator()),
    ).toEqual([]);
  });
});
