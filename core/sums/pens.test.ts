import fc from 'fast-check';
import { PENS, WIDTH } from './pens';
import type { Lettering, Outline, Scene } from './picture';

const outlines = ({ parts }: Scene): Outline[] => parts.filter((part) => 'path' in part);
const letters = ({ parts }: Scene): Lettering[] => parts.filter((part) => 'text' in part);

/** Returns the ends of a lying box: of a path from one to the other and back. */
function endsOf({ path }: Outline): readonly [number, number] {
  const [, from = '', to = ''] = /^M([\d.]+) [\d.]+H([\d.]+)V/.exec(path) ?? [];
  return [Number(from), Number(to)];
}

/** Returns where an upright line stands, and from where to where it reaches. */
function uprightOf({ path }: Outline) {
  const [, x = '', top = '', , bottom = ''] =
    /^M([\d.]+) ([\d.]+)L([\d.]+) ([\d.]+)$/.exec(path) ?? [];
  return { x: Number(x), top: Number(top), bottom: Number(bottom) };
}

describe('a scale', () => {
  const MARKS = [
    { at: 0.1, text: 'at least 0.10', ink: 'out' },
    { at: 0.2, text: 'read 0.20', ink: 'ink' },
    { at: 0.4, text: 'at most 0.40', ink: 'out' },
  ] as const;

  it('has its marks and stretches to one scale', () => {
    const scene = PENS.scale({
      stretches: [{ from: 0.1, to: 0.2, ink: 'in' }],
      marks: MARKS,
      said: 'A scale.',
    });
    const [least = 0, read = 0, most = 0] = outlines(scene).flatMap((outline) => {
      const { x } = uprightOf(outline);
      return x > 0 ? [x] : [];
    });
    expect((most - read) / (read - least)).toBeCloseTo(2, 2);
    const [from, to] = endsOf(outlines(scene)[1]!);
    expect([from, to]).toEqual([expect.closeTo(least, 1), expect.closeTo(read, 1)]);
  });
  it('never writes one word over another, nor beyond the paper', () => {
    const place = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(fc.array(place, { minLength: 1, maxLength: 6 }), (places) => {
        const marks = places.map((at) => ({ at, text: 'limit 0.123', ink: 'ink' as const }));
        const scene = PENS.scale({ stretches: [], marks, said: 'A scale.' });
        const half = ('limit 0.123'.length * 6) / 2;
        const words = letters(scene);
        for (const { x, y } of words) {
          expect(x - half).toBeGreaterThanOrEqual(0);
          expect(x + half).toBeLessThanOrEqual(WIDTH);
          expect(y).toBeGreaterThan(8);
        }
        for (const [i, a] of words.entries())
          for (const b of words.slice(i + 1))
            expect(Math.abs(a.x - b.x) >= 2 * half || Math.abs(a.y - b.y) >= 13).toBe(true);
      }),
    );
  });
});

describe('bars', () => {
  it('are to one scale, piece after piece, with lines at their values', () => {
    const scene = PENS.bars({
      bars: [
        {
          name: 'Repair',
          pieces: [
            { value: 30, ink: 'steel' },
            { value: 10, ink: 'out' },
          ],
          total: '40',
        },
        { name: 'New', pieces: [{ value: 80, ink: 'steel' }], total: '80' },
      ],
      lines: [{ at: 40, text: 'at most', ink: 'out' }],
      said: 'Bars.',
    });
    const boxes = outlines(scene)
      .map(endsOf)
      .filter(([, to]) => to > 0);
    const [[, first] = [0, 0], [begins, ends] = [0, 0], [, whole] = [0, 0]] = boxes;
    expect(begins).toBeCloseTo(first, 2);
    expect(whole / ends).toBeCloseTo(2, 2);
    const [line] = outlines(scene)
      .map(uprightOf)
      .filter(({ x }) => x > 0);
    expect(line?.x).toBeCloseTo(ends, 1);
    expect(letters(scene).map(({ text }) => text)).toEqual([
      'at most',
      'Repair',
      '40',
      'New',
      '80',
    ]);
  });
  it('of nothing at all have no length, and are no fault', () => {
    const none = { name: 'Repair', pieces: [{ value: 0, ink: 'steel' as const }], total: '0' };
    const { parts } = PENS.bars({ bars: [none], said: 'Bars.' });
    expect(JSON.stringify(parts)).not.toMatch(/NaN|Infinity/);
  });
});

describe('a chart', () => {
  const of = (at: number | null) =>
    PENS.chart({
      from: 0,
      to: 100,
      at,
      label: String,
      curves: [{ name: 'twice', of: (x) => 2 * x }],
      decimals: 0,
      axes: 'over x',
      said: 'A chart.',
    });

  it('runs from one end to the other, with words at five places', () => {
    const { curves, labels } = of(null);
    expect([curves[0]?.values[0], curves[0]?.values.at(-1)]).toEqual([0, 200]);
    expect(labels.filter(Boolean)).toEqual(['0', '20', '40', '60', '80']);
    expect(of(null).at).toBeNull();
  });
  it('has its answer on its first curve', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 100, noNaN: true }), (x) => {
        const { at, curves } = of(x);
        const values = curves[0]?.values ?? [];
        const place = at?.place ?? NaN;
        const [low = NaN, high = NaN] = [values[Math.floor(place)], values[Math.ceil(place)]];
        expect(at?.value).toBeCloseTo(2 * x, 9);
        expect(at?.value).toBeGreaterThanOrEqual(low - 1e-9);
        expect(at?.value).toBeLessThanOrEqual(high + 1e-9);
      }),
    );
  });
});

describe('an arrow', () => {
  it('ends where it points, and one round a middle on its circle', () => {
    const { path } = PENS.arrow({ x: 10, y: 20 }, { x: 50, y: 20 }, 'blue');
    expect(path).toContain('L50.00 20.00');
    const round = PENS.turn({ x: 100, y: 100 }, 40, -90, 90, 'blue').path;
    expect(round).toMatch(/^M60\.00 100\.00A40 40 0 0 1 140\.00 100\.00/);
    // Against the clock it sweeps the other way.
    expect(PENS.turn({ x: 100, y: 100 }, 40, 90, -90, 'blue').path).toMatch(/A40 40 0 0 0 60\.00/);
  });
});
