import { record, withReading } from '../journal/commands';
import { Evaluator } from '../guidance/evaluator';
import type { AttributeFelt } from '../methods/attribute';
import { characteristicId, dimensionId, partId, stationId } from '../pumps/ids';
import { characteristicOf, dimensionOf, pumpOf } from '../pumps/registry';
import { APP_FLOORS } from '../pumps/floors';
import { centre, ends } from '../metrology/estimate';
import { leastOf } from './least';
import { sizeAt, swingAt } from '../practice/gauge';
import { emptyJob } from '../practice/job';
import { NEW_RULES } from '../records/rules';
import type { WorkEntry } from '../records/entries/operation';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import { EVERY_BUILD } from '../testing/builds';
import { stamp, workOn } from '../testing/findings';
import { AT, freshId } from '../testing/readings';
import { VELTRANE_T6 } from '../testing/sheets';
import { changesOf } from '../journal/work';

const MIC = { u_mm: 0.003, own_mm: 0.0015, off_mm: 0 };

/** Returns a job on a sheet with these limits and no others. */
function jobWith(
  sheet: Sheet,
  limits: Readonly<Record<string, readonly [number | null, number | null]>>,
  more: Partial<Sheet> = {},
): Job {
  const given = Object.entries(limits).map(([id, [lower_mm, upper_mm]]) => ({
    characteristic: characteristicId(id),
    tier: 'service',
    lower_mm,
    upper_mm,
    preferredLower_mm: null,
    preferredUpper_mm: null,
    side: 'full' as const,
    gasket: 'bare' as const,
    source: '',
  }));
  return emptyJob({ ...sheet, ...more, limits: given }, AT);
}

/** Returns a job on which a size was read at all its places. */
const sizes = (job: Job, all: Readonly<Record<string, number>>): Job =>
  Object.entries(all).reduce((j, [id, mm]) => {
    const { stations } = dimensionOf(job.sheet, dimensionId(id));
    return stations.reduce(
      (k, s) => withReading(k, sizeAt(dimensionId(id), s.id, freshId(), mm, MIC)),
      j,
    );
  }, job);

const leaf = (
  job: Job,
  c: string,
  station: string,
  mm: number,
  felt: 'free' | 'no-go' | 'drag',
): Job =>
  withReading(job, {
    ...stamp(),
    kind: 'leaf',
    instrument: '',
    marked_mm: null,
    leaves_mm: [mm],
    felt,
    characteristic: characteristicId(c),
    station: stationId(station),
  });

const touch = (job: Job, c: string, felt: AttributeFelt): Job => {
  const of = pumpOf(job.sheet).characteristics.find(({ id }) => id === c)!;
  return withReading(job, {
    ...stamp(),
    kind: 'touch',
    instrument: '',
    felt,
    characteristic: of.id,
    station: of.touch!.stations[0]!.id,
  });
};

const work = (job: Job, part: string, kind: WorkEntry['work'], by_mm: number | null = null): Job =>
  record(
    job,
    workOn(
      part,
      kind,
      changesOf(job.sheet, { part: partId(part), work: kind }, null, by_mm, 0.003),
    ),
  );

const at = (job: Job, id: string) =>
  new Evaluator().assess(job).find(({ characteristic }) => characteristic.id === id)!;
const verdict = (job: Job, id: string) => at(job, id).verdict;

const build = (id: string) => EVERY_BUILD.find((s) => s.id === id)!;

