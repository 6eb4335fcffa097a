import { stateOf } from '../guidance/evaluator';
import { characteristicId } from '../pumps/ids';
import { familyOf, families } from '../pumps/registry';
import { flowOf } from '../pumps/flows';
import { NO_SHEET_FLOW } from '../records/flow';
import type { Job } from '../records/job';
import type { Point } from '../pumps/shapes';
import { VELTRANE_T6 } from '../testing/sheets';
import { jobWithSizes, planFor } from '../testing/worked';
import { middleFlow } from './answer';
import { even } from './gap';
import {
  dutyFlow,
  flowBasis,
  gainOf,
  gapAtDemand,
  pressureReached,
  pumpAfter,
  statesAlong,
  toMeasureForFlow,
  torque_Nm,
} from './overview';
import { pathsOf } from './model';
import { middleGap } from './spread';
import { widerPump } from './wider';

const FED = {
  ...VELTRANE_T6,
  flow: {
    ...NO_SHEET_FLOW,
    demand: [{ name: 'All', idle_lpm: 14, idle_bar: 8, work_lpm: 40, work_bar: 20 }],
  },
};
const WORN = jobWithSizes(
  {
    'pocket-depth': 20.16,
    'drive-width': 20,
    'driven-width': 20,
    'track-depth': 5,
    'face-depth': 5,
  },
  {},
  FED,
);
const basisOf = (job: Job) => flowBasis(job, stateOf(job));
const FACE = characteristicId('face-drive');

describe('what works of a plan buy', () => {
  it('is the flow of the whole plan less that without them', async () => {
    const { rework, solved } = await planFor(WORN);
    const [plan] = solved.plans;
    const basis = basisOf(WORN);
    const ids = plan!.works.map(({ id }) => id);
    const idle = (
      works: typeof plan extends undefined ? never : NonNullable<typeof plan>['works'],
    ) => dutyFlow(basis, 'idle', pumpAfter(basis, rework, works)).flow!.delivered_lpm;
    expect(gainOf(basis, rework, plan!.works, ids)).toBeCloseTo(
      idle(plan!.works) - dutyFlow(basis, 'idle').flow!.delivered_lpm,
      9,
    );
    for (const id of ids) {
      const without = plan!.works.filter((work) => work.id !== id);
      expect(gainOf(basis, rework, plan!.works, [id])).toBeCloseTo(
        idle(plan!.works) - idle(without),
        9,
      );
    }
    expect(gainOf(basis, rework, plan!.works, [])).toBe(0);
  });
});

describe('the gap at which the circuits want for flow', () => {
  const basis = basisOf(WORN);
  const { at } = dutyFlow(basis, 'idle');
  it('leaves just what they want', () => {
    const gap = gapAtDemand(basis, FACE, at, 14)!;
    const middle = (mm: number) =>
      middleFlow(basis.subject, at, basis.factor, (id) => {
        const gap = basis.subject.known.gaps.get(id);
        return id === FACE ? even(mm) : gap && middleGap(gap.known);
      })!.delivered_lpm;
    expect(middle(gap)).toBeCloseTo(14, 6);
    expect(middle(gap + 0.01)).toBeLessThan(14);
  });
  it('is none where nothing is enough, or anything', () => {
    expect(gapAtDemand(basis, FACE, at, 100)).toBeNull();
    expect(gapAtDemand(basis, characteristicId('hub-bushing'), at, 0.001)).toBeNull();
  });
});

describe('a pump that gives up', () => {
  const basis = basisOf(WORN);
  const { at } = dutyFlow(basis, 'idle');
  it('is told the pressure at which all slips back', () => {
    const hard = { ...at, pressure_bar: 400 };
    const reached = pressureReached(basis, hard)!;
    const flow = middleFlow(basis.subject, { ...at, pressure_bar: reached }, basis.factor)!;
    expect(flow.slip_lpm).toBeCloseTo(flow.theoretical_lpm, 3);
    expect(pressureReached(basis, at)).toBeNull();
  });
});

describe('what to measure next for the flow', () => {
  const basis = basisOf(WORN);
  const { at } = dutyFlow(basis, 'idle');
  it('is what nobody measured and most hangs on, and nothing that was measured', () => {
    const [first, ...others] = toMeasureForFlow(basis, at);
    expect(first?.characteristic).toBe('tip-crescent-drive');
    expect(others.every(({ swing_lpm }) => swing_lpm <= first!.swing_lpm)).toBe(true);
    expect(toMeasureForFlow(basis, at).map(({ characteristic }) => characteristic)).not.toContain(
      FACE,
    );
  });
});

describe('a wider pump', () => {
  it('moves and loses more by as much as it is wider, but for its faces', () => {
    const { subject } = basisOf(WORN);
    const wide = widerPump(subject, 2);
    expect(wide.displacement.cc_rev! / subject.displacement.cc_rev!).toBeCloseTo(1.1, 9);
    const at = {
      rpm: 0,
      pressure_bar: 8,
      temp_C: 90,
      fluid: { kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870 },
    };
    const lost = (pump: typeof subject, id: string) =>
      middleFlow(pump, at)!.paths.find(({ characteristic }) => characteristic === id)!.lpm;
    expect(lost(wide, 'tip-crescent-driven') / lost(subject, 'tip-crescent-driven')).toBeCloseTo(
      1.1,
      6,
    );
    expect(lost(wide, 'face-drive')).toBeCloseTo(lost(subject, 'face-drive'), 9);
    expect(torque_Nm(20, 100)).toBeCloseTo((20e-6 * 100e5) / (2 * Math.PI * 0.85), 9);
  });
  it('is looked at along a row from nothing to its end', () => {
    const at = { ...dutyFlow(basisOf(WORN), 'idle').at };
    expect(statesAlong(at, 'pressure_bar', 20, 5).map((s) => s.pressure_bar)).toEqual([
      0, 5, 10, 15, 20,
    ]);
  });
});

describe('the course of a leak', () => {
  const inside = ({ x, y }: Point, extent: number) => Math.hypot(x, y) < extent * 1.01;
  it.each(families().map(({ id }): [string] => [id]))(
    'lies on the drawing of a %s, for each path that can be seen',
    (family: string) => {
      const geometry = familyOf(family).example;
      const courses = flowOf(family).courses(geometry);
      const { extent_mm } = familyOf(family).outline(geometry, { view: 'body' });
      const firsts = new Set(pathsOf({ family, geometry }).map(({ first }) => first));
      // A relief valve is seen nowhere.
      firsts.delete('plunger-bore');
      for (const first of firsts) {
        expect([first, (courses[first]?.length ?? 0) > 0]).toEqual([first, true]);
      }
      const points = Object.values(courses).flat(2);
      expect(points.every((p) => Number.isFinite(p.x + p.y) && inside(p, extent_mm))).toBe(true);
    },
  );
});
