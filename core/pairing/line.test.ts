import fc from 'fast-check';
import { loadHighs } from '../rework/solver/highs';
import type { Solver } from '../rework/solver/program';
import { matchOnLine, pairOf, type Body, type GapWindow, type Gear } from './line';

let solve: Solver;
beforeAll(async () => {
  solve = await loadHighs();
});

const WINDOW: GapWindow = {
  lower_mm: 0.02,
  upper_mm: 0.06,
  maxDeckCut_mm: 0.05,
  maxGearGrind_mm: 0.02,
};
const bodies = (...depths: number[]): Body[] =>
  depths.map((depth_mm, i) => ({ id: `b${i}`, depth_mm }));
const gears = (...widths: number[]): Gear[] =>
  widths.map((width_mm, i) => ({ id: `g${i}`, width_mm }));

describe('pairing on one size', () => {
  it('builds two pumps where the first choice of the first body would leave one', () => {
    const { built } = matchOnLine(bodies(20.06, 20.12), gears(20.02, 19.99), WINDOW);
    expect(built).toBe(2);
  });
  it('takes the metal off where that is what it costs to build', () => {
    const { pairs } = matchOnLine(bodies(20.1), gears(20), WINDOW);
    expect(pairs[0]?.deckCut_mm).toBeCloseTo(0.04, 9);
    const tight = matchOnLine(bodies(20), gears(19.99), WINDOW);
    expect(tight.pairs[0]?.gearGrind_mm).toBeCloseTo(0.01, 9);
  });
  it('is empty where there is nothing, or nothing that goes', () => {
    expect(matchOnLine([], gears(20), WINDOW)).toEqual({ pairs: [], built: 0, totalCut_mm: 0 });
    expect(matchOnLine(bodies(20.2), gears(20), WINDOW).built).toBe(0);
  });

  const sizes = fc.array(fc.integer({ min: 0, max: 30 }), { maxLength: 6 });
  const window = fc
    .tuple(...[10, 10, 6, 6].map((max) => fc.integer({ min: 0, max })))
    .map(([lower = 0, width = 0, cut = 0, grind = 0]) => ({
      lower_mm: lower / 100,
      upper_mm: (lower + width) / 100,
      maxDeckCut_mm: cut / 100,
      maxGearGrind_mm: grind / 100,
    }));

  /** Solves the same as an assignment program: a pump counts more than any metal. */
  function byProgram(all: readonly Body[], sets: readonly Gear[], w: GapWindow) {
    const possible = all.flatMap((body, i) =>
      sets.flatMap((gear, j) => {
        const pair = pairOf(body, gear, w);
        return pair ? [{ i, j, metal: pair.deckCut_mm + pair.gearGrind_mm }] : [];
      }),
    );
    const once = (of: (p: { i: number; j: number }) => boolean) => ({
      of: possible.flatMap((p, k) => (of(p) ? [[k, 1] as const] : [])),
      lower: -Infinity,
      upper: 1,
    });
    const taken = solve({
      columns: possible.map(({ metal }) => ({
        lower: 0,
        upper: 1,
        cost: metal - 100,
        whole: true,
      })),
      bounds: [
        ...all.map((_, i) => once((p) => p.i === i)),
        ...sets.map((_, j) => once((p) => p.j === j)),
      ],
    });
    const chosen = possible.filter((_, k) => (taken?.[k] ?? 0) > 0.5);
    return { built: chosen.length, metal: chosen.reduce((sum, p) => sum + p.metal, 0) };
  }

  it('is the optimum that a solver of assignments finds', () => {
    fc.assert(
      fc.property(sizes, sizes, window, (depths, widths, w) => {
        const all = bodies(...depths.map((n) => 20 + n / 100));
        const sets = gears(...widths.map((n) => 20 + n / 100 - 0.05));
        const { pairs, built, totalCut_mm } = matchOnLine(all, sets, w);
        const best = byProgram(all, sets, w);
        expect(built).toBe(best.built);
        expect(totalCut_mm).toBeCloseTo(best.metal, 6);
        expect(pairs).toHaveLength(built);
        for (const list of [pairs.map((p) => p.body), pairs.map((p) => p.gear)]) {
          expect(new Set(list).size).toBe(built);
        }
        for (const { gap_mm } of pairs) {
          expect(gap_mm).toBeGreaterThanOrEqual(w.lower_mm - 1e-9);
          expect(gap_mm).toBeLessThanOrEqual(w.upper_mm + 1e-9);
        }
      }),
    );
  });
});
