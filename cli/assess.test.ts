import { dimensionId, stationId } from '../core/pumps/ids';
import { withReading } from '../core/journal/commands';
import { faced } from '../core/testing/findings';
import { pumpOf } from '../core/pumps/registry';
import { writeFile } from '../core/records/fileFormat';
import type { Job } from '../core/records/job';
import { emptyJob } from '../core/practice/job';
import { VELTRANE_T6 } from '../demo/sheets';
import { sizeAt } from '../core/practice/gauge';
import { ask, errorOf } from './ask';

describe('the state of a job', () => {
  const job = emptyJob(VELTRANE_T6, '2026-11-20T09:00:00.000Z');
  const mic = { u_mm: 0.003, own_mm: 0.0015, off_mm: 0 };
  const sizes = [
    ...['12', '6', '3', '9'].map((s) =>
      sizeAt(dimensionId('pocket-depth'), stationId(s), `d${s}`, 20.06, mic),
    ),
    sizeAt(dimensionId('drive-width'), stationId('a'), 'wa', 20, mic),
  ].reduce(withReading, job);
  const worked = faced(sizes, 0.02);
  /** Of a depth less a width. */
  const U = Math.hypot(mic.u_mm, mic.u_mm);
  const fileOf = (...jobs: Job[]) => JSON.parse(writeFile({ jobs }, job.createdAt)) as object;
  interface Answer {
    characteristics: Record<string, unknown>[];
    dimensions: { id: string }[];
  }
  const state = async (of: Job) =>
    (await ask('job.assess', { file: fileOf(of) })) as unknown as Answer;
  const face = async (of: Job) =>
    (await state(of)).characteristics.find((c) => c.id === 'face-drive');

  it('is every characteristic, with an interval for what is known of it', async () => {
    expect((await state(sizes)).characteristics.map((c) => c.id)).toEqual(
      pumpOf(VELTRANE_T6).characteristics.map((c) => c.id),
    );
    expect(await face(sizes)).toMatchObject({
      now: { largest: { hi_mm: expect.closeTo(0.06 + 2 * U, 9) as number } },
      before: null,
      predicted: null,
    });
    expect(await face(job)).toMatchObject({ now: null, verdict: 'open', probability: null });
  });
  it('tells the smallest and the largest of several sizes as ± 2u, neither reaching over the other', async () => {
    const near = (mm: number) => expect.closeTo(mm, 9) as number;
    const end = { lo_mm: near(0.06 - 2 * U), hi_mm: near(0.06 + 2 * U) };
    expect((await face(sizes))?.now).toEqual({ smallest: end, largest: end });
  });
  it('is before, predicted and open again after work', async () => {
    expect(await face(worked)).toMatchObject({
      now: null,
      before: (await face(sizes))?.now,
      predicted: {
        largest: { hi_mm: expect.closeTo(0.04 + 2 * U, 9) as number },
      },
      verdict: 'open',
    });
    expect((await state(worked)).dimensions.find((d) => d.id === 'pocket-depth')).toEqual({
      id: 'pocket-depth',
      part: 'body',
      best_mm: expect.closeTo(20.04, 9) as number,
      u_mm: 0.003,
      smallest_mm: expect.closeTo(20.04, 9) as number,
      largest_mm: expect.closeTo(20.04, 9) as number,
      readings: 4,
      source: 'worked',
    });
  });
  it('wants one job in a sound file', async () => {
    expect((await errorOf('job.assess', { file: fileOf() }))?.field).toBe('file.jobs');
    expect((await errorOf('job.assess', { file: fileOf(job, { ...job, id: 'b' }) }))?.field).toBe(
      'file.jobs',
    );
    expect((await errorOf('job.assess', { file: fileOf({ ...job, tag: '' }) }))?.field).toBe(
      'file.jobs[0].tag',
    );
    expect((await errorOf('job.assess', { file: {} }))?.field).toBe('file');
    expect((await errorOf('job.assess', { file: 'x' }))?.field).toBe('file');
  });
});
