import type { Estimate } from '../metrology/estimate';
import { judge } from './judge';

const bracket = (lo_mm: number, hi_mm: number, soft?: number): Estimate => ({
  kind: 'interval',
  lo_mm,
  hi_mm,
  ...(soft === undefined ? {} : { soft: { lo_mm: soft, hi_mm: soft } }),
});
const LIMITS = { lower_mm: 0.02, upper_mm: 0.06 };
const on = (smallest: Estimate, largest: Estimate, more = false) =>
  judge(smallest, largest, LIMITS, 'guarded', more);

describe('a gap between leaves', () => {
  it('is what leaves that are exact prove', () => {
    expect(on(bracket(0.03, 0.05), bracket(0.03, 0.06))).toEqual({ verdict: 'in', probability: 1 });
    expect(on(bracket(0.03, 0.05), bracket(0.07, 0.08))).toEqual({
      verdict: 'out',
      probability: 0,
    });
  });
  it('is as likely as leaves let it be whose thickness is not certain, at either end', () => {
    const hard = bracket(0.03, 0.05);
    for (const [least, most] of [
      [bracket(0.03, 0.06, 0.004), bracket(0.03, 0.06, 0.004)],
      [hard, bracket(0.03, 0.06, 0.004)],
      [bracket(0.018, 0.03, 0.004), hard],
    ] as const) {
      const { verdict, probability } = on(least, most);
      expect(verdict).not.toBe('out');
      expect(probability).toBeGreaterThan(0.5);
      expect(probability).toBeLessThan(1);
    }
  });
  it('that is close by such leaves is open while more can be learnt', () => {
    const [least, most] = [bracket(0.03, 0.05, 0.004), bracket(0.05, 0.07, 0.004)];
    expect(on(least, most).verdict).toBe('close');
    expect(on(least, most, true)).toEqual({ verdict: 'open', probability: null });
  });
});
