import { conformity, conformityOfRange } from './conformity';
import { correctedSize } from './corrected';
import {
  centre,
  comparedFor,
  ends,
  endsAt,
  isOpen,
  probabilityAtLeast,
  probabilityAtMost,
  sumOf,
  towardsOthers,
  uncertainty,
  type Estimate,
  type Value,
} from './estimate';
import { pickedExtremes } from './extremes';
import { trueSwing } from './indicator';
import { coverageOf, shareBelow } from './normal';
import { meanOf } from './repeats';
import { dragBandOf } from './repeatability';
import { gapFromSizes } from './sizes';
import { softAtMost } from './soft';
import { zoneOf } from './verdict';

const value = (value_mm: number, u_mm: number): Value => ({ kind: 'value', value_mm, u_mm });
const bracket = (lo_mm: number, hi_mm: number | null): Estimate => ({
  kind: 'interval',
  lo_mm,
  hi_mm,
});
const soft = (lo_mm: number, hi_mm: number | null, lo: number, hi: number): Estimate => ({
  kind: 'interval',
  lo_mm,
  hi_mm,
  soft: { lo_mm: lo, hi_mm: hi },
});
const picked = (end: 'smallest' | 'largest', of: number, value_mm = 0.05, u_mm = 0.002): Value => ({
  ...value(value_mm, u_mm),
  picked: { end, of },
});

describe('an estimate', () => {
  it('has a middle, and for an open bracket its lower end', () => {
    expect(centre(value(0.05, 0.01))).toBe(0.05);
    expect(centre(bracket(0.04, 0.06))).toBeCloseTo(0.05, 12);
    expect(centre(bracket(0.04, null))).toBe(0.04);
  });
  it('is as uncertain as a rectangle of its width, with the softer of its ends', () => {
    expect(uncertainty(bracket(0.04, 0.06))).toBeCloseTo(0.01 / Math.sqrt(3), 12);
    expect(uncertainty(bracket(0.04, null))).toBe(Infinity);
    expect(uncertainty(soft(0.04, 0.06, 0.001, 0.003))).toBeCloseTo(
      Math.hypot(0.01 / Math.sqrt(3), 0.003),
      12,
    );
  });
  it('is open where nothing bounds it above', () => {
    expect([bracket(0.04, null), bracket(0.04, 0.05), value(1, 1)].map(isOpen)).toEqual([
      true,
      false,
      false,
    ]);
  });
  it('reaches from end to end: a hard bracket as it is, a soft one by its leaves, never below nought', () => {
    expect(ends(bracket(0.04, 0.06))).toEqual([0.04, 0.06]);
    expect(ends(bracket(0.04, null))).toEqual([0.04, Infinity]);
    const [lo, hi] = ends(soft(0.04, 0.06, 0.001, 0.003));
    expect([lo, hi]).toEqual([expect.closeTo(0.038, 12), expect.closeTo(0.066, 12)]);
    expect(ends(soft(0.001, null, 0.002, 0))[0]).toBe(0);
    expect(endsAt(value(0.05, 0.01), { below: 3, above: 1 })).toEqual([
      expect.closeTo(0.02, 12),
      expect.closeTo(0.06, 12),
    ]);
    expect(endsAt({ ...value(0.01, 0.01), magnitude: true }, { below: 2, above: 2 })[0]).toBe(0);
    expect(endsAt(value(0.01, 0.01), { below: 2, above: 2 })[0]).toBeCloseTo(-0.01, 12);
  });
  it('that is the extreme of several reaches farther towards the others only', () => {
    const of = (n: number) => 10 * n;
    expect(towardsOthers(value(1, 1), of)).toEqual({ below: 10, above: 10 });
    expect(towardsOthers(picked('largest', 4), of)).toEqual({ below: 40, above: 10 });
    expect(towardsOthers(picked('smallest', 4), of)).toEqual({ below: 10, above: 40 });
    expect([picked('largest', 4), value(1, 1), bracket(0, 1)].map(comparedFor)).toEqual([4, 1, 1]);
    // Φ⁻¹(1 − 0.02275/4), tables of the normal distribution.
    expect(coverageOf(4)).toBeCloseTo(2.5305, 3);
    expect(coverageOf(1)).toBe(2);
  });
});

