import fc from 'fast-check';
import { bushingFit, THUMB, type HubInBushing } from './bushingFit';

const HUB: HubInBushing = {
  hub_mm: 44,
  lower_mm: 0.03,
  upper_mm: 0.09,
  school: 'free',
  heatShift_mm: -0.02,
};

describe('a hub in its bushing', () => {
  it('runs free in the wider half of the window, snug in the tighter', () => {
    const free = bushingFit(HUB);
    expect([free.least_mm, free.most_mm].map((mm) => mm.toFixed(4))).toEqual(['0.0600', '0.0900']);
    expect(free.hot?.least_mm).toBeCloseTo(0.04, 9);
    expect(free.hot?.most_mm).toBeCloseTo(0.07, 9);
    expect([free.leastBore_mm, free.mostBore_mm].map((mm) => mm.toFixed(3))).toEqual([
      ...['44.060', '44.090'],
    ]);
    const shaft = bushingFit({ ...HUB, school: null });
    expect([shaft.least_mm, shaft.most_mm].map((mm) => mm.toFixed(2))).toEqual(['0.03', '0.09']);
    const snug = bushingFit({ ...HUB, school: 'snug' });
    expect([snug.least_mm, snug.most_mm].map((mm) => mm.toFixed(4))).toEqual(['0.0300', '0.0600']);
  });
  it('is opened up by as much as the heat closes, and what misalignment needs', () => {
    const hot = bushingFit({ ...HUB, school: 'snug', heatShift_mm: -0.045 });
    expect(hot.least_mm).toBeCloseTo(0.055, 9);
    expect(hot.hot?.least_mm).toBeCloseTo(0.01, 9);
    expect(bushingFit({ ...HUB, heatShift_mm: -0.2 })).toMatchObject({
      closes: true,
      least_mm: 0.09,
      most_mm: 0.09,
    });
  });
  it('has a rule of thumb where the sheet says nothing, and no hot gap where the heat is unknown', () => {
    const thumb = bushingFit({ ...HUB, lower_mm: null, upper_mm: null, heatShift_mm: null });
    expect(thumb).toMatchObject({ hot: null, closes: false, most_mm: THUMB.upper_mm });
    expect(thumb.least_mm).toBeCloseTo((THUMB.lower_mm + THUMB.upper_mm) / 2, 9);
  });
  it('is never outside the sheet’s window, hot never closed unless it says so, and honed in steps up', () => {
    const hundredths = (min: number, max: number) => fc.integer({ min, max }).map((n) => n / 1000);
    fc.assert(
      fc.property(
        hundredths(5, 60),
        hundredths(5, 80),
        hundredths(-60, 10),
        fc.constantFrom('free' as const, 'snug' as const),
        (lower_mm, window, heatShift_mm, school) => {
          const upper_mm = lower_mm + window;
          const fit = bushingFit({ ...HUB, lower_mm, upper_mm, heatShift_mm, school });
          expect(fit.least_mm).toBeGreaterThanOrEqual(lower_mm - 1e-12);
          expect(fit.most_mm).toBeLessThanOrEqual(upper_mm + 1e-12);
          expect(fit.most_mm).toBeGreaterThanOrEqual(fit.least_mm);
          if (!fit.closes) expect(fit.hot?.least_mm).toBeGreaterThanOrEqual(0.01 - 1e-12);
          expect(fit.steps_mm.at(-1)).toBe(fit.aimBore_mm);
          expect([...fit.steps_mm].sort((a, b) => a - b)).toEqual(fit.steps_mm);
          expect(fit.aimBore_mm).toBeGreaterThanOrEqual(fit.leastBore_mm - 1e-12);
          expect(fit.aimBore_mm).toBeLessThanOrEqual(fit.mostBore_mm + 1e-12);
        },
      ),
    );
  });
});
