import { assessJob, nextStep } from './evaluator';
import type { Reading } from '../methods/list';
import type { DimensionalReading } from '../methods/dimensional';
import { ledgerOf } from '../journal/ledger';
import { relisted } from '../testing/relisted';
import fc from 'fast-check';
import { parseReading } from '../quantity/parse';
import { hiddenOf } from '../practice/hidden';
import { emptyJob } from '../practice/job';
import { measure } from '../practice/hand';
import { SHEETS, largestSheet, VELTRANE_T6 } from '../testing/sheets';
import { ends, uncertainty } from '../metrology/estimate';
import { characteristicOf, dimensionOf } from '../pumps/registry';
import { evenFrom } from '../random';
import { withReading } from '../journal/commands';
import type { ZeroCheck } from '../records/instrument';
import type { Job } from '../records/job';
import type { Finding } from '../records/teardown';
import { NEW_SHOP } from '../records/shop';
import { doubtOfSize, doubtOfSwing } from '../instruments/doubt';
import { clockHour, explain } from '../wording/verdict';
import {
  gaugeFor,
  instrumentInHand,
  sizeReadingOf,
  swingReadingOf,
  zeroAt,
  type Entry,
  amountUncertainty,
} from '../instruments/gauges';

const AT = '2026-11-20T09:00:00.000Z';
const JOB = { ...emptyJob(VELTRANE_T6, AT), tier: 'new' };
const ROOM = { instruments: NEW_SHOP.instruments, zeros: [] as ZeroCheck[] };

let count = 0;
const entry = (read_mm: number): Entry => ({
  id: `e${(count += 1)}`,
  at: AT,
  by: 'Ivo K.',
  text: String(read_mm),
  unit: 'mm',
  read_mm,
  source: 'typed',
});
const sized = (
  job: Job,
  id: string,
  station: string,
  mm: number,
  room = ROOM,
): DimensionalReading => sizeReadingOf(job, room, dimensionOf(job.sheet, id), station, entry(mm));
const with_ = (job: Job, ...readings: Reading[]): Job => readings.reduce(withReading, job);
const of = (job: Job, id: string) => assessJob(job).find((a) => a.characteristic.id === id)!;

describe('every demo pump', () => {
  it.each(SHEETS.map((s) => [s.model, s] as const))(
    'is measured to its last verdict: %s',
    (_, sheet) => {
      for (const tier of ['new', 'service']) {
        const job = { ...emptyJob(sheet, AT), tier };
        const hidden = hiddenOf(sheet, tier, 0.5, {}, evenFrom(7));
        const done = measure(job, hidden, ROOM, new Date(AT));
        const judged = assessJob(done).filter((a) => a.limits);
        expect(nextStep(done)).toBeNull();
        // A pump half worn is in; a stack of two such wears may be too close to call.
        for (const a of judged) {
          const allowed = a.characteristic.sum ? ['in', 'close', 'out', 'open'] : ['in', 'close'];
          expect(allowed).toContain(a.verdict);
        }
        expect(judged.some((a) => a.verdict === 'in')).toBe(true);
      }
    },
  );

  it('never knows less of a gap for one reading more', () => {
    const sheet = SHEETS[2]!;
    const job = emptyJob(sheet, AT);
    const hidden = hiddenOf(sheet, 'service', 0.4, {}, evenFrom(11));
    const readings = [...ledgerOf(measure(job, hidden, ROOM, new Date(AT))).readings];
    fc.assert(
      fc.property(
        fc.shuffledSubarray(readings, { minLength: readings.length }),
        fc.integer({ min: 1, max: readings.length }),
        (shuffled, n) => {
          const leaves = shuffled.filter((r) => r.kind === 'leaf').slice(0, n);
          const [fewer, more] = [leaves.slice(0, -1), leaves].map((some) =>
            assessJob(relisted(job, { readings: some })),
          );
          for (const [i, a] of fewer!.entries()) {
            for (const end of ['smallest', 'largest'] as const) {
              const [before, after] = [a[end], more![i]![end]];
              if (!before || !after) continue;
              expect(uncertainty(after)).toBeLessThanOrEqual(uncertainty(before) + 1e-12);
              expect(ends(after)[0]).toBeGreaterThanOrEqual(ends(before)[0] - 1e-12);
              expect(ends(after)[1]).toBeLessThanOrEqual(ends(before)[1] + 1e-12);
            }
          }
        },
      ),
      { numRuns: 30 },
    );
  });

  it('comes to the same verdicts in whatever order it was read, sizes and swings as well', () => {
    const sheet = SHEETS[6]!;
    const job = emptyJob(sheet, AT);
    const done = measure(job, hiddenOf(sheet, 'service', 0.6, {}, evenFrom(5)), ROOM, new Date(AT));
    const verdicts = (readings: Reading[]) =>
      assessJob(relisted(job, { readings })).map((a) => a.verdict);
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...ledgerOf(done).readings], {
          minLength: ledgerOf(done).readings.length,
        }),
        (readings) => expect(verdicts(readings)).toEqual(verdicts([...ledgerOf(done).readings])),
      ),
      { numRuns: 20 },
    );
  });

  it('of four sections is asked for section by section', () => {
    const job = emptyJob(largestSheet(), AT);
    expect(assessJob(job).length).toBeGreaterThanOrEqual(60);
    expect(nextStep(job)).toMatchObject({
      way: 'leaf',
      characteristic: 'tip-body-drive',
    });
  });
});

