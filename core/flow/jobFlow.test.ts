import { stateOf } from '../guidance/evaluator';
import { runningGap, even } from './gap';
import { characteristicId } from '../pumps/ids';
import { AS_THE_SHEET, NO_SHEET_FLOW, type SheetFlow } from '../records/flow';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import type { BeforeFigure } from '../records/tag';
import { faced } from '../testing/findings';
import { VELTRANE_T6 } from '../testing/sheets';
import { jobWithSizes, planFor } from '../testing/worked';
import { deliveredBands, drawnSlips, middleFlow, UNFITTED } from './answer';
import { benchFit, factorOf } from './benchTest';
import { circuitsOf, demandOf, dutyAt, stateFor } from './demand';
import { fluidOf } from './fluids';
import { GENERIC_FLUIDS } from '../hydraulics/grades';
import { jobFlow } from './jobFlow';
import { jobPump } from './jobPump';
import { flowGeometry, knownGaps, standingBefore, standingNow } from './known';
import { standingAfter } from './planned';

const FLUID = GENERIC_FLUIDS[1]!;
const IDLE = { rpm: 700, pressure_bar: 8, temp_C: 90, fluid: FLUID };
const COLD = { ...IDLE, temp_C: 20 };
const DRAWING = { seed: 1, draws: 2000 };

const saying = (flow: Partial<SheetFlow>, more: Partial<Sheet> = {}): Sheet => ({
  ...VELTRANE_T6,
  ...more,
  flow: { ...NO_SHEET_FLOW, ...flow },
});

/** A pump of which the face gap of the drive gear is 0.05 by sizes under an unworn cover, and nothing else is read. */
const FACE = { 'pocket-depth': 20.05, 'drive-width': 20, 'track-depth': 5, 'face-depth': 5 };
const SIZED = jobWithSizes(FACE);
const faceOf = (job: Job, standing = standingNow) =>
  knownGaps(job.sheet, stateOf(job).characteristics, standing).gaps.get(
    characteristicId('face-drive'),
  );
const flow = (job: Job, at = IDLE, standing = standingNow) =>
  jobFlow(job, stateOf(job), at, DRAWING, standing);
const pathOf = (job: Job, id: string, at = IDLE, standing = standingNow) =>
  flow(job, at, standing).paths.find(({ characteristic }) => characteristic === id);

describe('the gaps of a job’s pump', () => {
  it('are what was read, else the middle of their limits, else of a usual range', () => {
    expect(pathOf(SIZED, 'face-drive')).toMatchObject({ gapFrom: 'measured' });
    expect(pathOf(SIZED, 'face-drive')?.gap.largest_mm).toBeCloseTo(0.05, 6);
    expect(pathOf(SIZED, 'od-pocket')).toMatchObject({ gapFrom: 'limits' });
    expect(pathOf(SIZED, 'tip-crescent-drive')).toMatchObject({
      gapFrom: 'example',
      gap: { smallest_mm: 0.14, largest_mm: 0.14 },
    });
  });
  it('are before work as they were, and after it as it should have left them until they are read again', () => {
    const worked = faced(SIZED, 0.02, 0.003);
    expect(pathOf(worked, 'face-drive', IDLE, standingBefore)?.gap.largest_mm).toBeCloseTo(0.05, 6);
    expect(pathOf(worked, 'face-drive')?.gap.largest_mm).toBeCloseTo(0.03, 6);
    expect(faceOf(worked)?.from).toBe('predicted');
    expect(faceOf(worked, standingBefore)?.from).toBe('measured');
  });
  it('count with the gasket of an assembled pump where they were measured bare', () => {
    const sheet = saying({}, { gasket_mm: 0.08 });
    const thick = jobWithSizes(FACE, {}, sheet);
    expect(pathOf(thick, 'face-drive')?.gap.largest_mm).toBeCloseTo(0.13, 6);
    const within = saying(
      {},
      {
        gasket_mm: 0.08,
        limits: VELTRANE_T6.limits.map((l) => ({ ...l, gasket: 'with-gasket' as const })),
      },
    );
    const read = jobWithSizes(FACE, {}, within);
    expect(pathOf(read, 'face-drive')?.gap.largest_mm).toBeCloseTo(0.05, 6);
  });
  it('grow with heat by the sheet’s materials, and are said to be cold where one is missing', () => {
    const { known } = jobPump(SIZED, stateOf(SIZED));
    const grows = known.growth.get(characteristicId('face-drive')) ?? 0;
    expect(grows).toBeGreaterThan(0);
    const wide = runningGap(even(0.05), grows * 70);
    const byItself = pathOf(SIZED, 'face-drive')!.lpm / pathOf(SIZED, 'face-drive', COLD)!.lpm;
    const thinner = 0.007094; // Pa·s at 90 °C; the ratio of gaps alone is far from it.
    expect(wide).toBeGreaterThan(0.05);
    expect(byItself).toBeGreaterThan((wide / 0.05) ** 3 * (0.05 / thinner) * 0.1);
    const bare = jobWithSizes({}, {}, saying({}, { materials: [] }));
    const { cold } = jobPump(bare, stateOf(bare)).known;
    expect(cold).toContain('face-drive');
    expect(cold).toContain('tip-crescent-drive');
  });
});

