import { stationId, dimensionId, characteristicId } from '../pumps/ids';
import { ladderOf } from '../feeler/ladder';
import { assessJob, nextStep } from '../guidance/evaluator';
import type { DimensionalReading } from '../methods/dimensional';
import { ledgerOf } from '../journal/ledger';
import { relisted } from '../testing/relisted';
import fc from 'fast-check';
import { emptyJob } from '../practice/job';
import { measure } from '../practice/hand';
import type { Hidden } from '../methods/method';
import { VELTRANE_T6 } from '../testing/sheets';
import type { Felt } from '../feeler/bounds';
import { withReading, withVoided, lastStanding } from '../journal/commands';
import type { Job } from '../records/job';
import { limitsFor } from '../records/sheet';
import { NEW_SHOP } from '../records/shop';
import { conflictsWith } from '../commands/measuring';
import { explain } from '../wording/verdict';
import { worstVerdict } from './summary';

const AT = '2026-11-20T09:00:00.000Z';

const JOB: Job = emptyJob(VELTRANE_T6, AT);

let count = 0;
const felt = (job: Job, characteristic: string, station: string, leaf: number, answer: Felt): Job =>
  withReading(job, {
    id: `r${(count += 1)}`,
    kind: 'leaf',
    at: AT,
    by: 'Ivo K.',
    instrument: 'Leaf set A',
    characteristic: characteristicId(characteristic),
    station: stationId(station),
    leaves_mm: [leaf],
    marked_mm: null,
    felt: answer,
    voided: null,
  });

const size = (dimension: string, station: string, value_mm: number): DimensionalReading => ({
  id: `r${(count += 1)}`,
  kind: 'size',
  at: AT,
  by: 'Ivo K.',
  instrument: 'Mic',
  dimension: dimensionId(dimension),
  station: stationId(station),
  text: String(value_mm),
  unit: 'mm',
  read_mm: value_mm,
  offset_mm: 0,
  part_C: null,
  shop_C: null,
  value_mm,
  u_mm: 0.001,
  own_mm: 0.001,
  zero: 'zeroed',
  source: 'typed',
  voided: null,
});

type HiddenGap = Hidden['gap'];

const of = (job: Job, id: string) => assessJob(job).find((a) => a.characteristic.id === id)!;
const flat =
  (face: number, wall = 0.15, wear = 0.01): HiddenGap =>
  (characteristic) => {
    const at = { 'od-pocket': wall, 'cover-wear': wear }[characteristic] ?? face;
    return [at, at];
  };

/** Measures with leaves alone: the sizes that could tell more of a sum are not read. */
const measured = (gap: HiddenGap, job = JOB) =>
  measure(
    job,
    { gap, size: () => NaN, swing: () => NaN },
    { instruments: NEW_SHOP.instruments, zeros: [] },
    new Date(AT),
    Infinity,
    ['leaf'],
  );

/** Returns the leaf to try next, where that is what comes next. */
const nextLeafStep = (job: Job) => {
  const step = nextStep(job);
  return step?.way === 'leaf' ? step : null;
};

