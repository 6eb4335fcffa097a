import fc from 'fast-check';
import { inletMaxSpeed } from '../hydraulics/inlet';
import { faceStack, type FaceStack } from './faceStack';
import { hubFit, type Hub } from './hubFit';
import { leafStacks } from './leafStack';
import { portsClock } from './portsClock';
import { repairOrNew } from './repairOrNew';
import { chooseShims } from './shims';
import { standing } from './standing';
import { crissCross, NM_PER, setShare } from './torquePlan';

const near = (mm: number, digits = 9) => expect.closeTo(mm, digits) as number;
const length = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('a face with cover and gasket', () => {
  const sized = (mm: number) => ({ mm, u_mm: 0.003 });
  const STACK: FaceStack = {
    gap: { depth: sized(18.052), width: sized(18.0) },
    cover: sized(0),
    gasket_mm: null,
    measured: 'bare',
    limitFor: 'bare',
    limits: { lower_mm: 0.02, upper_mm: 0.06 },
    rule: 'plain',
    heat: { alphaBody_per_K: null, alphaGear_per_K: null, body_C: null, gear_C: null },
  };

  it('counts the gasket where the limit does, and not where it does not', () => {
    const of = (measured: 'bare' | 'gasket', limitFor: 'bare' | 'assembled') =>
      faceStack({ ...STACK, measured, limitFor, gasket_mm: 0.1 }).lo_mm;
    expect(of('bare', 'bare')).toBeCloseTo(0.052, 9);
    expect(of('bare', 'assembled')).toBeCloseTo(0.152, 9);
    expect(of('gasket', 'bare')).toBeCloseTo(-0.048, 9);
    expect(of('gasket', 'assembled')).toBeCloseTo(0.052, 9);
  });
  it('is open without the cover where it looks in, and out where nothing can bring it in', () => {
    expect(faceStack({ ...STACK, cover: null })).toMatchObject({
      verdict: 'open',
      missing: ['coverWear_mm'],
      deckCut: null,
      probability: near(0.97, 2),
    });
    const wide = { ...STACK, gap: { depth: sized(18.08), width: sized(18) } };
    expect(faceStack({ ...wide, cover: null }).verdict).toBe('out');
    // A gasket that does not count may take it back in; wear may bring a tight one in.
    const under = { measured: 'gasket', limitFor: 'bare' } as const;
    expect(faceStack({ ...wide, ...under })).toMatchObject({
      verdict: 'open',
      missing: ['gasket_mm'],
    });
    const tight = { ...STACK, gap: { depth: sized(18.01), width: sized(18) } };
    expect(faceStack({ ...tight, cover: null }).verdict).toBe('open');
    expect(faceStack({ ...tight, ...under }).verdict).toBe('out');
    expect(faceStack({ ...tight, ...under, cover: null }).verdict).toBe('open');
  });
  it('says nothing without a limit but what there is', () => {
    expect(faceStack({ ...STACK, limits: {} })).toMatchObject({
      lo_mm: near(0.052),
      verdict: 'open',
      probability: null,
      deckCut: null,
    });
  });
  it('cuts a deck so that leaves are in at both ends, or says of no cut', () => {
    const byLeaves = (lo_mm: number, hi_mm: number | null, lower_mm: number | null = 0.02) =>
      faceStack({ ...STACK, gap: { lo_mm, hi_mm }, limits: { lower_mm, upper_mm: 0.06 } });
    expect(byLeaves(0.1, 0.112)).toMatchObject({
      u_mm: 0,
      hot_mm: null,
      deckCut: { from_mm: 0.052, to_mm: 0.08 },
    });
    expect(byLeaves(0.1, 0.112, null).deckCut).toEqual({ from_mm: 0.052, to_mm: null });
    expect(byLeaves(0.05, 0.1).deckCut).toBeNull();
    expect(byLeaves(0.1, null)).toMatchObject({ hi_mm: null, deckCut: null });
    expect(byLeaves(0.03, 0.06).deckCut).toBeNull();
  });
  it('takes sizes that are far apart for another unit', () => {
    const apart = (mm: number) =>
      faceStack({ ...STACK, gap: { depth: sized(18 + mm), width: sized(18) } });
    expect(() => apart(2.001)).toThrow(/another unit/);
    expect(() => apart(-2.001)).toThrow(/another unit/);
    expect(apart(1.999).lo_mm).toBeCloseTo(1.999, 9);
  });
  it('keeps its gap at any heat where body and gears are one metal', () => {
    const heat = (t: number, a: number) => ({
      alphaBody_per_K: a,
      alphaGear_per_K: a,
      body_C: t,
      gear_C: t,
    });
    fc.assert(
      fc.property(length(-20, 120), length(0, 3e-5), (t, a) => {
        const { lo_mm, hot_mm } = faceStack({ ...STACK, cover: sized(0), heat: heat(t, a) });
        // The gap grows like the metal itself.
        expect(hot_mm).toBeCloseTo(lo_mm * (1 + a * (t - 20)), 9);
      }),
    );
  });
});

