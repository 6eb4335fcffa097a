import { deviation, mean } from 'd3-array';
import { evenFrom, normalFrom, seedOf } from './random';

describe('random numbers that are passed in', () => {
  it('are the same for the same seed, and others for another', () => {
    const draw = (seed: number) => Array.from({ length: 5 }, evenFrom(seed));
    expect(draw(7)).toEqual(draw(7));
    expect(draw(7)).not.toEqual(draw(8));
    expect(seedOf('study-1')).toBe(seedOf('study-1'));
    expect(seedOf('study-1')).not.toBe(seedOf('study-2'));
  });
  it('are even from 0 to 1, and normal where asked for', () => {
    const even = evenFrom(42);
    const evens = Array.from({ length: 20_000 }, even);
    expect(Math.min(...evens)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...evens)).toBeLessThan(1);
    expect(mean(evens)).toBeCloseTo(0.5, 1);
    const normals = Array.from({ length: 20_000 }, () => normalFrom(even));
    expect(mean(normals)).toBeCloseTo(0, 1);
    expect(deviation(normals)).toBeCloseTo(1, 1);
  });
});
