import fc from 'fast-check';
import { leafStacks } from './leafStack';

describe('leaves that make a thickness', () => {
  it('takes fewer, then the one without a thin leaf', () => {
    const { best } = leafStacks([0.02, 0.03, 0.04, 0.05], 2, 0.07, {});
    expect(best?.leaves_mm).toEqual([0.04, 0.03]);
    expect(leafStacks([0.02, 0.03, 0.05, 0.07], 2, 0.07, {}).best?.leaves_mm).toEqual([0.07]);
  });
  it('names the neighbours of what it makes, too, and none beyond its ends', () => {
    const { exact, below, above } = leafStacks([0.05, 0.1, 0.2], 2, 0.15, {});
    expect([exact, below?.sum_mm, above?.sum_mm]).toEqual([true, 0.1, 0.2]);
    expect(leafStacks([0.05], 1, 0.04, {})).toMatchObject({ below: null, best: { sum_mm: 0.05 } });
    expect(leafStacks([0.05], 1, 0.06, {})).toMatchObject({ above: null, best: { sum_mm: 0.05 } });
    expect(leafStacks([0.15, 0.2], 1, 0.175, {}).best?.sum_mm).toBe(0.2);
    expect(leafStacks([0.1, 0.05, 0.2], 2, 0.175, {}).best?.sum_mm).toBe(0.2);
  });
  it('cannot tell between the neighbours of a limit, nor below the thinnest or over the thickest', () => {
    const blind = (lower_mm: number | null, upper_mm: number | null) =>
      leafStacks([0.05, 0.1], 1, 0.05, { lower_mm, upper_mm }).blind;
    expect(blind(0.02, 0.07)).toEqual([
      { limit: 'lower', from_mm: 0, to_mm: 0.05 },
      { limit: 'upper', from_mm: 0.05, to_mm: 0.1 },
    ]);
    expect(blind(0.05, 0.1)).toEqual([]);
    expect(blind(null, 0.3)).toEqual([{ limit: 'upper', from_mm: 0.1, to_mm: null }]);
  });
  // What it names is held against every stack that could be: none is nearer, and it is a stack of the set itself.
  it('names a stack of the set than which none is nearer', () => {
    const set = fc.uniqueArray(fc.integer({ min: 2, max: 60 }), { minLength: 2, maxLength: 8 });
    fc.assert(
      fc.property(set, fc.integer({ min: 1, max: 130 }), (hundredths, target) => {
        const leaves = hundredths.map((h) => h / 100);
        const { best, exact } = leafStacks(leaves, 2, target / 100, {});
        const off = Math.abs(best?.off_mm ?? NaN);
        for (const a of leaves)
          for (const b of [0, ...leaves.filter((leaf) => leaf !== a)])
            expect(Math.abs(a + b - target / 100)).toBeGreaterThanOrEqual(off - 1e-9);
        const held = best?.leaves_mm ?? [];
        expect(leaves).toEqual(expect.arrayContaining([...held]));
        expect([1, 2]).toContain(new Set(held).size);
        expect(held.reduce((sum, mm) => sum + mm, 0) - target / 100).toBeCloseTo(
          best?.off_mm ?? NaN,
          9,
        );
        expect(exact).toBe(off < 1e-4);
      }),
    );
  });
  it('wants a set', () => {
    expect(() => leafStacks([], 1, 0.05, {})).toThrow(/one leaf/);
  });
  it('of two that are as near takes the fewer leaves, then the one without a thin leaf', () => {
    expect(leafStacks([0.1, 0.16], 1, 0.13, {}).best?.leaves_mm).toEqual([0.16]);
    expect(leafStacks([0.1, 0.04, 0.12, 0.2], 2, 0.22, {}).best?.leaves_mm).toEqual([0.12, 0.1]);
    const { below, above } = leafStacks([0.06, 0.08, 0.1], 2, 0.17, {});
    expect([below?.leaves_mm, above?.leaves_mm]).toEqual([
      [0.1, 0.06],
      [0.1, 0.08],
    ]);
    expect(leafStacks([0.05, 0.1], 1, 0.1, { lower_mm: 0.1 })).toMatchObject({
      exact: true,
      above: null,
      below: { sum_mm: 0.05 },
      blind: [],
    });
  });
});