describe('leaves that make a thickness', () => {
  it('takes fewer, then the one without a thin leaf', () => {
    const { best } = leafStacks([0.02, 0.03, 0.04, 0.05], 2, 0.07, {});
    expect(best?.leaves_mm).toEqual([0.04, 0.03]);
    expect(leafStacks([0.02, 0.03, 0.05, 0.07], 2, 0.07, {}).best?.leaves_mm).toEqual([0.07]);
  });
  it('names the neighbours of what it makes, too, and none beyond its ends', () => {
    const { exact, below, above } = leafStacks([0.05, 0.1, 0.2], 2, 0.15, {});
    expect([exact, below?.sum_mm, above?.sum_mm]).toEqual([true, 0.1, 0.2]);
    expect(leafStacks([0.05], 1, 0.04, {})).toMatchObject({ below: null, best: { sum_mm: 0.05 } });
    expect(leafStacks([0.05], 1, 0.06, {})).toMatchObject({ above: null, best: { sum_mm: 0.05 } });
    expect(leafStacks([0.15, 0.2], 1, 0.175, {}).best?.sum_mm).toBe(0.2);
    expect(leafStacks([0.1, 0.05, 0.2], 2, 0.175, {}).best?.sum_mm).toBe(0.2);
  });
  it('cannot tell between the neighbours of a limit, nor below the thinnest or over the thickest', () => {
    const blind = (lower_mm: number | null, upper_mm: number | null) =>
      leafStacks([0.05, 0.1], 1, 0.05, { lower_mm, upper_mm }).blind;
    expect(blind(0.02, 0.07)).toEqual([
      { limit: 'lower', from_mm: 0, to_mm: 0.05 },
      { limit: 'upper', from_mm: 0.05, to_mm: 0.1 },
    ]);
    expect(blind(0.05, 0.1)).toEqual([]);
    expect(blind(null, 0.3)).toEqual([{ limit: 'upper', from_mm: 0.1, to_mm: null }]);
  });
  it('is as near as any pair of leaves can be', () => {
    const set = fc.uniqueArray(fc.integer({ min: 2, max: 60 }), { minLength: 2, maxLength: 8 });
    fc.assert(
      fc.property(set, fc.integer({ min: 1, max: 130 }), (hundredths, target) => {
        const leaves = hundredths.map((h) => h / 100);
        const all = leaves.flatMap((a, i) => [a, ...leaves.slice(i + 1).map((b) => a + b)]);
        const nearest = Math.min(...all.map((sum) => Math.abs(sum - target / 100)));
        const { best, exact } = leafStacks(leaves, 2, target / 100, {});
        expect(Math.abs(best?.off_mm ?? NaN)).toBeCloseTo(nearest, 9);
        expect(exact).toBe(nearest < 1e-4);
      }),
    );
  });
  it('wants a set', () => {
    expect(() => leafStacks([], 1, 0.05, {})).toThrow(/one leaf/);
  });
});

