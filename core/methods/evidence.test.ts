import { stationId, dimensionId, characteristicId } from '../pumps/ids';
import { type FeelerReading, leafEvidence, feel } from './feeler';
import type { DimensionalReading } from './dimensional';
import { overStations } from './stations';
import { sizedEvidence } from './sizedGap';
import fc from 'fast-check';
import { ladderOf } from '../feeler/ladder';
import { VELTRANE_T6 } from '../testing/sheets';
import { characteristicOf } from '../pumps/registry';

const FACE = characteristicOf(VELTRANE_T6, characteristicId('face-drive'));
const LEAVES = [0.02, 0.03, 0.04, 0.05, 0.06, 0.08];
const LADDER = ladderOf({ leaves_mm: LEAVES, maxStack: 1 });

const common = { at: '2026-11-20T09:00:00.000Z', by: '', instrument: '', voided: null };

const tried = (station: string, leaf: number, gap: readonly [number, number]): FeelerReading => ({
  ...common,
  id: `${station}-${leaf}`,
  kind: 'leaf',
  characteristic: FACE.id,
  station: stationId(station),
  leaves_mm: [leaf],
  marked_mm: null,
  felt: feel(leaf, gap),
});

const size = (
  dimension: string,
  value_mm: number,
  u_mm: number,
  station = '12',
): DimensionalReading => ({
  ...common,
  id: `${dimension}-${value_mm}`,
  kind: 'size',
  dimension: dimensionId(dimension),
  station: stationId(station),
  text: `${value_mm}`,
  unit: 'mm',
  read_mm: value_mm,
  offset_mm: 0,
  part_C: null,
  shop_C: null,
  value_mm,
  u_mm,
  own_mm: 0.001,
  zero: 'zeroed',
  source: 'typed',
});

/** Draws a gap at each place, in mm, the larger end first made so. */
const gaps = fc.array(
  fc
    .tuple(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 0, max: 150 }))
    .map(([at, tilt]) => [at / 1e4, (at + tilt) / 1e4] as const),
  { minLength: 4, maxLength: 4 },
);

describe('leaves over several places', () => {
  it('hold the true smallest and largest of all of them', () => {
    fc.assert(
      fc.property(gaps, fc.subarray(LEAVES), (true_mm, leaves) => {
        const readings = FACE.stations.flatMap((s, i) =>
          leaves.map((l) => tried(s.id, l, true_mm[i]!)),
        );
        const bounds = overStations(leafEvidence(FACE, readings, LADDER))!;
        const smallest = Math.min(...true_mm.map(([lo]) => lo));
        const largest = Math.max(...true_mm.map(([, hi]) => hi));
        expect(bounds.smallest.lo).toBeLessThanOrEqual(smallest);
        expect(bounds.smallest.hi).toBeGreaterThanOrEqual(smallest);
        expect(bounds.largest.lo).toBeLessThanOrEqual(largest);
        expect(bounds.largest.hi).toBeGreaterThanOrEqual(largest);
      }),
    );
  });

  it('leave the far end open as long as a place is not tried', () => {
    const readings = FACE.stations.slice(1).map((s) => tried(s.id, 0.08, [0.05, 0.05]));
    const bounds = overStations(leafEvidence(FACE, readings, LADDER))!;
    expect(bounds.largest.hi).toBe(Infinity);
    expect(bounds.smallest).toMatchObject({ lo: 0, hi: 0.08 });
  });

  it('are nothing without a place', () => {
    expect(overStations([])).toBeNull();
  });
});

describe('a gap from sizes', () => {
  const terms = FACE.terms!;
  it('says what is missing', () => {
    expect(sizedEvidence([terms], [size('pocket-depth', 20.05, 0.003)])).toEqual({
      extremes: null,
      reached: null,
      among: null,
      missing: ['drive-width'],
    });
  });
  it('spans from the least depth over the widest gear to the opposite', () => {
    const readings = [
      size('pocket-depth', 20.04, 0.003),
      size('pocket-depth', 20.06, 0.003, '6'),
      size('drive-width', 19.99, 0.004),
      size('drive-width', 20.01, 0.004, '6'),
    ];
    const { extremes } = sizedEvidence([terms], readings);
    expect(extremes?.smallest).toMatchObject({ value_mm: expect.closeTo(0.03, 9) as number });
    expect(extremes?.largest).toMatchObject({ value_mm: expect.closeTo(0.07, 9) as number });
    expect(extremes?.largest).toMatchObject({
      u_mm: expect.closeTo(0.005, 9) as number,
      picked: { end: 'largest', of: 4 },
    });
  });
  it('reaches at least so far, whichever places meet', () => {
    const readings = [
      size('pocket-depth', 20.04, 0.003),
      size('pocket-depth', 20.06, 0.003, '6'),
      size('drive-width', 19.99, 0.004),
      size('drive-width', 20, 0.004, '6'),
    ];
    const { reached } = sizedEvidence([terms], readings);
    // The deep place with the wide gear beside it, or the shallow one with the narrow.
    expect(reached?.largest).toMatchObject({ value_mm: expect.closeTo(0.06, 9) as number });
    expect(reached?.smallest).toMatchObject({ value_mm: expect.closeTo(0.05, 9) as number });
  });
});
