import { emptyJob } from '../core/practice/job';
import { writeFile } from '../core/records/fileFormat';
import type { Job } from '../core/records/job';
import { answerBuild } from '../core/commands/building';
import { noteStrip } from '../core/commands/noting';
import { noteOrder } from '../core/commands/ordering';
import { stamp } from '../core/testing/findings';
import { VELTRANE_T6 } from '../demo/sheets';
import { ask, errorOf } from './ask';

interface Step {
  readonly id: string;
  readonly kind: string;
  readonly parts: readonly string[];
  readonly section: number | null;
  readonly way: object | null;
  readonly found: object | null;
  readonly needs: readonly { readonly id: string; readonly words: string; readonly met: boolean }[];
}
const JOB = emptyJob(VELTRANE_T6, '2026-11-20T09:00:00.000Z');
const fileOf = (...jobs: Job[]) => JSON.parse(writeFile({ jobs }, JOB.createdAt)) as object;
const built = async (job: Job) =>
  (await ask('job.build', { file: fileOf(job) })) as unknown as { steps: Step[]; ready: boolean };

describe('the build of a job', () => {
  it('is every step with its way round, and what it needs', async () => {
    const turned = noteStrip({ step: 'drive', way: 'down', state: 'there', remark: '' })(
      JOB,
      stamp(),
    );
    const { steps, ready } = await built(turned);
    expect(Object.keys(steps[0]!).sort()).toEqual(
      ['found', 'id', 'kind', 'needs', 'parts', 'section', 'way'].sort(),
    );
    expect(steps.find(({ id }) => id === 'drive')).toMatchObject({
      kind: 'place',
      parts: ['drive'],
      section: null,
      way: { id: 'bevel', option: 'up' },
      found: { id: 'bevel', option: 'down' },
    });
    expect(ready).toBe(false);
  });

  it('tells a need that is met from one that is not', async () => {
    const order = { line: 'renew--seal', state: 'came', date: '2026-11-21' } as const;
    const came = noteOrder({ ...order, supplier: '', partNumber: '' })(JOB, stamp());
    const washed = answerBuild({ step: 'clean', said: 'done' })(came, stamp());
    const { steps } = await built(washed);
    const need = (step: string, id: string) =>
      steps.find((s) => s.id === step)?.needs.find((n) => n.id === id);
    expect(need('seal', 'order-renew--seal')).toEqual({
      id: 'order-renew--seal',
      words: 'Converter seal has come',
      met: true,
    });
    expect(need('seal', 'gap-face-drive')?.met).toBe(false);
    expect(need('dry-trial', 'step-clean')?.met).toBe(true);
  });

  it('is asked of a file with one job', async () => {
    expect(await errorOf('job.build', { file: fileOf() })).toMatchObject({ field: 'file.jobs' });
    expect(await errorOf('job.build', { file: fileOf(JOB), when: 1 })).toMatchObject({
      field: 'when',
    });
  });
});
