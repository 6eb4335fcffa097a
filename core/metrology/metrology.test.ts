import fc from 'fast-check';
import { correctedSize, GAUGE_STEEL_PER_K } from './corrected';
import { centre } from './estimate';
import { ladderOf, nextTry } from '../feeler/ladder';
import { trueSwing } from './indicator';
import { scatterOf, studyOf, type StudyReading } from './repeatability';
import { tiltOf, type DepthPoint } from './tilt';

const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('a lever indicator', () => {
  it('shows too much when its lever is off, by the cosine', () => {
    expect(trueSwing({ read_mm: 0.2, lever_deg: 60 })).toBeCloseTo(0.1, 12);
    expect(trueSwing({ read_mm: 0.2, lever_deg: 0 })).toBe(0.2);
  });
  it('tells the swing at the pitch circle from any radius', () => {
    const swing = { read_mm: 0.15, lever_deg: 0, contactRadius_mm: 25, wantedRadius_mm: 20 };
    expect(trueSwing(swing)).toBeCloseTo(0.12, 12);
  });
  it.each([
    [{ lever_deg: -1 }, 'lever_deg'],
    [{ lever_deg: 85 }, 'lever_deg'],
    [{ contactRadius_mm: 0, wantedRadius_mm: 20 }, 'contactRadius_mm'],
  ])('refuses %j', (change, field) => {
    expect(() => trueSwing({ read_mm: 0.1, lever_deg: 0, ...change })).toThrow(
      expect.objectContaining({ field }) as Error,
    );
  });
});

describe('a value between bounds that another way of measuring sets', () => {
  const value = { kind: 'value', value_mm: 0.021, u_mm: 0.0036 } as const;
  it('has its middle inside of them: what a leaf refuses is not on the leaf', () => {
    const cut = { ...value, within: { lo_mm: -Infinity, hi_mm: 0.02 } };
    // µ − u φ(z)/Φ(−z) with z = 0.2778: 0.021 − 0.0036 · 0.3838 / 0.3906.
    expect(centre(cut)).toBeCloseTo(0.01746, 5);
    const half = { ...value, within: { lo_mm: -Infinity, hi_mm: 0.021 } };
    expect(centre(half)).toBeCloseTo(0.021 - 0.0036 * Math.sqrt(2 / Math.PI), 9);
    // A bound from which the value lies far off leaves no more than itself.
    const far = { ...value, within: { lo_mm: 0.2, hi_mm: null } };
    expect([centre(far), centre(value)]).toEqual([0.2, 0.021]);
  });
  it('lies between its bounds wherever they are, and at the value where they are wide', () => {
    fc.assert(
      fc.property(figure(-0.05, 0.05), figure(0, 0.1), (lo, width) => {
        const mm = centre({ ...value, within: { lo_mm: lo, hi_mm: lo + width } });
        expect(mm).toBeGreaterThanOrEqual(lo);
        expect(mm).toBeLessThanOrEqual(lo + width);
      }),
    );
    const wide = { ...value, within: { lo_mm: -1, hi_mm: 1 } };
    expect(centre(wide)).toBeCloseTo(0.021, 9);
  });
});

describe('a size as read', () => {
  const plain = { read_mm: 20, offset_mm: 0, alpha_per_K: null, part_C: null, shop_C: null };
  it('loses what the instrument showed too much on its standard', () => {
    expect(correctedSize({ ...plain, read_mm: 20.012, offset_mm: 0.002 })).toBeCloseTo(20.01, 12);
  });
  it('is brought to 20 °C by part and scale', () => {
    const warm = { ...plain, alpha_per_K: 22e-6, part_C: 30, shop_C: 25 };
    const expected = (20 * (1 + GAUGE_STEEL_PER_K * 5)) / (1 + 22e-6 * 10);
    expect(correctedSize(warm)).toBeCloseTo(expected, 12);
  });
  it('is what was read where nothing is known', () => {
    expect(correctedSize(plain)).toBe(20);
    expect(correctedSize({ ...plain, part_C: 30 })).toBe(20);
  });
  it('of a steel part is right at any temperature that scale and part share', () => {
    fc.assert(
      fc.property(figure(-10, 40), (at_C) => {
        const shared = { ...plain, alpha_per_K: GAUGE_STEEL_PER_K, part_C: at_C, shop_C: at_C };
        expect(correctedSize(shared)).toBeCloseTo(20, 9);
      }),
    );
  });
});

