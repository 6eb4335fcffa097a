import fc from 'fast-check';
import { crissCross, NM_PER, setShare } from './torquePlan';

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