describe('what a job’s pump moves', () => {
  const moved = (job: Job) => flow(job).displacement;
  it('is by the sizes that were measured, and said so', () => {
    expect(moved(jobWithSizes({})).from).toBe('sheet');
    const wide = moved(jobWithSizes({ 'drive-width': 20.4 }));
    expect(wide.from).toBe('measured');
    expect((wide.cc_rev ?? 0) / (moved(jobWithSizes({})).cc_rev ?? 1)).toBeCloseTo(1.02, 4);
    // The width that counts is the drive gear’s.
    expect(moved(jobWithSizes({ 'driven-width': 20.4, 'pocket-depth': 21 })).from).toBe('sheet');
  });
  it('is the published figure where there is one, with what the geometry has beside it', () => {
    const job = jobWithSizes({}, {}, saying({ cc_rev: 28 }));
    expect(moved(job)).toMatchObject({ cc_rev: 28, from: 'published' });
    expect(moved(job).byGeometry_cc).toBeCloseTo(27.61, 2);
  });
  it('is not known by an example’s geometry: it asks for the sizes that it needs, and a test without pressure tells it', () => {
    const sheet = saying(
      {},
      { examples: ['module_mm', 'width_mm', 'bolts', 'hubBore_mm'], nominal: [] },
    );
    const job = jobWithSizes({}, {}, sheet);
    expect(moved(job)).toMatchObject({
      cc_rev: null,
      from: null,
      missing: ['module_mm', 'width_mm'],
    });
    expect(flow(job)).toMatchObject({
      delivered: null,
      slip_lpm: null,
      efficiency: null,
      paths: [],
    });
    const sized = jobWithSizes({ 'drive-width': 20 }, {}, sheet);
    expect(flowGeometry(sheet, stateOf(sized).dimensions).missing).toEqual(['module_mm']);
    const free: BeforeFigure = {
      drive_rpm: 1000,
      ratio: 1,
      flow_lpm: 27,
      pressure_bar: 0.5,
      oil_C: 60,
    };
    expect(moved({ ...job, before: [free] })).toMatchObject({ cc_rev: 27, from: 'test' });
  });
});

describe('an old sheet whose sizes make no such pump', () => {
  it.each([
    ['a bore wider than the roots of its gear', { hubBore_mm: 300 }],
    ['tips inside their pitch circles', { pinionTipDiameter_mm: 20, ringTipDiameter_mm: 200 }],
    ['no size at all', { module_mm: NaN }],
  ])('has no flow: %s', (_, odd) => {
    const sheet = saying({}, { geometry: { ...VELTRANE_T6.geometry, ...odd } });
    const job = { ...SIZED, sheet };
    const answer = jobFlow(job, stateOf(SIZED), IDLE, DRAWING);
    expect(answer).toMatchObject({ delivered: null, slip_lpm: null, paths: [] });
    expect(answer.displacement).toMatchObject({ cc_rev: null, from: null, isOdd: true });
  });
});

