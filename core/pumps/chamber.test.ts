import fc from 'fast-check';
import { crossing, traced } from '../testing/outlines';
import { flowOf } from './flows';
import type { Shape } from './family';
import { FAMILY_IDS, familyOf } from './registry';
import { contains, type Point } from './shapes';

/** Returns the example of a family, what turns it and its chambers. */
const turning = (family: string) => {
  const { example, outline } = familyOf(family);
  return {
    example,
    chambers: flowOf(family).chambers,
    shapesAt: (turn_deg: number) => outline(example, { view: 'body', turn_deg }).shapes,
  };
};

const METAL = ['drive', 'driven', 'vane', 'crescent'];

/** Tells whether a point lies on metal that is drawn (even-odd, as it is filled). */
const isMetal = (shapes: readonly Shape[]) => {
  const lines = shapes.filter(({ role }) => METAL.includes(role)).map(({ path }) => traced(path));
  return (at: Point) =>
    lines.some(({ polygons }) => polygons.filter((line) => contains(line, at)).length % 2 === 1);
};

/** Places across a chamber's outline at which it is looked whether metal lies there. */
const ACROSS = 60;

/** Returns how much of an outline no metal covers, in mm², by looking at a grid of places. */
function freeOf(outline: readonly Point[], covered: (at: Point) => boolean): number {
  const [xs, ys] = [outline.map(({ x }) => x), outline.map(({ y }) => y)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const step = Math.max(Math.max(...xs) - left, Math.max(...ys) - top) / ACROSS;
  const places = Array.from({ length: ACROSS ** 2 }, (_, i) => ({
    x: left + ((i % ACROSS) + 0.5) * step,
    y: top + (Math.floor(i / ACROSS) + 0.5) * step,
  }));
  const free = places.filter((at) => contains(outline, at) && !covered(at));
  return free.length * step ** 2;
}

describe('the chambers that a pump carries round', () => {
  describe.each(FAMILY_IDS)('%s', (family) => {
    const { example, chambers, shapesAt } = turning(family);
    it.each([0, 37, 100, 181, 275])(
      'are what is free of metal on the drawing, the shaft turned by %i degrees',
      (turn_deg) => {
        const covered = isMetal(shapesAt(turn_deg));
        for (const { of } of chambers) {
          const { outline, area_mm2 } = of(example)(turn_deg);
          const most = Math.max(...[0, 90, 180, 270].map((turn) => of(example)(turn).area_mm2));
          // Parts are drawn a little apart, and a vane narrower than its slot.
          expect(Math.abs(freeOf(outline, covered) - area_mm2) / most).toBeLessThan(0.06);
        }
      },
    );
    it('begin where they are small, and are large on their way to the outlet', () => {
      for (const { of } of chambers) {
        const area = (turn: number) => of(example)(turn).area_mm2;
        const turns = Array.from({ length: 60 }, (_, i) => area(6 * i));
        expect(area(0)).toBeLessThan(0.6 * Math.max(...turns));
      }
    });
    it('go from the inlet at the left to the outlet at the right', () => {
      for (const { of } of chambers) {
        const at = of(example);
        const turns = Array.from({ length: 90 }, (_, i) => 4 * i);
        // Half of what it takes up and gives off again lies on either side: it grows at the left.
        const grown = turns.reduce((sum, turn) => {
          const [now, then] = [at(turn), at(turn + 4)];
          const more = then.area_mm2 - now.area_mm2;
          const x = now.outline.reduce((all, p) => all + p.x, 0) / now.outline.length;
          return sum + more * x;
        }, 0);
        if (family !== 'fixed-vane') expect(grown).toBeLessThan(0);
      }
    });
  });

  const V = (family: string) => flowOf(family).displacement(familyOf(family).example, {}).cc_rev;
  /** Returns what a chamber takes from the inlet to the outlet, over the width, in cm³. */
  const taken = (family: string) => {
    const { example, chambers } = turning(family);
    const { width_mm } = example as { width_mm: number };
    const at = chambers[0]!.of(example);
    const areas = Array.from({ length: 361 }, (_, turn) => at(turn).area_mm2);
    return ((Math.max(...areas) - Math.min(...areas)) * width_mm) / 1000;
  };
  it('of a gerotor make what it moves: as many in a turn as the inner rotor has lobes', () => {
    expect((6 * taken('gerotor')) / V('gerotor')).toBeCloseTo(1, 3);
  });
  it('of a cam ring make what it moves: each goes out twice in a turn', () => {
    expect((2 * 12 * taken('fixed-vane')) / V('fixed-vane')).toBeCloseTo(1, 3);
  });
  it.each([
    ['variable-vane', 7, 0.015],
    ['vacuum-vane', 4, 0.03],
  ])('of few vanes in a round ring make what these carry: %s', (family, vanes, within) => {
    const { example } = turning(family);
    const carried = flowOf(family).carried?.(example, {}) ?? NaN;
    expect(Math.abs((vanes * taken(family)) / carried - 1)).toBeLessThan(within);
  });
});

describe('a pump that is turned', () => {
  it.each(FAMILY_IDS)('%s: no part runs into another', (family) => {
    const { shapesAt } = turning(family);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 360, noNaN: true }), (turn_deg) => {
        const parts = shapesAt(turn_deg)
          .filter(({ role }) => METAL.includes(role))
          .map(({ path }) => traced(path));
        const pairs = parts.flatMap((a, i) => parts.slice(i + 1).map((b) => [a, b] as const));
        expect(pairs.map(([a, b]) => crossing(a, b)).find(Boolean)).toBeUndefined();
      }),
      { numRuns: 8 },
    );
  });
});