describe('verdicts of a whole pump', () => {
  it.each([
    ['sound', flat(0.045), 'in', 'in'],
    ['tight', flat(0.012), 'out', 'open'],
    ['worn through', flat(0.12), 'out', 'out'],
    ['in by itself, out with its cover', flat(0.072, 0.15, 0.04), 'in', 'out'],
  ] as const)('a %s pump', (_, gap, face, stack) => {
    const job = measured(gap);
    expect(of(job, 'face-drive').verdict).toBe(face);
    expect(of(job, 'stack-drive').verdict).toBe(stack);
    expect(nextLeafStep(job)).toBeNull();
  });

  it('holds the smallest against the lower limit and the largest against the upper', () => {
    const tilted: HiddenGap = (c, s) =>
      c === 'face-drive' && s === '9' ? [0.092, 0.095] : flat(0.05)(c, s);
    expect(of(measured(tilted), 'face-drive').verdict).toBe('out');
    const tight: HiddenGap = (c, s) =>
      c === 'face-drive' && s === '6' ? [0.011, 0.05] : flat(0.05)(c, s);
    expect(of(measured(tight), 'face-drive').verdict).toBe('out');
  });

  it('is never wrong about a simulated pump', () => {
    const figure = (least: number, most: number) =>
      fc.integer({ min: least, max: most }).map((n) => n / 1e4);
    fc.assert(
      fc.property(figure(50, 1100), figure(500, 3000), figure(0, 700), (face, wall, wear) => {
        const job = measured(flat(face, wall, wear));
        const truth: Record<string, number> = {
          'face-drive': face,
          'face-driven': face,
          'od-pocket': wall,
          'cover-wear': wear,
          'stack-drive': face + wear,
          'stack-driven': face + wear,
        };
        for (const a of assessJob(job).filter((b) => b.limits)) {
          const gap = truth[a.characteristic.id]!;
          const { lower_mm, upper_mm } = limitsFor(job.sheet, job.tier, a.characteristic.id)!;
          const isIn = gap >= (lower_mm ?? 0) && gap <= (upper_mm ?? Infinity);
          if (a.probability === 1) expect(isIn).toBe(true);
          if (a.probability === 0 && a.verdict === 'out') expect(isIn).toBe(false);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('does not depend on the order of the readings', () => {
    const job = measured(flat(0.072, 0.15, 0.04));
    const verdicts = (j: Job) => assessJob(j).map((a) => a.verdict);
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...ledgerOf(job).readings], {
          minLength: ledgerOf(job).readings.length,
        }),
        (readings) => {
          expect(verdicts(relisted(job, { readings }))).toEqual(verdicts(job));
        },
      ),
      { numRuns: 20 },
    );
  });

  it('names the worst', () => {
    expect(worstVerdict([{ verdict: 'in' }, { verdict: 'open' }, { verdict: 'close' }])).toBe(
      'close',
    );
    expect(worstVerdict([])).toBe('open');
  });
});

describe('sizes beside leaves', () => {
  const sizes = (depth: number, width: number): DimensionalReading[] => [
    ...['12', '3', '6', '9'].map((s) => size('pocket-depth', s, depth)),
    ...['a', 'b'].map((s) => size('drive-width', s, width)),
  ];
  const withSizes = (job: Job, depth: number): Job => sizes(depth, 20).reduce(withReading, job);

  it('decide by themselves, with the uncertainty of both', () => {
    const a = of(withSizes(JOB, 20.05), 'face-drive');
    expect(a.smallest).toMatchObject({ kind: 'value', u_mm: Math.hypot(0.001, 0.001) });
    expect(a.verdict).toBe('in');
    expect(a.source.largest).toBe('sizes');
  });

  it('win where they are tighter, and say so', () => {
    const a = of(withSizes(measured(flat(0.05)), 20.05), 'face-drive');
    expect(a.both).toBe(true);
    expect(a.disagree).toBe(false);
    expect(explain(a, VELTRANE_T6, 'mm')).toMatch(/mic sizes narrow it most/);
  });

  it('are said to disagree where they do', () => {
    const a = of(withSizes(measured(flat(0.045)), 20.15), 'face-drive');
    expect(a.disagree).toBe(true);
    expect(explain(a, VELTRANE_T6, 'mm')).toMatch(/Two methods disagree/);
  });

  it('settle what the leaves left too close to call', () => {
    const coarse = {
      ...JOB,
      feeler: { ...JOB.feeler, name: 'Coarse', leaves_mm: [0.02, 0.05, 0.1], maxStack: 1 },
    };
    const job = measured(flat(0.0655), coarse);
    const before = of(job, 'face-drive');
    expect(before.verdict).toBe('close');
    expect(explain(before, VELTRANE_T6, 'mm')).toMatch(
      /Mic these: Pocket depth and Drive gear width. A leaf of 0.08 mm/,
    );
    expect(of(withSizes(job, 20.0655), 'face-drive').verdict).toBe('in');
  });

  it('take the smallest and the largest of several places', () => {
    const job = [
      size('pocket-depth', '12', 20.04),
      size('pocket-depth', '6', 20.07),
      size('drive-width', 'a', 20),
    ].reduce(withReading, JOB);
    const { smallest, largest } = of(job, 'face-drive');
    expect(smallest).toMatchObject({ value_mm: expect.closeTo(0.04, 9) as number });
    expect(largest).toMatchObject({ value_mm: expect.closeTo(0.07, 9) as number });
  });

  it('are asked for in their order, the unread ones only', () => {
    const job = withReading(JOB, size('pocket-depth', '12', 20.04));
    const bySize = { ...job, cursor: { characteristic: null, way: 'size' as const } };
    expect(nextStep(bySize)).toMatchObject({
      way: 'size',
      dimension: { id: 'pocket-depth' },
      station: { id: '3' },
    });
  });
});

describe('heat', () => {
  it('opens a steel gear in an aluminium pocket, by the sums of the sheet', () => {
    const { heatShift_mm } = of(JOB, 'face-drive');
    expect(heatShift_mm).toBeCloseTo(20.04 * 22e-6 * 70 - 20 * 11.7e-6 * 72, 9);
  });
  it('is not guessed where the sheet does not say the material', () => {
    const bare = { ...JOB, sheet: { ...VELTRANE_T6, materials: [] } };
    expect(of(bare, 'face-drive').heatShift_mm).toBeNull();
  });
});

describe('what is next', () => {
  const next = (job: Job) => nextLeafStep(job);

  it('begins with the first place of the body', () => {
    expect(next(JOB)).toMatchObject({ characteristic: 'face-drive', station: { id: '12' } });
  });
  it('passes over what can no longer change its verdict', () => {
    const out = felt(JOB, 'face-drive', '12', 0.09, 'free');
    expect(of(out, 'face-drive').verdict).toBe('out');
    expect(next(out)?.characteristic).toBe('face-driven');
  });
  it('goes to what was asked for', () => {
    const cursor = { characteristic: characteristicId('cover-wear'), way: 'leaf' as const };
    expect(next({ ...JOB, cursor })?.characteristic).toBe('cover-wear');
  });
  it('goes back to the body for the stack, with what the cover leaves of the limit', () => {
    const upTo: HiddenGap = flat(0.045, 0.15, 0.025);
    const job = measured(upTo);
    const bodyAfterCover = ledgerOf(job).readings.findIndex(
      (r, i) =>
        r.kind === 'leaf' &&
        r.characteristic === 'face-drive' &&
        ledgerOf(job)
          .readings.slice(0, i)
          .some((b) => b.kind === 'leaf' && b.characteristic === 'cover-wear'),
    );
    expect(bodyAfterCover).toBeGreaterThan(0);
    expect(of(job, 'stack-drive').verdict).toBe('in');
  });
  it('records what has no limit without judging it', () => {
    const sheet = { ...VELTRANE_T6, limits: [] };
    const a = of(measured(flat(0.05), { ...JOB, sheet }), 'face-drive');
    expect(a.limits).toBeNull();
    expect(explain(a, VELTRANE_T6, 'mm')).toMatch(/Recorded only/);
  });
});

describe('readings that do not agree', () => {
  const free = felt(JOB, 'face-drive', '12', 0.05, 'free');
  const at = { characteristic: characteristicId('face-drive'), station: stationId('12') };

  it('are found before they are stored', () => {
    const against = conflictsWith(
      free,
      at,
      { leaves_mm: [0.04], marked_mm: null, felt: 'no-go' },
      ladderOf(free.feeler),
    );
    expect(against.map((r) => r.leaves_mm)).toEqual([[0.05]]);
    expect(
      conflictsWith(
        free,
        at,
        { leaves_mm: [0.06], marked_mm: null, felt: 'no-go' },
        ladderOf(free.feeler),
      ),
    ).toEqual([]);
    expect(
      conflictsWith(
        free,
        { ...at, station: stationId('6') },
        { leaves_mm: [0.04], marked_mm: null, felt: 'no-go' },
        ladderOf(free.feeler),
      ),
    ).toEqual([]);
  });
  it('do not spoil a file that holds them: the later one is set aside', () => {
    const both = felt(free, 'face-drive', '12', 0.04, 'no-go');
    const station = of(both, 'face-drive').stations[0]!;
    expect(station.tries).toHaveLength(1);
    expect(station.conflicts).toHaveLength(1);
  });
  it('no longer count once voided, and stay', () => {
    const strike = { at: AT, by: 'Runa T.', why: 'oil or dirt' };
    const voided = withVoided(free, [ledgerOf(free).readings[0]!.id], strike);
    expect(ledgerOf(voided).readings[0]!.voided).toEqual(strike);
    expect(of(voided, 'face-drive').smallest).toBeNull();
    expect(lastStanding(voided)).toBeNull();
    expect(
      withVoided(voided, [ledgerOf(free).readings[0]!.id], { ...strike, by: 'Ivo K.' }),
    ).toEqual(voided);
  });
});
