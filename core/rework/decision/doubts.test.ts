import fc from 'fast-check';
import { characteristicId } from '../../pumps/ids';
import { NEW_SHOP } from '../../records/shop';
import { evenFrom } from '../../random';
import { limit, sizedJob, WIDE } from '../../testing/mostOnly';
import { cheaperChoice } from '../../testing/searchedPlan';
import { VELTRANE_T6 } from '../../testing/sheets';
import { answerOf, neverDone, planFor } from '../../testing/worked';
import { answerWords } from '../../wording/decide';
import { loadHighs } from '../solver/highs';
import type { Doubt } from './asked';
import { answerKind } from './decide';
import { cheapestOf } from './doubts';
import { chanceOfAny, type RatedPlan } from './rated';

describe('gaps too close to call', () => {
  const money = { ...NEW_SHOP.money, comeback: 300 };

  it.each([1, 2, 3, 4, 5, 6, 7, 8])(
    'are each brought in, read once more or left: no search through all choices finds a cheaper one: pump %d',
    async (n) => {
      const even = evenFrom(25 + n);
      const sizes = {
        ...WIDE,
        'pocket-depth': 20.072 + 0.012 * even(),
        'driven-width': 20 + 0.006 * even(),
        'bushing-bore': 44.08 + 0.02 * even(),
        'hub-diameter': 44,
      };
      const { rework, solved } = await planFor(sizedJob(sizes, VELTRANE_T6), { money });
      const solve = await loadHighs();
      expect(cheaperChoice(rework, solved, 1e-6, solve)).toBeNull();
      // The search finds the plan itself where it may cost as much.
      const { expected } = solved.plans[0]!;
      expect(cheaperChoice(rework, solved, -1e-3, solve)).toBeCloseTo(expected, 6);
    },
  );
  it('are read once more where that is cheaper than making sure or leaving it', async () => {
    const sheet = { ...VELTRANE_T6, limits: [limit('face-drive', 0.02, 0.08)] };
    const near = sizedJob({ ...WIDE, 'pocket-depth': 20.076 }, sheet);
    const never = neverDone(
      'deck-faced',
      'gear-set',
      'cover-ground',
      'cover-renewed',
      'face-lapped',
    );
    const dear = { operations: never, money: { ...money, comeback: 5000 } };
    const { rework, solved } = await planFor(near, dear);
    const [plan] = solved.plans;
    expect([plan!.again, plan!.leaves]).toEqual([['face-drive'], []]);
    expect(plan!.works.map(({ id }) => id)).toEqual(['measure-again--face-drive']);
    expect(plan!.cost).toBeCloseTo((10 / 60) * money.rate, 9);
    const [, sum] = rework.watched.map((w) => w.assessment);
    const body = solved.plans.find((p) => p.works.some(({ id }) => id === 'body-renewed--body'));
    expect(plan!.expected - plan!.cost).toBeCloseTo((1 - sum!.probability!) * body!.cost, 6);
    expect(answerKind(answerOf({ rework, solved }, false))).toBe('measure');
    expect(answerWords(answerOf({ rework, solved }, false))).toBe(
      'Zero and measure again: end clearance, drive gear. Then decide.',
    );
  });

  it('leave the least that is expected of any plan, whatever plans there are', () => {
    const chances = fc.array(fc.double({ min: 0.01, max: 0.95, noNaN: true }), {
      minLength: 1,
      maxLength: 5,
    });
    const costs = fc.array(fc.integer({ min: 0, max: 2000 }), { minLength: 32, maxLength: 32 });
    const gap = (i: number) => characteristicId(`gap-${i}`);
    fc.assert(
      fc.property(chances, costs, fc.integer({ min: 0, max: 3000 }), (all, cost, comeback) => {
        const left = all.map((chance, i) => ({
          id: `leave--gap-${i}`,
          gap: gap(i),
          gaps: [gap(i)],
          chance,
        }));
        // Each choice of gaps that are left is a plan of its own, with any price.
        const plans = Array.from({ length: 2 ** left.length }, (_, set): RatedPlan => {
          const leaves = left.filter((_, i) => (set >> i) % 2 === 1);
          const chance = chanceOfAny(leaves.map((d) => d.chance));
          return {
            works: [],
            cost: cost[set]!,
            chance,
            leaves: leaves.map((d) => d.gap),
            again: [],
            expected: cost[set]! + chance * comeback,
          };
        });
        const priced = (plan: RatedPlan, asked: readonly Doubt[]) =>
          asked.reduce(
            (sum, d) => sum + (plan.leaves.includes(d.gaps[0]!) ? d.cost : 0),
            plan.cost,
          );
        const found = cheapestOf(
          { left, again: [], comeback },
          (asked, most) =>
            [...plans].sort((a, b) => priced(a, asked) - priced(b, asked)).slice(0, most),
          1,
        );
        const least = (list: readonly RatedPlan[]) => Math.min(...list.map((p) => p.expected));
        expect(least(found)).toBeCloseTo(least(plans), 6);
      }),
    );
  });
});