describe('what comes next', () => {
  const step = (job: Job) => nextStep(job);
  const inHand = (characteristic: string, way: Job['cursor']['way'] = 'leaf') =>
    step({ ...JOB, cursor: { characteristic, way } });

  it('is by the usual way of each characteristic', () => {
    expect(inHand('face-drive')).toMatchObject({ way: 'leaf', station: { id: '12' } });
    expect(inHand('backlash')).toMatchObject({ way: 'swing', station: { id: 'turn-0' } });
    expect(inHand('hub-bushing')).toMatchObject({ way: 'size', dimension: { id: 'bushing-bore' } });
    expect(inHand('floor-tilt')).toMatchObject({ way: 'size', dimension: { id: 'pocket-depth' } });
    expect(inHand('face-drive', 'touch')).toMatchObject({ way: 'touch' });
  });
  it('is sizes where the set could not prove it in, unless leaves were asked for', () => {
    const coarse = {
      ...JOB,
      feeler: { ...JOB.feeler, name: 'One', leaves_mm: [0.5], maxStack: 1 },
    };
    expect(step(coarse)).toMatchObject({ way: 'size', dimension: { id: 'pocket-depth' } });
    const asked = { ...coarse, cursor: { characteristic: 'face-drive', way: 'leaf' as const } };
    expect(step(asked)).toMatchObject({ way: 'leaf' });
  });
  it('passes over what has no limit, as long as something has', () => {
    const all = measure(
      JOB,
      hiddenOf(VELTRANE_T6, 'new', 0.4, {}, evenFrom(3)),
      ROOM,
      new Date(AT),
    );
    const read = new Set(
      ledgerOf(all).readings.map((r) => (r.kind === 'size' ? '' : r.characteristic)),
    );
    expect(read).not.toContain('tip-crescent-drive');
    expect(read).toContain('backlash');
    const bare = { ...JOB, sheet: { ...VELTRANE_T6, limits: [] } };
    expect(step(bare)).toMatchObject({ characteristic: 'face-drive' });
  });
  it('takes under forty readings on a sound crescent pump', () => {
    const job = emptyJob(VELTRANE_T6, AT);
    const flat = {
      'face-drive': 0.045,
      'face-driven': 0.045,
      'od-pocket': 0.15,
      'cover-wear': 0.01,
    };
    const hidden = hiddenOf(VELTRANE_T6, 'service', 0.5, flat, evenFrom(1));
    const done = measure(job, hidden, ROOM, new Date(AT));
    expect(
      assessJob(done)
        .filter((a) => a.limits)
        .every((a) => a.verdict === 'in'),
    ).toBe(true);
    expect(ledgerOf(done).readings.length).toBeLessThan(40);
  });
});

