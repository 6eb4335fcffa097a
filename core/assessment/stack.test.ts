import { dimensionId } from '../pumps/ids';
import { assessJob } from '../guidance/evaluator';
import type { Assessment } from './assessment';
import fc from 'fast-check';
import { emptyJob } from '../practice/job';
import { measure } from '../practice/hand';
import type { Hidden } from '../methods/method';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { ends } from '../metrology/estimate';
import { ladderOf } from '../feeler/ladder';
import { NEW_SHOP } from '../records/shop';
import type { Sheet } from '../records/sheet';
import { heatShift } from './heat';
import { partAim, type SumOf } from './leafAim';

const AT = '2026-11-20T09:00:00.000Z';
const GEAR_PUMP = SHEETS.find((s) => s.model === 'Brunnick H30 gear pump')!;
const ROOM = { instruments: NEW_SHOP.instruments, zeros: [] };
const LADDER = ladderOf(NEW_SHOP.feelers[0]!);

/** Measures a pump whose gaps are as given and whose sizes have no spread. */
function measured(
  sheet: Sheet,
  gaps: Readonly<Record<string, number>>,
  sizes: Readonly<Record<string, number>> = {},
) {
  const hidden: Hidden = {
    gap: (c) => [gaps[c] ?? 0.05, gaps[c] ?? 0.05],
    size: (d) => sizes[d] ?? sheet.nominal.find((n) => n.dimension === d)?.value_mm ?? 20,
    swing: (c) => gaps[c] ?? 0.2,
  };
  const job = measure(emptyJob(sheet, AT), hidden, ROOM, new Date(AT));
  return (id: string): Assessment => assessJob(job).find((a) => a.characteristic.id === id)!;
}

const micron = (least: number, most: number) =>
  fc.integer({ min: least, max: most }).map((n) => n / 1000);

describe('an end clearance with both its wear plates', () => {
  it('is the sum of all three, sizes and leaves together', () => {
    const of = measured(GEAR_PUMP, { 'plate-wear-front': 0.012, 'plate-wear-rear': 0.021 });
    const sum = of('end-plates');
    const [lo] = ends(sum.smallest!);
    const [, hi] = ends(sum.largest!);
    const truth = 0.1 + 0.012 + 0.021;
    expect(lo).toBeLessThanOrEqual(truth);
    expect(hi).toBeGreaterThanOrEqual(truth);
    expect(sum.source).toEqual({ smallest: 'sum', largest: 'sum' });
  });
  it('is never called in or out against the truth by more than its uncertainty', () => {
    fc.assert(
      fc.property(micron(20, 200), micron(0, 30), micron(0, 30), (end, front, rear) => {
        const of = measured(
          GEAR_PUMP,
          { 'plate-wear-front': front, 'plate-wear-rear': rear },
          { 'body-width': 30 + end, 'drive-width': 30, 'idler-width': 30 },
        );
        const { verdict, smallest, largest, limits } = of('end-plates');
        const total = end + front + rear;
        const band = smallest && largest ? ends(largest)[1] - ends(smallest)[0] : 0;
        if (verdict === 'in') {
          expect(total).toBeGreaterThan((limits?.lower_mm ?? 0) - band);
          expect(total).toBeLessThan((limits?.upper_mm ?? 0) + band);
        }
        if (verdict === 'out') {
          const inside = Math.min(
            total - (limits?.lower_mm ?? 0),
            (limits?.upper_mm ?? Infinity) - total,
          );
          expect(inside).toBeLessThan(band);
        }
      }),
      { numRuns: 60 },
    );
  });
  it('takes the end limit where it has none of its own', () => {
    const of = measured(GEAR_PUMP, {});
    expect(of('end-plates').limits?.published).toEqual(of('end').limits?.published);
  });
});

describe('what a part of a sum is tried against', () => {
  const of = (id: string) =>
    assessJob(emptyJob(VELTRANE_T6, AT)).find((a) => a.characteristic.id === id)!;
  const sum = (over: Partial<SumOf> = {}): SumOf => ({
    limits: { lower_mm: 0.02, upper_mm: 0.08 },
    rule: 'guarded',
    base: of('face-drive'),
    plus: [of('cover-wear')],
    ...over,
  });
  it('leaves room for wear that is not measured yet', () => {
    const aim = partAim(of('face-drive'), [sum()], LADDER);
    expect(aim?.limits.upper_mm).toBeCloseTo(0.06, 9);
    expect(aim?.limits.lower_mm).toBe(0.02);
  });
  it('is the book’s own limit under the plain rule: wear that no leaf finds takes nothing', () => {
    const aim = partAim(of('face-drive'), [sum({ rule: 'plain' })], LADDER);
    expect(aim?.limits.upper_mm).toBe(0.08);
  });
  it('is what the other part leaves, once that is known', () => {
    const worn = {
      ...of('cover-wear'),
      largest: { kind: 'interval', lo_mm: 0, hi_mm: 0.03 },
    } as const;
    const aim = partAim(of('face-drive'), [sum({ plus: [worn] })], LADDER);
    expect(aim?.limits.upper_mm).toBeCloseTo(0.05, 9);
  });
  it('is the tightest of several sums, and its own limit where they leave nothing', () => {
    const tight = sum({ limits: { upper_mm: 0.05 } });
    expect(partAim(of('face-drive'), [sum(), tight], LADDER)?.limits.upper_mm).toBeCloseTo(
      0.0375,
      9,
    );
    const gone = {
      ...of('cover-wear'),
      largest: { kind: 'interval', lo_mm: 0.09, hi_mm: 0.1 },
    } as const;
    expect(partAim(of('face-drive'), [sum({ plus: [gone] })], LADDER)?.limits.upper_mm).toBe(0.08);
  });
  it('is its own limit once one place is wider than the sum leaves it', () => {
    const face = of('face-drive');
    const [first, ...others] = face.stations;
    const free = { ...first!, tries: [{ leaves_mm: [0.07], felt: 'free' as const }] };
    const aim = partAim({ ...face, stations: [free, ...others] }, [sum()], LADDER);
    expect(aim?.limits.upper_mm).toBe(0.08);
  });
  it('of a sum without an upper limit is its own', () => {
    const aim = partAim(of('face-drive'), [sum({ limits: { lower_mm: 0.02 } })], LADDER);
    expect(aim?.limits.upper_mm).toBe(0.08);
  });
});

describe('heat', () => {
  it('counts each size by how much of it counts', () => {
    const sheet = SHEETS.find((s) => s.model === 'Brunnick C12 cartridge')!;
    const shift = heatShift(sheet, [
      { dimension: dimensionId('vane-length'), factor: 1 },
      { dimension: dimensionId('ring-major'), factor: -0.5 },
      { dimension: dimensionId('rotor-diameter'), factor: 0.5 },
    ]);
    expect(shift).toBeCloseTo((9 - 31 + 27) * 11.7e-6 * 72, 9);
    expect(heatShift(sheet, [])).toBeNull();
    expect(
      heatShift({ ...sheet, nominal: [] }, [{ dimension: dimensionId('vane-length'), factor: 1 }]),
    ).toBeNull();
  });
});
