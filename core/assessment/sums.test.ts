import { stationId, characteristicId, dimensionId } from '../pumps/ids';
import { assessJob, nextStep } from '../guidance/evaluator';
import { withReading } from '../journal/commands';
import type { DimensionalReading } from '../methods/dimensional';
import { ends } from '../metrology/estimate';
import type { Felt } from '../feeler/bounds';
import { emptyJob } from '../practice/job';
import { characteristicOf } from '../pumps/registry';
import type { Job } from '../records/job';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { explain } from '../wording/verdict';

const AT = '2026-11-20T09:00:00.000Z';
const THOU = 0.0254;
const INCH_LEAVES = [1.5, 2, 2.5, 3, 3.5, 4, 5, 6, 8, 10, 12, 15, 18].map((n) =>
  Number((n * THOU).toFixed(6)),
);
const GEAR_PUMP = SHEETS.find((s) => s.model === 'Brunnick H30 gear pump')!;

/** Returns a job in thou, with an inch set of which one leaf at a time is used, and one limit in thou. */
function jobOf(sheet: typeof VELTRANE_T6, limits: Readonly<Record<string, number>>): Job {
  const job = emptyJob(
    {
      ...sheet,
      limits: Object.entries(limits).map(([characteristic, upper]) => ({
        ...sheet.limits[0]!,
        characteristic: characteristicId(characteristic),
        tier: 'service',
        lower_mm: null,
        upper_mm: upper * THOU,
      })),
    },
    AT,
  );
  return { ...job, feeler: { ...job.feeler, leaves_mm: INCH_LEAVES, maxStack: 1 } };
}

let count = 0;
const made = () => ({ id: `r${(count += 1)}`, at: AT, by: 'Ivo K.', voided: null });

const tried = (job: Job, id: string, thou: number, felt: Felt, stations?: string[]): Job =>
  (stations ?? characteristicOf(job.sheet, characteristicId(id)).stations.map((s) => s.id)).reduce(
    (all, station) =>
      withReading(all, {
        ...made(),
        kind: 'leaf',
        instrument: 'Inch set',
        characteristic: characteristicId(id),
        station: stationId(station),
        leaves_mm: [Number((thou * THOU).toFixed(6))],
        marked_mm: null,
        felt,
      }),
    job,
  );

const sized = (job: Job, dimension: string, station: string, inches: number): Job => {
  const value_mm = inches * 25.4;
  const reading: DimensionalReading = {
    ...made(),
    kind: 'size',
    instrument: 'Mic',
    dimension: dimensionId(dimension),
    station: stationId(station),
    value_mm,
    read_mm: value_mm,
    text: String(inches),
    unit: 'in',
    offset_mm: 0,
    part_C: null,
    shop_C: null,
    u_mm: 0.002,
    own_mm: 0.001,
    zero: 'zeroed',
    source: 'typed',
  };
  return withReading(job, reading);
};

const of = (job: Job, id: string) => assessJob(job).find((a) => a.characteristic.id === id)!;

/** Returns a job with an end of 2.8 to 3.3 thou between two plates into which not even the thinnest leaf goes. */
function betweenPlates(rule: 'guarded' | 'plain'): Job {
  let job = jobOf(GEAR_PUMP, { end: 4 });
  job = { ...job, rules: { ...job.rules, decision: rule } };
  job = sized(sized(job, 'body-width', 'top-left', 1.1831), 'body-width', 'top-right', 1.1826);
  job = sized(sized(job, 'drive-width', 'a', 1.1798), 'idler-width', 'a', 1.1798);
  return tried(tried(job, 'plate-wear-front', 1.5, 'no-go'), 'plate-wear-rear', 1.5, 'no-go');
}

describe('a sum of a sized part and brackets from leaves', () => {
  it('is never called out, nor given a ± that the evidence does not have', () => {
    const sum = of(betweenPlates('guarded'), 'end-plates');
    expect(['open', 'close']).toContain(sum.verdict);
    expect(sum.largest).toMatchObject({ kind: 'interval' });
    const [lo, hi] = ends(sum.largest!).map((mm) => mm / THOU);
    expect([lo! < 3.3, hi! > 6.3, hi! < 7]).toEqual([true, true, true]);
    expect(explain(sum, GEAR_PUMP, 'thou')).not.toMatch(/±/);
  });
  it('counts wear that no leaf finds as nothing under the plain rule, and says so', () => {
    const sum = of(betweenPlates('plain'), 'end-plates');
    expect(sum.verdict).toBe('in');
    expect(explain(sum, GEAR_PUMP, 'thou')).toMatch(/thinnest leaf does not go in.*plain rule/);
  });
  it('asks for the sizes that leaves cannot tell, and is open until they are read', () => {
    const gap = tried(jobOf(VELTRANE_T6, { 'face-drive': 3.5 }), 'face-drive', 3, 'free');
    const refused = tried(tried(gap, 'face-drive', 3.5, 'no-go'), 'cover-wear', 1.5, 'no-go');
    expect(of(refused, 'stack-drive').verdict).toBe('open');
    // Unasked, leaves are through; taken in hand, the sum asks for what tells more of it.
    expect(nextStep(refused)).toBeNull();
    const inHand = {
      ...refused,
      cursor: { characteristic: characteristicId('stack-drive'), way: 'leaf' },
    } as const;
    expect(nextStep(inHand)).toMatchObject({ way: 'size', dimension: { part: 'cover' } });
    const flat = ['12', '4', '8'].reduce(
      (all, at) => sized(sized(all, 'track-depth', at, 0.4), 'face-depth', at, 0.4),
      refused,
    );
    expect(of(flat, 'stack-drive').verdict).not.toBe('out');
    expect(of(flat, 'cover-wear').largest).toMatchObject({ kind: 'value' });
  });
});

describe('the plain rule with leaves, as the bench does it', () => {
  const plain = (job: Job): Job => ({ ...job, rules: { ...job.rules, decision: 'plain' } });
  it('is in where 3 goes, 3.5 will not, and the cover lets no leaf in', () => {
    const gap = tried(plain(jobOf(VELTRANE_T6, { 'face-drive': 3.5 })), 'face-drive', 3, 'free');
    const job = tried(tried(gap, 'face-drive', 3.5, 'no-go'), 'cover-wear', 1.5, 'no-go');
    expect(of(job, 'face-drive').verdict).toBe('in');
    expect(of(job, 'stack-drive').verdict).toBe('in');
  });
  it('begins with the book’s leaf: wear that no leaf finds takes nothing', () => {
    const step = nextStep(plain(jobOf(VELTRANE_T6, { 'face-drive': 3.5 })));
    expect(step).toMatchObject({ way: 'leaf', stack: { leaves_mm: [0.0889] } });
  });
  it('takes a leaf that drags on the limit as in', () => {
    const job = tried(plain(jobOf(VELTRANE_T6, { 'od-pocket': 6 })), 'od-pocket', 6, 'drag');
    expect(of(job, 'od-pocket').verdict).toBe('in');
  });
  it('still adds wear that a leaf does find', () => {
    const gap = tried(plain(jobOf(VELTRANE_T6, { 'face-drive': 3.5 })), 'face-drive', 3, 'free');
    const refused = tried(gap, 'face-drive', 3.5, 'no-go');
    const worn = tried(tried(refused, 'cover-wear', 1.5, 'free'), 'cover-wear', 2, 'no-go');
    expect(of(worn, 'stack-drive').verdict).not.toBe('in');
    expect(of(worn, 'stack-drive').neglected).toEqual([]);
  });
});
