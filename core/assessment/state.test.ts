import { EVERY_BUILD } from '../testing/builds';
import { characteristicId, dimensionId, stationId } from '../pumps/ids';
import { Evaluator, assessJob, stateOf } from '../guidance/evaluator';
import type { FeelerReading } from '../methods/feeler';
import { emptyJob } from '../practice/job';
import { sizeAt } from '../practice/gauge';
import { workOn } from '../testing/findings';
import { VELTRANE_T6 } from '../testing/sheets';
import { record, withReading } from '../journal/commands';
import { centre, ends } from '../metrology/estimate';
import { characteristicOf } from '../pumps/registry';
import type { WorkEntry } from '../records/entries/operation';
import type { Job } from '../records/job';

const AT = '2026-11-20T09:00:00.000Z';
const MIC = { u_mm: 0.003, own_mm: 0.0015, off_mm: 0 };
const JOB = emptyJob(VELTRANE_T6, AT);
const FACED = ['pocket-depth', 'deck'];

let count = 0;
const done = (
  work: WorkEntry['work'],
  part: string,
  by_mm: number | null,
  dimensions: readonly string[],
): WorkEntry =>
  workOn(
    part,
    work,
    dimensions.map((dimension) => ({ dimension: dimensionId(dimension), by_mm, u_mm: 0.004 })),
  );
const size = (dimension: string, station: string, mm: number) =>
  sizeAt(dimensionId(dimension), stationId(station), `s${(count += 1)}`, mm, MIC);
const leaf = (station: string, mm: number, felt: FeelerReading['felt']): FeelerReading => ({
  kind: 'leaf',
  id: `l${(count += 1)}`,
  at: AT,
  by: '',
  instrument: '',
  voided: null,
  characteristic: characteristicId('face-drive'),
  station: stationId(station),
  leaves_mm: [mm],
  marked_mm: null,
  felt,
});

const face = (job: Job) => assessJob(job).find((a) => a.characteristic.id === 'face-drive')!;
const sum = (job: Job) => assessJob(job).find((a) => a.characteristic.id === 'stack-drive')!;
const quantity = (job: Job, id: string) => stateOf(job).dimensions.get(dimensionId(id));

const READ = [
  ...['12', '6', '3', '9'].map((s, i) => size('pocket-depth', s, 20.09 + i / 1000)),
  ...['a', 'b'].map((s) => size('drive-width', s, 20)),
].reduce(withReading, JOB);
const FACED_OFF = record(READ, done('faced', 'body', -0.04, FACED));

/** Returns a job on which the pocket was read again, as deep all around. */
const reread = (job: Job, mm: number): Job =>
  ['12', '6', '3', '9'].reduce((all, s) => withReading(all, size('pocket-depth', s, mm)), job);

describe('a dimension', () => {
  it('is what was read of it, a place that was read again once', () => {
    const again = ['12', '12', '12'].reduce(
      (job, s) => withReading(job, size('pocket-depth', s, 20.09)),
      READ,
    );
    expect(quantity(again, 'pocket-depth')).toMatchObject({
      best_mm: expect.closeTo(20.0915, 9) as number,
      smallest_mm: expect.closeTo(20.09, 9) as number,
      largest_mm: expect.closeTo(20.093, 9) as number,
      readings: 7,
      u_mm: 0.003,
      source: 'measured',
    });
  });
  it('moves with work of a known amount, and is not known after one of an unknown', () => {
    expect(quantity(FACED_OFF, 'pocket-depth')).toMatchObject({
      best_mm: expect.closeTo(20.0515, 9) as number,
      u_mm: 0.005,
      readings: 4,
      source: 'worked',
    });
    const unknown = record(FACED_OFF, done('faced', 'body', null, FACED));
    expect(quantity(unknown, 'pocket-depth')).toBeUndefined();
    expect(quantity(unknown, 'drive-width')?.source).toBe('measured');
  });
  it('moves from where it was read last, not from where it was read first', () => {
    const between = reread(FACED_OFF, 20.06);
    const twice = record(between, done('faced', 'body', -0.01, FACED));
    expect(quantity(twice, 'pocket-depth')).toMatchObject({
      best_mm: expect.closeTo(20.05, 9) as number,
      u_mm: 0.005,
    });
  });
  it('is the sheet’s again where its part is another one', () => {
    const renewed = record(FACED_OFF, done('exchanged', 'body', null, []));
    expect(quantity(renewed, 'pocket-depth')).toMatchObject({ u_mm: null, readings: 0 });
    expect(['nominal', 'example']).toContain(quantity(renewed, 'pocket-depth')?.source);
  });
});

