import { evenFrom, normalFrom } from '../random';
import { handsOf } from './hands';
import type { Repeat } from './repeats';

const even = evenFrom(5);
const STUDY = { s_mm: 0.002, freedom: 40 };
/** Pairs of readings of somebody who scatters so much. */
const pairs = (by: string, s_mm: number, n: number): Repeat[] =>
  Array.from({ length: n }, (_, i) => {
    const [a, b] = [s_mm * normalFrom(even), s_mm * normalFrom(even)];
    return {
      by,
      instrument: 'Outside mic',
      day: `2026-01-${String(i + 1).padStart(2, '0')}`,
      s_mm: Math.abs(a - b) / Math.SQRT2,
      n: 2,
    };
  });

describe('hands at the bench beside a study', () => {
  const hands = handsOf([...pairs('Ann', 0.002, 25), ...pairs('Bo', 0.006, 25)], 'by', STUDY);
  const of = (name: string) => hands.find((hand) => hand.name === name)!;

  it('scatter as the study has it, or more than chance', () => {
    expect(of('Ann').s_mm).toBeGreaterThan(0.0014);
    expect(of('Ann').s_mm).toBeLessThan(0.0027);
    expect(of('Ann').p).toBeGreaterThan(0.05);
    expect(of('Bo').p).toBeLessThan(0.001);
    expect(of('Bo').chart.beyond.length).toBeGreaterThan(3);
  });
  it('are pooled by their degrees of freedom, for an instrument those of everybody', () => {
    const repeat = (s_mm: number, n: number): Repeat => ({
      ...pairs('Ann', 0.001, 1)[0]!,
      s_mm,
      n,
    });
    const [mic, ...others] = handsOf([repeat(0.001, 2), repeat(0.002, 3)], 'instrument', STUDY);
    expect(others).toEqual([]);
    expect(mic!.s_mm).toBeCloseTo(Math.sqrt((0.001 ** 2 + 2 * 0.002 ** 2) / 3), 12);
    // Only pairs go on the chart: its limits are those of two.
    expect(mic!.chart.figures).toEqual([0.001]);
  });
  it('conclude nothing below five', () => {
    expect(handsOf(pairs('Ann', 0.1, 4), 'by', STUDY)[0]!.p).toBeNull();
  });
});