describe('the band', () => {
  const sure = jobWithSizes({
    'pocket-depth': 20.05,
    'drive-width': 20,
    'driven-width': 20,
    'pocket-diameter': 116.14,
    'driven-diameter': 116,
  });
  const subject = jobPump(sure, stateOf(sure));
  it('is as wide as a closed form has it where only the factor scatters', () => {
    const gaps = new Map(
      [...subject.known.gaps].map(([id, gap]) => {
        const end = { kind: 'even' as const, lo_mm: 0.05, hi_mm: 0.05 };
        return [id, { ...gap, known: { smallest: end, largest: end, isOne: true } }] as const;
      }),
    );
    const fixed = { ...subject, known: { ...subject.known, gaps } };
    const [slips] = drawnSlips(fixed, [IDLE], UNFITTED, { seed: 3, draws: 20_000 });
    const slip = middleFlow(fixed, IDLE)!.slip_lpm;
    const logs = [...slips!].map((lpm) => Math.log(lpm / slip));
    const mean = logs.reduce((sum, one) => sum + one, 0) / logs.length;
    const spread = Math.sqrt(logs.reduce((sum, one) => sum + (one - mean) ** 2, 0) / logs.length);
    expect(mean).toBeCloseTo(0, 2);
    expect(spread).toBeCloseTo(0.25, 2);
    // Fitted by a test nothing scatters.
    const [none] = drawnSlips(fixed, [IDLE], { K: 1.2, isFitted: true }, DRAWING);
    expect(none!.at(-1)).toBeCloseTo(1.2 * slip, 9);
    expect(none![0]).toBeCloseTo(1.2 * slip, 9);
  });
  it('has the mean of a cubed gap that lies anywhere between two ends', () => {
    const end = { kind: 'even' as const, lo_mm: 0.02, hi_mm: 0.06 };
    const shut = { kind: 'even' as const, lo_mm: 0, hi_mm: 0 };
    const gaps = new Map(
      [...subject.known.gaps].map(([id, gap]) => {
        const known = id === 'face-drive' ? end : shut;
        return [id, { ...gap, known: { smallest: known, largest: known, isOne: true } }] as const;
      }),
    );
    const one = { ...subject, known: { ...subject.known, gaps } };
    const thick = { ...COLD, temp_C: 20 };
    const [slips] = drawnSlips(one, [thick], { K: 1, isFitted: true }, { seed: 5, draws: 20_000 });
    const mean = slips!.reduce((sum, lpm) => sum + lpm, 0) / slips!.length;
    const at = (mm: number) =>
      middleFlow(one, thick, UNFITTED, (id) => even(id === 'face-drive' ? mm : 0))!.slip_lpm;
    // The mean of h³ between a and b is (a + b)(a² + b²)/4.
    const wanted = at(0.02) * (((0.02 + 0.06) * (0.02 ** 2 + 0.06 ** 2)) / 4 / 0.02 ** 3);
    expect(mean / wanted).toBeGreaterThan(0.98);
    expect(mean / wanted).toBeLessThan(1.02);
  });
  it('holds its middle, and hardly differs from seed to seed', () => {
    const band = (seed: number) =>
      deliveredBands(subject, [IDLE], UNFITTED, { seed, draws: 10_000 })![0]!;
    const [one, other] = [band(1), band(2)];
    expect(one.lo).toBeLessThan(one.mid);
    expect(one.hi).toBeGreaterThan(one.mid);
    expect(one.mid).toBe(other.mid);
    expect(Math.abs(one.lo / other.lo - 1)).toBeLessThan(0.02);
    expect(Math.abs(one.hi / other.hi - 1)).toBeLessThan(0.02);
    expect(band(1)).toEqual(one);
  });
  it('says how far it is, and is called off by whom it tells', () => {
    const told: number[] = [];
    const progress = (done: number) => {
      told.push(done);
      if (done >= 2000) throw new Error('called off');
    };
    const draw = () => drawnSlips(subject, [IDLE], UNFITTED, { seed: 1, draws: 5000, progress });
    expect(draw).toThrow('called off');
    expect(told).toEqual([1000, 2000]);
  });
});

describe('a bench test', () => {
  const figure = (flow_lpm: number | null, more: Partial<BeforeFigure> = {}): BeforeFigure => ({
    drive_rpm: 700,
    ratio: 1,
    flow_lpm,
    pressure_bar: 8,
    oil_C: 90,
    ...more,
  });
  const subject = jobPump(SIZED, stateOf(SIZED));
  const { theoretical_lpm, slip_lpm } = middleFlow(subject, IDLE)!;
  const fit = (...figures: BeforeFigure[]) => benchFit(subject, figures, FLUID);
  it('gives the factor that the model is off by, and the pump then delivers what the test did', () => {
    const tested = figure(theoretical_lpm - 1.3 * slip_lpm);
    expect(fit(tested)).toEqual({
      K: expect.closeTo(1.3, 9) as number,
      readings: 1,
      as: 'factor',
      isMeasured: false,
    });
    const job = { ...SIZED, before: [tested] };
    expect(flow(job).delivered?.mid).toBeCloseTo(tested.flow_lpm!, 6);
    expect(flow(job).K).toBeCloseTo(1.3, 9);
  });
  it('is a finding where it is far off, and wrong where it delivers more than the pump moves', () => {
    const far = fit(figure(theoretical_lpm - 4 * slip_lpm));
    expect(far?.as).toBe('finding');
    expect(factorOf(far)).toEqual(UNFITTED);
    expect(fit(figure(theoretical_lpm + 1))).toEqual({
      K: null,
      readings: 1,
      as: 'contradiction',
      isMeasured: false,
    });
    expect(factorOf(null)).toEqual(UNFITTED);
  });
  it('says whether the gaps that it is held against were measured', () => {
    const wide = jobWithSizes({ ...FACE, 'pocket-depth': 20.3, 'driven-width': 20 });
    const pump = jobPump(wide, stateOf(wide));
    expect(benchFit(pump, [figure(1)], FLUID)?.isMeasured).toBe(true);
    expect(fit(figure(1))?.isMeasured).toBe(false);
  });
  it('fits all readings that say flow, pressure and temperature, and no others', () => {
    const slow = middleFlow(subject, { ...IDLE, rpm: 350 })!;
    const other = figure(slow.theoretical_lpm - 1.3 * slow.slip_lpm, { ratio: 0.5 });
    const cold = figure(1, { oil_C: null });
    const free = figure(1, { pressure_bar: 0 });
    const both = fit(figure(theoretical_lpm - 1.3 * slip_lpm), other, cold, free, figure(null));
    expect(both).toEqual({
      K: expect.closeTo(1.3, 9) as number,
      readings: 2,
      as: 'factor',
      isMeasured: false,
    });
    expect(fit(cold)).toBeNull();
    // A bench out in the frost: nobody knows the viscosity there.
    expect(fit(figure(1, { oil_C: -35 }))).toBeNull();
  });
});

