import { stationId, dimensionId, characteristicId } from '../pumps/ids';
import { assessJob } from '../guidance/evaluator';
import type { Reading } from '../methods/list';
import { characteristicOf, dimensionOf } from '../pumps/registry';
import type { ZeroCheck } from '../records/instrument';
import type { Job } from '../records/job';
import { NEW_SHOP } from '../records/shop';
import {
  AT,
  entry,
  freshId,
  JOB,
  ROOM,
  sized,
  sizeReadingOf,
  swingReadingOf,
  withReadings,
} from '../testing/readings';
import { VELTRANE_T6 } from '../testing/sheets';
import { clockHour, explain } from '../wording/verdict';
import { doubtOfSize } from './doubt';
import { amountUncertainty, gaugeFor, instrumentInHand, zeroAt } from './gauges';

const of = (job: Job, id: string) => assessJob(job).find((a) => a.characteristic.id === id)!;

describe('an indicator and a hand', () => {
  const backlash = characteristicOf(VELTRANE_T6, characteristicId('backlash'));
  const swing = (read_mm: number, lever_deg = 0, contactRadius_mm: number | null = null, at = 0) =>
    swingReadingOf(JOB, ROOM, backlash, stationId(`turn-${at}`), entry(read_mm), {
      lever_deg,
      contactRadius_mm,
    });

  it('tell the swing at the pitch circle, with the uncertainty of two readings', () => {
    const reading = swing(0.2, 60, 68);
    expect(reading.value_mm).toBeCloseTo((0.2 * 0.5 * 34) / 68, 9);
    // The uncertainty is scaled by the lever and the radius as the value is.
    expect(reading.u_mm).toBeCloseTo((0.003 * Math.SQRT2 * 0.5 * 34) / 68, 12);
    expect(of(withReadings(JOB, swing(0.2)), 'backlash').verdict).toBe('in');
    expect(of(withReadings(JOB, swing(0.2), swing(0.4, 0, null, 1)), 'backlash').verdict).toBe(
      'out',
    );
  });
  it('know an amount taken off like a swing, by what reads the part', () => {
    const { u_mm } = ROOM.instruments.find((i) => i.kind === 'depth-mic')!;
    expect(amountUncertainty(JOB, ROOM, 'body')).toBeCloseTo(Math.SQRT2 * u_mm, 12);
    const bare = { instruments: [], zeros: [] };
    expect(amountUncertainty(JOB, bare, 'body')).toBeCloseTo(Math.SQRT2 * 0.012, 12);
  });
  it('say a gear that touches the edge leaves no gap', () => {
    const touch = (felt: 'touches' | 'clear'): Reading => ({
      id: freshId(),
      kind: 'touch',
      at: AT,
      by: '',
      instrument: 'Straightedge',
      characteristic: characteristicId('face-drive'),
      station: stationId('sweep'),
      felt,
      voided: null,
    });
    const a = of(withReadings(JOB, touch('touches')), 'face-drive');
    expect(a.verdict).toBe('out');
    expect(explain(a, VELTRANE_T6, 'mm')).toMatch(/gears touch the straightedge/);
    expect(of(withReadings(JOB, touch('clear')), 'face-drive').verdict).toBe('open');
  });
});

describe('a tilted floor', () => {
  it('is told by its depths: how much, and towards which hour', () => {
    const depths = { '12': 20.02, '3': 20.04, '6': 20.06, '9': 20.04 };
    const job = withReadings(
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
    const job = withReadings(
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
    const depth = dimensionOf(VELTRANE_T6, dimensionId('pocket-depth'));
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
      dimensionOf(VELTRANE_T6, dimensionId('pocket-depth')),
      stationId('12'),
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