describe('the end play to a transmission, by depths', () => {
  const job = (mount: Sheet['mount']) =>
    sizes(jobWith(VELTRANE_T6, { 'pump-to-unit': [0.3, 0.9] }, { mount }), {
      'unit-depth': 60,
      'pump-height': 57.5,
      'washer-thickness': 1.9,
    });
  it.each([
    ['body', 'body', 'faced'],
    ['body', 'body', 'dressed'],
    ['body', 'body', 'exchanged'],
    ['body', 'cover', 'exchanged'],
    ['cover', 'cover', 'ground'],
    [null, 'body', 'faced'],
    [null, 'cover', 'ground'],
  ] as const)('mounted by the %s, is open again once the %s was %s', (mount, part, kind) => {
    expect(verdict(job(mount), 'pump-to-unit')).toBe('in');
    expect(
      verdict(work(job(mount), part, kind, kind === 'exchanged' ? null : 0.05), 'pump-to-unit'),
    ).toBe('open');
  });
  it.each([
    ['cover', 'body', 'faced'],
    ['cover', 'body', 'exchanged'],
    ['body', 'cover', 'ground'],
  ] as const)('mounted by the %s, stays where the %s was %s', (mount, part, kind) => {
    expect(
      verdict(work(job(mount), part, kind, kind === 'exchanged' ? null : 0.05), 'pump-to-unit'),
    ).toBe('in');
  });
  it('asks only for the height again, and grows by what came off the face that is mounted', () => {
    const faced = work(job('body'), 'body', 'faced', 0.05);
    expect(at(faced, 'pump-to-unit').missing).toEqual(['pump-height']);
    expect(at(faced, 'pump-to-unit').predicted?.largest).toMatchObject({
      value_mm: expect.closeTo(0.65, 9) as number,
    });
    expect(verdict(sizes(faced, { 'pump-height': 57.45 }), 'pump-to-unit')).toBe('in');
    const unsaid = at(work(job(null), 'body', 'faced', 0.05), 'pump-to-unit');
    expect(unsaid.predicted).toBeNull();
  });
});

describe('a gap of which one of two gears was measured', () => {
  const limits = { end: [0.02, 0.1] } as const;
  const job = jobWith(build('external-gear-oil-1'), limits);
  const one = sizes(job, { 'pocket-depth': 20.06, 'drive-width': 20 });
  it('is not in, whatever that one says', () => {
    expect(verdict(one, 'end')).toBe('open');
    expect(at(one, 'end').missing).toEqual(['idler-width']);
    expect(verdict(sizes(one, { 'idler-width': 20 }), 'end')).toBe('in');
    const none = jobWith(build('external-gear-oil-1'), { end: [null, 0.1] });
    expect(verdict(sizes(none, { 'pocket-depth': 20.06, 'drive-width': 20 }), 'end')).toBe('open');
  });
  it('is out where that one is, and stays so', () => {
    expect(verdict(sizes(job, { 'pocket-depth': 20.15, 'drive-width': 20 }), 'end')).toBe('out');
    expect(verdict(sizes(job, { 'pocket-depth': 20, 'drive-width': 20 }), 'end')).toBe('out');
    const plain = { ...job, rules: { ...NEW_RULES, decision: 'plain' as const } };
    expect(verdict(sizes(plain, { 'pocket-depth': 20.101, 'drive-width': 20 }), 'end')).toBe('out');
    expect(verdict(sizes(plain, { 'pocket-depth': 20.1, 'drive-width': 20 }), 'end')).toBe('open');
  });
  it('is open once one of two was ground or exchanged', () => {
    const both = sizes(one, { 'idler-width': 20 });
    expect(verdict(work(both, 'idler', 'ground', 0.01), 'end')).toBe('open');
    expect(verdict(work(both, 'drive', 'exchanged'), 'end')).toBe('open');
  });
});

describe('a total with the cover', () => {
  const sheet = build('external-gear-oil-1');
  const job = jobWith(sheet, { end: [0.02, 0.1] });
  const gears = { 'drive-width': 20, 'idler-width': 20 };
  it('is out where a part of it alone is, and open while it may be in', () => {
    expect(verdict(sizes(job, { 'pocket-depth': 20.13, ...gears }), 'end-cover')).toBe('out');
    expect(verdict(sizes(job, { 'track-depth': 5.2, 'face-depth': 5 }), 'end-cover')).toBe('out');
    expect(verdict(sizes(job, { 'pocket-depth': 20.06, ...gears }), 'end-cover')).toBe('open');
  });
  it.each(['ground', 'exchanged'] as const)('loses the wear of a cover that was %s', (kind) => {
    const worn = sizes(job, {
      'pocket-depth': 20.06,
      ...gears,
      'track-depth': 5.1,
      'face-depth': 5,
    });
    expect(verdict(worn, 'end-cover')).toBe('out');
    const flat = at(work(worn, 'plate', kind), 'end-cover');
    expect(flat.verdict).toBe('open');
    expect(ends(flat.predicted!.largest)[1]).toBeLessThan(0.08);
  });
});

