import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import { jobOn, T6 } from '../testing/assembly';
import { EVERY_BUILD } from '../testing/builds';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { reversalOf } from './reversal';
import { stepsOf } from './steps';

describe('a job that is given for more than a rebuild', () => {
  const plain = SHEETS.find(({ model }) => model.startsWith('Brunnick H30 '))!;
  const drains = { bodyTurns: true, drains: 'one' as const };
  const gears = { ...plain, reversing: { ...plain.reversing, ...drains } };
  const asked = (work: 'reverse' | 'up-size', sheet: Sheet = gears, more: Partial<Job> = {}) =>
    stepsOf(jobOn(sheet, { rotation: 'clockwise', asked: { work, set: '' }, ...more }), reversalOf);
  const idsOf = (steps: ReturnType<typeof asked>) => steps.map(({ id }) => id);

  it('has the works of reversing where they are done, each with what leaving it out does', () => {
    const steps = asked('reverse');
    const ids = idsOf(steps);
    const before = (one: string, other: string) => {
      expect([one, other, ids.includes(one), ids.indexOf(one) < ids.indexOf(other)]).toEqual([
        one,
        other,
        true,
        true,
      ]);
    };
    before('can-reverse', 'dry-trial');
    before('drill-and-plug', 'clean-drill');
    before('clean-drill', 'seal');
    before('turn-relief', 'valve');
    before('restamp', 'label');
    before('swap-lines', 'fill');
    expect(new Set(ids).size).toBe(ids.length);
    expect(steps.find(({ id }) => id === 'drill-and-plug')?.with).toMatch(
      /^Left out: The seal blows/,
    );
    expect(steps.find(({ id }) => id === 'drain')?.after).toContain('drill-and-plug');
  });

  it('says why a front pump is not reversed', () => {
    const ids = idsOf(asked('reverse', VELTRANE_T6));
    expect(ids.filter((id) => !idsOf(stepsOf(T6)).includes(id))).toEqual(['can-reverse']);
  });

  it('has what is changed along with wider gears', () => {
    const ids = idsOf(asked('up-size'));
    expect(ids).toEqual(expect.arrayContaining(['up-set', 'up-plates', 'up-bolts', 'up-inlet']));
    expect(ids).not.toContain('up-spring');
    expect(
      idsOf(
        asked(
          'up-size',
          SHEETS.find(({ family }) => family === 'fixed-vane'),
        ),
      ),
    ).toContain('up-spring');
  });

  it.each(['reverse', 'up-size'] as const)('puts in the same parts to %s as ever', (work) => {
    for (const sheet of EVERY_BUILD) {
      const parts = (steps: ReturnType<typeof asked>) =>
        steps.filter(({ kind }) => kind !== 'clean').flatMap((step) => step.parts);
      expect(parts(asked(work, sheet))).toEqual(parts(stepsOf(jobOn(sheet))));
    }
  });
});