describe('the plane through a floor’s depths', () => {
  const around = (radius: number, depth: (x: number, y: number) => number, n = 6): DepthPoint[] =>
    Array.from({ length: n }, (_, i) => {
      const [x_mm, y_mm] = [
        radius * Math.cos((2 * Math.PI * i) / n),
        radius * Math.sin((2 * Math.PI * i) / n),
      ];
      return { x_mm, y_mm, depth_mm: depth(x_mm, y_mm) };
    });

  it('is found again, however it lies', () => {
    fc.assert(
      fc.property(figure(15, 25), figure(-1e-3, 1e-3), figure(-1e-3, 1e-3), (a, b, c) => {
        const fit = tiltOf(
          around(40, (x, y) => a + b * x + c * y),
          100,
        );
        expect(fit.mean_mm).toBeCloseTo(a, 9);
        expect(fit.tilt_mm).toBeCloseTo(100 * Math.hypot(b, c), 9);
        expect(fit.residualRms_mm).toBeLessThan(1e-9);
      }),
    );
  });
  it('points to the deep side', () => {
    const towards = (x: number, y: number) =>
      tiltOf(
        around(40, (px, py) => 20 + 1e-4 * (px * x + py * y)),
        100,
      ).direction_deg;
    expect([towards(1, 0), towards(0, 1), towards(-1, 0), towards(0, -1)]).toEqual([
      expect.closeTo(0, 6),
      expect.closeTo(90, 6),
      expect.closeTo(180, 6),
      expect.closeTo(270, 6),
    ]);
  });
  it('is not tilted by waviness that goes round evenly', () => {
    const points = around(40, () => 20, 4).map((p, i) => ({
      ...p,
      depth_mm: 20 + (i % 2 === 0 ? 0.01 : -0.01),
    }));
    const fit = tiltOf(points, 100);
    expect(fit.tilt_mm).toBeCloseTo(0, 12);
    expect(fit.residualRms_mm).toBeCloseTo(0.01, 12);
    expect([fit.smallest_mm, fit.largest_mm]).toEqual([19.99, 20.01]);
  });
  it('knows its own uncertainty: four places on a circle give √2/r a place', () => {
    const fit = tiltOf(
      around(40, (x) => 20 + 1e-4 * x, 4),
      100,
    );
    expect(fit.uPerDepth).toBeCloseTo((100 * Math.SQRT1_2) / 40, 9);
  });
  describe('wherever the places lie', () => {
    const D = 60;
    // They keep the others from lying on a line.
    const CORNERS: readonly DepthPoint[] = [
      { x_mm: 31, y_mm: 2, depth_mm: 20.02 },
      { x_mm: -7, y_mm: -11, depth_mm: 20 },
      { x_mm: 12, y_mm: -40, depth_mm: 19.97 },
    ];
    const place = fc.record({
      x_mm: figure(-20, 60),
      y_mm: figure(-50, 10),
      depth_mm: figure(19.9, 20.1),
    });
    const places = fc
      .array(place, { minLength: 4, maxLength: 9 })
      .map((more) => [...CORNERS, ...more]);
    it('leaves what is not of its kind: no offset, and no slope along x or y', () => {
      fc.assert(
        fc.property(places, (points) => {
          const fit = tiltOf(points, D);
          const towards = (fit.direction_deg * Math.PI) / 180;
          const [b, c] = [Math.cos(towards), Math.sin(towards)].map((u) => (u * fit.tilt_mm) / D);
          const off = points.map((p) => p.depth_mm - fit.mean_mm - b! * p.x_mm - c! * p.y_mm);
          const sum = (of: (r: number, i: number) => number) =>
            off.reduce((total, r, i) => total + of(r, i), 0);
          expect(sum((r) => r)).toBeCloseTo(0, 9);
          expect(sum((r, i) => r * points[i]!.x_mm)).toBeCloseTo(0, 7);
          expect(sum((r, i) => r * points[i]!.y_mm)).toBeCloseTo(0, 7);
          expect(fit.residualRms_mm).toBeCloseTo(Math.sqrt(sum((r) => r * r) / off.length), 9);
          expect(fit.residual_mm).toBeCloseTo(Math.sqrt(sum((r) => r * r) / (off.length - 3)), 9);
        }),
      );
    });
    it('has the uncertainty that moving each depth a little shows', () => {
      const STEP = 1e-7;
      fc.assert(
        fc.property(places, (points) => {
          const { tilt_mm, uPerDepth } = tiltOf(points, D);
          fc.pre(tilt_mm > 0.01);
          const moved = (i: number, by: number) =>
            tiltOf(
              points.map((p, j) => (j === i ? { ...p, depth_mm: p.depth_mm + by } : p)),
              D,
            ).tilt_mm;
          const rates = points.map((_, i) => (moved(i, STEP) - moved(i, -STEP)) / (2 * STEP));
          expect(Math.hypot(...rates) / uPerDepth).toBeCloseTo(1, 5);
        }),
      );
    });
  });
  it('gives every depth its share of the residual', () => {
    // Five on a cross with the middle one off by d: the plane is level and lifts by d/5.
    const cross = [
      [1, 0],
      [-1, 0],
      [0, 1],
      [0, -1],
      [0, 0],
    ] as const;
    const fit = tiltOf(
      cross.map(([x_mm, y_mm], i) => ({ x_mm, y_mm, depth_mm: i === 4 ? 0.005 : 0 })),
      2,
    );
    const squares = 4 * 0.001 ** 2 + 0.004 ** 2;
    expect(fit.residualRms_mm).toBeCloseTo(Math.sqrt(squares / 5), 12);
    expect(fit.residual_mm).toBeCloseTo(Math.sqrt(squares / 2), 12);
    expect(fit.uPerDepth).toBeCloseTo(2 * Math.SQRT1_2, 12);
  });
  it('is refused where the places tell none', () => {
    expect(() => tiltOf(around(40, () => 20).slice(0, 2), 100)).toThrow(/three places/);
    const line = [1, 2, 3, 4].map((x) => ({ x_mm: x, y_mm: 2 * x, depth_mm: 20 }));
    expect(() => tiltOf(line, 100)).toThrow(/one line/);
  });
});

