import { bridged } from './bridge';

const near = (mm: number) => expect.closeTo(mm, 9) as number;

describe('a gap over a bridge', () => {
  const CHOICE = {
    lower_mm: 0.25,
    upper_mm: 0.55,
    shims_mm: [3.5, 3.6, 3.7, 3.8],
    maxShims: 1,
    aim: 'middle',
  } as const;
  const at = (mm: number) => ({ smallest: mm, largest: mm });

  it('reaches from the closest place to the widest, with what is added to all', () => {
    const found = bridged([at(3.71), at(3.69), at(3.7)], 0.38, CHOICE);
    expect(found.gap_mm).toEqual({ smallest: near(4.07), largest: near(4.09) });
    expect([found.uneven_mm, found.stack_mm, found.verdict]).toEqual([near(0.02), [3.7], 'in']);
  });
  it('of two leaves is as uneven as they are apart', () => {
    expect(bridged([{ smallest: 0.3, largest: 0.35 }], 3.7, CHOICE)).toMatchObject({
      uneven_mm: near(0.05),
      gap_mm: { smallest: near(4), largest: near(4.05) },
    });
  });
  it('is wider by a washer that lies in it by just that', () => {
    const [bare, fitted] = [0, 3.6].map((mm) => bridged([at(0.4), at(0.45)], mm, CHOICE));
    expect((fitted?.gap_mm.smallest ?? 0) - (bare?.gap_mm.smallest ?? 0)).toBeCloseTo(3.6, 9);
    expect(fitted?.uneven_mm).toBe(bare?.uneven_mm);
  });
});
