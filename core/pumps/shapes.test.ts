import fc from 'fast-check';
import { gearOutline, type GearShape } from './involute';
import { circlePath, contains, moved, onClock, polygonPath, type Point } from './shapes';

const radius = ({ x, y }: Point) => Math.hypot(x, y);

describe('points on the clock', () => {
  it.each([
    [0, 0, -10],
    [90, 10, 0],
    [180, 0, 10],
    [270, -10, 0],
  ])('at %d° lie where the hand points', (angle, x, y) => {
    const point = onClock(angle, 10);
    expect(point.x).toBeCloseTo(x, 9);
    expect(point.y).toBeCloseTo(y, 9);
  });
  it('lie round any centre', () => {
    const centre = { x: 3, y: -2 };
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 720 }), fc.integer({ min: 1, max: 50 }), (angle, r) => {
        const { x, y } = onClock(angle, r, centre);
        expect(Math.hypot(x - centre.x, y - centre.y)).toBeCloseTo(r, 9);
      }),
    );
  });
});

describe('polygons', () => {
  const square = [
    { x: 0, y: 0 },
    { x: 4, y: 0 },
    { x: 4, y: 4 },
    { x: 0, y: 4 },
  ];
  it('know what lies in them', () => {
    expect(contains(square, { x: 1, y: 3 })).toBe(true);
    expect(contains(square, { x: 5, y: 3 })).toBe(false);
    expect(contains(square, { x: -1, y: -1 })).toBe(false);
  });
  it('take what lies in them along', () => {
    const by = { x: 10, y: -3 };
    expect(contains(moved(square, by), { x: 11, y: 0 })).toBe(true);
    expect(contains(moved(square, by), { x: 1, y: 3 })).toBe(false);
  });
  it('are written as closed paths, to a ten-thousandth of a millimetre', () => {
    expect(polygonPath([{ x: 0.12345678, y: 1 }, square[1]!, square[2]!])).toBe(
      'M0.1235 1L4 0L4 4Z',
    );
    expect(circlePath({ x: 1, y: 2 }, 3)).toBe('M-2 2a3 3 0 1 0 6 0a3 3 0 1 0 -6 0Z');
  });
});

describe('an involute gear', () => {
  const gear: GearShape = {
    teeth: 18,
    module_mm: 4,
    pressureAngle_deg: 20,
    tipRadius_mm: 40,
    rootRadius_mm: 31,
    thinning_mm: 0,
  };
  const base = 36 * Math.cos((20 * Math.PI) / 180);

  it('runs between its root and its tip, tooth after tooth', () => {
    const outline = gearOutline(gear, 0.3);
    for (const p of outline) {
      expect(radius(p)).toBeGreaterThanOrEqual(31 - 1e-9);
      expect(radius(p)).toBeLessThanOrEqual(40 + 1e-9);
    }
    expect(outline.length % 18).toBe(0);
  });

  it('has flanks that unroll from the base circle', () => {
    // A point of an involute lies θ = √((r/r_b)² − 1) − arctan of the same from where it began.
    const perTooth = gearOutline(gear, 0).length / 18;
    const flank = gearOutline(gear, 0)
      .slice(0, perTooth / 2)
      .filter((p) => radius(p) > base);
    const begins = flank.map((p) => {
      const roll = Math.sqrt((radius(p) / base) ** 2 - 1);
      return Math.atan2(p.x, -p.y) - (roll - Math.atan(roll));
    });
    expect(flank.length).toBeGreaterThan(2);
    for (const angle of begins) expect(angle).toBeCloseTo(begins[0]!, 9);
  });

  it('is the same on both sides of a tooth', () => {
    const outline = gearOutline(gear, 0);
    const perTooth = outline.length / 18;
    const tooth = outline.slice(0, perTooth);
    tooth.forEach((p, i) => {
      const other = tooth[perTooth - 1 - i]!;
      expect(p.x).toBeCloseTo(-other.x, 9);
      expect(p.y).toBeCloseTo(other.y, 9);
    });
  });

  it('has a space where an internal gear has a tooth', () => {
    const half = (points: Point[], r: number) => {
      const at = points.find((p) => Math.abs(radius(p) - r) < 1e-9)!;
      return Math.abs(Math.atan2(at.x, -at.y));
    };
    const ring: GearShape = { ...gear, tipRadius_mm: 36, rootRadius_mm: 41 };
    const external: GearShape = { ...gear, tipRadius_mm: 36 };
    const pitch = Math.PI / (2 * 18);
    expect(half(gearOutline(external, 0), 36)).toBeCloseTo(pitch, 9);
    expect(half(gearOutline(ring, 0, true), 36)).toBeCloseTo(pitch, 9);
  });
});
