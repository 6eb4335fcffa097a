import { reversalOf } from '../assembly/reversal';
import { answerBuild, noteTrial } from '../commands/building';
import { assessJob } from '../guidance/evaluator';
import { ledgerOf } from '../journal/ledger';
import type { Job } from '../records/job';
import { built, jobOn, T6 } from '../testing/assembly';
import { stamp } from '../testing/findings';
import { SHEETS } from '../testing/sheets';
import { buildLines, openLines } from './build';

const lines = (job: Job) => buildLines(job, assessJob(job), null);
const answered = (
  job: Job,
  step: string,
  said: 'later' | 'tight' | 'absent' | 'done',
  remark = '',
) => answerBuild({ step, said, remark })(job, stamp());

describe('the build in the report', () => {
  it('is nothing on a pump of which no step was answered', () => {
    expect([lines(T6), openLines(T6, assessJob(T6), null)]).toEqual([[], []]);
  });

  it('says who did how much of it, and which bolts are drawn up', () => {
    const [who, ...rest] = lines(built(T6));
    expect(who).toMatch(
      /^(\d+) of \1 steps of the build done, by Runa T\., last on 20 Nov 2026\.$/,
    );
    expect(rest.join(' ')).toMatch(/drawn up/i);
    expect(rest).toHaveLength(new Set(rest).size);
  });

  it('tells what was put off, passed over with a word, and is not on this pump', () => {
    const told = lines(
      answered(
        answered(answered(T6, 'oil', 'later'), 'rings', 'absent'),
        'seal',
        'done',
        'by hand',
      ),
    ).join('\n');
    expect(told).toMatch(/^Oil gears.* Put off\.$/m);
    expect(told).toMatch(/^Hook the sealing rings.* Not on this pump\.$/m);
    expect(told).toMatch(/^Seal in.* By hand\.$/m);
  });

  it('keeps what it was that did not turn freely', () => {
    const tight = answered(T6, 'spin-1', 'tight');
    const { id } = ledgerOf(tight).builds[0]!;
    const found = noteTrial({ spin: id, trial: 'found', answer: 'a chip' })(tight, stamp());
    expect(lines(found).join('\n')).toMatch(/a chip/);
  });

  it('counts the works of reversing too', () => {
    const gears = SHEETS.find(({ model }) => model.startsWith('Brunnick H30 '))!;
    const reversed = jobOn(gears, { rotation: 'clockwise', asked: { work: 'reverse', set: '' } });
    const begun = answered(reversed, 'dry-trial', 'done');
    const count = (of: typeof reversalOf | null) =>
      Number(/of (\d+) steps/.exec(buildLines(begun, assessJob(begun), of)[0]!)?.[1]);
    expect(count(reversalOf)).toBeGreaterThan(count(null));
    expect(openLines(begun, assessJob(begun), reversalOf)[0]).toContain(
      `${count(reversalOf) - 1} steps of the build not done`,
    );
  });
});
