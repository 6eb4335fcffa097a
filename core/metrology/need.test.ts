import fc from 'fast-check';
import { dialSwing } from './indicator';
import { conformityNeed } from './need';

describe('how exactly a size has to be known', () => {
  const micron = (min: number, max: number) => fc.integer({ min, max }).map((n) => n / 1000);
  const limits = { lower_mm: 0.02, upper_mm: 0.06 };

  it('is to the uncertainty that decides, and no more than that', () => {
    fc.assert(
      fc.property(micron(1, 100), (value) => {
        const { uThatDecides_mm } = conformityNeed(value, 0.003, limits);
        fc.pre(uThatDecides_mm !== null);
        const at = (share: number) =>
          conformityNeed(value, (uThatDecides_mm ?? NaN) * share, limits).verdict;
        const inside = value > 0.02 && value < 0.06;
        expect(at(0.999)).toBe(inside ? 'in' : 'out');
        if (inside) expect(at(1.001)).toBe('close');
      }),
    );
  });
  it('is known where a size is in as exactly as it is', () => {
    const { inFrom_mm, inTo_mm } = conformityNeed(0.04, 0.003, limits);
    const at = (mm: number) => conformityNeed(mm, 0.003, limits).verdict;
    expect(at((inTo_mm ?? NaN) - 1e-6)).toBe('in');
    expect(at((inTo_mm ?? NaN) + 1e-6)).toBe('close');
    expect(at((inFrom_mm ?? NaN) + 1e-6)).toBe('in');
    expect(at((inFrom_mm ?? NaN) - 1e-6)).toBe('close');
  });
  it('is no question on a limit, nor without one', () => {
    expect(conformityNeed(0.06, 0.003, limits).uThatDecides_mm).toBeNull();
    expect(conformityNeed(0.06, 0.003, {})).toMatchObject({
      uThatDecides_mm: null,
      inFrom_mm: null,
      inTo_mm: null,
    });
  });
});

describe('a dial that stands askew', () => {
  it('reads too much, 3.5% at 15°, and knows its graduation', () => {
    const dial = { reading_mm: 0.1, angle_deg: 15, graduation_mm: 0.01 };
    expect(dialSwing(dial)).toMatchObject({
      overread_percent: expect.closeTo(3.53, 2) as number,
      u_mm: expect.closeTo(0.002887, 6) as number,
      backlash_mm: null,
    });
    expect(dialSwing({ ...dial, contactRadius_mm: 20 }).backlash_mm).toBeNull();
    expect(
      dialSwing({ ...dial, angle_deg: 0, contactRadius_mm: 20, pitchRadius_mm: 10 }),
    ).toMatchObject({ swing_mm: 0.1, backlash_mm: 0.05, overread_percent: 0 });
  });
});