describe('an indicator and a hand', () => {
  const backlash = characteristicOf(VELTRANE_T6, 'backlash');
  const swing = (read_mm: number, lever_deg = 0, contactRadius_mm: number | null = null, at = 0) =>
    swingReadingOf(JOB, ROOM, backlash, `turn-${at}`, entry(read_mm), {
      lever_deg,
      contactRadius_mm,
    });

  it('tell the swing at the pitch circle, with the uncertainty of two readings', () => {
    const reading = swing(0.2, 60, 68);
    expect(reading.value_mm).toBeCloseTo((0.2 * 0.5 * 34) / 68, 9);
    // The uncertainty is scaled by the lever and the radius as the value is.
    expect(reading.u_mm).toBeCloseTo((0.003 * Math.SQRT2 * 0.5 * 34) / 68, 12);
    expect(of(with_(JOB, swing(0.2)), 'backlash').verdict).toBe('in');
    expect(of(with_(JOB, swing(0.2), swing(0.4, 0, null, 1)), 'backlash').verdict).toBe('out');
  });
  it('know an amount taken off like a swing, by what reads the part', () => {
    const { u_mm } = ROOM.instruments.find((i) => i.kind === 'depth-mic')!;
    expect(amountUncertainty(JOB, ROOM, 'body')).toBeCloseTo(Math.SQRT2 * u_mm, 12);
    const bare = { instruments: [], zeros: [] };
    expect(amountUncertainty(JOB, bare, 'body')).toBeCloseTo(Math.SQRT2 * 0.012, 12);
  });
  it('say a gear that touches the edge leaves no gap', () => {
    const touch = (felt: 'touches' | 'clear'): Reading => ({
      id: `e${(count += 1)}`,
      kind: 'touch',
      at: AT,
      by: '',
      instrument: 'Straightedge',
      characteristic: 'face-drive',
      station: 'sweep',
      felt,
      voided: null,
    });
    const a = of(with_(JOB, touch('touches')), 'face-drive');
    expect(a.verdict).toBe('out');
    expect(explain(a, VELTRANE_T6, 'mm')).toMatch(/gears touch the straightedge/);
    expect(of(with_(JOB, touch('clear')), 'face-drive').verdict).toBe('open');
  });
});

describe('a tilted floor', () => {
  it('is told by its depths: how much, and towards which hour', () => {
    const depths = { '12': 20.02, '3': 20.04, '6': 20.06, '9': 20.04 };
    const job = with_(
      JOB,
      ...Object.entries(depths).map(([s, mm]) => sized(JOB, 'pocket-depth', s, mm)),
    );
    const a = of(job, 'floor-tilt');
    const across = 0.86 * 116.12;
    expect(a.tilt?.tilt_mm).toBeCloseTo((0.04 / across) * 116.12, 6);
    expect(clockHour(a.tilt?.direction_deg ?? 0)).toBe(6);
    expect(a.verdict).toBe('out');
    expect(explain(a, VELTRANE_T6, 'mm')).toMatch(/deepest towards 6 o’clock/);
  });
  it('is open before three places are read', () => {
    const job = with_(
      JOB,
      sized(JOB, 'pocket-depth', '12', 20.02),
      sized(JOB, 'pocket-depth', '6', 20.02),
    );
    expect(of(job, 'floor-tilt')).toMatchObject({ verdict: 'open', tilt: null });
  });
});