/**
 * The worked example of the Measurement Systems Analysis reference manual
 * (AIAG, 4th edition, table III-B 6 and the analysis of variance after it):
 * three appraisers, ten parts, three trials.
 */
const MANUAL: Readonly<Record<string, readonly (readonly number[])[]>> = {
  A: [
    [0.29, -0.56, 1.34, 0.47, -0.8, 0.02, 0.59, -0.31, 2.26, -1.36],
    [0.41, -0.68, 1.17, 0.5, -0.92, -0.11, 0.75, -0.2, 1.99, -1.25],
    [0.64, -0.58, 1.27, 0.64, -0.84, -0.21, 0.66, -0.17, 2.01, -1.31],
  ],
  B: [
    [0.08, -0.47, 1.19, 0.01, -0.56, -0.2, 0.47, -0.63, 1.8, -1.68],
    [0.25, -1.22, 0.94, 1.03, -1.2, 0.22, 0.55, 0.08, 2.12, -1.62],
    [0.07, -0.68, 1.34, 0.2, -1.28, 0.06, 0.83, -0.34, 2.19, -1.5],
  ],
  C: [
    [0.04, -1.38, 0.88, 0.14, -1.46, -0.29, 0.02, -0.46, 1.77, -1.49],
    [-0.11, -1.13, 1.09, 0.2, -1.07, -0.67, 0.01, -0.56, 1.45, -1.77],
    [-0.15, -0.96, 0.67, 0.11, -1.45, -0.49, 0.21, -0.49, 1.87, -2.16],
  ],
};

const readings: StudyReading[] = Object.entries(MANUAL).flatMap(([person, trials]) =>
  trials.flatMap((row, trial) =>
    row.map((value, part) => ({ person, part: `${part + 1}`, trial: trial + 1, value })),
  ),
);

