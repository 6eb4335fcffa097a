import { stationId, characteristicId } from '../pumps/ids';
import fc from 'fast-check';
import { nextLeaf } from '../methods/nextLeaf';
import type { StationEvidence } from '../methods/stations';
import { feel } from '../methods/feeler';
import { boundsOf, stackOf, type Try } from './bounds';
import { ladderOf } from './ladder';
import { nextToRecord } from './recording';

const LEAVES = [0.04, 0.05, 0.06, 0.08, 0.1, 0.12, 0.15, 0.18, 0.2, 0.25, 0.3];
const LADDER = ladderOf({ leaves_mm: LEAVES, maxStack: 2 });

/** Tells gaps place after place, as the app leads; returns the tries at each. */
function told(gaps: readonly number[], room_mm: number | null = null, ladder = LADDER): Try[][] {
  const places: Try[][] = gaps.map(() => []);
  for (let n = 0; n < 200; n++) {
    const stations = places.map((tries, i): StationEvidence => ({
      station: { id: stationId(`${i}`), label: '', instruction: '' },
      tries,
      bounds: boundsOf(tries),
      conflicts: [],
    }));
    const aim = {
      characteristic: characteristicId('wear'),
      stations,
      limits: {},
      goal: 'record',
      room_mm,
    } as const;
    const next = nextLeaf(aim, ladder);
    if (!next) return places;
    const at = Number(next.station.id);
    const gap = gaps[at]!;
    places[at]!.push({
      leaves_mm: next.stack.leaves_mm,
      felt: feel(next.stack.total_mm, [gap, gap]),
    });
  }
  throw new Error('It never ends.');
}

const thicknesses = (tries: readonly Try[]) => tries.map((t) => stackOf(t.leaves_mm));

describe('a gap that is recorded rather than judged', () => {
  it('takes one try a place on a flat cover: the thinnest leaf, refused', () => {
    expect(told([0.01, 0, 0.02]).map(thicknesses)).toEqual([[0.04], [0.04], [0.04]]);
  });
  it('is told by two tries where it is as at the place before', () => {
    const [, second, third] = told([0.09, 0.09, 0.09]).map(thicknesses);
    expect([second, third]).toEqual([
      [0.08, 0.1],
      [0.08, 0.1],
    ]);
  });
  it('begins where the one before dragged', () => {
    expect(told([0.12, 0.12]).map((t) => thicknesses(t).at(-1))).toEqual([0.12, 0.12]);
    expect(told([0.12, 0.12])[1]).toHaveLength(1);
  });
  it('begins thin, and goes on at what a sum leaves', () => {
    expect(thicknesses(told([0.17], 0.15)[0]!).slice(0, 2)).toEqual([0.04, 0.15]);
  });
  it('ends between neighbouring leaves, or on one that drags, in few tries', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 290 }), fc.integer({ min: 0, max: 290 }), (a, b) => {
        const gaps = [a / 1000, b / 1000];
        told(gaps).forEach((tries, i) => {
          const { lo } = boundsOf(tries).smallest;
          const { hi } = boundsOf(tries).largest;
          const dragged = tries.some((t) => t.felt === 'drag');
          const between = LEAVES.filter((leaf) => leaf > lo && leaf < hi);
          expect([dragged || between.length === 0, Number.isFinite(hi)]).toEqual([true, true]);
          expect(lo - 1e-9).toBeLessThanOrEqual(gaps[i]!);
          expect(tries.length).toBeLessThanOrEqual(8);
        });
      }),
    );
  });
  it('goes beyond the thickest leaf with several, and ends', () => {
    const [tries] = told([0.47]);
    expect(boundsOf(tries!).smallest.lo).toBeGreaterThan(0.4);
    expect(thicknesses(told([2])[0]!).at(-1)).toBe(0.55);
  });
  it('climbs leaf by leaf where the house climbs', () => {
    const climbing = ladderOf({ leaves_mm: LEAVES, maxStack: 1 }, 'climb');
    expect(thicknesses(told([0.11], null, climbing)[0]!)).toEqual([
      0.04, 0.05, 0.06, 0.08, 0.1, 0.12,
    ]);
  });
  it('tells both ends where a leaf goes part way', () => {
    const tries: Try[] = [{ leaves_mm: [0.1], felt: 'part-way' }];
    const next = nextToRecord(LADDER, boundsOf(tries), tries);
    expect(next?.total_mm).toBeGreaterThan(0.1);
    const upper: Try[] = [...tries, { leaves_mm: [0.12], felt: 'no-go' }];
    expect(nextToRecord(LADDER, boundsOf(upper), upper)?.total_mm).toBeLessThan(0.1);
  });
  it('goes on from what is known: where the place before was told, and of two ends the open one', () => {
    const refused: Try[] = [{ leaves_mm: [0.25], felt: 'no-go' }];
    const from = (begin_mm: number, ...tries: Try[]) =>
      nextToRecord(LADDER, boundsOf(tries), tries, { begin_mm })?.total_mm;
    expect(from(0.08, ...refused)).toBe(0.08);
    expect(from(0.08, ...refused, { leaves_mm: [0.08], felt: 'free' })).toBe(0.1);
    expect(from(0.08, ...refused, { leaves_mm: [0.08], felt: 'no-go' })).toBe(0.06);
    // It lies elsewhere: the leaf of the place before would tell nothing.
    expect(from(0.3, ...refused)).not.toBe(0.3);
  });
  it('asks for no leaf that was tried there and is not believed', () => {
    const begun = nextToRecord(LADDER, boundsOf([]), [], { spent_mm: [0.04] });
    expect(begun?.total_mm).toBe(0.05);
  });
});
