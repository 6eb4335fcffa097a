import { clearance, place } from '../pumps/measures';
import { characteristicId, stationId } from '../pumps/ids';
import fc from 'fast-check';
import { NO_EVIDENCE, proven, stackOf, type Felt } from '../feeler/bounds';
import { judgeTries, ladderOf, nextTry } from '../feeler/ladder';
import { zoneOf } from '../metrology/verdict';
import { leafEvidence, type FeelerReading } from './feeler';
import { leavesCanDecide, nextLeaf, type LeafAim } from './nextLeaf';
import { overStations } from './stations';

const STATIONS = ['12', '3', '6', '9'].map((id) => place(id, id, ''));
const GAP = clearance({ id: 'c', name: 'c', convention: '', stations: STATIONS });
const LEAVES = [0.02, 0.03, 0.04, 0.05, 0.06, 0.07, 0.08, 0.1];
const LADDER = ladderOf({ leaves_mm: LEAVES, maxStack: 1 });
const LIMITS = { lower_mm: 0.03, upper_mm: 0.07 };

type Made = readonly [station: string, leaf_mm: number, felt: Felt];

const stationsAfter = (...made: readonly Made[]) =>
  leafEvidence(
    GAP,
    made.map(([station, leaf_mm, felt], i): FeelerReading => ({
      id: `r${i}`,
      kind: 'leaf',
      at: '',
      by: '',
      instrument: '',
      characteristic: characteristicId('c'),
      station: stationId(station),
      leaves_mm: [leaf_mm],
      marked_mm: null,
      felt,
      voided: null,
    })),
    LADDER,
  );

const aimAfter = (...made: readonly Made[]): LeafAim => ({
  characteristic: characteristicId('c'),
  stations: stationsAfter(...made),
  limits: LIMITS,
  goal: 'verdict',
});

const asks = (aim: LeafAim) => {
  const next = nextLeaf(aim, LADDER);
  return next && [next.station.id, next.stack.total_mm];
};

describe('the next leaf over all places of a gap', () => {
  it('goes on where it began before it turns to another place', () => {
    expect(asks(aimAfter(['6', 0.03, 'free']))?.[0]).toBe('6');
  });
  it('begins at the next place with what its neighbours showed', () => {
    expect(asks(aimAfter(['12', 0.06, 'drag']))).toEqual(['3', 0.06]);
    expect(asks(aimAfter(['12', 0.04, 'drag']))).toEqual(['3', 0.04]);
  });
  it('begins with what the gear beside it showed at the same place', () => {
    const sisters = [stationsAfter(['12', 0.04, 'drag'], ['3', 0.04, 'drag'])];
    expect(asks({ ...aimAfter(), sisters })).toEqual(['12', 0.04]);
  });
  it('turns first to the place that is likeliest to be out', () => {
    const worn = stationsAfter(['9', 0.08, 'free'], ['12', 0.04, 'drag'], ['3', 0.04, 'drag']);
    expect(asks({ ...aimAfter(), sisters: [worn] })?.[0]).toBe('9');
  });
  it('does not ask again for a leaf that was answered and not believed', () => {
    const aim = aimAfter(['12', 0.05, 'free'], ['12', 0.04, 'no-go']);
    expect(aim.stations[0]?.conflicts).toHaveLength(1);
    for (let tries: Made[] = []; ;) {
      const next = nextLeaf(
        aimAfter(['12', 0.05, 'free'], ['12', 0.04, 'no-go'], ...tries),
        LADDER,
      );
      if (next?.station.id !== '12') break;
      expect(next.stack.total_mm).not.toBe(0.04);
      tries = [...tries, ['12', next.stack.total_mm, 'free']];
    }
  });
  it('asks nothing where no place can be out, once one cannot be in', () => {
    // Caught between 0.06 and 0.08 with the leaf between them spent: close, and nothing can put it out.
    const tight = ladderOf({ leaves_mm: [0.03, 0.06, 0.08], maxStack: 1 });
    const limits = { upper_mm: 0.07 };
    const close: Made[] = [
      ['12', 0.06, 'free'],
      ['12', 0.08, 'no-go'],
    ];
    const stations = stationsAfter(...close);
    expect(judgeTries(tight, limits, stations[0]!.tries).verdict).toBe('close');
    const next = nextLeaf({ ...aimAfter(...close), limits }, tight);
    // The other places can still be out over 0.08, and are asked only that.
    expect([next?.station.id, next?.stack.total_mm]).toEqual(['3', 0.08]);
    const all = STATIONS.flatMap(({ id }): Made[] => [[id, 0.08, 'no-go']]);
    expect(leavesCanDecide(stationsAfter(...close.slice(0, 1), ...all), limits, tight)).toBe(false);
  });

  it('is the leaf of the limit, and none beyond it, at a place that can only be out or too close', () => {
    // 12 can no longer be proven in: thinner than the thinnest leaf, over a least value below that.
    const limits = { lower_mm: 0.01, upper_mm: 0.07 };
    const close: Made[] = [
      ['12', 0.07, 'no-go'],
      ['12', 0.02, 'no-go'],
    ];
    const next = (...made: Made[]) => {
      const place = nextLeaf({ ...aimAfter(...close, ...made), limits }, LADDER);
      return place && [place.station.id, place.stack.total_mm];
    };
    expect(next()).toEqual(['3', 0.07]);
    // Refused there, the place is through: no thicker leaf is asked for.
    expect(next(['3', 0.07, 'no-go'])).toEqual(['6', 0.07]);
    // Where it goes in, the next thicker one tells whether it is out.
    expect(next(['3', 0.07, 'free'])).toEqual(['3', 0.08]);
  });

  it('comes to the verdict that each place by itself comes to, in no more tries', () => {
    const gap = fc.integer({ min: 5, max: 110 }).map((n) => n / 1000);
    fc.assert(
      fc.property(fc.tuple(gap, gap, gap, gap), (gaps) => {
        const felt = (mm: number, at: number): Felt => (gaps[at]! >= mm ? 'free' : 'no-go');
        const verdictOf = (made: readonly Made[]) => {
          const bounds = overStations(stationsAfter(...made)) ?? NO_EVIDENCE;
          return proven(bounds, zoneOf(LIMITS));
        };
        const together: Made[] = [];
        while (verdictOf(together) === null) {
          const next = nextLeaf(aimAfter(...together), LADDER);
          if (!next) break;
          const at = STATIONS.findIndex((s) => s.id === next.station.id);
          together.push([next.station.id, next.stack.total_mm, felt(next.stack.total_mm, at)]);
        }
        const apart: Made[] = STATIONS.flatMap(({ id }, at) => {
          const tries: { leaves_mm: number[]; felt: Felt }[] = [];
          for (;;) {
            const next = nextTry(LADDER, LIMITS, 'verdict', tries);
            if (!next) break;
            tries.push({ leaves_mm: [next.total_mm], felt: felt(next.total_mm, at) });
          }
          return tries.map((t): Made => [id, stackOf(t.leaves_mm), t.felt]);
        });
        expect(verdictOf(together)).toBe(verdictOf(apart));
        expect(together.length).toBeLessThanOrEqual(STATIONS.length * 4);
      }),
      { numRuns: 60 },
    );
  });
});