describe('the probability that a length is at most, or at least, so much', () => {
  it('is certain beyond every limit that is none', () => {
    for (const e of [value(1, 1), bracket(0, null), bracket(0, 1)]) {
      expect(probabilityAtMost(e, Infinity)).toBe(1);
      expect(probabilityAtMost(e, -Infinity)).toBe(0);
      expect(probabilityAtLeast(e, -Infinity)).toBe(1);
    }
  });
  it('is normal for a value and even over a bracket, and both sides make one', () => {
    expect(probabilityAtMost(value(0.05, 0.01), 0.06)).toBeCloseTo(0.841345, 6);
    expect(probabilityAtLeast(value(0.05, 0.01), 0.06)).toBeCloseTo(0.158655, 6);
    expect(probabilityAtMost(bracket(0.04, 0.08), 0.05)).toBeCloseTo(0.25, 12);
    expect(probabilityAtLeast(bracket(0.04, 0.08), 0.05)).toBeCloseTo(0.75, 12);
    expect(probabilityAtMost(bracket(0.04, 0.08), 0.03)).toBe(0);
    expect(probabilityAtMost(bracket(0.04, 0.08), 0.09)).toBe(1);
  });
  it('of something exact has its end on either side', () => {
    for (const e of [value(0.05, 0), bracket(0.05, 0.05)]) {
      expect(probabilityAtMost(e, 0.05)).toBe(1);
      expect(probabilityAtMost(e, 0.0499)).toBe(0);
      expect(probabilityAtLeast(e, 0.05)).toBe(1);
      expect(probabilityAtLeast(e, 0.0501)).toBe(0);
    }
  });
  it('of an open bracket is shown above its lower end only', () => {
    expect(probabilityAtMost(bracket(0.04, null), 10)).toBe(0);
    expect(probabilityAtLeast(bracket(0.04, null), 0.04)).toBe(1);
    expect(probabilityAtLeast(bracket(0.04, null), 0.041)).toBe(0);
    // A soft end lets pass what lies within reach of the limit, half of it at the end itself.
    const above = probabilityAtLeast(soft(0.04, null, 0.002, 0), 0.04);
    expect(above).toBeGreaterThan(0.5);
    expect(above).toBeLessThan(1);
  });
});

describe('a sum of estimates', () => {
  it('is open where one of them is', () => {
    expect(sumOf(bracket(0.02, null), bracket(0.01, 0.02))).toEqual(bracket(0.03, null));
    expect(sumOf(bracket(0.01, 0.02), bracket(0.02, null))).toEqual(bracket(0.03, null));
    expect(sumOf(value(0.01, 0.001), bracket(0.02, null))).toEqual(bracket(0.028, null));
    expect(sumOf(value(-0.05, 0.001), bracket(0.02, null))).toEqual(bracket(0, null));
  });
  it('is soft by both, end by end', () => {
    const summed = sumOf(soft(0.02, 0.04, 0.003, 0.001), soft(0.01, 0.02, 0.004, 0));
    expect(summed).toMatchObject({ soft: { lo_mm: 0.005, hi_mm: 0.001 } });
    expect(sumOf(soft(0.02, 0.04, 0.003, 0.001), bracket(0.01, 0.02))).toMatchObject({
      soft: { lo_mm: 0.003, hi_mm: 0.001 },
    });
    expect(sumOf(bracket(0.01, 0.02), soft(0.02, 0.04, 0.003, 0.001))).toMatchObject({
      soft: { lo_mm: 0.003, hi_mm: 0.001 },
    });
    expect(sumOf(bracket(0.02, 0.04), bracket(0.01, 0.02))).not.toHaveProperty('soft');
  });
  it('is the same end of as many as were compared', () => {
    const summed = sumOf(value(0.01, 0.003), picked('largest', 4, 0.05, 0.004));
    expect(summed).toMatchObject({
      value_mm: expect.closeTo(0.06, 12),
      picked: { end: 'largest', of: 4 },
    });
    expect(uncertainty(summed)).toBeCloseTo(0.005, 12);
    expect(sumOf(picked('smallest', 2), picked('smallest', 3))).toMatchObject({
      picked: { end: 'smallest', of: 6 },
    });
    expect(sumOf(value(1, 1), value(1, 1))).not.toHaveProperty('picked');
  });
});

describe('the extremes of several', () => {
  const candidates = [value(0.05, 0.001), value(0.03, 0.002), value(0.08, 0.003)];
  it('are the least and the greatest, marked with how many they were', () => {
    expect(pickedExtremes({ smallest: candidates, largest: candidates }, 3)).toEqual({
      smallest: { ...candidates[1], picked: { end: 'smallest', of: 3 } },
      largest: { ...candidates[2], picked: { end: 'largest', of: 3 } },
    });
  });
  it('of one are that one, and of equals the first', () => {
    const [only] = candidates;
    const one = pickedExtremes({ smallest: [only!], largest: [only!] }, 1);
    expect(one).toEqual({ smallest: only, largest: only });
    const equals = [value(0.05, 0.001), value(0.05, 0.009)];
    expect(pickedExtremes({ smallest: equals, largest: equals }, 1)).toEqual({
      smallest: equals[0],
      largest: equals[0],
    });
  });
});