describe('instruments', () => {
  const zero = (at: string, read_mm: number): ZeroCheck => ({
    instrument: 'depth-mic',
    at,
    by: 'Runa T.',
    standard_mm: 25,
    read_mm,
  });
  const depthMic = NEW_SHOP.instruments[0]!;

  it('have their last zero taken off, whatever the clock said, and temperature brought to 20 °C', () => {
    const zeros = [
      zero('2031-01-01T08:00:00.000Z', 25.1),
      zero('2026-11-20T08:00:00.000Z', 25.004),
    ];
    const warm = { ...JOB, part_C: 30, shop_C: 20 };
    const reading = sized(warm, 'pocket-depth', '12', 20.05, { ...ROOM, zeros });
    expect(reading.offset_mm).toBeCloseTo(0.004, 9);
    expect(reading.zero).toBe('zeroed');
    expect(reading.value_mm).toBeCloseTo(20.046 / (1 + 22e-6 * 10), 8);
    expect(reading).toMatchObject({ read_mm: 20.05, part_C: 30, instrument: 'Depth mic' });
  });
  it('say when their zero is overdue, or was never made', () => {
    const state = (zeros: ZeroCheck[], i = depthMic) => zeroAt(i, zeros, AT).state;
    expect(state([])).toBe('never');
    expect(state([zero('2026-02-31T08:00:00Z', 25)])).toBe('overdue');
    expect(state([zero('2026-11-18T09:00:00.000Z', 25)])).toBe('overdue');
    expect(state([zero('2026-11-20T08:59:00.000Z', 25)])).toBe('zeroed');
    expect(state([], { ...depthMic, zeroDays: 0 })).toBe('not-needed');
  });
  it('are chosen by the size that is expected, so that a wild figure cannot pick one that fits it', () => {
    const small = { ...depthMic, id: 'small', name: 'Small', from_mm: 0, to_mm: 25 };
    const large = { ...depthMic, id: 'large', name: 'Large', from_mm: 25, to_mm: 50 };
    const room = { ...ROOM, instruments: [large, small] };
    expect(sized(JOB, 'pocket-depth', '12', 30, room).instrument).toBe('Small');
    const depth = dimensionOf(VELTRANE_T6, 'pocket-depth');
    const figure = { read_mm: 30, value_mm: 30 };
    expect(doubtOfSize(JOB, depth, figure, gaugeFor(room, JOB, depth), 'mm')).toMatch(
      /out of range for Small/,
    );
  });
  it('that nobody described are not thought exact', () => {
    const reading = sized(JOB, 'pocket-depth', '12', 20.04, { ...ROOM, instruments: [] });
    expect(reading).toMatchObject({ zero: 'never', instrument: 'depth-mic' });
    expect(reading.u_mm).toBeGreaterThan(0.01);
  });
  it('lend a simulated gauge no zero of theirs', () => {
    const zeros = [zero('2026-11-20T08:00:00.000Z', 25.004)];
    const simulated = sizeReadingOf(
      JOB,
      { ...ROOM, zeros },
      dimensionOf(VELTRANE_T6, 'pocket-depth'),
      '12',
      { ...entry(20.05), source: 'simulated' },
    );
    expect(simulated).toMatchObject({ offset_mm: 0, zero: 'not-needed', value_mm: 20.05 });
  });
  it('are the one chosen, else the first that reaches the size', () => {
    const wide = { ...depthMic, id: 'wide', name: 'Wide', from_mm: 150, to_mm: 300 };
    const room = { ...ROOM, instruments: [wide, depthMic] };
    expect(instrumentInHand(room, JOB, 'depth-mic', 20)?.id).toBe('depth-mic');
    const chosen = { chosen: [{ kind: 'depth-mic' as const, id: 'wide' }] };
    expect(instrumentInHand(room, chosen, 'depth-mic', 20)?.id).toBe('wide');
    expect(instrumentInHand({ ...room, instruments: [] }, JOB, 'caliper', 20)).toBeNull();
  });
});

