import fc from 'fast-check';
import { leastAtCorner, type Inequality } from '../../testing/vertices';
import { loadHighs } from './highs';
import { blockingRows } from './blocking';
import { cheapestPlans, type Solution } from './plan';
import {
  costOf,
  rangeOf,
  valueAfter,
  type Amounts,
  type Effect,
  type Problem,
  type Row,
  type WorkOption,
} from './problem';
import type { Solver } from './program';

let solve: Solver;
beforeAll(async () => {
  solve = await loadHighs();
});

const row = (
  id: string,
  value_mm: number,
  [lower_mm, upper_mm]: readonly [number | null, number | null],
  moved: Readonly<Record<string, number | Effect>>,
): Row => ({
  id,
  value_mm,
  lower_mm,
  upper_mm,
  moved: new Map(
    Object.entries(moved).map(([work, by]) => [
      work,
      typeof by === 'number' ? { perMm: by, once_mm: 0 } : by,
    ]),
  ),
});
const work = (id: string, fixedCost: number, more: Partial<WorkOption> = {}): WorkOption => ({
  id,
  fixedCost,
  min_mm: 0,
  max_mm: 0.2,
  costPerMm: 0,
  ...more,
});
const problem = (
  rows: readonly Row[],
  works: readonly WorkOption[],
  excludes: Problem['excludes'] = [],
): Problem => ({ rows, works, excludes });
const amountsOf = ({ works }: Solution): Amounts =>
  new Map(works.map(({ id, amount_mm }) => [id, amount_mm]));
const idsOf = (plan: Solution | undefined) => plan?.works.map(({ id }) => id);

const FACE = row('face', 0.09, [0.02, 0.08], { deck: -1, gears: 1 });

describe('the cheapest plans', () => {
  it('take nothing where nothing is out', () => {
    const sound = problem([row('face', 0.05, [0.02, 0.08], { deck: -1 })], [work('deck', 40)]);
    expect(cheapestPlans(sound, solve, 3)).toEqual([{ cost: 0, works: [] }]);
  });
  it('keep to the middle of what is in where metal costs nothing', () => {
    const [plan] = cheapestPlans(problem([FACE], [work('deck', 40)]), solve);
    expect(plan).toMatchObject({ cost: 40 });
    expect(plan?.works[0]?.amount_mm).toBeCloseTo(0.04, 6);
    expect(plan?.works[0]?.from_mm).toBeCloseTo(0.01, 9);
    expect(plan?.works[0]?.to_mm).toBeCloseTo(0.07, 9);
  });
  it('take the least that is in where metal costs, or the middle where that is the aim', () => {
    const priced = problem([FACE], [work('deck', 40, { costPerMm: 100 })]);
    const [least] = cheapestPlans(priced, solve);
    expect(least?.works[0]?.amount_mm).toBeCloseTo(0.01, 9);
    expect(least?.cost).toBeCloseTo(41, 9);
    const [middle] = cheapestPlans(priced, solve, 1, 'middle');
    expect(middle?.works[0]?.amount_mm).toBeCloseTo(0.04, 6);
  });
  it('take no more than a hundredth beyond a limit that stands alone', () => {
    const upper = problem([row('face', 0.09, [null, 0.08], { deck: -1 })], [work('deck', 40)]);
    const [plan] = cheapestPlans(upper, solve, 1, 'middle');
    expect(plan?.works[0]?.amount_mm).toBeCloseTo(0.02, 6);
    expect(plan?.works[0]?.to_mm).toBe(0.2);
  });
  it('are the cheapest few, none of them another with more done', () => {
    const works = [work('deck', 40), work('wider', 140, { max_mm: 0.05 }), work('polish', 1)];
    const rows = [row('face', 0.09, [0.02, 0.08], { deck: -1, wider: -1 })];
    const plans = cheapestPlans(problem(rows, works), solve, 5);
    expect(plans.map(idsOf)).toEqual([['deck'], ['wider']]);
    expect(plans.map(({ cost }) => cost)).toEqual([40, 140]);
  });
  it('hold to what was asked for and to what excludes each other', () => {
    const works = [work('deck', 40), work('wider', 140, { required: true })];
    const rows = [row('face', 0.09, [0.02, 0.08], { deck: -1, wider: -1 })];
    expect(idsOf(cheapestPlans(problem(rows, works), solve)[0])).toEqual(['wider']);
    const either = [row('a', 1, [null, 0.9], { x: -1 }), row('b', 1, [null, 0.9], { y: -1 })];
    const both = [work('x', 1), work('y', 1)];
    expect(idsOf(cheapestPlans(problem(either, both), solve)[0])).toEqual(['x', 'y']);
    expect(cheapestPlans(problem(either, both, [['x', 'y']]), solve)).toEqual([]);
  });
  it('count what a work does by being done at all', () => {
    const ground = row('wear', 0.03, [null, 0.01], { grind: { perMm: 0, once_mm: -0.03 } });
    const [plan] = cheapestPlans(problem([ground], [work('grind', 25, { min_mm: 0.03 })]), solve);
    expect(plan?.works).toEqual([{ id: 'grind', amount_mm: 0.03, from_mm: 0.03, to_mm: 0.2 }]);
  });
});