describe('kinds of evidence', () => {
  const fit = { 'pocket-depth': 20.08, 'drive-width': 20 };
  const job = jobWith(VELTRANE_T6, { 'face-drive': [0.02, 0.08] });
  it('are held together: a leaf that is free at the limit leaves the sizes no room below it', () => {
    const both = leaf(sizes(job, fit), 'face-drive', '12', 0.08, 'free');
    expect(at(both, 'face-drive')).toMatchObject({ verdict: 'out', probability: 0 });
    const tight = leaf(
      sizes(job, { ...fit, 'pocket-depth': 20.02 }),
      'face-drive',
      '6',
      0.02,
      'no-go',
    );
    expect(at(tight, 'face-drive').verdict).toBe('out');
  });
  it('that contradict each other bring nothing in that one of them has out', () => {
    const free = ['12', '6', '3', '9'].reduce(
      (j, s) => leaf(j, 'face-drive', s, 0.15, 'free'),
      job,
    );
    const a = at(sizes(free, { ...fit, 'pocket-depth': 20.05 }), 'face-drive');
    expect([a.disagree, a.verdict]).toEqual([true, 'close']);
    expect(verdict(sizes(free, { ...fit, 'pocket-depth': 20.12 }), 'face-drive')).toBe('out');
  });
  it('of figures count by how well each is known', () => {
    const dial = swingAt(characteristicId('pump-to-unit'), stationId('end'), freshId(), 0.606, MIC);
    const depths = { 'unit-depth': 60, 'pump-height': 57.5, 'washer-thickness': 1.9 };
    const one = Object.entries(depths).reduce((j, [id, mm]) => {
      const [first] = dimensionOf(VELTRANE_T6, dimensionId(id)).stations;
      return withReading(j, sizeAt(dimensionId(id), first!.id, freshId(), mm, MIC));
    }, job);
    // Three sizes of the same uncertainty have three times the variance of the one dial.
    expect(at(withReading(one, dial), 'pump-to-unit').largest).toMatchObject({
      value_mm: expect.closeTo(0.6 + (3 / 4) * 0.006, 9) as number,
      u_mm: expect.closeTo(0.003 * Math.sqrt(3 / 4), 9) as number,
    });
    // Of depths at two places each the extremes are taken: the dial is the better of the two.
    const both = withReading(sizes(job, depths), dial);
    expect(at(both, 'pump-to-unit').largest).toMatchObject({ value_mm: 0.606 });
  });
});

describe('a test without a number', () => {
  const face = (lower_mm: number | null) =>
    jobWith(VELTRANE_T6, { 'face-drive': [lower_mm, 0.08] });
  const proud = { 'pocket-depth': 19.998, 'drive-width': 20 };
  it('of the edge: gears that touch it are under any least, and contradict sizes that clear it', () => {
    expect(verdict(touch(face(0.02), 'face-drive', 'touches'), 'face-drive')).toBe('out');
    expect(verdict(touch(face(null), 'face-drive', 'touches'), 'face-drive')).toBe('open');
    const both = touch(
      sizes(face(0.02), { 'pocket-depth': 20.05, 'drive-width': 20 }),
      'face-drive',
      'touches',
    );
    expect(at(both, 'face-drive')).toMatchObject({ disagree: true, verdict: 'close' });
    // Stoned off, and swept again: what was felt last counts.
    expect(verdict(touch(both, 'face-drive', 'clear'), 'face-drive')).toBe('in');
  });
  it('of a leaf that is refused bounds nothing below: gears that stand proud refuse it as well', () => {
    const below = sizes(face(null), { 'pocket-depth': 19.97, 'drive-width': 20 });
    const both = ['12', '3', '6', '9'].reduce(
      (j, station) => leaf(j, 'face-drive', station, 0.04, 'no-go'),
      below,
    );
    const { smallest, disagree } = at(both, 'face-drive');
    expect(disagree).toBe(false);
    expect(centre(smallest!)).toBeCloseTo(-0.03, 9);
    // A leaf that went in cannot be: the two contradict each other.
    expect(at(leaf(both, 'face-drive', '12', 0.03, 'free'), 'face-drive').disagree).toBe(true);
  });
  it('of the edge: what clears it is not below nought', () => {
    const clear = touch(sizes(face(null), proud), 'face-drive', 'clear');
    expect(at(clear, 'face-drive').smallest).toMatchObject({ within: { lo_mm: 0 } });
    expect(at(touch(face(0.02), 'face-drive', 'clear'), 'face-drive').smallest).toBeNull();
  });
  const hub = (bushing: 'free' | 'snug') => {
    const job = jobWith(VELTRANE_T6, { 'hub-bushing': [0.03, 0.09] });
    return { ...job, rules: { ...job.rules, bushing } };
  };
  const fit = { 'bushing-bore': 44.06, 'hub-diameter': 44 };
  it.each([
    ['free', 'tight', 'close'],
    ['free', 'catches', 'close'],
    ['snug', 'tight', 'in'],
    ['snug', 'rocks', 'close'],
    ['free', 'rocks', 'in'],
    ['free', 'free', 'in'],
  ] as const)(
    'of a hub that should be %s and was %s: its sizes are in, it is %s',
    (school, felt, is) => {
      expect(verdict(touch(sizes(hub(school), fit), 'hub-bushing', felt), 'hub-bushing')).toBe(is);
    },
  );
  it('of a hub by itself: tight is out where a clearance is published, and nothing is in by it', () => {
    expect(verdict(touch(hub('free'), 'hub-bushing', 'tight'), 'hub-bushing')).toBe('out');
    expect(verdict(touch(hub('free'), 'hub-bushing', 'free'), 'hub-bushing')).toBe('open');
    expect(verdict(touch(hub('snug'), 'hub-bushing', 'tight'), 'hub-bushing')).toBe('open');
  });
});