describe('a verdict at its edges', () => {
  const UPPER = { upper_mm: 1 };
  /** Returns a bracket of which this share lies within the upper limit. */
  const within = (share: number) => bracket(1 - share, 2 - share);
  it('is in from the confidence on, out from its complement on', () => {
    expect(conformity(within(0.75), UPPER, 'guarded', 0.75).verdict).toBe('in');
    expect(conformity(within(0.25), UPPER, 'guarded', 0.75).verdict).toBe('out');
    expect(conformity(within(0.5), UPPER, 'guarded', 0.75).verdict).toBe('close');
  });
  it('of a range likewise, by its worse end', () => {
    const range = (small: Estimate, large: Estimate) =>
      conformityOfRange(small, large, { lower_mm: 0, ...UPPER }, 'guarded', 0.75).verdict;
    expect(range(bracket(0.4, 0.5), within(0.75))).toBe('in');
    expect(range(bracket(0.4, 0.5), within(0.25))).toBe('out');
    expect(range(bracket(-0.75, 0.25), bracket(0.4, 0.5))).toBe('out');
    expect(range(bracket(-0.7, 0.3), bracket(0.4, 0.5))).toBe('close');
  });
  it('of an extreme asks for a share of the doubt before it says out', () => {
    // 5% of one value, 2.5% of each of two: 1.64 and 1.96 standard deviations.
    const over = (k: number, of: number) =>
      conformityOfRange(
        value(0.5, 0.001),
        picked('largest', of, 1 + 0.01 * k, 0.01),
        UPPER,
        'guarded',
      ).verdict;
    expect([over(1.7, 1), over(1.7, 2), over(2, 2), over(2, 4)]).toEqual([
      'out',
      'close',
      'out',
      'close',
    ]);
    const under = (k: number, of: number) =>
      conformityOfRange(
        picked('smallest', of, 1 - 0.01 * k, 0.01),
        value(1.5, 0.001),
        { lower_mm: 1 },
        'guarded',
      ).verdict;
    expect([under(1.7, 1), under(1.7, 2), under(2, 2), under(2, 4)]).toEqual([
      'out',
      'close',
      'out',
      'close',
    ]);
  });
  it('of two ends that are one length is that of the length, not the bound of two', () => {
    const both = { lower_mm: 0, upper_mm: 1 };
    const probability = (a: Estimate, b: Estimate, rule: 'guarded' | 'plain' = 'guarded') =>
      conformityOfRange(a, b, both, rule).probability;
    // One length outside on either side with 10% each is inside with 80%; so is the bound of two.
    expect(probability(bracket(-0.125, 1.125), bracket(-0.125, 1.125))).toBeCloseTo(0.8, 12);
    const wide = value(0.5, 0.5);
    expect(probability(wide, wide)).toBeCloseTo(2 * shareBelow(1) - 1, 9);
    expect(conformityOfRange(wide, wide, both, 'guarded').verdict).toBe('close');
    // A length that is surely out on one side is out; of two, each limit stands by itself.
    expect(
      conformityOfRange(bracket(0.99, 1.99), bracket(0.99, 1.99), both, 'guarded').verdict,
    ).toBe('out');
  });
  it('of one length that can hardly be inside is out, of two lengths too close to call', () => {
    // Half of it lies below, half above, and next to nothing between: as one length it is out.
    const verdict = (a: Estimate, b: Estimate) =>
      conformityOfRange(a, b, { lower_mm: 0, upper_mm: 1 }, 'guarded').verdict;
    const wide = value(0.5, 20);
    const hard = bracket(-20, 21);
    const same: readonly (readonly [Estimate, Estimate])[] = [
      [wide, { ...wide }],
      [hard, { ...hard }],
    ];
    for (const [a, b] of same) expect(verdict(a, b)).toBe('out');
    const two: readonly (readonly [Estimate, Estimate])[] = [
      [wide, value(0.5, 21)],
      [wide, value(0.6, 20)],
      [wide, hard],
      [hard, wide],
      [hard, bracket(-20, 22)],
      [hard, bracket(-21, 21)],
      [wide, { ...wide, picked: { end: 'largest', of: 2 } }],
      [{ ...wide, picked: { end: 'smallest', of: 2 } }, wide],
      [
        { ...wide, picked: { end: 'smallest', of: 2 } },
        { ...wide, picked: { end: 'largest', of: 2 } },
      ],
    ];
    for (const [a, b] of two) expect(verdict(a, b)).toBe('close');
  });
  it('of a soft bracket goes limit by limit', () => {
    const limits = { lower_mm: 0.05, upper_mm: 0.0501 };
    const verdict = (a: Estimate, b: Estimate) =>
      conformityOfRange(a, b, limits, 'guarded').verdict;
    const [hard, vague] = [bracket(0.02, 0.08), soft(0.02, 0.08, 0.001, 0.001)];
    expect(verdict(hard, { ...hard })).toBe('out');
    for (const [a, b] of [
      [vague, { ...vague }],
      [vague, hard],
      [hard, vague],
    ] as const) {
      expect(verdict(a, b)).toBe('close');
    }
  });
  it('goes plainly by the middles, ends included', () => {
    const plain = (a: Estimate, b: Estimate) =>
      conformityOfRange(a, b, { lower_mm: 0.02, upper_mm: 0.06 }, 'plain').verdict;
    expect(plain(value(0.02, 0.01), value(0.06, 0.01))).toBe('in');
    expect(plain(value(0.0199, 0.01), value(0.06, 0.01))).toBe('out');
    expect(plain(value(0.02, 0.01), value(0.0601, 0.01))).toBe('out');
    expect(plain(bracket(0.03, 0.05), bracket(0.05, 0.09))).toBe('out');
  });
  it('is proven with a margin on the safe side, and out with one beyond', () => {
    expect(zoneOf({ lower_mm: 1, upper_mm: 2 }, 0.25)).toEqual({
      lower: 1.25,
      upper: 1.75,
      under: 0.75,
      over: 2.25,
    });
    expect(zoneOf({})).toEqual({
      lower: -Infinity,
      upper: Infinity,
      under: -Infinity,
      over: Infinity,
    });
  });
});