describe('a hub in its bushing', () => {
  const HUB: Hub = {
    hub_mm: 40,
    hub_C: 20,
    bores_mm: [40.041, 40.044],
    bore_C: 20,
    limits: { lower_mm: 0.05, upper_mm: 0.07 },
    hubHot_C: null,
    bodyHot_C: null,
    alphaHub_per_K: 11.7e-6,
    alphaBody_per_K: null,
    floorHot_mm: 0.005,
    u_mm: 0.004,
    step_mm: 0.005,
    last_mm: 0.0025,
    aim_mm: null,
  };
  const verdict = (bores_mm: number[], more: Partial<Hub> = {}) =>
    hubFit({ ...HUB, ...more, bores_mm }).verdict;

  it('is in, honed, loose, uneven, in conflict or open', () => {
    expect(verdict([40.05, 40.07])).toBe('in');
    expect(verdict([40.0499, 40.055])).toBe('hone');
    expect(verdict([40.05, 40.0701])).toBe('loose');
    expect(verdict([40.04, 40.08])).toBe('uneven');
    // Honed to the middle its wide side would be over.
    expect(verdict([40.03, 40.045])).toBe('uneven');
    expect(verdict([40.05], { limits: {} })).toBe('open');
    const hot = { hubHot_C: 200, bodyHot_C: 20, alphaBody_per_K: 22e-6 };
    expect(verdict([40.05], hot)).toBe('conflict');
  });
  it('keeps open what heat takes, and says which clearance that is', () => {
    const hot = { hubHot_C: 120, bodyHot_C: 60, alphaBody_per_K: 22e-6 };
    const { coldLeast_mm, least_mm } = hubFit({ ...HUB, ...hot, limits: { upper_mm: 0.07 } });
    expect(least_mm).toBe(coldLeast_mm);
    const at = hubFit({ ...HUB, ...hot, bores_mm: [40 + (coldLeast_mm ?? 0)] });
    expect(at.hot_mm).toBeCloseTo(0.005, 9);
  });
  it('sizes parts at 20 °C: a warm bore reads over', () => {
    const warm = { bore_C: 30, alphaBody_per_K: 22e-6 };
    expect(hubFit({ ...HUB, ...warm, bores_mm: [40.06 * (1 + 22e-5)] }).clearance_mm).toEqual({
      smallest: near(0.06),
      largest: near(0.06),
    });
    const hub = { hub_C: 30, hub_mm: 40 * (1 + 11.7e-5) };
    expect(hubFit({ ...HUB, ...hub, bores_mm: [40.06] }).clearance_mm.smallest).toBeCloseTo(
      0.06,
      9,
    );
  });
  it('hones in steps that are no coarser than wanted, and ends with the last', () => {
    fc.assert(
      fc.property(length(0.001, 0.05), length(0.002, 0.01), (hone, step_mm) => {
        const bore = 40.06 - hone;
        const { stops, hone_mm } = hubFit({
          ...HUB,
          step_mm,
          bores_mm: [bore],
          limits: { lower_mm: 0.0599, upper_mm: 0.0601 },
        });
        const sizes = [bore, ...stops.map((s) => s.bore_mm)];
        const steps = sizes.slice(1).map((mm, i) => mm - (sizes[i] ?? 0));
        expect(stops.at(-1)?.bore_mm).toBeCloseTo(40.06, 6);
        expect(steps.reduce((a, b) => a + b, 0)).toBeCloseTo(hone_mm, 6);
        expect(Math.max(...steps)).toBeLessThanOrEqual(Math.max(step_mm, HUB.last_mm) + 1e-8);
        expect(steps.at(-1)).toBeLessThanOrEqual(HUB.last_mm + 1e-8);
      }),
    );
  });
  it('tries at first, and measures from where it may be in', () => {
    const { stops } = hubFit({ ...HUB, bores_mm: [40.03] });
    expect(stops.map((s) => s.measure)).toEqual([false, false, true, true, true, true, true]);
    const tight = { u_mm: 0, limits: { lower_mm: 0.06, upper_mm: 0.06 } };
    expect(hubFit({ ...HUB, ...tight, bores_mm: [40.05] }).stops.at(-1)?.measure).toBe(true);
  });
  it('hones to an aim of one’s own, and not to one that is out', () => {
    expect(hubFit({ ...HUB, aim_mm: 0.055 }).hone_mm).toBeCloseTo(0.014, 9);
    expect(() => hubFit({ ...HUB, aim_mm: 0.071 })).toThrow(/out/);
    expect(() => hubFit({ ...HUB, aim_mm: 0.049 })).toThrow(/out/);
    const openEnd = hubFit({ ...HUB, limits: { lower_mm: 0.05 } });
    expect(openEnd.hone_mm).toBeCloseTo(0.009, 9);
  });
});

