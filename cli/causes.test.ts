import { answerAuxiliary, noteStrip } from '../core/commands/noting';
import { tell } from '../core/commands/telling';
import { emptyJob } from '../core/practice/job';
import { writeFile } from '../core/records/fileFormat';
import { stamp } from '../core/testing/findings';
import { VELTRANE_T6 } from '../demo/sheets';
import { ask, errorOf } from './ask';

const SIGNS = { family: 'crescent', complaint: ['SB'], signs: [{ id: 'vent-open', found: true }] };

interface Causes {
  readonly causes: readonly Readonly<Record<string, unknown>>[];
  readonly settled: boolean;
}
const rank = async (more: object = {}) =>
  (await ask('causes.rank', { ...SIGNS, ...more })) as unknown as Causes;

describe('causes by signs', () => {
  it('come likeliest first, each with its score and what settles it', async () => {
    const { causes, settled } = await rank({
      signs: ['groove-open-to-seal', 'again'].map((id) => ({ id, found: true })),
    });
    expect(causes[0]).toEqual({
      id: 'bushing-groove-reversed',
      name: 'The bushing is in the wrong way round: its oil groove feeds the seal',
      for: [
        'The open end of the bushing’s oil groove is at the seal.',
        'It came back with the same fault after new parts.',
        'It gives what is complained of: seal pushed out.',
      ],
      against: [],
      settle: ['Look at the bushing. Is the blind end of its oil groove at the seal?'],
      cameFrom: null,
      score: 5,
    });
    expect(settled).toBe(true);
  });

  it('take what was looked for and not found as nothing', async () => {
    const at = async (found: boolean) =>
      (await rank({ signs: [{ id: 'vent-blocked', found }] })).causes.find(
        ({ id }) => id === 'drain-small',
      )?.score;
    expect([await at(true), await at(false)]).toEqual([-1, 1]);
  });

  it('are of the build that is named', async () => {
    const has = async (build: string) =>
      (await rank({ family: 'external-gear', build })).causes.map(({ id }) => id);
    expect(await has('plates')).toContain('shuttle-stuck');
    expect(await has('oil')).not.toContain('shuttle-stuck');
  });

  it('refuse what is no sign, no complaint, no build and no cause', async () => {
    const field = async (more: object) =>
      (await errorOf('causes.rank', { ...SIGNS, ...more }))?.field;
    expect(await field({ signs: [{ id: 'nothing', found: true }] })).toBe('signs[0].id');
    expect(await field({ complaint: ['XX'] })).toBe('complaint[0]');
    expect(await field({ build: 'plates' })).toBe('build');
    expect(await field({ settled: { nothing: 'yes' } })).toBe('settled.nothing');
    expect(await field({ settled: { misalignment: 'maybe' } })).toBe('settled.misalignment');
    expect(await field({ family: 'none' })).toBe('family');
  });
});

describe('causes of a job', () => {
  it('come from its file: what was told, found and noted', async () => {
    const start = emptyJob(VELTRANE_T6, '2026-11-20T09:00:00.000Z');
    const done = [
      tell('SB', 'yes'),
      answerAuxiliary('vent', 'blocked'),
      noteStrip({ step: 'seal', way: 'down', state: 'there', remark: '' }),
    ].reduce((job, command) => command(job, stamp()), start);
    const file = JSON.parse(writeFile({ jobs: [done] }, start.createdAt)) as object;
    const { causes, settled } = (await ask('job.causes', { file })) as unknown as Causes;
    expect(causes[0]).toMatchObject({ id: 'drain-blocked', cameFrom: null });
    expect(Object.keys(causes[0] ?? {})).not.toContain('score');
    expect(settled).toBe(true);
  });
});
