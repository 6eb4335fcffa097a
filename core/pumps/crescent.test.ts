import { dimensionId, stationId } from './ids';
import fc from 'fast-check';
import { VELTRANE_T6 } from '../testing/sheets';
import { crescent } from './crescent';
import { DESCRIBED } from '../schema/fields';
import type { CrescentGeometry } from './crescent.drawing';
import {
  centreDistance,
  crescentBlock,
  pinionCentre,
  pinionTeeth,
  ringTeeth,
} from './crescent.gears';
import { gearOutline } from './involute';
import { problemsOf } from './registry';
import { contains, type Point } from './shapes';

const DEMO = VELTRANE_T6.geometry as CrescentGeometry;

const radius = ({ x, y }: Point, from: Point = { x: 0, y: 0 }) =>
  Math.hypot(x - from.x, y - from.y);

describe('the gears of the drawing', () => {
  it('have as many teeth as the sheet says', () => {
    const tips = (points: Point[], tip: number, centre: Point) =>
      points.filter((p) => Math.abs(radius(p, centre) - tip) < 1e-6).length / 2;
    expect(tips(pinionTeeth(DEMO), DEMO.pinionTipDiameter_mm / 2, pinionCentre(DEMO))).toBe(17);
    expect(tips(ringTeeth(DEMO), DEMO.ringTipDiameter_mm / 2, { x: 0, y: 0 })).toBe(23);
  });

  it('mesh without a tooth in another', () => {
    const hole = ringTeeth(DEMO);
    const inside = pinionTeeth(DEMO).filter((p) => contains(hole, p));
    expect(inside).toHaveLength(pinionTeeth(DEMO).length);
    const pinion = pinionTeeth(DEMO);
    expect(hole.filter((p) => contains(pinion, p))).toHaveLength(0);
  });

  it('reach into one another at the mesh', () => {
    const top = Math.min(...pinionTeeth(DEMO).map((p) => p.y));
    expect(-top).toBeGreaterThan(DEMO.ringTipDiameter_mm / 2);
  });

  it('have a tooth half as wide as the pitch at the pitch circle, less the thinning', () => {
    const outline = gearOutline(
      {
        teeth: 20,
        module_mm: 3,
        pressureAngle_deg: 20,
        tipRadius_mm: 30,
        rootRadius_mm: 26.25,
        thinning_mm: 0,
      },
      0,
    );
    const flank = outline.filter((p) => Math.abs(radius(p) - 30) < 1e-9).slice(0, 2) as [
      Point,
      Point,
    ];
    const width = Math.hypot(flank[0].x - flank[1].x, flank[0].y - flank[1].y);
    expect(width).toBeCloseTo(2 * 30 * Math.sin(Math.PI / 40), 6);
  });

  it('leave room for a crescent that touches neither', () => {
    const block = crescentBlock(DEMO);
    expect(block.length).toBeGreaterThan(20);
    for (const p of block) {
      expect(radius(p)).toBeLessThan(DEMO.ringTipDiameter_mm / 2);
      expect(radius(p, pinionCentre(DEMO))).toBeGreaterThan(DEMO.pinionTipDiameter_mm / 2);
    }
    const teeth = [...pinionTeeth(DEMO), ...ringTeeth(DEMO)];
    expect(teeth.filter((p) => contains(block, p))).toHaveLength(0);
  });

  it('lie inside the pocket whatever way the gear is pushed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 359 }), (deg) => {
        const push = { x: Math.sin((deg * Math.PI) / 180), y: -Math.cos((deg * Math.PI) / 180) };
        const { shapes, extent_mm } = crescent.outline(DEMO, { view: 'body', push });
        expect(shapes.map((s) => s.role)).toEqual(
          expect.arrayContaining(['driven', 'drive', 'crescent']),
        );
        expect(extent_mm).toBe(DEMO.bodyDiameter_mm / 2);
        for (const { path } of shapes) expect(path).not.toMatch(/NaN|Infinity/);
      }),
    );
  });

  it('stand at the distance of their pitch circles', () => {
    expect(centreDistance(DEMO)).toBe(12);
  });
});

describe('places to measure', () => {
  it('push the gear away from where the gap is measured', () => {
    const { probe, push } = crescent.placement(DEMO, dimensionId('od-pocket'), stationId('4'));
    expect(probe.x * push!.x + probe.y * push!.y).toBeCloseTo(-DEMO.pocketDiameter_mm / 2, 6);
  });
});

describe('the geometry of a sheet', () => {
  it.each([
    [{ ringTeeth: 19 }, /^Driven gear must have at least 4 more teeth/],
    [{ ringTeeth: 36 }, /^Driven gear can have at most 35 teeth, or the pocket’s centre/],
    [{ pocketDiameter_mm: 100 }, /^Pocket bore must be larger than the driven gear/],
    [{ module_mm: 0 }, /^Module must be above 0/],
    [{ module_mm: 3 }, /^Drive gear tip diameter must be 52.2 to 60 mm for 17 teeth of this/],
    [{ module_mm: 3 }, /^Driven gear tip diameter must be 60 to 67.8 mm for 23 teeth of this/],
    [{ pinionTeeth: 12.5 }, /^Drive gear teeth must be a whole number/],
    [
      { pressureAngle_deg: 30, pinionTipDiameter_mm: 79.9 },
      /^Drive gear tip diameter: the teeth come to a/,
    ],
    [
      { ringTipDiameter_mm: 80, pressureAngle_deg: 14 },
      /^Driven gear tip diameter: its teeth would cut/,
    ],
    [
      { ringTeeth: 21, pressureAngle_deg: 14, pinionTipDiameter_mm: 79, ringTipDiameter_mm: 73 },
      /leave no room for a crescent/,
    ],
    [
      { ringOutsideDiameter_mm: 102 },
      /^Driven gear outside diameter must be at least 102.2 mm, or its/,
    ],
    [{ hubBore_mm: 58 }, /^Drive gear bore must be under 57.8 mm, or it breaks into the roots/],
    [{ surprise: 1 }, /not known here: surprise/],
  ])('%j is refused', (change, message) => {
    const said = problemsOf({ family: 'crescent', geometry: { ...DEMO, ...change } });
    expect(said.map((p) => p.message)).toContainEqual(expect.stringMatching(message));
  });
  it('that was described before is left to who has it', () => {
    const odd = { ...DEMO, hubBore_mm: 90 };
    expect(problemsOf({ family: 'crescent', geometry: odd }, DESCRIBED)).toEqual([]);
    expect(JSON.stringify(crescent.outline(odd, { view: 'body' }))).not.toMatch(/NaN/);
  });
});