describe('a gap that was worked on', () => {
  it('is open, with what it was and what it should be', () => {
    expect(face(READ)).toMatchObject({ work: [], before: null, predicted: null });
    const a = face(FACED_OFF);
    expect([a.verdict, a.largest]).toEqual(['open', null]);
    expect(a.before).toEqual({ smallest: face(READ).smallest, largest: face(READ).largest });
    const { smallest, largest } = a.predicted!;
    expect(smallest).toMatchObject({ value_mm: expect.closeTo(0.05, 9) as number });
    expect(largest).toMatchObject({
      value_mm: expect.closeTo(0.053, 9) as number,
      u_mm: Math.hypot(0.003, 0.003, 0.004),
    });
  });
  it('keeps both once it was measured again', () => {
    const a = face(reread(FACED_OFF, 20.051));
    expect(a.verdict).toBe('in');
    expect(a.before).toEqual(face(FACED_OFF).before);
    expect(a.predicted).toEqual(face(FACED_OFF).predicted);
  });
  it('by leaves moves its bracket, wider by twice what the amount may be off', () => {
    const tried = ['12', '6', '3', '9'].flatMap((s) => [
      leaf(s, 0.08, 'free'),
      leaf(s, 0.1, 'no-go'),
    ]);
    const faced = record(tried.reduce(withReading, JOB), done('faced', 'body', -0.04, FACED));
    expect(ends(face(faced).predicted!.largest).map((mm) => mm.toFixed(3))).toEqual([
      '0.032',
      '0.068',
    ]);
  });
  it('is not predicted where no term says what the work did', () => {
    for (const work of [done('faced', 'body', null, FACED), done('exchanged', 'drive', null, [])]) {
      const a = face(record(READ, work));
      expect([a.before === null, a.predicted]).toEqual([false, null]);
    }
  });
  it('has no past that nobody read, and is not predicted', () => {
    const unread = face(record(JOB, done('faced', 'body', -0.04, FACED)));
    expect(unread.work).toHaveLength(1);
    expect([unread.before, unread.predicted]).toEqual([null, null]);
  });
  it('moves from what was read between two pieces of work', () => {
    const later = '2026-11-20T11:00:00.000Z';
    const again = { ...done('faced', 'body', -0.01, FACED), at: later };
    const a = face(record(reread(FACED_OFF, 20.06), again));
    expect(a.before!.smallest).toMatchObject({ value_mm: expect.closeTo(0.06, 9) as number });
    expect(a.predicted!.smallest).toMatchObject({ value_mm: expect.closeTo(0.05, 9) as number });
  });
  it('goes back over work without a reading between', () => {
    const twice = record(FACED_OFF, done('faced', 'body', -0.01, FACED));
    expect(face(twice).before).toEqual(face(FACED_OFF).before);
    expect(face(twice).work).toHaveLength(2);
    expect(face(twice).predicted!.smallest).toMatchObject({
      value_mm: expect.closeTo(0.04, 9) as number,
    });
  });
  it('counts in its sum, beside parts that are as they were', () => {
    const wear = characteristicOf(VELTRANE_T6, characteristicId('cover-wear')).stations.map(
      ({ id }) => ({
        ...leaf(id, 0.02, 'no-go'),
        characteristic: characteristicId('cover-wear'),
      }),
    );
    const before = wear.reduce(withReading, READ);
    const after = record(before, done('faced', 'body', -0.04, FACED));
    const [was, is] = [sum(before), sum(after)];
    expect(is.before).toEqual({ smallest: was.smallest, largest: was.largest });
    expect(centre(is.predicted!.largest) - centre(was.largest!)).toBeCloseTo(-0.04, 2);
    expect(is.verdict).toBe('open');
    const unknown = sum(record(before, done('faced', 'body', null, FACED)));
    expect([unknown.before, unknown.predicted]).toEqual([is.before, null]);
  });
});

describe('a gap beside two gears', () => {
  const stack = EVERY_BUILD.find((sheet) => sheet.model === 'external-gear plates 1')!;
  const sizes = [
    ...['top-left', 'top-right', 'bottom-left', 'bottom-right'].map((s, at) =>
      size('body-width', s, 30.06 + at / 1000),
    ),
    ...['a', 'b'].flatMap((s) => [size('drive-width', s, 30), size('idler-width', s, 30.01)]),
  ];
  const read = sizes.reduce(withReading, { ...JOB, tier: 'service', sheet: stack });
  const end = (job: Job) => assessJob(job).find((a) => a.characteristic.id === 'end')!;

  it('grows on the side of the gear that was ground, and stays at its least', () => {
    expect(end(read).smallest).toMatchObject({ value_mm: expect.closeTo(0.05, 9) as number });
    const { predicted } = end(record(read, done('ground', 'drive', -0.02, ['drive-width'])));
    expect(predicted!.smallest).toMatchObject({ value_mm: expect.closeTo(0.05, 9) as number });
    expect(predicted!.largest).toMatchObject({ value_mm: expect.closeTo(0.083, 9) as number });
  });
  const onLabel = (dimension: string, value_mm: number) => ({
    dimension: dimensionId(dimension),
    value_mm,
    u_mm: 0.004,
  });
  const put: WorkEntry = {
    ...done('exchanged', 'drive', null, []),
    piece: {
      id: 'gs-1',
      label: 'GS-1',
      sizes: [onLabel('drive-diameter', 41.9), onLabel('drive-width', 30.02)],
    },
  };
  it('is known again from the sizes on the label of a gear that was put in', () => {
    const { predicted } = end(record(read, put));
    expect(predicted!.smallest).toMatchObject({
      value_mm: expect.closeTo(0.04, 9) as number,
      u_mm: expect.closeTo(Math.hypot(0.003, 0.004), 9) as number,
    });
    expect(predicted!.largest).toMatchObject({ value_mm: expect.closeTo(0.053, 9) as number });
  });
  it('moves with work on the gear that was put in', () => {
    const job = record(read, put, done('ground', 'drive', -0.01, ['drive-width']));
    expect(quantity(job, 'drive-width')).toMatchObject({
      best_mm: expect.closeTo(30.01, 9) as number,
      source: 'worked',
    });
  });
});

describe('an evaluator', () => {
  it('works the state of a job out once, however often it is asked for it', () => {
    const evaluator = new Evaluator();
    const first = evaluator.state(READ);
    expect(evaluator.state(READ)).toBe(first);
    expect(evaluator.state({ ...READ, tag: 'T-2' })).toBe(first);
    expect(evaluator.state(FACED_OFF)).not.toBe(first);
    expect(evaluator.state(FACED_OFF).dimensions.get(dimensionId('pocket-depth'))?.source).toBe(
      'worked',
    );
  });
});
