import fc from 'fast-check';
import { loadHighs } from '../rework/solver/highs';
import type { Solver } from '../rework/solver/program';
import { cheapestPairs, type CostTable } from './assign';
import { matchOnLine, pairOf } from './line';

let solve: Solver;
beforeAll(async () => {
  solve = await loadHighs();
});

const table = (rows: readonly (readonly number[])[]): CostTable => ({
  rows: rows.length,
  columns: rows[0]?.length ?? 0,
  costs: Float64Array.from(rows.flat()),
});

/** Sums up what pairs come to, and counts them; each column is there once. */
function totalOf({ columns, costs }: CostTable, columnOf: Int32Array) {
  const paired = [...columnOf].flatMap((column, row) => (column < 0 ? [] : [{ row, column }]));
  expect(new Set(paired.map((p) => p.column)).size).toBe(paired.length);
  return {
    pairs: paired.length,
    cost: paired.reduce((sum, p) => sum + (costs[p.row * columns + p.column] ?? NaN), 0),
  };
}

describe('the cheapest pairs', () => {
  it('are as many as can be had before they are cheap', () => {
    const costs = table([
      [0, 9],
      [0, Infinity],
    ]);
    expect([...cheapestPairs(costs)!]).toEqual([1, 0]);
  });
  it('leave alone what goes with nothing, and are none of nothing', () => {
    expect([...cheapestPairs(table([[Infinity], [3]]))!]).toEqual([-1, 0]);
    expect([...cheapestPairs({ rows: 2, columns: 0, costs: new Float64Array() })!]).toEqual([
      -1, -1,
    ]);
    expect([...cheapestPairs(table([]))!]).toEqual([]);
  });
  it('are called off where somebody does, and say how far they are', () => {
    const said: string[] = [];
    const off = cheapestPairs(table([[1], [1], [1]]), (done, of) => {
      said.push(`${done}/${of}`);
      return done < 2;
    });
    expect([off, said]).toEqual([null, ['1/3', '2/3']]);
  });

  const cost = fc.oneof(fc.integer({ min: 0, max: 20 }), fc.constant(Infinity), fc.constant(0));
  const tables = fc
    .tuple(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 6 }))
    .chain(([rows, columns]) =>
      fc
        .array(cost, { minLength: rows * columns, maxLength: rows * columns })
        .map((list): CostTable => ({ rows, columns, costs: Float64Array.from(list) })),
    );

  it('are the optimum that a solver of programs finds', () => {
    fc.assert(
      fc.property(tables, (t) => {
        const possible = [...t.costs].flatMap((c, i) =>
          c < Infinity ? [{ row: Math.floor(i / t.columns), column: i % t.columns, c }] : [],
        );
        const once = (meets: (p: (typeof possible)[number]) => boolean) => ({
          of: possible.flatMap((p, k) => (meets(p) ? [[k, 1] as const] : [])),
          lower: -Infinity,
          upper: 1,
        });
        const taken = solve({
          columns: possible.map(({ c }) => ({ lower: 0, upper: 1, cost: c - 1000, whole: true })),
          bounds: [
            ...Array.from({ length: t.rows }, (_, i) => once((p) => p.row === i)),
            ...Array.from({ length: t.columns }, (_, j) => once((p) => p.column === j)),
          ],
        });
        const chosen = possible.filter((_, k) => (taken?.[k] ?? 0) > 0.5);
        const best = { pairs: chosen.length, cost: chosen.reduce((sum, p) => sum + p.c, 0) };
        expect(totalOf(t, cheapestPairs(t)!)).toEqual(best);
      }),
    );
  });
  it('are those of the pairing on one size where there is one', () => {
    const sizes = fc.array(fc.integer({ min: 0, max: 60 }), { minLength: 1, maxLength: 9 });
    fc.assert(
      fc.property(sizes, sizes, (depths, widths) => {
        const window = {
          lower_mm: 0.02,
          upper_mm: 0.06,
          maxDeckCut_mm: 0.1,
          maxGearGrind_mm: 0.05,
        };
        const bodies = depths.map((n, i) => ({ id: `b${i}`, depth_mm: 20 + n / 200 }));
        const gears = widths.map((n, i) => ({ id: `g${i}`, width_mm: 19.95 + n / 200 }));
        const metal = bodies.map((b) =>
          gears.map((g) => {
            const pair = pairOf(b, g, window);
            return pair ? pair.deckCut_mm + pair.gearGrind_mm : Infinity;
          }),
        );
        const { built, totalCut_mm } = matchOnLine(bodies, gears, window);
        const general = totalOf(table(metal), cheapestPairs(table(metal))!);
        expect(general.pairs).toBe(built);
        expect(general.cost).toBeCloseTo(totalCut_mm, 6);
      }),
    );
  });
});