describe('waiting', () => {
  const out = [row('a', 1, [null, 0.9], { x: -1, y: -1 }), row('b', 1, [null, 0.9], { z: -1 })];

  it('costs the longest of all that is waited for, once', () => {
    const works = [work('x', 10, { days: 3 }), work('z', 10, { days: 2 })];
    const waits = { ...problem(out, works), dayCost: 100 };
    expect(cheapestPlans(waits, solve)[0]?.cost).toBeCloseTo(320, 6);
  });
  it('is weighed against what is dearer and there at once', () => {
    const works = [work('x', 10, { days: 3 }), work('y', 90), work('z', 10)];
    const at = (dayCost: number) =>
      idsOf(cheapestPlans({ ...problem(out, works), dayCost }, solve)[0]);
    expect([at(10), at(100)]).toEqual([
      ['x', 'z'],
      ['y', 'z'],
    ]);
  });
});

describe('one of several works', () => {
  it('is done whatever the rows say: the cheapest, unless a row asks for another', () => {
    const works = [work('x', 10), work('y', 30)];
    const sound = { ...problem([], works), oneOf: [['x', 'y']] };
    expect(cheapestPlans(sound, solve, 3).map(idsOf)).toEqual([['x'], ['y']]);
    const asks = { ...problem([row('a', 1, [null, 0.9], { y: -1 })], works), oneOf: [['x', 'y']] };
    expect(idsOf(cheapestPlans(asks, solve)[0])).toEqual(['y']);
  });
});

describe('what blocks', () => {
  it('is each row that nothing brings in, and by how much', () => {
    const rows = [FACE, row('wall', 0.3, [null, 0.2], {}), row('tip', 0.4, [null, 0.1], { t: -1 })];
    const works = [work('deck', 40), work('t', 5, { max_mm: 0.25 })];
    const blocking = blockingRows(problem(rows, works), solve);
    expect(blocking.map(({ id }) => id)).toEqual(['wall', 'tip']);
    expect(blocking[0]?.short_mm).toBeCloseTo(0.1, 6);
    expect(blocking[1]?.short_mm).toBeCloseTo(0.05, 6);
  });
  it('is what stays out where each could be brought in but not all', () => {
    const rows = [row('a', 0.1, [null, 0.05], { x: -1 }), row('b', 0.1, [0.08, null], { x: -1 })];
    const blocking = blockingRows(problem(rows, [work('x', 1)]), solve);
    expect(blocking).toHaveLength(1);
    expect(blocking[0]?.short_mm).toBeCloseTo(0.03, 6);
  });
  it('is a window that the guard has closed', () => {
    const rows = [row('a', 0.05, [0.06, 0.04], { x: -1 })];
    expect(blockingRows(problem(rows, [work('x', 1)]), solve)[0]?.short_mm).toBeCloseTo(0.01, 6);
  });
});

const hundredths = (min: number, max: number) => fc.integer({ min, max }).map((n) => n / 100);
const WORKS = ['a', 'b', 'c'];

const works = fc.tuple(
  ...WORKS.map((id) =>
    fc
      .tuple(
        hundredths(0, 5),
        hundredths(0, 20),
        fc.integer({ min: 0, max: 9 }),
        fc.nat({ max: 50 }),
      )
      .map(([min_mm, span, fixedCost, costPerMm]): WorkOption => ({
        id,
        min_mm,
        max_mm: min_mm + span,
        fixedCost,
        costPerMm,
      })),
  ),
);
const rows = fc.array(
  fc
    .tuple(
      hundredths(-20, 20),
      hundredths(-10, 10),
      hundredths(0, 15),
      fc.array(fc.constantFrom(-1, -0.5, 0, 1), { minLength: 3, maxLength: 3 }),
      fc.array(hundredths(-5, 5), { minLength: 3, maxLength: 3 }),
      fc.constantFrom('both', 'lower', 'upper'),
    )
    .map(([value, lower, window, perMm, once, sides]) => ({
      value,
      lower,
      window,
      perMm,
      once,
      sides,
    })),
  { minLength: 1, maxLength: 4 },
);
const problems = fc.tuple(rows, works, fc.boolean()).map(([drawn, all, apart]) =>
  problem(
    drawn.map(({ value, lower, window, perMm, once, sides }, i) => {
      const limits = [
        sides === 'upper' ? null : lower,
        sides === 'lower' ? null : lower + window,
      ] as const;
      const moved = WORKS.map((id, k) => [id, { perMm: perMm[k] ?? 0, once_mm: once[k] ?? 0 }]);
      return row(`row-${i}`, value, limits, Object.fromEntries(moved) as Record<string, Effect>);
    }),
    all,
    apart ? [['a', 'b']] : [],
  ),
);

