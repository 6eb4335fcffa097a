import fc from 'fast-check';
import { conformity, conformityOfRange } from './conformity';
import { ends, sumOf, type Value } from './estimate';
import { extremesOf } from '../feeler/extremes';
import { judgeTries, ladderOf, leavesOf } from '../feeler/ladder';
import { coverageOf, normalBeyond } from './normal';
import { meanOf } from './repeats';
import { marginOf, softAtMost } from './soft';
import { tiltOf } from './tilt';
import type { Try } from '../feeler/bounds';

describe('a place that is read again', () => {
  const reading = (value_mm: number, u_mm = 0.003, own_mm = 0.0015) => ({ value_mm, u_mm, own_mm });
  it('counts with its mean, the repeatable part by √n', () => {
    const mean = meanOf([0, 1, 2, 3].map((n) => reading(20 + n / 1000)));
    expect(mean.value_mm).toBeCloseTo(20.0015, 9);
    expect(mean.u_mm).toBeCloseTo(Math.sqrt(6.75 / 4 + 2.25) / 1000, 12);
  });
  it('read once is as it was read', () => {
    expect(meanOf([reading(20, 0.004, 0.004)])).toEqual({ value_mm: 20, u_mm: 0.004 });
  });
  it('is never surer than the instrument’s own part, and never less sure for one more reading', () => {
    const figure = fc.integer({ min: 1, max: 9 }).map((n) => n / 1000);
    fc.assert(
      fc.property(figure, figure, fc.integer({ min: 1, max: 8 }), (u, own, n) => {
        const same = (count: number) =>
          meanOf(Array.from({ length: count }, () => reading(20, u, Math.min(u, own)))).u_mm;
        expect(same(n)).toBeGreaterThanOrEqual(Math.min(u, own) - 1e-12);
        expect(same(n + 1)).toBeLessThanOrEqual(same(n) + 1e-12);
      }),
    );
  });
  it('counts with its scatter where that is far more than the instrument’s', () => {
    expect(meanOf([reading(20), reading(20.1)]).u_mm).toBeGreaterThan(0.04);
    expect(meanOf([reading(20), reading(20.004)]).u_mm).toBeLessThan(0.003);
  });
});

describe('the extreme of several values', () => {
  const largest = (of: number): Value => ({
    kind: 'value',
    value_mm: 0.2,
    u_mm: 0.003,
    ...(of > 1 ? { picked: { end: 'largest', of } } : {}),
  });
  it('reaches ±2u alone, and farther towards the others with more of them', () => {
    expect(ends(largest(1)).map((mm) => mm.toFixed(6))).toEqual(['0.194000', '0.206000']);
    const [lo, hi] = ends(largest(16));
    expect(hi).toBeCloseTo(0.206, 12);
    expect(lo).toBeCloseTo(0.2 - 2.984 * 0.003, 5);
    expect(coverageOf(4)).toBeCloseTo(2.531, 3);
  });
  it('is out at a share of the doubt, in at all of it', () => {
    const at = (of: number, z: number) => {
      const value = largest(of);
      const limits = { upper_mm: value.value_mm - z * value.u_mm };
      return conformityOfRange(value, value, limits, 'guarded').verdict;
    };
    for (const of of [1, 4, 16]) {
      const z = normalBeyond(0.05 / of);
      expect([at(of, z - 0.001), at(of, z + 0.001)]).toEqual(['close', 'out']);
      expect([at(of, -1.64), at(of, -1.65)]).toEqual(['close', 'in']);
    }
    expect(conformity(largest(1), { upper_mm: 0.19 }, 'plain').verdict).toBe('out');
  });
  it('of a sum stands for every combination', () => {
    expect(sumOf(largest(4), largest(3))).toMatchObject({ picked: { end: 'largest', of: 12 } });
    expect(sumOf(largest(1), largest(1))).not.toHaveProperty('picked');
  });
});

