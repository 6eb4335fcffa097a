import fc from 'fast-check';
import { conformity, conformityOfRange } from './conformity';
import { ends, sumOf, type Estimate } from './estimate';
import { tidy_mm } from '../quantity/units';
import { gapFromSizes } from './sizes';

const value = (value_mm: number, u_mm: number): Estimate => ({ kind: 'value', value_mm, u_mm });
const bracket = (lo_mm: number, hi_mm: number | null): Estimate => ({
  kind: 'interval',
  lo_mm,
  hi_mm,
});
const LIMITS = { lower_mm: 0.02, upper_mm: 0.06 };

describe('conformity', () => {
  it('gives the normal probability of lying inside', () => {
    const { probability, verdict } = conformity(value(0.058, 0.003), LIMITS, 'guarded');
    expect(probability).toBeCloseTo(0.7475, 4);
    expect(verdict).toBe('close');
  });
  it('gives the share of a bracket that lies inside', () => {
    expect(conformity(bracket(0.05, 0.07), LIMITS, 'guarded').probability).toBeCloseTo(0.5, 12);
    expect(conformity(bracket(0.03, 0.05), LIMITS, 'guarded')).toEqual({
      probability: 1,
      verdict: 'in',
    });
  });
  it('agrees with tables of the normal distribution', () => {
    const inside = (k: number) =>
      conformity(value(0, 1), { lower_mm: -k, upper_mm: k }, 'guarded').probability;
    expect(inside(1)).toBeCloseTo(0.682689, 6);
    expect(inside(1.96)).toBeCloseTo(0.950004, 6);
    expect(inside(3)).toBeCloseTo(0.9973, 6);
  });
  it('counts an end as inside for a value without uncertainty', () => {
    expect(conformity(value(0.06, 0), LIMITS, 'guarded').verdict).toBe('in');
    expect(conformity(value(0.06, 0), LIMITS, 'plain').verdict).toBe('in');
    expect(conformity(value(0.0601, 0), LIMITS, 'guarded').verdict).toBe('out');
  });
  it('compares plainly by the middle', () => {
    expect(conformity(bracket(0.05, 0.068), LIMITS, 'plain').verdict).toBe('in');
    expect(conformity(bracket(0.055, 0.068), LIMITS, 'plain').verdict).toBe('out');
  });
  it.each(['guarded', 'plain'] as const)(
    'decides a bracket without an upper end only where that end does not matter (%s)',
    (rule) => {
      const from = (lo_mm: number) => ({ kind: 'interval' as const, lo_mm, hi_mm: null });
      const verdict = (lo_mm: number, limits: { lower_mm?: number; upper_mm?: number }) =>
        conformity(from(lo_mm), limits, rule).verdict;
      expect(verdict(0.05, { lower_mm: 0.04 })).toBe('in');
      expect(verdict(0.07, { upper_mm: 0.06 })).toBe('out');
      expect(verdict(0.03, { lower_mm: 0.04 })).toBe('close');
      expect(verdict(0.02, { lower_mm: 0.02, upper_mm: 0.06 })).toBe('close');
    },
  );
  it('takes the confidence that is asked for', () => {
    expect(conformity(value(0.055, 0.003), LIMITS, 'guarded', 0.9).verdict).toBe('in');
    expect(conformity(value(0.055, 0.003), LIMITS, 'guarded', 0.99).verdict).toBe('close');
  });
  it('never claims more of a range than of its ends', () => {
    const length = fc.integer({ min: 0, max: 900 }).map((n) => n / 1e4);
    fc.assert(
      fc.property(length, length, length, (a, spread, u) => {
        const small = value(a, u / 10);
        const large = value(a + spread, u / 10);
        const range = conformityOfRange(small, large, LIMITS, 'guarded');
        const lower = conformity(small, { lower_mm: 0.02 }, 'guarded').probability;
        const upper = conformity(large, { upper_mm: 0.06 }, 'guarded').probability;
        expect(range.probability).toBeLessThanOrEqual(Math.min(lower, upper) + 1e-9);
        if (range.verdict === 'out') expect(Math.min(lower, upper)).toBeLessThanOrEqual(0.0501);
      }),
    );
  });
});

