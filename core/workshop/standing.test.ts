import fc from 'fast-check';
import { standing } from './standing';

const length = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('where a figure stands', () => {
  it('counts half of what equals it', () => {
    expect(standing([1, 1, 2, 3], 1).percentile).toBe(25);
    expect(standing([1, 2, 3, 4], 9)).toMatchObject({ percentile: 100, enough: false });
    expect(standing([], 1)).toEqual({
      n: 0,
      median: null,
      percentile: null,
      robustZ: null,
      enough: false,
    });
  });
  it('is the same in any unit and from any zero', () => {
    const micron = fc.integer({ min: -5000, max: 5000 }).map((n) => n / 1000);
    const past = fc.array(micron, { minLength: 5, maxLength: 12 });
    fc.assert(
      fc.property(past, micron, length(0.1, 25.4), (figures, value, unit) => {
        const one = standing(figures, value);
        fc.pre(one.robustZ !== null);
        const other = standing(
          figures.map((x) => x * unit + 3),
          value * unit + 3,
        );
        expect(other.robustZ).toBeCloseTo(one.robustZ ?? NaN, 4);
      }),
    );
  });
  it('is told from five on, and without any spread not in deviations', () => {
    expect(standing([1, 2, 3, 4, 5], 3)).toMatchObject({ n: 5, enough: true, median: 3 });
    expect(standing([2, 2, 2, 2, 2], 3)).toMatchObject({ robustZ: null, percentile: 100 });
    expect(standing([1, 2, 3], 2.5).percentile).toBeCloseTo(200 / 3, 9);
  });
});
