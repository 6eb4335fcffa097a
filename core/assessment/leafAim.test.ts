import { characteristicId } from '../pumps/ids';
import { type StationEvidence, overStations } from '../methods/stations';
import { nextLeaf } from '../methods/nextLeaf';
import type { Assessment } from './assessment';
import { VELTRANE_T6 } from '../testing/sheets';
import { boundsOf, type Felt } from '../feeler/bounds';
import { extremesOf } from '../feeler/extremes';
import { judgeTries, ladderOf } from '../feeler/ladder';
import { characteristicOf } from '../pumps/registry';
import { NO_PAST } from './past';
import { ownAim, stackAdvice } from './leafAim';

const LADDER = ladderOf({ leaves_mm: [0.02, 0.03, 0.04, 0.05, 0.06, 0.07, 0.08], maxStack: 1 });
const LIMITS = { lower_mm: 0.02, upper_mm: 0.06 };

type Made = readonly (readonly [leaf: number, felt: Felt])[];

/** Returns a characteristic with the same tries made at every one of its places. */
function part(
  id: string,
  limits: typeof LIMITS | { upper_mm: number } | null,
  made: Made,
): Assessment {
  const characteristic = characteristicOf(VELTRANE_T6, characteristicId(id));
  const tries = made.map(([leaf, felt]) => ({ leaves_mm: [leaf], felt }));
  const stations = characteristic.stations.map((station): StationEvidence => ({
    station,
    tries,
    bounds: boundsOf(tries),
    conflicts: [],
  }));
  const bounds = overStations(stations);
  const extremes = made.length > 0 && bounds ? extremesOf(bounds) : null;
  return {
    ...NO_PAST,
    characteristic,
    limits: limits && {
      lower_mm: null,
      ...limits,
      preferred: null,
      published: VELTRANE_T6.limits[0]!,
    },
    least: null,
    under: false,
    band: null,
    stations,
    soFar: extremes,
    smallest: extremes?.smallest ?? null,
    largest: extremes?.largest ?? null,
    source: { smallest: 'leaves', largest: 'leaves' },
    both: false,
    disagree: false,
    missing: [],
    tilt: null,
    touches: [],
    zero: null,
    parts: [],
    neglected: [],
    skipped: [],
    verdict: limits ? judgeTries(LADDER, limits, tries).verdict : 'open',
    probability: null,
    heatShift_mm: null,
  };
}

const face = (...made: Made) => part('face-drive', LIMITS, made);
const wear = (...made: Made) => part('cover-wear', { upper_mm: 0.05 }, made);

describe('what leaves go for at one characteristic', () => {
  it('is its verdict, as long as a leaf can change it', () => {
    expect(ownAim(face(), LADDER)).toMatchObject({ goal: 'verdict', limits: LIMITS });
    expect(ownAim(face([0.02, 'free'], [0.06, 'no-go']), LADDER)).toBeNull();
    expect(ownAim(face([0.06, 'free'], [0.07, 'no-go']), LADDER)).toBeNull();
  });
  it('is to know it between neighbouring leaves where no limit is given', () => {
    expect(ownAim(part('cover-wear', null, []), LADDER)).toMatchObject({ goal: 'record' });
    expect(ownAim(part('cover-wear', null, [[0.02, 'no-go']]), LADDER)).toBeNull();
    expect(ownAim(part('cover-wear', null, [[0.06, 'no-go']]), LADDER)).not.toBeNull();
    expect(ownAim(part('cover-wear', null, [[0.02, 'free']]), LADDER)).not.toBeNull();
  });
  it('is the size as well, where the house records it', () => {
    const house = { ...LADDER, wanted: 'size' } as const;
    const decided = face([0.02, 'free'], [0.06, 'no-go']);
    expect(ownAim(decided, house)).toMatchObject({ goal: 'record' });
    expect(ownAim(face([0.05, 'free'], [0.06, 'no-go']), house)).toBeNull();
  });
  it('is a leaf at the first place that still asks for one', () => {
    const aim = ownAim(face(), LADDER)!;
    expect(aim.characteristic).toBe('face-drive');
    expect(nextLeaf(aim, LADDER)).toMatchObject({ station: { id: '12' } });
    const first = aim.stations[0]!;
    const tries = [
      { leaves_mm: [0.02], felt: 'free' as const },
      { leaves_mm: [0.06], felt: 'no-go' as const },
    ];
    const stations = [{ ...first, tries }, ...aim.stations.slice(1)];
    expect(nextLeaf({ ...aim, stations }, LADDER)?.station.id).toBe('6');
  });
});

describe('how leaves settle a stack', () => {
  const sound: Made = [
    [0.02, 'free'],
    [0.06, 'no-go'],
  ];
  it('first by measuring what is not measured', () => {
    expect(stackAdvice(face(), [wear()], LIMITS, LADDER)?.characteristic).toBe('face-drive');
    expect(stackAdvice(face(...sound), [wear()], LIMITS, LADDER)?.characteristic).toBe(
      'cover-wear',
    );
  });
  it('then by holding the body against what the cover leaves of the limit', () => {
    const advice = stackAdvice(face(...sound), [wear([0.02, 'no-go'])], LIMITS, LADDER);
    expect(advice).toMatchObject({
      goal: 'verdict',
      limits: { upper_mm: expect.closeTo(0.04, 9) as number },
    });
    expect(advice?.characteristic).toBe('face-drive');
  });
  it('then by telling the cover closer', () => {
    const wide = wear([0.05, 'no-go']);
    const worn = face([0.04, 'free'], [0.05, 'no-go']);
    const advice = stackAdvice(worn, [wide], LIMITS, LADDER);
    expect(advice).toMatchObject({ goal: 'size' });
    expect(advice?.characteristic).toBe('cover-wear');
  });
  it('and not at all where every leaf has said what it can', () => {
    const tight = face([0.05, 'free'], [0.06, 'no-go']);
    expect(stackAdvice(tight, [wear([0.02, 'no-go'])], LIMITS, LADDER)).toBeNull();
  });
});
