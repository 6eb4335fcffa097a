import fc from 'fast-check';
import { flowBench } from '../../server/flowBench';
import { dropTest, noteProof, planTest, type TestSaid } from '../commands/testing';
import { fitBefore, fitNow } from '../flow/benchTest';
import { fluidOf } from '../flow/fluids';
import { assessJob, stateOf } from '../guidance/evaluator';
import { stageStandings } from '../guidance/stages';
import { ledgerOf } from '../journal/ledger';
import { testsNow } from '../journal/tested';
import { NO_SHEET_FLOW } from '../records/flow';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import type { TestPoint } from '../records/testing';
import { emptyJob } from '../practice/job';
import { faced, stamp } from '../testing/findings';
import { AT } from '../testing/readings';
import { idleTest, testedJob } from '../testing/tests';
import { largestSheet, SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { jobWithSizes } from '../testing/worked';
import { sampleOf } from '../trace/sample';
import { steadyPart } from '../trace/steady';
import { benchlessFor, NOT_TESTED } from './checks';
import { comparedSteps, judged } from './compare';
import { cutOut } from './cut';
import { planOf } from './plan';
import {
  beneathWords,
  leakWords,
  proveTitle,
  resultWords,
  suspectWords,
  untestedWords,
} from './sayProve';
import { standPump } from './stand';
import { suspectsOf } from './suspects';

const SIZES = {
  'pocket-depth': 20.06,
  'drive-width': 20,
  'driven-width': 20,
  'track-depth': 5,
  'face-depth': 5,
};

const point = (id: string, more: Partial<TestPoint> = {}): TestPoint => ({
  id,
  name: '',
  drive_rpm: 2000,
  ratio: 1,
  pressure_bar: 20,
  oil_C: 60,
  minutes: 2,
  sections: [],
  least_lpm: null,
  mostLoss_lpm: null,
  source: '',
  ...more,
});
const POINTS = [
  point('idle', { name: 'Hot idle', drive_rpm: 700, pressure_bar: 8, oil_C: 90, least_lpm: 14 }),
  point('free', { pressure_bar: 0 }),
  point('work', { mostLoss_lpm: 5, source: 'sheet 14' }),
];
const planned = (job: Job, points: TestPoint[] = POINTS): Job => planTest(points)(job, stamp());

const compared = (job: Job) => comparedSteps(job, stateOf(job));
const worked = (flow_lpm: number, more: Partial<TestSaid> = {}): TestSaid =>
  idleTest(flow_lpm, { point: 'work', drive_rpm: 2000, pressure_bar: 20, oil_C: 60, ...more });

const SIZED = planned(jobWithSizes(SIZES));

/** Runs a job's pump on the simulated stand, whatever the model of another sheet has of it. */
function ranOn(job: Job, sheet: Sheet, seed: string): Job {
  const on = { ...job, sheet };
  const step = planOf(on).find(({ id }) => id === 'idle')!;
  // The stand is told of the pump as it is, not as a sheet that is wrong has it.
  const bench = flowBench({ ...standPump(job, stateOf(job), step), seed, hz: 5 });
  const samples = Array.from({ length: 5 * 120 }, () => sampleOf(bench.next())!);
  const cut = cutOut(samples, steadyPart(samples)!)!;
  const test = idleTest(cut.flow_lpm, { half95_lpm: cut.half95_lpm, oil_C: cut.oil_C });
  return testedJob(on, test);
}
const sideOf = (job: Job) => compared(job)[0]!.model!.side;

describe('a test beside the model', () => {
  const times = (factor: number): Sheet => {
    const cc_rev = (SIZED.sheet.flow.cc_rev ?? 27.6) * factor;
    return { ...SIZED.sheet, flow: { ...NO_SHEET_FLOW, ...SIZED.sheet.flow, cc_rev } };
  };
  const seeds = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'];
  it('is low where the model is told that the pump moves more than it does, high where less', () => {
    expect(seeds.map((seed) => sideOf(ranOn(SIZED, times(1.4), seed)))).toEqual(
      seeds.map(() => 'low'),
    );
    expect(seeds.map((seed) => sideOf(ranOn(SIZED, times(0.7), seed)))).toEqual(
      seeds.map(() => 'high'),
    );
  });
  it('is as the model has it in most runs of the pump that it is told of', () => {
    const as = seeds.filter((seed) => sideOf(ranOn(SIZED, SIZED.sheet, seed)) === 'as');
    expect(as.length).toBeGreaterThanOrEqual(6);
  });
  it('does not fit the model that it is held against, and the flow page is fitted to it', () => {
    const [first] = compared(testedJob(SIZED, idleTest(17)));
    const other = compared(testedJob(SIZED, idleTest(12)))[0]!;
    expect(other.model!.band).toEqual(first!.model!.band);
    expect(other.model!.side).toBe('low');
    const job = testedJob(SIZED, idleTest(16.5));
    const fluid = fluidOf(job).fluid;
    expect(fitBefore(job, stateOf(job), fluid)).toBeNull();
    expect(fitNow(job, stateOf(job), fluid)).toMatchObject({ of: 'now', readings: 1 });
    // After more work the pump is another: what it gave before that says nothing of it.
    const after = faced(job, 0.02);
    expect(testsNow(after)).toEqual([]);
    expect(fitNow(after, stateOf(after), fluid)).toBeNull();
  });
  it('says why there is none without the oil’s temperature, or the pump’s sizes', () => {
    const cold = planned(SIZED, [point('work', { oil_C: null })]);
    const [result] = compared(testedJob(cold, worked(40, { oil_C: null })));
    expect(result!.model).toBeNull();
    expect(beneathWords(result!, 'mm')).toContain('The temperature of the oil was not read');
  });
});

describe('a test that was overtaken', () => {
  const title = (job: Job) => proveTitle(job, compared(job), 'mm');
  it('by work on the pump says nothing of it now', () => {
    const after = faced(testedJob(SIZED, idleTest(15)), 0.02);
    expect(compared(after).every(({ test }) => test === null)).toBe(true);
    expect(title(after)).toBe('Not tested since the last work on it.');
    expect(stageStandings(after, assessJob(after)).prove).toBe('open');
    expect(title(testedJob(after, idleTest(16)))).toMatch(/^16 l\/min at hot idle/);
  });
  it('is as old as its run, whenever that was cut', () => {
    const uncut = idleTest(null, { run: 'r1', from: 'simulated' });
    const begun = faced(testedJob(SIZED, uncut), 0.02);
    const cutLater = testedJob(begun, { ...uncut, flow_lpm: 15, from_s: 1, to_s: 9 });
    expect(compared(cutLater).every(({ test }) => test === null)).toBe(true);
  });
  it('is no longer untested once it was tested, and a check before the work proves nothing', () => {
    const proof = (job: Job, check: string, answer: 'good' | 'not-tested') =>
      noteProof(check, { answer, value_bar: null, due: null, remark: '' })(job, stamp());
    const tested = testedJob(proof(SIZED, NOT_TESTED, 'not-tested'), idleTest(15));
    expect(untestedWords(tested)).toBe('');
    expect(title(faced(proof(SIZED, 'suction', 'good'), 0.02))).toBe('Not tested yet.');
  });
});

describe('a test that ran otherwise than its step has it', () => {
  it('is named by how it ran, and the limits of the step do not hold', () => {
    const [off] = compared(testedJob(SIZED, idleTest(31, { drive_rpm: 1500 })));
    expect([off!.isOff, off!.least]).toEqual([true, null]);
    expect(resultWords(off!, 'mm')).toBe('31 l/min at 1500 rpm, 8 bar.');
    expect(beneathWords(off!, 'mm')).toMatch(/^It ran at 1500 rpm, 8 bar, not as the step has it/);
  });
  it('without its pressure is not held against the model', () => {
    const [bare] = compared(testedJob(SIZED, idleTest(15, { pressure_bar: null })));
    expect(bare!.lacks).toBe('pressure');
    expect(beneathWords(bare!, 'mm')).toContain('The pressure was not read');
    expect(compared(testedJob(SIZED, idleTest(15, { oil_C: -39 })))[0]!.lacks).toBe('oil');
  });
});

describe('a pump of which nothing is measured', () => {
  it('is not said to be explained by its gaps', () => {
    const job = testedJob(planned(emptyJob(VELTRANE_T6, AT)), idleTest(13));
    const [result] = compared(job);
    expect(result!.model?.isMeasured).toBe(false);
    expect(beneathWords(result!, 'mm')).toContain(
      'Most of that hangs on gaps that nobody measured.',
    );
    const out = { ...result!, model: { ...result!.model!, side: 'as' as const } };
    expect(leakWords(job, out)).toMatch(
      /^Gaps that nobody measured may explain that: .* Measure it/,
    );
  });
});

describe('a section of a stack that gives too little alone', () => {
  it('is explained by gaps of that section', () => {
    const stack = emptyJob(largestSheet(), AT);
    const step = planOf(stack).find(({ id }) => id === 'work-s2')!;
    const state = stateOf(stack);
    const { cc, slip, rpm } = standPump(stack, state, step);
    const moved = (cc * rpm) / 1000;
    const flow_lpm = Math.max(moved / 2, moved - 3 * slip);
    const { drive_rpm, pressure_bar, oil_C, sections } = step;
    const at = { point: 'work-s2', drive_rpm, pressure_bar, oil_C, sections };
    const job = testedJob(stack, idleTest(flow_lpm, at));
    const result = comparedSteps(job, state).find((one) => one.step?.id === 'work-s2')!;
    const suspects = suspectsOf(job, state, {
      ...result,
      model: { ...result.model!, side: 'low' },
    });
    expect(suspects.length).toBeGreaterThan(0);
    expect(suspects.every(({ characteristic }) => characteristic.endsWith('-s2'))).toBe(true);
  });
});

describe('a test beside what it came with', () => {
  const before = [
    { drive_rpm: 690, ratio: 1, flow_lpm: 12.6, pressure_bar: 8, oil_C: 70 },
    { drive_rpm: 1400, ratio: 1, flow_lpm: 30, pressure_bar: 8, oil_C: 90 },
  ];
  const job = testedJob({ ...SIZED, before }, idleTest(15.2), worked(50));
  it('is held against the same speed and pressure, and no other', () => {
    const [idle, , work] = compared(job);
    expect(idle!.before?.flow_lpm).toBe(12.6);
    expect(work!.before).toBeNull();
    expect(resultWords(idle!, 'mm')).toBe(
      '15.2 l/min at hot idle: 2.6 more than it came with. It came with that at 70 °C; now the oil had 90 °C.',
    );
    expect(resultWords(work!, 'thou')).toBe('13.21 gpm at 2000 rpm, 290 psi.');
  });
  it('is the same within what a meter repeats to', () => {
    const [same] = compared(testedJob({ ...SIZED, before }, idleTest(12.65)));
    expect(resultWords(same!, 'mm')).toContain('as much as it came with');
  });
});

describe('a test beside its limits', () => {
  it('is judged by how well it is known', () => {
    const least = { lpm: 14, source: '' };
    const verdict = (lpm: number, half95: number | null, rule: 'guarded' | 'plain' = 'guarded') =>
      judged({ lpm, half95 }, least, 'least', rule).verdict;
    expect([verdict(14.2, 0.1), verdict(14.05, 0.1), verdict(13.8, 0.1)]).toEqual([
      'in',
      'close',
      'out',
    ]);
    expect([verdict(14, null), verdict(13.99, null)]).toEqual(['in', 'out']);
    expect(verdict(14.05, 0.1, 'plain')).toBe('in');
    expect(
      judged({ lpm: 5.5, half95: 0.2 }, { lpm: 5, source: '' }, 'most', 'guarded').verdict,
    ).toBe('out');
  });
  it('loses from no pressure to pressure what it gives less, at the same speed', () => {
    const free = worked(54, { point: 'free', drive_rpm: 1980, pressure_bar: 0, half95_lpm: 0.1 });
    const [, , work] = compared(testedJob(SIZED, free, worked(47, { half95_lpm: 0.2 })));
    expect(work!.loss!.lpm).toBeCloseTo((54 * 2000) / 1980 - 47, 9);
    expect(work!.loss!.most!.verdict).toBe('out');
    expect(beneathWords(work!, 'mm')).toContain(
      'From no pressure to 20 bar it loses 7.5 l/min, 14%. That is too much: it may lose 5 l/min.',
    );
    const more = compared(testedJob(SIZED, free, worked(58)))[2]!;
    expect(beneathWords(more, 'mm')).toContain('Check the flow meter');
  });
  it('says which gap explains a flow that is too low, or that its gaps do', () => {
    const job = testedJob(SIZED, idleTest(8));
    const [low] = compared(job);
    const suspects = suspectsOf(job, stateOf(job), low!);
    expect(suspects.length).toBeGreaterThan(0);
    for (const { would_mm, taken_mm } of suspects) expect(would_mm).toBeGreaterThan(taken_mm);
    // What nobody measured comes before what was.
    const sure = suspects.map(({ from }) => from === 'measured');
    expect(sure).toEqual([...sure].sort());
    const [first] = suspectWords(job, suspects, 'mm');
    expect(first).toMatch(/alone would explain it with .* Measure it first\.$/);
    const worn = testedJob(planned(jobWithSizes({ ...SIZES, 'pocket-depth': 20.25 })), idleTest(9));
    const [as] = compared(worn);
    if (as!.model!.side === 'as') expect(leakWords(worn, as!)).toMatch(/by the model \d+% of what/);
  });
});

describe('the plan of a test', () => {
  it('is the job’s, else the sheet’s and how it was tested before, else made up', () => {
    const job = emptyJob(VELTRANE_T6, AT);
    const before = [{ drive_rpm: 800, ratio: 1, flow_lpm: 14, pressure_bar: 4, oil_C: 85 }];
    const bare = planOf({ ...job, before });
    expect(bare.map(({ id, from }) => [id, from])).toEqual([
      ['before-1', 'before'],
      ['idle', 'assumed'],
      ['work-free', 'assumed'],
      ['work', 'assumed'],
    ]);
    const sheet = { ...job.sheet, testPoints: POINTS };
    expect(planOf({ ...job, sheet, before }).map(({ id }) => id)).toEqual([
      'idle',
      'free',
      'work',
      'before-1',
    ]);
    expect(planOf(planned({ ...job, sheet }, [POINTS[2]!])).map(({ id }) => id)).toEqual(['work']);
    const circuit = { name: '', idle_lpm: 9, idle_bar: 8, work_lpm: null, work_bar: null };
    const fed = { ...job.sheet, flow: { ...job.sheet.flow, demand: [circuit] } };
    expect(planOf({ ...job, sheet: fed })[0]!.least).toEqual({
      lpm: 9,
      source: 'what its circuits want',
    });
  });
  it('tests a stack section by section, and a vacuum pump by no flow', () => {
    const job = emptyJob(largestSheet(), AT);
    const singles = planOf(job).filter(({ sections }) => sections.length > 0);
    expect(singles.map(({ sections }) => sections)).toEqual([[1], [2], [3], [4]]);
    const vacuum = emptyJob(
      SHEETS.find(({ family }) => family === 'vacuum-vane')!,
      AT,
    );
    expect(planOf(vacuum)).toEqual([]);
    expect(benchlessFor(vacuum).map(({ id }) => id)).toEqual(['vacuum-pulled']);
  });
  it('has a section deliver its share of the pump alone', () => {
    const job = emptyJob(largestSheet(), AT);
    const [whole, one] = ['work', 'work-s2'].map((id) => {
      const step = planOf(job).find((found) => found.id === id)!;
      return standPump(job, stateOf(job), step);
    });
    expect(one!.cc / whole!.cc).toBeGreaterThan(0.1);
    expect(one!.cc / whole!.cc).toBeLessThan(0.5);
    expect(one!.slip).toBeLessThan(whole!.slip);
  });
});

describe('what is kept of a test', () => {
  it('is the last of its run, or the last that was typed', () => {
    const uncut = idleTest(null, { run: 'r1', from: 'simulated' });
    const once = testedJob(
      SIZED,
      uncut,
      idleTest(15, { ...uncut, flow_lpm: 15, from_s: 10, to_s: 20 }),
    );
    expect(ledgerOf(once).tests.map(({ voided }) => voided === null)).toEqual([false, true]);
    const typed = testedJob(once, idleTest(14), idleTest(14.5));
    const [idle] = compared(typed);
    expect(idle!.test?.flow_lpm).toBe(14.5);
    expect(compared(dropTest(idle!.test!.id)(typed, stamp()))[0]!.test?.flow_lpm).toBe(15);
    expect(compared(testedJob(SIZED, uncut))[0]!.run?.run).toBe('r1');
  });
  it('moves no verdict', () => {
    const verdicts = (job: Job) => assessJob(job).map(({ verdict }) => verdict);
    expect(verdicts(testedJob(SIZED, idleTest(3)))).toEqual(verdicts(SIZED));
  });
  it('says what it showed, that it was not tested, or what was proven otherwise', () => {
    const title = (job: Job) => proveTitle(job, compared(job), 'mm');
    const standing = (job: Job) => stageStandings(job, assessJob(job)).prove;
    expect([title(SIZED), standing(SIZED)]).toEqual(['Not tested yet.', 'open']);
    const proof = (job: Job, check: string, answer: 'good' | 'bad' | 'later' | 'not-tested') =>
      noteProof(check, { answer, value_bar: null, due: null, remark: 'No stand here.' })(
        job,
        stamp(),
      );
    const not = proof(SIZED, NOT_TESTED, 'not-tested');
    expect([title(not), standing(not)]).toEqual(['Not tested: no stand here.', 'done']);
    const good = proof(SIZED, 'suction', 'good');
    expect(title(good)).toBe('One check without a bench was made: it is good.');
    expect(title(proof(good, 'leak-down', 'bad'))).toBe('Dry leak-down: not good, No stand here.');
    expect(standing(proof(SIZED, 'hot-idle', 'later'))).toBe('work');
    expect(standing(testedJob(SIZED, idleTest(15)))).toBe('work');
    const all = testedJob(
      SIZED,
      idleTest(15),
      worked(47),
      worked(54, { point: 'free', pressure_bar: 0 }),
    );
    expect(standing(all)).toBe('done');
    expect(title(noteProof(NOT_TESTED, null)(not, stamp()))).toBe('Not tested yet.');
  });
});

describe('a cut', () => {
  it('leaves rubbish out, and says nothing where no flow was read', () => {
    const run = Array.from({ length: 60 }, (_, i) => ({
      t_s: i,
      flow_lpm: i % 20 === 7 ? 95 : 9.5 + 0.1 * Math.sin(i),
      bar: 8,
      rpm: i % 20 === 9 ? null : 700,
      oil_C: 90,
    }));
    const cut = cutOut(run, { from_s: 10, to_s: 60 })!;
    expect(cut.flow_lpm).toBeCloseTo(9.5, 1);
    expect([cut.samples, cut.left, cut.rpm]).toEqual([48, 2, 700]);
    expect(cutOut(run, { from_s: 100, to_s: 200 })).toBeNull();
  });
  it('lies between the least and the most that was read in it', () => {
    const flow = fc.double({ min: 1, max: 50, noNaN: true });
    fc.assert(
      fc.property(fc.array(flow, { minLength: 1, maxLength: 60 }), (flows) => {
        const run = flows.map((flow_lpm, t_s) => ({
          t_s,
          flow_lpm,
          bar: null,
          rpm: null,
          oil_C: null,
        }));
        const cut = cutOut(run, { from_s: 0, to_s: flows.length });
        expect(cut === null || cut.flow_lpm >= Math.min(...flows) - 1e-9).toBe(true);
        expect(cut === null || cut.flow_lpm <= Math.max(...flows) + 1e-9).toBe(true);
      }),
    );
  });
});
