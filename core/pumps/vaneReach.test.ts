import fc from 'fast-check';
import { vaneReach, type VaneInSlot } from './vaneReach';

const VANE: VaneInSlot = {
  ringRadius_mm: 29,
  eccentricity_mm: 4.7,
  rotorRadius_mm: 24,
  vaneLength_mm: 15.5,
  newVaneLength_mm: 16,
  hours: 2000,
  leastInSlot_mm: 5,
};

describe('the reach of a vane', () => {
  it('leaves length less reach in the slot', () => {
    const { reach_mm, inSlot_mm, verdict, hoursLeft } = vaneReach(VANE);
    expect(reach_mm).toBeCloseTo(9.7, 9);
    expect(inSlot_mm).toBeCloseTo(5.8, 9);
    expect(verdict).toBe('in');
    expect(hoursLeft).toBeCloseTo(3200, 6);
  });
  it.each([
    [14.7, 'in', 0],
    [14.5, 'out', 0],
    [9.7, 'escapes', 0],
    [9, 'escapes', 0],
  ] as const)('with a vane of %s mm is %s', (vaneLength_mm, verdict, hours) => {
    const reach = vaneReach({
      ...VANE,
      vaneLength_mm,
      leastInSlot_mm: vaneLength_mm < 14.6 ? 5 : 4.999,
    });
    expect(reach.verdict).toBe(verdict);
    expect(reach.hoursLeft).toBeCloseTo(hours, -1);
  });
  it.each([
    { hours: null },
    { newVaneLength_mm: null },
    { newVaneLength_mm: 15.5 },
    { newVaneLength_mm: 15 },
  ])('knows no hours left with %j', (more) => {
    expect(vaneReach({ ...VANE, ...more }).hoursLeft).toBeNull();
  });
  it('lasts just until the least is in the slot', () => {
    const length = fc.integer({ min: 1470, max: 1599 }).map((n) => n / 100);
    fc.assert(
      fc.property(length, (vaneLength_mm) => {
        const { hoursLeft } = vaneReach({ ...VANE, vaneLength_mm });
        const perHour = (16 - vaneLength_mm) / 2000;
        const then = vaneReach({
          ...VANE,
          vaneLength_mm: vaneLength_mm - perHour * (hoursLeft ?? NaN),
        });
        expect(then.inSlot_mm).toBeCloseTo(VANE.leastInSlot_mm, 6);
      }),
    );
  });
});