describe('washers', () => {
  const CHOICE = {
    lower_mm: 0.25,
    upper_mm: 0.55,
    shims_mm: [1.8, 3.5, 3.6, 3.7, 3.8],
    maxShims: 2,
    aim: 'middle',
  } as const;
  const at = (mm: number) => ({ smallest: mm, largest: mm });

  it('leave what is aimed at, one rather than two', () => {
    const left = (aim: 'middle' | 'tight' | 'loose') =>
      chooseShims(at(4.08), { ...CHOICE, aim }).stack_mm;
    expect(left('middle')).toEqual([3.7]);
    expect(left('tight')).toEqual([3.8]);
    // 3.6 and 1.8 + 1.8 leave the same.
    expect(left('loose')).toEqual([3.6]);
  });
  it('may be none at all', () => {
    expect(chooseShims(at(0.4), CHOICE)).toMatchObject({ stack_mm: [], verdict: 'in' });
    expect(chooseShims(at(0.2), CHOICE)).toMatchObject({ stack_mm: [], verdict: 'none' });
  });
  it('are in wherever it was measured before they are in at the middle', () => {
    const wide = { smallest: 3.97, largest: 4.23 };
    expect(chooseShims(wide, { ...CHOICE, shims_mm: [3.7], aim: 'tight' })).toMatchObject({
      verdict: 'in',
      left_mm: { smallest: near(0.27), largest: near(0.53) },
      buy_mm: { from_mm: near(3.68), to_mm: near(3.72) },
    });
    expect(chooseShims(wide, { ...CHOICE, shims_mm: [3.66, 3.74], maxShims: 1 }).verdict).toBe(
      'close',
    );
    expect(chooseShims({ smallest: 3.9, largest: 4.3 }, CHOICE).buy_mm).toBeNull();
    // The nearer to the aim is only close, the farther is in.
    const both = { ...CHOICE, shims_mm: [3.68, 3.79], maxShims: 1, aim: 'tight' } as const;
    expect(chooseShims(wide, both)).toMatchObject({ stack_mm: [3.68], verdict: 'in' });
  });
  it('of the same rest are the thicker first', () => {
    const choice = { ...CHOICE, shims_mm: [1, 1.2, 1.4], maxShims: 2 };
    expect(chooseShims(at(2.8), choice).stack_mm).toEqual([1.4, 1]);
  });
  it('leave the gap in whatever is bought of what is to be bought', () => {
    fc.assert(
      fc.property(length(0.6, 9), length(0, 0.25), length(0, 1), (smallest, spread, share) => {
        const gap = { smallest, largest: smallest + spread };
        const { buy_mm } = chooseShims(gap, { ...CHOICE, shims_mm: [20] });
        if (!buy_mm) throw new Error('a washer can be bought');
        const shim = buy_mm.from_mm + share * (buy_mm.to_mm - buy_mm.from_mm);
        fc.pre(shim > 0);
        expect(chooseShims(gap, { ...CHOICE, shims_mm: [shim], maxShims: 1 }).left_mm).not.toBe(
          null,
        );
      }),
    );
  });
});

describe('torque', () => {
  it('is drawn up crosswise, each bolt once', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), (bolts) => {
        const order = crissCross(bolts);
        expect([...order].sort((a, b) => a - b)).toEqual(
          Array.from({ length: bolts }, (_, i) => i + 1),
        );
        const steps = order.slice(1).map((bolt, i) => {
          const by = Math.abs(bolt - (order[i] ?? 0));
          return Math.min(by, bolts - by);
        });
        // No order does better: of an even number not every step can be straight across.
        const best = bolts % 2 === 0 ? bolts / 2 - 1 : (bolts - 1) / 2;
        expect(Math.min(...steps, Infinity)).toBeGreaterThanOrEqual(Math.max(best, 0));
      }),
    );
  });
  it('is set lower with an extension in line, the same across, higher turned back', () => {
    const set = (angle_deg: number, extension_mm = 60) =>
      setShare({ length_mm: 400, extension_mm, angle_deg });
    expect(set(0)).toBeCloseTo(400 / 460, 9);
    expect(set(90)).toBeCloseTo(1, 9);
    expect(set(180)).toBeCloseTo(400 / 340, 9);
    expect(() => set(180, 400)).toThrow(/over the grip/);
  });
  it('has the units of the tables', () => {
    expect(NM_PER.lbft).toBeCloseTo(1.355818, 6);
    expect(NM_PER.lbin * 12).toBeCloseTo(NM_PER.lbft, 12);
  });
});

