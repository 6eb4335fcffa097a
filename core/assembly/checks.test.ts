import { answerAuxiliary } from '../commands/noting';
import { NOT_HERE } from '../inspect/clutches';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import { itemAt, jobOn, listOf } from '../testing/assembly';
import { stamp } from '../testing/findings';
import { VELTRANE_T6 } from '../testing/sheets';

const sheet: Sheet = {
  ...VELTRANE_T6,
  clutches: [
    {
      id: 'stator',
      name: 'Stator clutch',
      free: 'clockwise',
      turned: 'inner race',
      seenFrom: 'pump side',
      tabs: '',
      washers: 1,
      pins: null,
    },
  ],
};
const job = jobOn(sheet);
const answered = (check: string, answer: string, from: Job = job) =>
  answerAuxiliary(check, answer)(from, stamp());
const beside = (from: Job, name: RegExp) =>
  listOf(from).flatMap(({ step, checks }) =>
    checks.filter((c) => name.test(c.name)).map((check) => ({ step: step.id, ...check })),
  );

describe('small checks at the build', () => {
  it('of a clutch stand where the unit takes the pump in, right beside what was found', () => {
    const [free, ...others] = beside(job, /free direction/);
    expect(others).toEqual([]);
    expect(free).toMatchObject({ step: 'mount', right: 'clockwise', found: '', isAmiss: false });
    expect(beside(answered('stator-free', 'both'), /free direction/)).toEqual([
      expect.objectContaining({ right: 'clockwise', found: 'both', isAmiss: true }),
    ]);
  });

  it('are none of a clutch that the unit does not have', () => {
    expect(beside(answered('stator-free', NOT_HERE), /Stator clutch/)).toEqual([]);
  });

  it('of other things stand before all else where something was amiss, and nowhere else', () => {
    const [first] = listOf(job).filter(({ step }) => step.kind === 'check');
    expect(first!.checks).toEqual([]);
    const rocking = answered('splines', 'rocks');
    expect(itemAt(rocking, first!.step.id).checks).toEqual([
      { name: 'Stator support splines', right: 'slides, no rock', found: 'rocks', isAmiss: true },
    ]);
    expect(beside(rocking, /splines/)).toHaveLength(1);
  });
});