describe('a vane', () => {
  const worn = { 'vane-length': 9.6, 'ring-track': 58, eccentricity: 4.7, 'rotor-diameter': 48 };
  const job = jobWith(build('vacuum-vane'), {});
  it('shorter than its reach is out without any limit; longer ones are recorded', () => {
    expect(at(sizes(job, worn), 'vane-in-slot')).toMatchObject({
      verdict: 'out',
      limits: { lower_mm: 0 },
    });
    const whole = at(sizes(job, { ...worn, 'vane-length': 15 }), 'vane-in-slot');
    expect([whole.verdict, whole.limits]).toEqual(['open', null]);
  });
  it('is out under a limit that gives only a most', () => {
    const most = sizes(jobWith(build('vacuum-vane'), { 'vane-in-slot': [null, 12] }), worn);
    expect(verdict(most, 'vane-in-slot')).toBe('out');
  });
});

describe('the least of a running clearance', () => {
  const job = jobWith(VELTRANE_T6, { 'face-drive': [null, 0.08], 'face-driven': [0.02, 0.08] });
  it('is said beside the verdict of the published limit, which stays', () => {
    const a = at(sizes(job, { 'pocket-depth': 20.005, 'drive-width': 20 }), 'face-drive');
    expect([a.verdict, a.under, a.least?.from]).toEqual(['in', true, 'family']);
    expect(at(sizes(job, { 'pocket-depth': 20.03, 'drive-width': 20 }), 'face-drive').under).toBe(
      false,
    );
  });
  it('is the shop’s where that changed it, and none where a minimum is published', () => {
    const own = { ...job, floors: { ...job.floors, face: 0.04 } };
    expect(at(own, 'face-drive').least).toEqual({ mm: 0.04, from: 'shop' });
    expect(at(own, 'face-driven').least).toBeNull();
    expect(at(job, 'pump-to-unit').least).toBeNull();
  });
  it('leaves the hot gap its own least', () => {
    const c = characteristicOf(VELTRANE_T6, characteristicId('hub-bushing'));
    const least = (shift_mm: number | null) =>
      leastOf(c, null, APP_FLOORS, shift_mm, VELTRANE_T6)?.mm;
    expect([null, 0.01, -0.02, -0.04].map(least)).toEqual([0.03, 0.03, 0.03, 0.045]);
  });
  it('of leaves is said only where the whole bracket is under it', () => {
    const tried = ['12', '6', '3', '9'].reduce(
      (j, s) => leaf(j, 'face-drive', s, 0.012, 'no-go'),
      job,
    );
    expect(at(tried, 'face-drive').under).toBe(true);
    const wider = ['12', '6', '3', '9'].reduce(
      (j, s) => leaf(j, 'face-drive', s, 0.02, 'no-go'),
      job,
    );
    expect(at(wider, 'face-drive').under).toBe(false);
  });
});
