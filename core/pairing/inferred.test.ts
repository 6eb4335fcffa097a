import { term } from '../pumps/measures';
import { characteristicId, dimensionId } from '../pumps/ids';
import type { Characteristic } from '../pumps/family';
import { VELTRANE_T6 } from '../testing/sheets';
import { characteristicOf } from '../pumps/registry';
import type { Estimate } from '../metrology/estimate';
import { inferredSizes } from './inferred';

const FACE = characteristicOf(VELTRANE_T6, characteristicId('face-drive'));
const gap = (id: string, terms: Characteristic['terms'], low: number, high: number | null) => ({
  characteristic: { ...FACE, id: characteristicId(id), ...(terms ? { terms } : {}), besides: [] },
  smallest: { kind: 'interval', lo_mm: low, hi_mm: high } as Estimate | null,
  largest: { kind: 'interval', lo_mm: low, hi_mm: high } as Estimate | null,
});
const HALVES = [term('bore', 0.5), term('gear', -0.5)];
const known = (value_mm: number, u_mm = 0.002) =>
  new Map([['gear', { dimension: dimensionId('gear'), value_mm, u_mm }]]);

describe('the size that a gap leaves', () => {
  it('is what the gap and the other sizes come to, with the doubt of both', () => {
    const [size, ...more] = inferredSizes([gap('side', HALVES, 0.04, 0.06)], known(116));
    expect(more).toEqual([]);
    expect(size).toEqual({
      dimension: 'bore',
      value_mm: expect.closeTo(116.1, 9) as number,
      // Half of the gap's half width, and half of the gear's doubt, at twice the radius.
      u_mm: expect.closeTo(2 * Math.hypot(0.005, 0.001), 9) as number,
    });
  });
  it('is none where the gap is not known to both sides, or more than one size is not', () => {
    const open = gap('side', HALVES, 0.04, null);
    const half = { ...gap('side', HALVES, 0.04, 0.06), largest: null };
    expect(inferredSizes([open, half], known(116))).toEqual([]);
    expect(inferredSizes([gap('side', HALVES, 0.04, 0.06)], new Map())).toEqual([]);
    const both = new Map([
      ...known(116),
      ['bore', { dimension: dimensionId('bore'), value_mm: 117, u_mm: 0 }],
    ]);
    expect(inferredSizes([gap('side', HALVES, 0.04, 0.06)], both)).toEqual([]);
  });
  it('is the surest of several, in whatever order they come', () => {
    const gaps = [gap('wide', HALVES, 0.02, 0.08), gap('narrow', HALVES, 0.05, 0.06)];
    for (const all of [gaps, [...gaps].reverse()]) {
      const [size] = inferredSizes(all, known(116));
      expect(size?.value_mm).toBeCloseTo(116.11, 9);
    }
  });
});