describe('a reading that is hard to believe', () => {
  const depth = dimensionOf(VELTRANE_T6, 'pocket-depth');
  const gauge = NEW_SHOP.instruments[0]!;
  const doubt = (mm: number, job = JOB) =>
    doubtOfSize(job, depth, { read_mm: mm, value_mm: mm }, gauge, 'mm');

  it('is one outside the instrument, far from the sheet, or far from its neighbours', () => {
    expect(doubt(20.05)).toBeNull();
    expect(doubt(151)).toMatch(/out of range for Depth mic/);
    expect(doubt(2.005)).toMatch(/far from the sheet’s 20.04 mm/);
    const pump = SHEETS.find((s) => s.model === 'Oskerry S4 vacuum pump')!;
    const vane = dimensionOf(pump, 'vane-length');
    const short = (mm: number) =>
      doubtOfSize(emptyJob(pump, AT), vane, { read_mm: mm, value_mm: mm }, null, 'mm');
    expect(short(14.6)).toBeNull();
    expect(short(13)).toMatch(/far from the sheet’s 16.00 mm/);
    const read = with_(JOB, sized(JOB, 'pocket-depth', '12', 20.05));
    expect(doubt(20.4, read)).toMatch(/off the earlier readings here/);
  });
  it('is a swing over ten times the limit', () => {
    const c = characteristicOf(VELTRANE_T6, 'backlash');
    const swing = (mm: number) => ({
      ...{ text: `${mm}`, unit: 'mm' as const, read_mm: mm, value_mm: mm },
    });
    const limits = { upper_mm: 0.3 };
    expect(doubtOfSwing(c, limits, swing(0.5), null, 'mm')).toBeNull();
    expect(doubtOfSwing(c, limits, swing(3.5), null, 'mm')).toMatch(/10 times the limit/);
    const dial = NEW_SHOP.instruments[3]!;
    expect(doubtOfSwing(c, {}, swing(12), dial, 'mm')).toMatch(/out of range/);
  });
  it('is a bare number under thou that is far from the limits and easily another unit', () => {
    const c = characteristicOf(VELTRANE_T6, 'backlash');
    const limits = { lower_mm: 0.0762, upper_mm: 0.1524 };
    const doubt = (text: string) => {
      const { mm } = parseReading(text, 'gap', 'thou');
      const figure = { text, unit: 'thou' as const, read_mm: mm, value_mm: mm };
      return doubtOfSwing(c, limits, figure, null, 'thou');
    };
    // Limits of 3 to 6 thou: what is near them is believed, and so is what names its unit.
    for (const text of ['4', '15', '0.5', '.004', '35 thou', '0.05 in']) {
      expect(doubt(text)).toBeNull();
    }
    expect(doubt('35')).toBe('“35” is read as 35 thou = 0.889 mm, far from the limit 3–6 thou.');
    expect(doubt('0.05')).toMatch(/read as 50 thou = 1.27 mm/);
    expect(doubt('.0005')).toMatch(/read as 0.5 thou/);
  });
});

describe('what findings ask for', () => {
  const scored = (surface: string, more: Partial<Finding> = {}): Finding => ({
    ...{
      kind: 'finding',
      id: `f-${surface}`,
      at: AT,
      by: '',
      voided: null,
      surface,
      defect: 'scored',
    },
    ...{ nail: 'catches', depth_mm: null, spot: null, proposed: 'machine', why: '' },
    ...{ decided: 'machine', remark: '', ...more },
  });
  const first = (job: Job) => nextStep(job)?.characteristic;
  const service: Job = { ...JOB, tier: 'service' };

  it('comes before the order of the work, whether the sheet limits it or not', () => {
    expect(first(service)).toBe('face-drive');
    expect(first(relisted(service, { findings: [scored('cover-track')] }))).toBe('cover-wear');
    // The service tier has no limit for the hub in its bushing.
    const blue: Job = relisted(service, { findings: [scored('hub', { defect: 'blued' })] });
    expect(of(blue, 'hub-bushing').limits).toBeNull();
    expect(nextStep(blue)).toMatchObject({
      characteristic: 'hub-bushing',
      way: 'size',
      dimension: { id: 'bushing-bore' },
    });
  });
  it('is left when it is measured, and the rest follows in its order', () => {
    const job: Job = relisted(service, { findings: [scored('cover-track')] });
    const done = measure(
      job,
      hiddenOf(VELTRANE_T6, 'service', 0.4, {}, evenFrom(3)),
      ROOM,
      new Date(AT),
    );
    const order = [
      ...new Set(
        ledgerOf(done).readings.map((r) => (r.kind === 'size' ? r.dimension : r.characteristic)),
      ),
    ];
    expect(order[0]).toBe('cover-wear');
    expect(order).toEqual(expect.arrayContaining(['face-drive', 'face-driven', 'od-pocket']));
    expect(first(done)).toBeUndefined();
  });
  it('changes no verdict: the same readings say the same', () => {
    const hidden = hiddenOf(VELTRANE_T6, 'service', 0.7, {}, evenFrom(5));
    const plain = measure(service, hidden, ROOM, new Date(AT));
    const asked: Job = relisted(plain, { findings: [scored('floor'), scored('cover-track')] });
    const verdicts = (job: Job) => assessJob(job).map((a) => a.verdict);
    expect(verdicts(asked)).toEqual(verdicts(plain));
  });
});