describe('ports of a cover', () => {
  const COVER = {
    inlet_clock: 12,
    outlet_clock: 6,
    seenFrom: 'cover',
    positions: 4,
    wanted: null,
  } as const;
  const turnTo = (clock: number, more = {}) =>
    portsClock({ ...COVER, ...more, wanted: { clock, seenFrom: 'cover' } });

  it('turns the shorter way', () => {
    expect(turnTo(9).turn).toMatchObject({ deg: 90, way: 'clockwise' });
    expect(turnTo(3).turn).toMatchObject({ deg: 90, way: 'anticlockwise' });
    expect(turnTo(0).turn).toMatchObject({ deg: 180, way: 'either' });
    expect(turnTo(6).turn).toMatchObject({ deg: 0, way: 'none' });
  });
  it('says of what it does not reach what is nearest', () => {
    expect(turnTo(10)).toMatchObject({ turn: null, nearest_clock: 9 });
    expect(turnTo(3, { positions: 2 })).toMatchObject({ turn: null, nearest_clock: 6 });
    expect(turnTo(11, { positions: 2 })).toMatchObject({ turn: null, nearest_clock: 12 });
  });
  it('is seen from the other end as in a mirror', () => {
    const { options } = portsClock({ ...COVER, outlet_clock: 4.5 });
    expect(options.map((o) => [o.clock, o.otherEnd_clock, o.against])).toEqual([
      [4.5, 7.5, 135],
      [7.5, 4.5, 135],
      [10.5, 1.5, 45],
      [1.5, 10.5, 45],
    ]);
  });
  it('lets every wish from the other end be granted or not as its mirror is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 12 }), fc.integer({ min: 1, max: 8 }), (h, n) => {
        const here = turnTo(h, { positions: n });
        const there = portsClock({
          ...COVER,
          positions: n,
          wanted: { clock: 12 - h, seenFrom: 'shaft' },
        });
        expect(there).toEqual(here);
      }),
    );
  });
});

describe('a repair beside a new pump', () => {
  const JOB = {
    partsCost: 100,
    minutes: 60,
    ratePerHour: 50,
    outsideCost: 0,
    repairDays: 2,
    price: 300,
    newDays: 5,
    downPerDay: 10,
    repairComeback_percent: 5,
    newComeback_percent: 5,
    comebackCost: 400,
  };
  it('is even at the days and at the chance that it names', () => {
    const { evenRepairDays, evenComeback_percent } = repairOrNew(JOB);
    expect(repairOrNew({ ...JOB, repairDays: evenRepairDays ?? NaN }).better).toBe('even');
    expect(
      repairOrNew({ ...JOB, repairComeback_percent: evenComeback_percent ?? NaN }).better,
    ).toBe('even');
  });
  it('says which is cheaper, and of no day or chance what makes no difference', () => {
    expect(repairOrNew({ ...JOB, price: 50 })).toMatchObject({ better: 'new', by: near(70) });
    expect(repairOrNew({ ...JOB, downPerDay: 0 }).evenRepairDays).toBeNull();
    expect(repairOrNew({ ...JOB, comebackCost: 0 }).evenComeback_percent).toBeNull();
    expect(repairOrNew({ ...JOB, price: 5000 }).evenComeback_percent).toBeNull();
    expect(repairOrNew({ ...JOB, price: 0, newDays: 0 }).evenRepairDays).toBeNull();
  });
});

describe('where a figure stands', () => {
  it('counts half of what equals it', () => {
    expect(standing([1, 1, 2, 3], 1).percentile).toBe(25);
    expect(standing([1, 2, 3, 4], 9)).toMatchObject({ percentile: 100, enough: false });
    expect(standing([], 1)).toEqual({
      n: 0,
      median: null,
      percentile: null,
      robustZ: null,
      enough: false,
    });
  });
  it('is the same in any unit and from any zero', () => {
    const micron = fc.integer({ min: -5000, max: 5000 }).map((n) => n / 1000);
    const past = fc.array(micron, { minLength: 5, maxLength: 12 });
    fc.assert(
      fc.property(past, micron, length(0.1, 25.4), (figures, value, unit) => {
        const one = standing(figures, value);
        fc.pre(one.robustZ !== null);
        const other = standing(
          figures.map((x) => x * unit + 3),
          value * unit + 3,
        );
        expect(other.robustZ).toBeCloseTo(one.robustZ ?? NaN, 4);
      }),
    );
  });
});

describe('the inlet that a reversed pump keeps', () => {
  it('never lets it run faster through a smaller port', () => {
    const inlet = {
      cc_rev: 24,
      gearSets: 1,
      lineDiameter_mm: 32,
      lineLength_m: 1,
      lift_m: 0.3,
      k: 2.5,
      density_kgm3: 841,
      mu_Pas: 0.0174,
      atmosphere_bar: 1.01325,
      least_bar: 0.8,
      velocityLimit_ms: null,
    };
    fc.assert(
      fc.property(length(10, 40), length(10, 40), (a, b) => {
        const of = (mm: number) => inletMaxSpeed({ ...inlet, portDiameter_mm: mm }).rpm;
        expect(of(Math.min(a, b))).toBeLessThanOrEqual(of(Math.max(a, b)) + 1e-9);
      }),
    );
  });
});