describe('what a plan makes of a pump’s flow', () => {
  it('is better where it closes gaps, gap by gap as the plan has them', async () => {
    const worn = jobWithSizes({
      'pocket-depth': 20.16,
      'drive-width': 20,
      'driven-width': 20,
      'track-depth': 5,
      'face-depth': 5,
    });
    const { rework, solved, state } = await planFor(worn);
    const [plan] = solved.plans;
    expect(plan?.works.length).toBeGreaterThan(0);
    const standing = standingAfter(rework, plan!.works);
    const after = jobFlow(worn, state, IDLE, DRAWING, standing);
    expect(after.delivered!.mid).toBeGreaterThan(flow(worn).delivered!.mid + 0.5);
    const face = after.paths.find(({ characteristic }) => characteristic === 'face-drive');
    expect(face?.gapFrom).toBe('predicted');
    expect(face?.gap.largest_mm).toBeLessThan(0.1);
    const untouched = after.paths.find(({ characteristic }) => characteristic === 'od-pocket');
    expect(untouched?.gapFrom).toBe('limits');
    expect(jobFlow(worn, state, IDLE, DRAWING, standingAfter(rework, [])).delivered).toEqual(
      flow(worn).delivered,
    );
  });
});

describe('what a pump runs on, at and for', () => {
  const circuit = { name: 'Cooler', idle_lpm: 4, idle_bar: 6, work_lpm: 10, work_bar: 14 };
  const state = { rpm: 800, pressure_bar: 5, temp_C: 95 };
  const job = (more: Partial<Job>, sheet = saying({})): Job => ({ ...SIZED, sheet, ...more });
  it('is as the job says, else its sheet, else assumed', () => {
    const ofSheet = saying({ idle: state, fluid: FLUID, demand: [circuit] });
    expect(stateFor(job({}), 'idle')).toEqual({
      state: { rpm: 700, pressure_bar: 8, temp_C: 90 },
      from: 'assumed',
    });
    expect(stateFor(job({}, ofSheet), 'idle')).toEqual({ state, from: 'sheet' });
    const own = { ...AS_THE_SHEET, idle: { ...state, rpm: 650 }, fluid: { ...FLUID, name: 'Own' } };
    expect(stateFor(job({ flow: own }, ofSheet), 'idle')).toMatchObject({
      from: 'job',
      state: { rpm: 650 },
    });
    expect(fluidOf(job({}))).toMatchObject({
      from: 'assumed',
      fluid: { name: 'Transmission fluid, usual' },
    });
    expect(fluidOf(job({}, ofSheet)).from).toBe('sheet');
    expect(fluidOf(job({ flow: own }, ofSheet))).toMatchObject({
      from: 'job',
      fluid: { name: 'Own' },
    });
    expect(circuitsOf(job({ flow: { ...own, demand: [] } }, ofSheet))).toEqual([]);
    expect(circuitsOf(job({}, ofSheet))).toEqual([circuit]);
  });
  it('wants all circuits together at the highest pressure among them, which is then that of an assumed state', () => {
    const two = [
      circuit,
      { ...circuit, idle_lpm: 2.5, idle_bar: 9, work_lpm: null, work_bar: null },
    ];
    expect(demandOf(two, 'idle')).toEqual({ flow_lpm: 6.5, pressure_bar: 9 });
    expect(demandOf(two, 'work')).toEqual({ flow_lpm: 10, pressure_bar: 14 });
    expect(demandOf([], 'idle')).toBeNull();
    const fed = job({}, saying({ demand: two }));
    expect(stateFor(fed, 'idle').state.pressure_bar).toBe(9);
    expect([dutyAt(fed, 900), dutyAt(fed, 1900)]).toEqual(['idle', 'work']);
    expect(flow(fed).demand_lpm).toBe(6.5);
    expect(flow(fed, { ...IDLE, rpm: 2000 }).demand_lpm).toBe(10);
    expect(flow(job({})).demand_lpm).toBeNull();
  });
});
