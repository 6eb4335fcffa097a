import { jobWithSizes, planFor, neverDone } from '../../testing/worked';
import { fleetOf } from './fleet';
import { NEW_SHOP } from '../../records/shop';

const SOUND = { 'pocket-depth': 20.05, 'drive-width': 20, 'track-depth': 10, 'face-depth': 10 };
const always = (tag: string, sizes: Record<string, number>) => {
  const job = jobWithSizes(sizes, { tag });
  return { ...job, rules: { ...job.rules, renew: 'always' as const, decision: 'plain' as const } };
};

describe('a fleet', () => {
  it('wants each spare as often as pumps ask for it, and knows what all of it takes', async () => {
    const wide = { ...SOUND, 'pocket-depth': 20.09 };
    const jobs = await Promise.all([planFor(always('A', SOUND)), planFor(always('B', wide))]);
    const fleet = fleetOf(jobs);
    expect(fleet.spares).toMatchObject([
      {
        on: 'Bushing',
        model: 'Veltrane T6 front pump',
        tags: ['A', 'B'],
        price: 12,
        days: 0,
        example: true,
      },
    ]);
    expect(fleet.givenUp).toEqual([]);
    expect(fleet.minutes).toBe(35 + 35 + 50);
    expect(fleet.work).toBeCloseTo(24 + (120 / 60) * NEW_SHOP.money.rate, 9);
  });
  it('names the pumps that no work brings in, and counts nothing for them', async () => {
    const never = neverDone('deck-faced', 'body-renewed', 'gear-set');
    const job = always('C', { ...SOUND, 'pocket-depth': 20.3 });
    const fleet = fleetOf([await planFor(job, { operations: never })]);
    expect(fleet).toEqual({ spares: [], givenUp: ['C'], minutes: 0, work: 0, example: false });
  });
});
