import { sign } from '../commands/reporting';
import { record } from '../journal/commands';
import { AT, JOB, sized, withReadings } from '../testing/readings';
import { jobWithSizes } from '../testing/worked';
import { VELTRANE_T6 } from '../testing/sheets';
import { signOff } from '../commands/deciding';
import { afterBench } from '../practice/bench';
import type { Job } from '../records/job';
import { assessJob } from './evaluator';
import { nextStage, stageStandings } from './stages';

const standings = (job: Job) => stageStandings(job, assessJob(job));
const words = (job: Job) => Object.values(standings(job)).join(' ');
const made = { id: 's', at: AT, by: 'Runa T.', voided: null };

describe('the stages of a job', () => {
  it('are all open on a job that nobody began, and the tag is next', () => {
    const blank = { ...JOB, owner: '', unit: '', complaint: '', variant: null };
    expect(words(blank)).toBe('open open open open open open open open');
    expect(nextStage(standings(blank))).toBe('tag');
  });
  it('that were passed over are skipped once a later one is begun', () => {
    const job = { ...JOB, owner: '', unit: '', complaint: '', variant: null };
    const read = withReadings(job, sized(job, 'pocket-depth', '12', 20.05));
    expect(words(read)).toBe('skipped skipped skipped work open open open open');
    expect(nextStage(standings(read))).toBe('measure');
  });
  it('are done one after the other, and the next is the one after all that was begun', () => {
    const variant = VELTRANE_T6.variants[0]?.id ?? null;
    const faces = ['face-drive', 'face-driven'];
    const limits = VELTRANE_T6.limits.filter((l) => faces.includes(l.characteristic));
    const sizes = { 'pocket-depth': 20.03, 'drive-width': 20, 'driven-width': 20 };
    const tagged = { variant, unit: 'Gritter 7', tier: limits[0]!.tier };
    const read = jobWithSizes(sizes, tagged, { ...VELTRANE_T6, limits });
    const wear = ['track-depth', 'face-depth'].flatMap((id) =>
      ['12', '4', '8'].map((station) => sized(read, id, station, 10)),
    );
    const measured = afterBench(withReadings(read, ...wear), {}, new Date(AT));
    expect(words(measured)).toBe('done done done done open open open open');
    expect(nextStage(standings(measured))).toBe('decide');
    const planned = record(measured, { ...made, kind: 'plan', steps: [], remark: '' });
    expect(standings(planned).decide).toBe('work');
    expect(nextStage(standings(planned))).toBe('decide');
    const signed = {
      part: 'pump',
      proposed: 'reuse',
      decided: 'reuse',
      why: '',
      remark: '',
    } as const;
    const done = signOff([signed])(planned, made);
    expect(standings(done).decide).toBe('done');
    expect(nextStage(standings(done))).toBe('build');
    const byWhom = sign({ as: 'rebuilder', name: 'Ivo K.', strokes: '' })(done, {
      ...made,
      id: 'signed',
    });
    expect(standings(byWhom)).toMatchObject({ build: 'skipped', report: 'done' });
    // What was signed before the last change is to be signed again.
    expect(
      standings(record(byWhom, { ...made, id: 'later', kind: 'plan', steps: [], remark: '' }))
        .report,
    ).toBe('work');
    const closed = { ...done, closed: { at: AT, by: '', why: 'handed over' } };
    expect(standings(closed)).toMatchObject({ build: 'skipped', prove: 'skipped', report: 'done' });
    expect(nextStage(standings(closed))).toBe('report');
  });
});
