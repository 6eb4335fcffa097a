import fc from 'fast-check';
import { characteristicId } from '../../pumps/ids';
import { NEW_SHOP } from '../../records/shop';
import { Evaluator } from '../../guidance/evaluator';
import { evenFrom } from '../../random';
import { limit, sizedJob, WIDE } from '../../testing/mostOnly';
import { VELTRANE_T6 } from '../../testing/sheets';
import { answerOf, neverDone, planFor } from '../../testing/worked';
import { answerWords } from '../../wording/decide';
import { loadHighs } from '../solver/highs';
import { cheapestPlans } from '../solver/plan';
import { problemIn, type Doubt } from './asked';
import { reworkCase } from './case';
import { answerKind } from './decide';
import { cheapestOf, doubtsIn } from './doubts';
import { chanceOfAny, rated, type RatedPlan } from './rated';

describe('gaps too close to call', () => {
  const money = { ...NEW_SHOP.money, comeback: 300 };

  it('are each brought in, read once more or left by themselves, as cheaply as any choice of them', async () => {
    const solve = await loadHighs();
    const even = evenFrom(25);
    for (let n = 0; n < 8; n++) {
      const near = () => 20.072 + 0.012 * even();
      const sizes = {
        ...{ ...WIDE, 'pocket-depth': near(), 'driven-width': 20 + 0.006 * even() },
        ...{ 'bushing-bore': 44.08 + 0.02 * even(), 'hub-diameter': 44 },
      };
      const job = sizedJob(sizes, VELTRANE_T6);
      const rework = reworkCase(job, new Evaluator().state(job), { ...NEW_SHOP, money });
      const all = () => true;
      const doubts = doubtsIn(rework, solve, all);
      const found = cheapestOf(
        doubts,
        (asked, most) => {
          const problem = problemIn(rework, all, new Map(), asked);
          return cheapestPlans(problem, solve, most, 'middle').map((p) =>
            rated(rework, problem, p, doubts),
          );
        },
        1,
      );
      const best = Math.min(...found.map(({ expected }) => expected));
      // Each choice of what is left, by itself; what is read again adds its own cost, whatever else is done.
      const again = doubts.again.map((d) => ({ ...d, cost: d.cost + d.expected }));
      let least = Infinity;
      for (let set = 0; set < 2 ** doubts.left.length; set++) {
        const taken = doubts.left.filter((_, i) => (set >> i) % 2 === 1);
        const asked = [...again, ...taken.map((d) => ({ ...d, cost: 0 }))];
        const problem = problemIn(rework, all, new Map(), asked);
        const [plan] = cheapestPlans(problem, solve);
        if (!plan) continue;
        const does = (id: string) => plan.works.some((w) => w.id === id);
        const used = taken.filter((d) => does(d.id));
        const risk = chanceOfAny(used.map((d) => d.chance));
        least = Math.min(least, plan.cost + risk * money.comeback);
      }
      expect(best).toBeLessThanOrEqual(least + 1e-6);
    }
  });
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
      ...{ minLength: 1, maxLength: 5 },
    });
    const costs = fc.array(fc.integer({ min: 0, max: 2000 }), { minLength: 32, maxLength: 32 });
    const gap = (i: number) => characteristicId(`gap-${i}`);
    fc.assert(
      fc.property(chances, costs, fc.integer({ min: 0, max: 3000 }), (all, cost, comeback) => {
        const left = all.map((chance, i) => ({
          ...{ id: `leave--gap-${i}`, gap: gap(i), gaps: [gap(i)], chance },
        }));
        // Each choice of gaps that are left is a plan of its own, with any price.
        const plans = Array.from({ length: 2 ** left.length }, (_, set): RatedPlan => {
          const leaves = left.filter((_, i) => (set >> i) % 2 === 1);
          const chance = chanceOfAny(leaves.map((d) => d.chance));
          return {
            ...{ works: [], cost: cost[set]!, chance, leaves: leaves.map((d) => d.gap), again: [] },
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
