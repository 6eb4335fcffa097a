import { VELTRANE_T6 } from '../../testing/sheets';
import { carryOut } from '../../commands/deciding';
import { Evaluator } from '../../guidance/evaluator';
import type { Job } from '../../records/job';
import { NEW_SHOP } from '../../records/shop';
import { exchanged, stamp } from '../../testing/findings';
import { WIDE, limit, mostOnly, sizedJob, RULES } from '../../testing/mostOnly';
import { neverDone, planFor } from '../../testing/worked';
import { stepWords } from '../../wording/planStep';
import { loadHighs } from '../solver/highs';
import { reworkCase } from './case';
import { unseenBy } from './decide';
import { atStep } from './hand';
import { plannedOperations } from './lines';
import { firstOf } from './measure';
import { amountsOf, outAfter, solveRework } from './solve';

describe('amounts that hands can hold', () => {
  const NO_POLISH = neverDone('shaft-polished', 'hub-renewed');

  it('are whole steps inside their range; where none is, the amount stays', () => {
    expect(atStep(0.0317, { from_mm: 0.024, to_mm: 0.043 }, 0.01)).toBeCloseTo(0.03, 12);
    expect(atStep(0.0317, { from_mm: 0.031, to_mm: 0.043 }, 0.01)).toBeCloseTo(0.04, 12);
    expect(atStep(0.0317, { from_mm: 0.031, to_mm: 0.033 }, 0.01)).toBe(0.0317);
    expect(atStep(0.03, { from_mm: 0.03, to_mm: 0.03 }, 0.01)).toBeCloseTo(0.03, 12);
  });
  it('are half thou in a shop that reads thou, and a fifth of that for a hone', async () => {
    const thou = await planFor(sizedJob(WIDE, mostOnly()), { unit: 'thou' });
    const amount = thou.solved.plans[0]!.works[0]!.amount_mm / 0.0127;
    expect(amount).toBeCloseTo(Math.round(amount), 9);
  });
  it.each(['free', 'snug'] as const)(
    'hone a %s hub’s bushing to the bore that its steps end at',
    async (bushing) => {
      const sheet = { ...VELTRANE_T6, limits: [limit('hub-bushing', 0.03, 0.09)] };
      const job = sizedJob({ 'bushing-bore': 44.02, 'hub-diameter': 44 }, sheet, {
        rules: { ...RULES, bushing },
      });
      const { rework, solved } = await planFor(job, { operations: NO_POLISH });
      const hone = solved.plans[0]!.works.find(({ id }) => id.startsWith('bushing-honed'))!;
      const clearance = 0.02 + hone.amount_mm;
      expect(clearance).toBeGreaterThan(bushing === 'free' ? 0.055 : 0.03);
      expect(clearance).toBeLessThan(bushing === 'free' ? 0.09 : 0.065);
      const out = outAfter(rework, amountsOf(solved.plans[0]!));
      expect(out.map((a) => a.characteristic.id)).not.toContain('hub-bushing');
    },
  );
});

describe('a washer', () => {
  it('comes in the sizes that can be had', async () => {
    const sheet = {
      ...VELTRANE_T6,
      limits: [limit('pump-to-unit', 0.3, 0.6)],
      washers_mm: [1.6, 1.9, 2.4],
    };
    const sizes = { 'unit-depth': 60, 'pump-height': 57.2, 'washer-thickness': 1.9 };
    const { rework, solved } = await planFor(sizedJob(sizes, sheet));
    const [washer] = plannedOperations(rework, solved.plans[0]!);
    expect(washer?.offer.washer_mm).toBe(2.4);
    expect(stepWords(washer!, 'mm')).toBe('Fit the 2.40 mm washer.');
    const none = await planFor(sizedJob(sizes, { ...sheet, washers_mm: [] }));
    expect(none.solved.plans[0]?.works[0]?.id).toMatch(/^washer-thicker/);
  });
});

describe('between two cuts', () => {
  it('amounts are worked out again from what the first was', async () => {
    const job = sizedJob({ ...WIDE, 'driven-width': 20 }, mostOnly());
    const { rework, solved } = await planFor(job);
    const [cut] = plannedOperations(rework, solved.plans[0]!);
    const after = carryOut(cut!.offer, null, 0.02, 0.003)(job, stamp());
    const state = new Evaluator().state(after);
    const next = reworkCase(after, state, NEW_SHOP, { predicted: true });
    const plan = solveRework(next, await loadHighs(), new Map([[cut!.offer.id, 'on' as const]]))
      .plans[0]!;
    const was = solved.plans[0]!.works[0]!;
    const is = plan.works.find(({ id }) => id === was.id)!;
    expect(is.to_mm).toBeLessThan(was.to_mm - 0.015);
    expect(is.from_mm).toBeLessThan(was.from_mm);
  });
  it('what the next would narrow is measured first, once another part was put in', () => {
    const unseenOf = (job: Job) => {
      const next = reworkCase(job, new Evaluator().state(job), NEW_SHOP, { predicted: true });
      const offer = next.offers.find(({ id }) => id === 'deck-faced--body')!;
      const unseen = unseenBy(next, [{ offer }]);
      return [unseen.map((a) => a.characteristic.id), firstOf(next, unseen)?.characteristic];
    };
    const job = sizedJob({ ...WIDE, 'driven-width': 20 }, mostOnly());
    expect(unseenOf(job)).toEqual([[], undefined]);
    const swapped = exchanged(exchanged(job, 'drive'), 'driven');
    expect(unseenOf(swapped)).toEqual([['face-drive', 'face-driven'], 'face-drive']);
  });
});