describe('sums of estimates', () => {
  it('adds brackets end to end and values in quadrature', () => {
    expect(sumOf(bracket(0.03, 0.04), bracket(0.01, 0.02))).toEqual(bracket(0.04, 0.06));
    expect(sumOf(bracket(0.03, null), bracket(0.01, 0.02))).toEqual(bracket(0.04, null));
    const sum = sumOf(value(0.05, 0.003), value(0.01, 0.004));
    expect(sum).toEqual(value(0.060000000000000005, 0.005));
  });
  it('keeps an interval with a value in it, wider by the coverage of the value', () => {
    expect(ends(sumOf(value(0.05, 0.002), bracket(0, 0.02)))).toEqual([
      expect.closeTo(0.046, 12),
      expect.closeTo(0.074, 12),
    ]);
    expect(sumOf(bracket(0, 0.02), value(0.05, 0.002))).toMatchObject({ kind: 'interval' });
    const most = { ...value(0.05, 0.002), picked: { end: 'largest', of: 4 } } as const;
    const [lo, hi] = ends(most);
    expect(ends(sumOf(most, bracket(0.01, 0.02)))).toEqual([
      expect.closeTo(lo + 0.01, 12),
      expect.closeTo(hi + 0.02, 12),
    ]);
    expect(ends(bracket(0.01, null))).toEqual([0.01, Infinity]);
  });
  it('never claims what the brackets in it leave open', () => {
    // An end of 2.8 to 3.3 thou and two plates into which the 1.5 does not go, against 4 thou.
    const thou = 0.0254;
    const plate = bracket(0, 1.5 * thou);
    const sum = sumOf(sumOf(value(3.3 * thou, 0.1 * thou), plate), plate);
    const { verdict, probability } = conformity(sum, { upper_mm: 4 * thou }, 'guarded');
    expect(verdict).toBe('close');
    expect(probability).toBeCloseTo((4 - 3.1) / 3.4, 9);
  });
});

describe('a length on its limit', () => {
  const thou = 0.0254;
  const onLimit = (lower: number, upper: number) => ({
    lower_mm: lower * thou,
    upper_mm: upper * thou,
  });
  it('is in under the plain rule, whatever binary numbers make of it', () => {
    const plain = (e: Estimate, limits: { lower_mm?: number; upper_mm?: number }) =>
      conformity(e, limits, 'plain').verdict;
    expect(plain(value(1.252 * 25.4 - 1.25 * 25.4, 0.001), { upper_mm: 2 * thou })).toBe('in');
    expect(plain(bracket(0.0712, 0.0812), { lower_mm: 0.0762, upper_mm: 0.1016 })).toBe('in');
    expect(plain(bracket(0.0712 - 3e-9, 0.0812), { lower_mm: 0.0762 })).toBe('out');
  });
  it('is in for any leaf, any size and either limit', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 0, max: 9000 }), (n, m) => {
        const at = n / 10;
        const drag = bracket(tidy_mm(at * thou - 0.005), tidy_mm(at * thou + 0.005));
        const size = value((m / 10) * thou + at * thou - (m / 10) * thou, 0.001);
        for (const estimate of [drag, size]) {
          expect(conformity(estimate, onLimit(at, at), 'plain').verdict).toBe('in');
          expect(conformityOfRange(estimate, estimate, onLimit(at, 50), 'plain').verdict).toBe(
            'in',
          );
        }
        const exact = value((m / 10) * thou + at * thou - (m / 10) * thou, 0);
        expect(conformity(exact, onLimit(at, at), 'guarded').verdict).toBe('in');
      }),
    );
  });
});

describe('gapFromSizes', () => {
  const depth = { name: 'pocket depth', factor: 1, value_mm: 20.05, u_mm: 0.003 } as const;
  const width = { name: 'gear width', factor: -1, value_mm: 20, u_mm: 0.004 } as const;

  it('subtracts sizes and adds their variances', () => {
    const { gap_mm, u_mm, hot_mm } = gapFromSizes([depth, width]);
    expect(gap_mm).toBeCloseTo(0.05, 12);
    expect(u_mm).toBeCloseTo(0.005, 12);
    expect(hot_mm).toBeNull();
  });
  it('opens up hot when the pocket is aluminium and the gear steel', () => {
    const { hot_mm } = gapFromSizes([
      { ...depth, alpha_per_K: 22e-6, hot_C: 100 },
      { ...width, alpha_per_K: 11.7e-6, hot_C: 100 },
    ]);
    expect(hot_mm).toBeCloseTo(20.05 * (1 + 22e-6 * 80) - 20 * (1 + 11.7e-6 * 80), 12);
  });
  it('brings a size read warm back to 20 °C', () => {
    const warm = {
      ...width,
      value_mm: 20 * (1 + 11.7e-6 * 10),
      alpha_per_K: 11.7e-6,
      measuredAt_C: 30,
    };
    expect(gapFromSizes([depth, warm]).gap_mm).toBeCloseTo(0.05, 12);
  });
  it('wants at least one size', () => {
    expect(() => gapFromSizes([])).toThrow(expect.objectContaining({ field: 'terms' }));
  });
});
