import fc from 'fast-check';
import type { Figure } from './figure';
import { dotFigure, type DotsShown } from './dotFigure';
import { scatterFigure, type ScatterShown } from './scatterFigure';
import { trendFigure } from './trendFigure';

/** Returns the corners and the middles that a path goes by, as far as it names them outright. */
const placesIn = (path: string): { x: number[]; y: number[] } => {
  const [x, y]: [number[], number[]] = [[], []];
  for (const [, way = '', rest = ''] of path.matchAll(/([MLHV])(-?[\d.]+(?:\s-?[\d.]+)?)/g)) {
    const [first = NaN, second] = rest.split(/\s/).map(Number);
    if (way === 'V') y.push(first);
    else x.push(first);
    if (second !== undefined && (way === 'M' || way === 'L')) y.push(second);
  }
  return { x, y };
};

/** Expects all that a figure draws to lie in its frame, with a breadth of a line to spare. */
function expectInside({ marks, words, width, height }: Figure) {
  for (const { path } of marks) {
    const { x, y } = placesIn(path);
    for (const one of x) expect(one >= -1 && one <= width + 1).toBe(true);
    for (const one of y) expect(one >= -1 && one <= height + 1).toBe(true);
  }
  for (const { x, y } of words) {
    expect(x >= 0 && x <= width && y >= 0 && y <= height).toBe(true);
  }
}

const rings = (path = ''): number => path.split('M').length - 1;
const mm = fc.integer({ min: 0, max: 2000 }).map((um) => um / 1000);
const limit = fc.option(mm);

describe('a distribution', () => {
  const columns = fc
    .uniqueArray(fc.integer({ min: 0, max: 40 }), { minLength: 1, maxLength: 15 })
    .chain((places) =>
      fc
        .array(fc.array(fc.boolean(), { minLength: 1, maxLength: 60 }), {
          minLength: places.length,
          maxLength: places.length,
        })
        .map((all) =>
          [...places]
            .sort((a, b) => a - b)
            .map((at, i) => ({ at_mm: at / 100, isHollow: all[i] ?? [] })),
        ),
    );
  const shown = fc.record({
    columns,
    limits: fc.option(fc.record({ lower_mm: limit, upper_mm: limit })),
    own: fc.option(fc.record({ mm, word: fc.constant('this one 0.05 mm') })),
  });

  it('has a dot for each pump, hollow for what came back, all of it in its frame', () => {
    fc.assert(
      fc.property(shown, (asked: DotsShown) => {
        const figure = dotFigure(asked, String, 1)!;
        expectInside(figure);
        const all = asked.columns.flatMap(({ isHollow }) => isHollow);
        const hollow = all.filter(Boolean).length;
        const dots = figure.marks.filter(({ fill }) => fill === 'brass' || fill === 'plate');
        expect(dots.map(({ path }) => rings(path))).toEqual([all.length - hollow, hollow]);
      }),
      { numRuns: 60 },
    );
  });
  it('is none without a dot, and marks this pump only where one asks', () => {
    const one = { columns: [{ at_mm: 0.05, isHollow: [false] }], limits: null, own: null };
    const blue = (figure: Figure | null) => figure?.marks.filter(({ line }) => line === 'blue');
    expect(dotFigure({ ...one, columns: [] }, String, 1)).toBeNull();
    expect(blue(dotFigure(one, String, 1))).toEqual([]);
    const own = { mm: 0.07, word: 'this one' };
    const figure = dotFigure({ ...one, own }, String, 1);
    expect(blue(figure)).toHaveLength(1);
    expect(figure?.words.map(({ text }) => text)).toContain('this one');
  });
  it('shows no part of the zone beyond a limit', () => {
    const at = (upper_mm: number) => {
      const figure = dotFigure(
        {
          columns: [
            { at_mm: 0.02, isHollow: [false] },
            { at_mm: 0.1, isHollow: [false] },
          ],
          limits: { lower_mm: null, upper_mm },
          own: null,
        },
        String,
        1,
      )!;
      const zone = figure.marks.find(({ fill }) => fill === 'in');
      return Math.max(...placesIn(zone?.path ?? '').x);
    };
    expect(at(0.05)).toBeLessThan(at(0.08));
  });
});

describe('a scatter', () => {
  const dot = fc.record({ at: fc.integer({ min: 0, max: 90_000 }), mm, isHollow: fc.boolean() });
  const shown = fc.record({
    dots: fc.array(dot, { minLength: 1, maxLength: 40 }),
    upper_mm: limit,
    own: fc.option(fc.record({ at: fc.integer({ min: 0, max: 90_000 }), mm })),
    unit: fc.constantFrom('h', 'km'),
  });

  it('has all its dots in its frame, in thou as in mm, and its unit on the last word across', () => {
    fc.assert(
      fc.property(shown, fc.constantFrom(1, 0.0254), (asked: ScatterShown, unit_mm) => {
        const figure = scatterFigure(asked, (one) => one.toFixed(2), unit_mm)!;
        expectInside(figure);
        const across = figure.words.filter(({ anchor }) => anchor === 'middle');
        expect(across.at(-1)?.text.endsWith(` ${asked.unit}`)).toBe(true);
        const [full, hollow] = figure.marks.filter(({ fill }) =>
          ['brass', 'plate'].includes(fill ?? ''),
        );
        expect(rings(full?.path) + rings(hollow?.path)).toBe(asked.dots.length);
      }),
      { numRuns: 60 },
    );
  });
  it('puts a wider gap higher, and more hours further right', () => {
    const figure = scatterFigure(
      {
        dots: [
          { at: 1000, mm: 0.05, isHollow: false },
          { at: 3000, mm: 0.09, isHollow: false },
        ],
        upper_mm: null,
        own: null,
        unit: 'h',
      },
      String,
      1,
    )!;
    const { x, y } = placesIn(figure.marks.find(({ fill }) => fill === 'brass')?.path ?? '');
    expect(x[0]).toBeLessThan(x[1]!);
    expect(y[0]).toBeGreaterThan(y[1]!);
  });
});

describe('a trend', () => {
  const chart = (figures: readonly number[]) => ({
    centre: figures[0] ?? 0,
    lower: Math.min(...figures) - 0.01,
    upper: Math.max(...figures) + 0.01,
    beyond: [0],
  });

  it('lies in its frame with and without limits, also where all are alike', () => {
    fc.assert(
      fc.property(
        fc.array(mm, { minLength: 2, maxLength: 60 }),
        fc.boolean(),
        (figures, isCharted) => {
          const figure = trendFigure({
            figures,
            chart: isCharted ? chart(figures) : null,
            from: 'Jan',
            to: 'Mar',
          })!;
          expectInside(figure);
          expect(figure.words.map(({ text }) => text)).toEqual(['Jan', 'Mar']);
          expect(figure.marks.some(({ line }) => line === 'out')).toBe(isCharted);
          expect(figure.marks.some(({ fill }) => fill === 'out')).toBe(isCharted);
        },
      ),
      { numRuns: 60 },
    );
    expect(trendFigure({ figures: [1], chart: null, from: '', to: '' })).toBeNull();
  });
});