describe('leaves that are not exact', () => {
  const set = { leaves_mm: [0.02, 0.03, 0.04, 0.05, 0.055, 0.06, 0.07], maxStack: 1 };
  const judge = (tolerance_mm: number, tries: readonly (readonly [number, Try['felt']])[]) =>
    judgeTries(
      ladderOf({ ...set, tolerance_mm }),
      { upper_mm: 0.06 },
      tries.map(([leaf, felt]) => ({ leaves_mm: [leaf], felt, soft_mm: tolerance_mm })),
    ).verdict;

  it('say in at the limit where 95% is reached, and go on where it is not', () => {
    expect(judge(0, [[0.06, 'no-go']])).toBe('in');
    expect(judge(0.002, [[0.06, 'no-go']])).toBe('in');
    expect(judge(0.004, [[0.06, 'no-go']])).toBe('open');
    expect(
      judge(0.004, [
        [0.06, 'no-go'],
        [0.055, 'no-go'],
      ]),
    ).toBe('in');
    expect(
      judge(0.002, [
        [0.05, 'free'],
        [0.055, 'free'],
        [0.06, 'no-go'],
      ]),
    ).toBe('close');
    expect(judge(0.004, [[0.07, 'free']])).toBe('out');
  });
  it('may seem to contradict each other by what they are off', () => {
    expect(
      judge(0.002, [
        [0.055, 'free'],
        [0.05, 'no-go'],
      ]),
    ).toBe('in');
    expect(() =>
      judge(0, [
        [0.055, 'free'],
        [0.05, 'no-go'],
      ]),
    ).toThrow(/contradicts/);
    expect(() =>
      judge(0.002, [
        [0.06, 'free'],
        [0.03, 'no-go'],
      ]),
    ).toThrow(/contradicts/);
  });
  it('count as they were mic’d, in stacks too, and those are exact', () => {
    const mics = [{ leaf_mm: 0.05, mic_mm: 0.0487 }];
    const ladder = ladderOf({ ...set, maxStack: 2, tolerance_mm: 0.003, mics });
    const stack = ladder.stacks.find(
      (s) => s.marked_mm?.includes(0.05) && s.leaves_mm.length === 2,
    );
    expect(stack).toMatchObject({
      leaves_mm: [0.02, 0.0487],
      marked_mm: [0.02, 0.05],
      total_mm: 0.0687,
      soft_mm: 0.003,
    });
    expect(ladder.stacks.find((s) => s.total_mm === 0.0487)).not.toHaveProperty('soft_mm');
    expect(ladder.softOf({ leaves_mm: [0.0487], marked_mm: [0.05] })).toBe(0);
    expect(ladder.softOf({ leaves_mm: [0.02, 0.03] })).toBeCloseTo(0.003 * Math.SQRT2, 12);
    expect(leavesOf({ ...set, mics }).map((l) => l.leaf_mm)).toContain(0.0487);
  });
  it('have a probability that is even without any softness, and comes to the hard one as it goes', () => {
    const at = (soft: number) =>
      softAtMost({ lo_mm: 0.05, hi_mm: 0.06, soft: { lo_mm: soft, hi_mm: soft } }, 0.0575);
    expect(at(0.00001)).toBeCloseTo(0.75, 2);
    expect(softAtMost({ lo_mm: 0, hi_mm: null, soft: { lo_mm: 0, hi_mm: 0 } }, 0.06)).toBe(0.5);
    expect(softAtMost({ lo_mm: 0.2, hi_mm: 0.3, soft: { lo_mm: 0, hi_mm: 0 } }, 0.06)).toBe(0);
    expect(softAtMost({ lo_mm: 0, hi_mm: 0.01, soft: { lo_mm: 0, hi_mm: 0 } }, 0.06)).toBe(1);
    // The unit normal loss at nought: σ·φ(0) of mass lies beyond the leaf, of 16 µm before it.
    const lost = 0.004 / Math.sqrt(2 * Math.PI);
    const { lo_mm, hi_mm } = extremesOf(
      {
        smallest: { lo: 0, hi: 0.06, hiOpen: true },
        largest: { lo: 0, hi: 0.06, hiOpen: true, hiSoft: 0.004 },
      },
      true,
    ).largest as { lo_mm: number; hi_mm: number };
    const p = softAtMost({ lo_mm, hi_mm, soft: { lo_mm: 0, hi_mm: 0.004 } }, 0.06);
    expect(p).toBeCloseTo(1 - lost / 0.016, 3);
  });
  it('need no margin where they are exact, and more of it the less they are', () => {
    expect([0, 0.001, 0.004, 0.008].map((soft) => marginOf(soft, 0.95))).toEqual(
      [...[0, 0.001, 0.004, 0.008].map((soft) => marginOf(soft, 0.95))].sort((a, b) => a - b),
    );
    expect(marginOf(0.001, 0.95)).toBe(0);
    expect(marginOf(0.008, 0.95)).toBeGreaterThan(0.004);
  });
});

describe('the residual of a plane', () => {
  const depths = (off: readonly number[]) =>
    off.map((depth_mm, i) => {
      const angle = (2 * Math.PI * i) / off.length;
      return { x_mm: Math.cos(angle), y_mm: Math.sin(angle), depth_mm };
    });
  it('is divided by its degrees of freedom, and by the places', () => {
    const fit = tiltOf(depths([0.001, -0.001, 0.001, -0.001]), 2);
    expect(fit.residualRms_mm).toBeCloseTo(0.001, 12);
    expect(fit.residual_mm).toBeCloseTo(0.002, 12);
  });
  it('of three is none', () => {
    expect(tiltOf(depths([0, 0.01, 0.02]), 2).residual_mm).toBeNull();
  });
});
