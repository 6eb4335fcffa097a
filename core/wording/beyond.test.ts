import type { Estimate } from '../metrology/estimate';
import type { Verdict } from '../metrology/verdict';
import { characteristicId } from '../pumps/ids';
import { characteristicOf } from '../pumps/registry';
import { limit } from '../testing/mostOnly';
import { VELTRANE_T6 } from '../testing/sheets';
import { worstFirst } from '../assessment/summary';
import { outWords } from './beyond';

const outOf = (smallest: Estimate, largest: Estimate) => ({
  smallest,
  largest,
  characteristic: characteristicOf(VELTRANE_T6, characteristicId('face-drive')),
  limits: {
    lower_mm: 0.02,
    upper_mm: 0.08,
    preferred: null,
    published: limit('face-drive', 0.02, 0.08),
  },
});
const bracket = (lo_mm: number, hi_mm: number | null): Estimate => ({
  kind: 'interval',
  lo_mm,
  hi_mm,
});

describe('how far a gap is beyond its limits', () => {
  it('is said of the side that leaves prove: an end that nobody knows is beyond nothing', () => {
    const refused = outOf(bracket(0, null), bracket(0.09, null));
    expect(outWords(refused, 'mm')).toBe('at least 0.01 mm over its limit');
    const tight = outOf(bracket(0, 0.01), bracket(0, 0.07));
    expect(outWords(tight, 'mm')).toBe('at least 0.01 mm under its limit');
  });
  it('orders what is out by what is proven, over or under', () => {
    const value = (value_mm: number): Estimate => ({ kind: 'value', value_mm, u_mm: 0.002 });
    const out = (smallest: Estimate, largest = smallest) => ({
      ...outOf(smallest, largest),
      verdict: 'out' as Verdict,
    });
    const little = out(value(0.09));
    const proven = out(bracket(0, null), bracket(0.12, null));
    const under = out(value(-0.01));
    // The smallest is in: it is the largest that is out.
    const far = out(value(0.05), value(0.15));
    const unread = { ...little, smallest: null, largest: null };
    const close = { ...far, verdict: 'close' as Verdict };
    const all = [close, unread, little, proven, under, far];
    expect(worstFirst(all)).toEqual([far, proven, under, little, unread, close]);
  });
  it('is said of a figure with its doubt, ± 2u', () => {
    const wide = { kind: 'value', value_mm: 0.1, u_mm: 0.002 } satisfies Estimate;
    const sized = outOf(wide, wide);
    expect(outWords(sized, 'mm')).toBe('0.02 mm over its limit, ± 0.004');
  });
});