const SETS = [...Array(8).keys()].map((bits) => WORKS.filter((_, i) => bits & (1 << i)));

/** Returns the cost of the cheapest plan, found by trying every set of works and every corner of its amounts. */
function costByTrying({ rows: all, works: offered, excludes }: Problem): number | null {
  const costs = SETS.flatMap((ids) => {
    if (excludes.some((pair) => pair.every((id) => ids.includes(id)))) return [];
    const set = offered.filter(({ id }) => ids.includes(id));
    const nothing: Amounts = new Map(ids.map((id) => [id, 0]));
    const unit = (i: number, by: number) => set.map((_, k) => (k === i ? by : 0));
    const inside = all.flatMap((r): Inequality[] => {
      const base = valueAfter(r, nothing);
      const factors = set.map(({ id }) => r.moved.get(id)?.perMm ?? 0);
      return [
        ...(r.upper_mm === null ? [] : [{ factors, most: r.upper_mm - base }]),
        ...(r.lower_mm === null
          ? []
          : [{ factors: factors.map((f) => -f), most: base - r.lower_mm }]),
      ];
    });
    const amounts = set.flatMap(({ min_mm, max_mm }, i): Inequality[] => [
      { factors: unit(i, 1), most: max_mm },
      { factors: unit(i, -1), most: -min_mm },
    ]);
    const fixed = set.reduce((sum, { fixedCost }) => sum + fixedCost, 0);
    const least = leastAtCorner(
      set.map(({ costPerMm }) => costPerMm),
      [...inside, ...amounts],
    );
    return least === null ? [] : [fixed + least];
  });
  return costs.length > 0 ? Math.min(...costs) : null;
}

const isIn = (r: Row, amounts: Amounts): boolean => {
  const value = valueAfter(r, amounts);
  return value >= (r.lower_mm ?? -Infinity) - 1e-8 && value <= (r.upper_mm ?? Infinity) + 1e-8;
};

describe('any plan', () => {
  it('costs what the cheapest does, and there is one wherever there can be', () => {
    fc.assert(
      fc.property(problems, (p) => {
        const [plan] = cheapestPlans(p, solve);
        const cost = costByTrying(p);
        if (cost === null) {
          expect(plan).toBeUndefined();
          expect(blockingRows(p, solve)).not.toEqual([]);
        } else expect(plan?.cost).toBeCloseTo(cost, 6);
      }),
    );
  });
  it('keeps all inside over the whole range of every amount, by plain arithmetic', () => {
    fc.assert(
      fc.property(problems, fc.constantFrom('cheapest' as const, 'middle' as const), (p, aim) => {
        const plans = cheapestPlans(p, solve, 4, aim);
        for (const plan of plans) {
          const amounts = amountsOf(plan);
          expect(plan.cost).toBe(costOf(p, amounts));
          expect(p.rows.filter((r) => !isIn(r, amounts))).toEqual([]);
          for (const { id, from_mm, to_mm, amount_mm } of plan.works) {
            expect(from_mm).toBeLessThanOrEqual(amount_mm);
            expect(to_mm).toBeGreaterThanOrEqual(amount_mm);
            for (const amount of [from_mm, (from_mm + to_mm) / 2, to_mm]) {
              const other = new Map([...amounts, [id, amount]]);
              expect(p.rows.filter((r) => !isIn(r, other))).toEqual([]);
            }
          }
        }
        const sets = plans.map((plan) => new Set(idsOf(plan)));
        for (const [i, set] of sets.entries()) {
          for (const earlier of sets.slice(0, i)) {
            expect([...earlier].every((id) => set.has(id))).toBe(false);
          }
        }
        if (aim === 'cheapest') {
          const costs = plans.map(({ cost }) => cost);
          costs
            .slice(1)
            .forEach((cost, i) => expect(cost).toBeGreaterThanOrEqual((costs[i] ?? 0) - 1e-6));
        }
      }),
    );
  });
  it('has no wider range than it says', () => {
    fc.assert(
      fc.property(problems, (p) => {
        const [plan] = cheapestPlans(p, solve);
        if (!plan) return;
        const amounts = amountsOf(plan);
        for (const { id } of plan.works) {
          const { from_mm, to_mm } = rangeOf(p, amounts, id);
          const { min_mm = 0, max_mm = 0 } = p.works.find((w) => w.id === id) ?? {};
          const out = (amount: number) =>
            amount < min_mm - 1e-9 ||
            amount > max_mm + 1e-9 ||
            p.rows.some((r) => !isIn(r, new Map([...amounts, [id, amount]])));
          expect(out(from_mm - 0.001)).toBe(true);
          expect(out(to_mm + 0.001)).toBe(true);
        }
      }),
    );
  });
});