describe('a repeatability study', () => {
  it('comes to what the manual prints for its example', () => {
    const result = studyOf(readings);
    expect(result.repeatability).toBeCloseTo(0.199933, 6);
    expect(result.reproducibility).toBeCloseTo(0.226838, 6);
    expect(result.grr).toBeCloseTo(0.302373, 5);
    expect(result.parts).toBeCloseTo(1.042327, 6);
    expect(result.total).toBeCloseTo(1.085, 3);
    expect(result.grrPercent).toBeCloseTo(27.86, 2);
    expect(result.categories).toBe(4);
  });
  it('keeps an interaction that is no noise', () => {
    const two = [1, 2].flatMap((trial) =>
      ['P', 'Q'].flatMap((person, b) =>
        ['1', '2', '3'].map((part, a) => ({
          person,
          part,
          trial,
          value: (b === 0 ? 1 : -1) * (a - 1) + 0.001 * trial,
        })),
      ),
    );
    const result = studyOf(two);
    expect(result.repeatability).toBeLessThan(0.01);
    expect(result.reproducibility).toBeGreaterThan(0.9);
  });
  it('scatters on the degrees of freedom of what it was pooled of', () => {
    // Ten parts, three people, three times: 60 of the error, and 18 of an interaction that is noise.
    expect(scatterOf(readings)).toEqual({ s_mm: studyOf(readings).repeatability, freedom: 78 });
    const each = (one: StudyReading) => (one.person === 'A' ? 1 : -1) * (Number(one.part) % 3);
    const own = readings.map((r) => ({ ...r, value: r.value + each(r) }));
    expect(scatterOf(own)).toEqual({ s_mm: studyOf(own).repeatability, freedom: 60 });
    expect(() => scatterOf([])).toThrow(/two parts/);
  });
  it('does not care in which order the readings come, nor from where sizes are counted', () => {
    const first = studyOf(readings);
    fc.assert(
      fc.property(
        fc.shuffledSubarray(readings, { minLength: readings.length }),
        figure(-50, 50),
        (shuffled, from) => {
          const moved = studyOf(shuffled.map((r) => ({ ...r, value: r.value + from })));
          expect(moved.grr).toBeCloseTo(first.grr, 6);
          expect(moved.parts).toBeCloseTo(first.parts, 6);
        },
      ),
      { numRuns: 25 },
    );
  });
  it('says nothing differs where nothing does, and that perfect hands tell all', () => {
    const flat = studyOf(readings.map((r) => ({ ...r, value: 5 })));
    expect(flat).toMatchObject({ grr: 0, parts: 0, total: 0, grrPercent: 0, categories: 1 });
    const perfect = studyOf(readings.map((r) => ({ ...r, value: Number(r.part) })));
    expect(perfect.grr).toBeCloseTo(0, 9);
    expect(perfect.categories).toBeGreaterThan(1e6);
  });
  it.each([
    ['one part', readings.filter((r) => r.part === '1'), /two parts/],
    ['one person', readings.filter((r) => r.person === 'A'), /two people/],
    ['one trial', readings.filter((r) => r.trial === 1), /twice at least/],
    ['a reading missing', readings.slice(1), /equally often/],
    ['a reading twice', [...readings, readings[0]!], /there twice/],
  ])('of %s is refused', (_, bad, message) => {
    expect(() => studyOf(bad)).toThrow(message);
  });
});

describe('a ladder that climbs', () => {
  const ladder = ladderOf(
    { leaves_mm: [0.02, 0.03, 0.04, 0.05, 0.06, 0.08], maxStack: 2 },
    'climb',
  );
  const limits = { lower_mm: 0.035, upper_mm: 0.07 };
  const next = (...tries: [number, 'free' | 'no-go'][]) =>
    nextTry(
      ladder,
      limits,
      'verdict',
      tries.map(([leaf, felt]) => ({ leaves_mm: [leaf], felt })),
    )?.leaves_mm;
  it('starts with a leaf that is sure to go, and takes the next thicker', () => {
    expect(next()).toEqual([0.03]);
    expect(next([0.03, 'free'])).toEqual([0.04]);
    expect(next([0.03, 'free'], [0.04, 'free'])).toEqual([0.05]);
  });
  it('stops as soon as the verdict is proven', () => {
    expect(next([0.03, 'free'], [0.04, 'free'], [0.05, 'no-go'])).toBeUndefined();
    expect(next([0.03, 'no-go'])).toBeUndefined();
  });
});
