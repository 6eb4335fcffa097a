import fc from 'fast-check';
import type { Estimate } from '../metrology/estimate';
import { SHEETS } from '../testing/sheets';
import { familyOf } from '../pumps/registry';
import { gapFigure } from './gapFigure';
import { pumpFigure } from './pumpFigure';
import { runChart } from './runChart';

const leaf = (lo_mm: number, hi_mm: number | null): Estimate => ({
  kind: 'interval',
  lo_mm,
  hi_mm,
});
const of = (lo: number, hi: number | null) => {
  const both = leaf(lo, hi);
  return { smallest: both, largest: both };
};

/** Returns all x of a path of straight lines. */
const acrossOf = (path: string): number[] =>
  [...path.matchAll(/[MLH](-?[\d.]+)/g)].map(([, x]) => Number(x));

describe('the bar of a gap on paper', () => {
  it('lies within its frame, whatever is known', () => {
    fc.assert(
      fc.property(
        fc.tuple(
          fc.double({ min: 0, max: 1, noNaN: true }),
          fc.double({ min: 0.001, max: 5, noNaN: true }),
        ),
        fc.boolean(),
        ([low, wide], isOpen) => {
          const figure = gapFigure({
            limits: { lower_mm: 0.02, upper_mm: 0.08 },
            known: of(low, isOpen ? null : low + wide),
            before: of(low + wide, low + 2 * wide),
            kind: 'gap',
          })!;
          for (const { path } of figure.marks) {
            for (const x of acrossOf(path)) {
              expect(x).toBeGreaterThanOrEqual(0);
              expect(x).toBeLessThanOrEqual(figure.width);
            }
          }
        },
      ),
    );
  });
  it('has what it is solid, what it was hollow, what has no end faint', () => {
    const looks = (known: ReturnType<typeof of> | null, before: ReturnType<typeof of> | null) =>
      gapFigure({ limits: null, known, before, kind: 'gap' })?.marks.map(
        ({ fill, line, isFaint }) => [fill ?? '', line ?? '', isFaint ?? false].join(' '),
      );
    expect(looks(of(0.04, 0.05), of(0.09, 0.1))).toEqual([
      ' muted false',
      ' brass false',
      'paper brass false',
      ' brass false',
      'brass  false',
    ]);
    expect(looks(of(0.04, null), null)).toContain('brass  true');
    expect(looks(null, null)).toBeUndefined();
  });
});

describe('the pump on paper', () => {
  it.each(SHEETS.map((sheet) => [sheet.id, sheet] as const))('is all of %s', (_, sheet) => {
    const outline = familyOf(sheet.family).outline(sheet.geometry, { view: 'body' });
    const figure = pumpFigure(outline);
    expect(figure.marks).toHaveLength(outline.shapes.length);
    expect(figure.left).toBe(-figure.width / 2);
  });
});

describe('the chart of a run', () => {
  const frame = { width: 100, height: 50, top: 5, bottom: 5, left: 10 };
  const samples = Array.from({ length: 40 }, (_, i) => ({
    t_s: i,
    flow_lpm: i === 20 ? 900 : 10,
    bar: 8,
    rpm: 700,
    oil_C: 90,
  }));

  it('is not squeezed by one that is rubbish, and holds what is wanted', () => {
    const { scale } = runChart(samples, frame, 1, 12);
    expect(scale.y(10)).toBeLessThan(frame.height / 2);
    expect(scale.y(12)).toBeLessThan(scale.y(10));
    expect(scale.y(900)).toBe(frame.top);
    expect(scale.timeAt(scale.x(17))).toBeCloseTo(17, 9);
  });
});
