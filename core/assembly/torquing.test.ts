import { answerBuild, drawUp, slackenStage } from '../commands/building';
import { writeFile } from '../records/fileFormat';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import { readFile } from '../records/readFile';
import { itemAt, jobOn, listOf, T6 } from '../testing/assembly';
import { EVERY_BUILD } from '../testing/builds';
import { exchanged, stamp } from '../testing/findings';
import { AT } from '../testing/readings';
import { VELTRANE_T6 } from '../testing/sheets';
import { nextStepOf } from './list';

describe('bolts', () => {
  const up = (job: Job, stage: number, ...bolts: number[]) =>
    drawUp({ step: 'fasten-2', stage, bolts, unit: 'Nm', wrench: null })(job, stamp());
  const torque = (job: Job) => itemAt(job, 'fasten-2').torquing!;

  it('are drawn up crosswise, and go on where they were left', () => {
    expect(torque(T6)).toMatchObject({ count: 8, drawn: true, next: { stage: 0, bolt: 1 } });
    const left = up(T6, 0, 1, 5, 2);
    expect(torque(left).next).toEqual({ stage: 0, bolt: 6 });
    const [read] = readFile(writeFile({ jobs: [left] }, AT)).jobs;
    expect(torque(read!).next).toEqual({ stage: 0, bolt: 6 });
    const whole = up(left, 0, ...torque(left).order);
    expect(torque(whole).next).toEqual({ stage: 1, bolt: 1 });
    expect(torque(slackenStage('fasten-2', 0)(whole, stamp())).next).toEqual({ stage: 0, bolt: 1 });
  });

  it('are set on a bare wrench where the extension of a file reaches back over the grip', () => {
    const wrench = { length_mm: 300, extension_mm: 300, angle_deg: 180 };
    const odd = drawUp({ step: 'fasten-2', stage: 0, bolts: [1], unit: 'Nm', wrench })(T6, stamp());
    expect(torque(odd).wrench).toBeNull();
    expect(torque(odd).stages).toEqual(torque(up(T6, 0, 1)).stages);
  });

  it('are drawn up again once a part that they hold was exchanged since', () => {
    const whole = up(T6, 0, ...torque(T6).order);
    expect(torque(whole).next?.stage).toBe(1);
    expect(torque(exchanged(whole, 'drive')).next).toEqual({ stage: 0, bolt: 1 });
    const again = up(exchanged(whole, 'drive'), 0, 1);
    expect(torque(again).next).toEqual({ stage: 0, bolt: 5 });
  });

  it('are counted on a sheet without bolts by its own drawing, and not by that of an example', () => {
    const bare = { ...VELTRANE_T6, fasteners: [] };
    const counted = (sheet: Sheet) => itemAt(jobOn(sheet), 'fasten-1').torquing?.count;
    expect(counted({ ...bare, examples: [] })).toBe(8);
    expect(counted({ ...bare, examples: ['bolts'] })).toBe(1);
  });

  it('come next where they were left, whatever else is open', () => {
    expect(nextStepOf(listOf(T6))?.step.id).toBe('clean');
    expect(nextStepOf(listOf(up(T6, 0, 1)))?.step.id).toBe('fasten-2');
    const off = answerBuild({ step: 'fasten-2', said: 'later' })(up(T6, 0, 1), stamp());
    expect(nextStepOf(listOf(off))?.step.id).toBe('clean');
  });

  it('are set by the stage, the unit of the wrench and its extension; a range keeps both ends', () => {
    const [bolts] = VELTRANE_T6.fasteners;
    const ranged = jobOn({
      ...VELTRANE_T6,
      fasteners: [{ ...bolts!, torque: 60, torqueTo: 66, unit: 'Nm' }],
    });
    expect(torque(ranged).stages.map(({ set }) => set)).toEqual([
      { from: expect.closeTo(39.6), to: expect.closeTo(43.56) },
      { from: 60, to: 66 },
    ]);
    const wrench = { length_mm: 400, extension_mm: 100, angle_deg: 0 };
    const feet = drawUp({ step: 'fasten-2', stage: 0, bolts: [1], unit: 'lbft', wrench })(
      ranged,
      stamp(),
    );
    // 60 N·m are 44.25 lbf·ft; an extension of a quarter of the wrench takes a fifth off.
    expect(torque(feet).stages[1]?.set?.from).toBeCloseTo(35.4, 1);
  });

  it('of which nobody knows how many are drawn up as one', () => {
    const sheet = EVERY_BUILD.find(({ family }) => family === 'fixed-vane')!;
    expect(itemAt(jobOn(sheet), 'fasten-1').torquing).toMatchObject({ count: 1, drawn: false });
  });
});
