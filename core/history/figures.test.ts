import fc from 'fast-check';
import { controlChart } from './control';
import { groupDifference } from './difference';
import { dotColumns } from './dots';
import type { PastFigure } from './past';
import { serialKey } from './serial';
import { hoursLeft, slopeOf } from './wear';
import { workingLimit } from './workingLimit';
import { evenFrom, normalFrom } from '../random';

const figure = (mm: number, i = 0): PastFigure => ({
  id: `j-${i}`,
  tag: `T-${i}`,
  day: '2026-01-01',
  mm,
  used: null,
  usedUnit: 'h',
  isBack: false,
  makes: new Map(),
});
const lengths = fc.array(
  fc.integer({ min: 0, max: 400 }).map((um) => um / 1000),
  {
    minLength: 5,
    maxLength: 40,
  },
);

describe('a control chart', () => {
  // Montgomery's own sum by hand: moving ranges 2, 3, 1, 1, 1, 1, 1 with mean 10/7.
  const FIGURES = [10, 12, 9, 10, 11, 10, 11, 10];

  it('has its limits three mean moving ranges over 1.128 from the mean', () => {
    const chart = controlChart(FIGURES)!;
    expect(chart.centre).toBeCloseTo(10.375, 9);
    expect(chart.upper - chart.centre).toBeCloseTo((3 * (10 / 7)) / 1.128, 9);
    expect([chart.beyond, chart.run]).toEqual([[], null]);
  });
  it('says nothing for fewer than eight', () => {
    expect(controlChart(FIGURES.slice(1))).toBeNull();
  });
  it('finds what lies beyond, and a stretch on one side, not one that a figure on the middle breaks', () => {
    const steady = Array.from({ length: 20 }, (_, i) => (i % 2 ? 1 : 1.02));
    expect(controlChart([...steady, 1.5])?.beyond).toEqual([20]);
    const shifted = [...steady, ...Array.from({ length: 8 }, (_, i) => 1.3 + (i % 2) / 100)];
    expect(controlChart(shifted)?.run).toEqual({ from: 20, to: 27, side: 'above' });
    expect(controlChart([1, 1, 1, 1, 1, 1, 1, 1])).toMatchObject({ run: null, beyond: [] });
  });
});

describe('the difference of two groups', () => {
  it('is none between a group and itself, and turns its sign with its sides', () => {
    fc.assert(
      fc.property(lengths, lengths, (a, b) => {
        expect(groupDifference(a, a)).toMatchObject({ by: 0, p: 1 });
        const [there, back] = [groupDifference(a, b), groupDifference(b, a)];
        expect(there.by).toBeCloseTo(-back.by, 12);
        expect(there.p).toBeCloseTo(back.p, 9);
      }),
    );
  });
  it('moves with a shift of one group, and a clear one is no chance', () => {
    const even = evenFrom(3);
    const [a, b] = [20, 20].map((n) =>
      Array.from({ length: n }, () => 0.06 + 0.004 * normalFrom(even)),
    );
    const shifted = b!.map((mm) => mm + 0.008);
    expect(groupDifference(shifted, b!).by).toBeCloseTo(0.008, 9);
    expect(groupDifference(shifted, a!).p).toBeLessThan(0.001);
    expect(groupDifference(a!, b!).p).toBeGreaterThan(0.05);
  });
});

describe('a working limit', () => {
  it('concludes nothing below five, and is its own interval where all are alike', () => {
    expect(workingLimit([0.05, 0.05, 0.06, 0.05])).toBeNull();
    expect(workingLimit(Array(6).fill(0.05))).toEqual({ n: 6, limit: 0.05, from: 0.05, to: 0.05 });
  });
  it('is near what 95 of 100 lie under, and its interval narrows with more', () => {
    const even = evenFrom(11);
    const draw = (n: number) => Array.from({ length: n }, () => 0.06 + 0.01 * normalFrom(even));
    const [few, many] = [workingLimit(draw(12))!, workingLimit(draw(600))!];
    expect(many.limit).toBeCloseTo(0.06 + 1.645 * 0.01, 2);
    expect(many.from).toBeLessThan(0.0765);
    expect(many.to).toBeGreaterThan(0.0765);
    expect(many.to - many.from).toBeLessThan((few.to - few.from) / 3);
  });
  it('moves and grows with the figures, whatever their order', () => {
    fc.assert(
      fc.property(lengths, (all) => {
        const limit = workingLimit(all)!.limit;
        expect(workingLimit(all.map((mm) => 2 * mm + 1))!.limit).toBeCloseTo(2 * limit + 1, 6);
        expect(workingLimit([...all].reverse())!.limit).toBeCloseTo(limit, 12);
      }),
      { numRuns: 40 },
    );
  });
});

describe('columns of dots', () => {
  it('hold every figure once, in few enough columns, each near its place', () => {
    fc.assert(
      fc.property(lengths, (all) => {
        const columns = dotColumns(all.map(figure));
        expect(columns.flatMap(({ figures }) => figures)).toHaveLength(all.length);
        expect(columns.length).toBeLessThanOrEqual(25);
        const width = (Math.max(...all) - Math.min(...all)) / 4 + 0.0001;
        for (const { at_mm, figures } of columns)
          for (const { mm } of figures) expect(Math.abs(mm - at_mm)).toBeLessThanOrEqual(width);
      }),
    );
  });
});

describe('wear', () => {
  it('is the slope that most pairs have, whatever one of them says', () => {
    const points = [0, 1000, 2000, 3000, 4000, 5000].map((h) => [h, 0.03 + h * 1e-5] as const);
    expect(slopeOf([...points, [2500, 0.4]])?.slope).toBeCloseTo(1e-5, 9);
    expect(slopeOf(points.slice(0, 4))).toBeNull();
    expect(slopeOf(points.map(([, mm]) => [500, mm]))).toBeNull();
  });
  it('holds no slope where there is none', () => {
    const even = evenFrom(4);
    const { from, to } = slopeOf(Array.from({ length: 30 }, (_, i) => [i, normalFrom(even)]))!;
    expect(from).toBeLessThan(0);
    expect(to).toBeGreaterThan(0);
  });
  it('leaves hours to the limit, and none beyond it', () => {
    expect(hoursLeft(0.05, 0.08, 0.015)).toBeCloseTo(2000, 9);
    expect(hoursLeft(0.09, 0.08, 0.015)).toBe(0);
  });
});

describe('a serial number', () => {
  it('is the same however it is written, and none where it is too short', () => {
    expect(serialKey(' 71 204-a ')).toBe(serialKey('71204A'));
    expect([serialKey('?'), serialKey('12'), serialKey('Ä-12')]).toEqual(['', '', 'Ä12']);
  });
});
