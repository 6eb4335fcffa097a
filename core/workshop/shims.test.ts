import fc from 'fast-check';
import { chooseShims } from './shims';

const near = (mm: number, digits = 9) => expect.closeTo(mm, digits) as number;
const length = (min: number, max: number) => fc.double({ min, max, noNaN: true });

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
  it('hold at their limits, and are left out beyond them at the middle', () => {
    const one = { ...CHOICE, maxShims: 1, shims_mm: [3.5] };
    expect(chooseShims(at(3.75), one)).toMatchObject({ verdict: 'in' });
    expect(chooseShims(at(4.05), one)).toMatchObject({ verdict: 'in' });
    expect(chooseShims(at(4.06), one)).toMatchObject({ verdict: 'none', left_mm: null });
    expect(chooseShims(at(3.74), one)).toMatchObject({ verdict: 'none' });
  });
});