describe('what sizes and readings come to at the edge of what is known', () => {
  const term = { name: 'a', factor: 1, value_mm: 10, u_mm: 0.001 };
  const warm = { ...term, alpha_per_K: 1e-5, hot_C: 120 };
  it('has no hot gap unless every size has an expansion and a temperature, wherever the missing one stands', () => {
    expect(gapFromSizes([warm, { ...warm, factor: -1, value_mm: 9 }]).hot_mm).toBeCloseTo(1.001, 9);
    for (const missing of [{ alpha_per_K: null }, { hot_C: null }]) {
      expect(gapFromSizes([{ ...warm, ...missing }, warm]).hot_mm).toBeNull();
      expect(gapFromSizes([warm, { ...warm, ...missing }, warm]).hot_mm).toBeNull();
    }
  });
  it('corrects nothing for a temperature or a material that is not known', () => {
    const raw = { read_mm: 100, offset_mm: 0, alpha_per_K: 2e-5, part_C: 30, shop_C: null };
    expect(correctedSize(raw)).toBeCloseTo(100 / 1.0002, 9);
    expect(correctedSize({ ...raw, part_C: null })).toBe(100);
    expect(correctedSize({ ...raw, alpha_per_K: null })).toBe(100);
  });
  it('takes a lever up to 80°, and a radius only where both are known', () => {
    const swing = { read_mm: 1, lever_deg: 80 };
    expect(trueSwing(swing)).toBeCloseTo(Math.cos((80 * Math.PI) / 180), 12);
    expect(() => trueSwing({ read_mm: 1, lever_deg: 80.1 })).toThrow(/80/);
    const flat = { read_mm: 1, lever_deg: 0 };
    expect(trueSwing({ ...flat, contactRadius_mm: 10, wantedRadius_mm: 20 })).toBe(2);
    expect(trueSwing({ ...flat, contactRadius_mm: 10 })).toBe(1);
    expect(trueSwing({ ...flat, wantedRadius_mm: 20 })).toBe(1);
    expect(() => trueSwing({ ...flat, contactRadius_mm: 0 })).toThrow(/Radius/);
  });
  it('averages by the scatter of a sample where that is wild', () => {
    const at = (value_mm: number) => ({ value_mm, u_mm: 0.001, own_mm: 0 });
    // Scatter of 0 and 0.01 about their mean: 0.01/√2; the mean of two has that by √2.
    expect(meanOf([at(0), at(0.01)]).u_mm).toBeCloseTo(0.005, 9);
    expect(meanOf([at(0), at(0.001)]).u_mm).toBeCloseTo(0.001 / Math.SQRT2, 9);
    expect(meanOf([{ value_mm: 1, u_mm: 0.003, own_mm: 0.001 }])).toEqual({
      value_mm: 1,
      u_mm: 0.003,
    });
  });
});

describe('a soft bracket far from what is asked', () => {
  it('is surely on one side of it, and even where x is inside', () => {
    const at = (lo_mm: number, hi_mm: number | null, x: number) =>
      softAtMost({ lo_mm, hi_mm, soft: { lo_mm: 0, hi_mm: 0 } }, x);
    expect([at(1, 3, 3.5), at(1, 3, 2), at(1, 3, 0.5)]).toEqual([1, 0.5, 0]);
    expect([at(1, 1, 0.5), at(1, 1, 2), at(1, null, 0.9)]).toEqual([0, 1, 0]);
  });
});

describe('the drag band that a study gives', () => {
  it('is twice the spread of the hands', () => {
    expect(dragBandOf({ grr: 0.002 })).toBeCloseTo(0.004, 12);
  });
});
