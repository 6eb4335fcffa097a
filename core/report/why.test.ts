import { sayCause } from '../commands/blaming';
import { answerAuxiliary } from '../commands/noting';
import { tell } from '../commands/telling';
import { assessJob } from '../guidance/evaluator';
import type { Job } from '../records/job';
import { T6 } from '../testing/assembly';
import { stamp } from '../testing/findings';
import { reportOf } from './report';
import { whyLines } from './why';

const lines = (job: Job) => whyLines(job, assessJob(job));

describe('why it failed, in the report', () => {
  it('is left out where nobody said anything', () => {
    expect(lines(T6)).toEqual([]);
    expect(reportOf(T6, 'mm').sections.map(({ title }) => title)).not.toContain('Why it failed');
  });

  it('names what is in question where it is not settled', () => {
    const job = tell('foam', 'yes')(tell('same-unloaded', 'yes')(T6, stamp()), stamp());
    expect(lines(job)).toEqual([
      'Why it failed is not settled. In question: the seal was fitted wrong, or its seat or track is marked; the inlet draws air.',
    ]);
  });

  it('has the cause with what speaks for it, the word of who had it in hand, and what changes', () => {
    const blocked = answerAuxiliary('vent', 'blocked')(tell('SB', 'yes')(T6, stamp()), stamp());
    const job = sayCause({
      cause: 'drain-blocked',
      answer: 'proven',
      words: 'The drain behind the seal is blocked',
      change: [{ words: 'Clear the drain.', when: 'build', replaces: [] }],
    })(blocked, stamp());
    expect(lines(blocked)[1]).toBe('Likeliest: the drain behind the seal is blocked.');
    expect(lines(job)).toEqual([
      'Seal pushed out.',
      'Proven: the drain behind the seal is blocked.',
      'As it came in: The drain behind the seal is blocked. It gives what is complained of: seal pushed out.',
      'Proven by its check, Runa T.: The drain behind the seal is blocked.',
      'To change too: Clear the drain.',
    ]);
    expect(reportOf(job, 'mm').sections).toContainEqual({
      id: 'why',
      title: 'Why it failed',
      lines: lines(job),
    });
  });
});
