import fc from 'fast-check';
import {
  boltHoles,
  edgeThrough,
  hourAngle,
  leafFrom,
  looseOutline,
  onLoose,
  RELIEF_ON,
} from './drawing';
import { acrossCircle, depthAt, edgeAt, overWidth, pushedTo } from './placing';
import { onClock, type Point } from './shapes';
import { circleFrom } from './vanes';

const radius = ({ x, y }: Point, from: Point = { x: 0, y: 0 }) =>
  Math.hypot(x - from.x, y - from.y);
const PLAN = { extent_mm: 70, deck_mm: 65 };
const hour = fc.integer({ min: 1, max: 12 });

describe('where things lie', () => {
  it('follows the hours of the clock', () => {
    expect(['12', '3', '6-12', '9', 'sweep'].map(hourAngle)).toEqual([0, 90, 180, 270, 0]);
    const [from, to] = edgeThrough({ x: 0, y: 0 }, 90, 10);
    expect(from.x).toBeCloseTo(10, 9);
    expect(to.x).toBeCloseTo(-10, 9);
  });
  it('has the edge resting on the deck at both ends, the leaf under it', () => {
    fc.assert(
      fc.property(hour, fc.double({ min: 5, max: 55, noNaN: true }), (at, r) => {
        const { edge, tool, probe } = edgeAt(PLAN, 'body', r)(`${at}`);
        for (const end of edge ?? []) expect(radius(end)).toBeCloseTo(65, 6);
        expect(tool?.kind).toBe('leaf');
        expect(tool?.to).toEqual(probe);
        expect(radius(probe)).toBeCloseTo(r, 6);
        const [a, b] = edge!;
        const off = Math.abs((b.x - a.x) * (probe.y - a.y) - (b.y - a.y) * (probe.x - a.x));
        expect(off / radius(a, b)).toBeLessThan(1e-9);
      }),
    );
  });
  it('has a gauge from wall to wall, and a pushed gear on the far side of its gap', () => {
    fc.assert(
      fc.property(hour, (at) => {
        const { tool } = acrossCircle('bore', 'empty', 30)(`${at}`);
        expect(radius(tool!.from, tool!.to)).toBeCloseTo(60, 6);
        const { probe, push } = pushedTo(PLAN, 40)(`${at}`);
        expect(probe.x * push!.x + probe.y * push!.y).toBeCloseTo(-40, 6);
      }),
    );
  });
  it('has a depth mic across the pocket and a mic over a part’s width', () => {
    const { tool, probe, view } = depthAt(PLAN, 'empty', 40)('3');
    expect([tool?.kind, view]).toEqual(['depth', 'empty']);
    expect(probe).toEqual({ x: 40, y: expect.closeTo(0, 9) as number });
    const [a, b] = ['a', 'b'].map((s) => overWidth(PLAN, 20)(s).probe.x);
    expect(a).toBeCloseTo(20, 9);
    expect(b).toBeCloseTo(-20, 9);
  });
  it('brings a leaf from outside', () => {
    const to = onClock(90, 30);
    expect(radius(leafFrom(90, to, 20).from)).toBeCloseTo(50, 9);
  });
});

describe('parts by themselves', () => {
  const views = ['shaft', 'bushing', 'vane', 'spring', 'plunger', 'slot', 'plate', 'unit'] as const;
  it.each(views)('a %s is drawn inside its square', (view) => {
    const { shapes, extent_mm } = looseOutline(view, 50)!;
    expect(extent_mm).toBe(50);
    for (const { path } of shapes) {
      const figures = path.match(/-?[\d.]+/g)!.map(Number);
      expect(Math.max(...figures.map(Math.abs))).toBeLessThanOrEqual(100);
    }
  });
  it('are not drawn for a view that belongs to a pump', () => {
    expect(looseOutline('body', 50)).toBeNull();
  });
  it('show the instrument on the part that it measures', () => {
    for (const name of [...Object.values(RELIEF_ON), 'plate leaf', 'unit finger', 'slot mic']) {
      const { view, tool, probe } = onLoose(name, 50);
      expect(views).toContain(view);
      for (const p of [tool!.from, tool!.to, probe])
        expect(Math.max(Math.abs(p.x), Math.abs(p.y))).toBeLessThanOrEqual(50);
    }
    expect(onLoose('plate leaf', 50).edge).toHaveLength(2);
  });
});

describe('a circle seen from inside', () => {
  it('is as far off as it is, along any ray', () => {
    const point = fc.record({
      x: fc.double({ min: -8, max: 8, noNaN: true }),
      y: fc.double({ min: -8, max: 8, noNaN: true }),
    });
    fc.assert(
      fc.property(point, fc.integer({ min: 0, max: 359 }), (from, turn) => {
        const far = circleFrom(from, { x: 1, y: -2 }, 30)(turn);
        expect(radius(onClock(turn, far, from), { x: 1, y: -2 })).toBeCloseTo(30, 6);
      }),
    );
  });
  it('has bolts evenly round it', () => {
    expect(boltHoles({ bolts: 8, bodyDiameter_mm: 140, pocketDiameter_mm: 100 })).toHaveLength(8);
  });
});
