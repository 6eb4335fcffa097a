import fc from 'fast-check';
import { externalDisplacement, internalDisplacement } from '../hydraulics/displacement';
import type { CrescentGeometry } from './crescent.drawing';
import { centreDistance, pinion, ring } from './crescent.gears';
import type { ExternalGeometry } from './external-gear.drawing';
import { pairedGear, toothModule } from './external-gear.gears';
import { gerotorChamber, gerotorDisplacement, movedOverTooth } from './gerotor.chamber';
import type { GerotorGeometry } from './gerotor.drawing';
import { gearOutline, type GearShape } from './involute';
import { familyOf, isPump } from './registry';
import { areaOf, type Point } from './shapes';

const distance = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y);

/**
 * Returns where the outline of a gear meets the line of action: of the flanks that stand square to it, the one nearest
 * to the pitch point.
 *
 * @param along a unit vector along that line
 */
function contactOn(outline: readonly Point[], pitch: Point, along: Point): Point {
  const seen = outline.map(({ x, y }) => ({
    s: (x - pitch.x) * along.x + (y - pitch.y) * along.y,
    off: (y - pitch.y) * along.x - (x - pitch.x) * along.y,
  }));
  const crossings = seen.flatMap((a, i) => {
    const b = seen[(i + 1) % seen.length]!;
    const isSquare = Math.abs(b.s - a.s) < 0.3 * Math.abs(b.off - a.off);
    if (!isSquare || a.off > 0 === b.off > 0) return [];
    return [a.s + ((b.s - a.s) * a.off) / (a.off - b.off)];
  });
  const s = crossings.reduce((x, y) => (Math.abs(y) < Math.abs(x) ? y : x));
  return { x: pitch.x + s * along.x, y: pitch.y + s * along.y };
}

/** Two gears as they are drawn, the first about the origin; teeth of the second point inwards where it is a ring. */
interface Mesh {
  readonly first: GearShape;
  readonly second: GearShape;
  readonly isRing: boolean;
  readonly centre: Point;
  readonly pitch: Point;
}

/**
 * Returns what a mesh moves in a turn of the first gear over a unit of width, from the outlines as they are drawn: at
 * each instant the area that both sweep between their tips and where their flanks meet the line of action.
 */
function sweptInATurn({ first, second, isRing, centre, pitch }: Mesh): number {
  const STEPS = 60;
  const ratio = first.teeth / second.teeth;
  const alpha = (first.pressureAngle_deg * Math.PI) / 180;
  const along = { x: Math.cos(alpha), y: Math.sin(alpha) };
  let sum = 0;
  for (let i = 0; i < STEPS; i++) {
    const turn = (2 * Math.PI * (i + 0.5)) / STEPS / first.teeth;
    const start = Math.PI / second.teeth + (isRing ? turn * ratio : Math.PI - turn * ratio);
    const one = contactOn(gearOutline(first, turn), pitch, along);
    const other = contactOn(gearOutline(second, start, isRing, centre), pitch, along);
    const own = first.tipRadius_mm ** 2 - (one.x ** 2 + one.y ** 2);
    const mate = second.tipRadius_mm ** 2 - distance(other, centre) ** 2;
    sum += (own + (isRing ? -1 : 1) * ratio * mate) / 2;
  }
  return (2 * Math.PI * sum) / STEPS;
}

describe('what gears move in a turn', () => {
  const crescents: Partial<CrescentGeometry>[] = [{}, { ringTeeth: 25, ringTipDiameter_mm: 94 }];
  it.each(crescents)(
    'agrees with the drawn outlines of a crescent pump swept through mesh: %j',
    (more) => {
      const g = { ...(familyOf('crescent').example as CrescentGeometry), ...more };
      const centre = { x: 0, y: centreDistance(g) };
      const pitch = { x: 0, y: -(g.module_mm * g.pinionTeeth) / 2 };
      const mesh = { first: pinion(g), second: ring(g), isRing: true, centre, pitch };
      const swept = (g.width_mm * sweptInATurn(mesh)) / 1000;
      expect(swept / internalDisplacement(g).cc_rev).toBeGreaterThan(0.995);
      expect(swept / internalDisplacement(g).cc_rev).toBeLessThan(1.005);
    },
  );
  const externals: Partial<ExternalGeometry>[] = [{}, { teeth: 14, tipDiameter_mm: 47.6 }];
  it.each(externals)('agrees with those of an external gear pump: %j', (more) => {
    const g = { ...(familyOf('external-gear').example as ExternalGeometry), ...more };
    expect(toothModule(g)).toBeGreaterThan(0);
    const a = g.centreDistance_mm;
    const gear = pairedGear(g);
    const mesh = {
      first: gear,
      second: gear,
      isRing: false,
      centre: { x: 0, y: -a },
      pitch: { x: 0, y: -a / 2 },
    };
    const swept = (g.width_mm * sweptInATurn(mesh)) / 1000;
    expect(swept / externalDisplacement(g).cc_rev).toBeGreaterThan(0.995);
    expect(swept / externalDisplacement(g).cc_rev).toBeLessThan(1.005);
  });
});

describe('what a gerotor moves in a turn', () => {
  const EXAMPLE = familyOf('gerotor').example as GerotorGeometry;
  const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
  it('is the same by the areas of its chambers and by what it moves at each instant', () => {
    const lobes = fc.integer({ min: 4, max: 11 });
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(lobes, share, share, (innerLobes, a, b) => {
        const eccentricity_mm = 1.5 + 1.5 * a;
        const arcRadius_mm = (1.4 + 1.2 * b) * eccentricity_mm;
        const g = {
          ...EXAMPLE,
          innerLobes,
          eccentricity_mm,
          arcRadius_mm,
          arcCentreRadius_mm: 9 * eccentricity_mm,
        };
        const whole = { ...g, outerDiameter_mm: 100, pocketDiameter_mm: 101, bodyDiameter_mm: 150 };
        fc.pre(
          isPump(familyOf('gerotor'), whole) &&
            g.arcCentreRadius_mm > (innerLobes + 1) * 1.15 * eccentricity_mm,
        );
        const byInstant = (2 * Math.PI * g.width_mm * mean(movedOverTooth(g))) / 1000;
        expect(Math.abs(gerotorDisplacement(g).cc_rev / byInstant - 1)).toBeLessThan(1e-4);
      }),
      { numRuns: 30 },
    );
  });
  it('comes of a chamber that is widest where lobes meet lobes and narrowest at full mesh', () => {
    const area = (turn: number) => areaOf(gerotorChamber(EXAMPLE, turn));
    expect(area(0)).toBeGreaterThan(area(0.2));
    expect(area(Math.PI)).toBeLessThan(area(Math.PI - 0.2));
    expect(area(0.7)).toBeCloseTo(area(-0.7), 6);
  });
});
