import fc from 'fast-check';
import { hubFit, type Hub } from './hubFit';

const near = (mm: number, digits = 9) => expect.closeTo(mm, digits) as number;
const length = (min: number, max: number) => fc.double({ min, max, noNaN: true });

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

  it('is honed in one small step where little is to come out, and measured at the last stop', () => {
    const { stops, hone_mm } = hubFit({ ...HUB, bores_mm: [40.048], aim_mm: 0.05 });
    expect([hone_mm, stops.length]).toEqual([near(0.002), 1]);
    const far = hubFit({ ...HUB, bores_mm: [40.02], u_mm: 0 });
    expect(far.stops.at(-1)).toMatchObject({ bore_mm: near(40.06), measure: true });
    expect(far.stops[0]?.measure).toBe(false);
    expect(hubFit({ ...HUB, bores_mm: [40.06] }).stops).toEqual([]);
  });
  it('is told hot only where both heats and the body are known', () => {
    const heat = { hubHot_C: 110, bodyHot_C: 90, alphaBody_per_K: 22e-6 };
    expect(hubFit({ ...HUB, ...heat }).hot_mm).not.toBeNull();
    for (const left of ['hubHot_C', 'bodyHot_C', 'alphaBody_per_K'] as const)
      expect(hubFit({ ...HUB, ...heat, [left]: null })).toMatchObject({
        hot_mm: null,
        coldLeast_mm: null,
      });
  });
  it('with a most alone may have any clearance from nought on', () => {
    const limits = { lower_mm: null, upper_mm: 0.07 };
    expect(hubFit({ ...HUB, limits })).toMatchObject({ verdict: 'in', least_mm: 0 });
    expect(hubFit({ ...HUB, limits: { lower_mm: null, upper_mm: null } }).verdict).toBe('open');
  });
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
