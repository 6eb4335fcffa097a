import { stateOf } from '../guidance/evaluator';
import { dutyFlow, flowBasis, toMeasureForFlow } from '../flow/overview';
import { NO_SHEET_FLOW, type SheetFlow } from '../records/flow';
import type { Sheet } from '../records/sheet';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { jobWithSizes } from '../testing/worked';
import {
  benchWords,
  coldWords,
  deliversWords,
  displacementWords,
  lostWords,
  measureNextWords,
  missingWords,
  oilWords,
  pathLine,
  reachWords,
  rippleWords,
  stateWords,
  thinWords,
} from './flow';
import { bandWords, feedingWords, likelyWords } from './flowFigures';
import {
  dutyChangeWords,
  gainWords,
  planFlowWords,
  sizeWords,
  type ChecksStand,
  type PlanFlow,
} from './flowPlan';

const BAND = { lo: 12.4, mid: 15.2, hi: 17.1 };
const saying = (flow: Partial<SheetFlow>, more: Partial<Sheet> = {}): Sheet => ({
  ...VELTRANE_T6,
  ...more,
  flow: { ...NO_SHEET_FLOW, ...flow },
});
const basisOf = (sheet: Sheet, sizes: Readonly<Record<string, number>> = {}) => {
  const job = jobWithSizes(sizes, {}, sheet);
  return flowBasis(job, stateOf(job));
};

describe('a flow', () => {
  it('is written as finely as it is known, in both systems', () => {
    expect(bandWords(BAND, 'mm')).toBe('15 l/min (12 to 17)');
    expect(bandWords(BAND, 'thou')).toBe('4.0 gpm (3.3 to 4.5)');
    expect(bandWords({ lo: 17.9, mid: 18.04, hi: 18.1 }, 'mm')).toBe('18.0 l/min (17.9 to 18.1)');
    expect(bandWords({ lo: 5, mid: 5, hi: 5 }, 'mm')).toBe('5.0 l/min');
    expect(bandWords({ lo: 0, mid: 0, hi: 0 }, 'mm')).toBe('nothing');
    expect(bandWords({ lo: 0, mid: 0, hi: 0.8 }, 'mm')).toBe('up to 0.8 l/min');
    expect(likelyWords(BAND, 'mm')).toBe(
      'Anything from 12 to 17 l/min, by what is known of its gaps.',
    );
  });
  it('is held against what is wanted: with margin, perhaps, or not', () => {
    expect(feedingWords(BAND, 10)).toBe('That feeds the circuits with margin.');
    expect(feedingWords(BAND, 12)).toBe('That is enough for the circuits.');
    expect(feedingWords(BAND, 12, 0.5)).toBe(
      'That is enough for the circuits, if the gaps that nobody measured are as they should be.',
    );
    expect(feedingWords(BAND, 15)).toMatch(/may not/);
    expect(feedingWords(BAND, 18)).toMatch(/starve/);
    expect(feedingWords(BAND, null)).toBe('');
  });
});

describe('the page of a pump’s flow', () => {
  const fed = saying({
    demand: [{ name: 'All', idle_lpm: 14, idle_bar: 8, work_lpm: null, work_bar: null }],
  });
  it('opens with what is delivered of what, what is wanted, and where most is lost', () => {
    const worn = { 'pocket-depth': 20.2, 'drive-width': 20, 'driven-width': 20 };
    const basis = basisOf(fed, worn);
    const idle = dutyFlow(basis, 'idle');
    expect(deliversWords(idle, null, 'mm')).toMatch(
      /^At hot idle the pump delivers \d+(\.\d+)? of 19\.3 l\/min; the circuits want 14 l\/min\.$/,
    );
    expect(deliversWords(dutyFlow(basisOf(fed), 'idle'), null, 'mm')).toMatch(
      /^No gap is measured yet\. With usual ones, or by its limits, the pump would deliver \d+ of 19\.3 l\/min at hot idle; the circuits want 14/,
    );
    expect(lostWords(basis.subject, idle.flow!)).toMatch(
      /of what is lost goes over the gear faces\.$/,
    );
    expect(deliversWords(dutyFlow(basis, 'work'), null, 'thou')).toMatch(
      /^At working speed the pump delivers .* gpm\.$/,
    );
  });
  it('says what it rests on: state, oil, displacement, a test, what nobody measured', () => {
    const basis = basisOf(saying({ cc_rev: 29 }));
    const idle = dutyFlow(basis, 'idle');
    expect(stateWords(idle.at, 'mm')).toBe('700 rpm, 8 bar, 90 °C');
    expect(stateWords(idle.at, 'thou')).toBe('700 rpm, 116 psi, 194 °F');
    expect(oilWords(basis.fluid)).toBe('Oil: Transmission fluid, usual, assumed');
    expect(displacementWords(basis.subject.displacement)).toBe(
      '29.0 cm³ a turn, as published; the geometry has 27.6, 5% less',
    );
    expect(rippleWords(basis.subject.displacement)).toBe('Ripple 2.0%.');
    expect(benchWords(null)).toBe('');
    expect(
      benchWords({ K: 1.42, of: 'before', readings: 2, as: 'factor', isMeasured: true }),
    ).toMatch(/1\.4 times that of the model/);
    expect(
      benchWords({ K: 4.5, of: 'before', readings: 1, as: 'finding', isMeasured: true }),
    ).toMatch(/look for another cause/);
    expect(
      benchWords({ K: 0.2, of: 'before', readings: 1, as: 'finding', isMeasured: true }),
    ).toMatch(/lost only 0\.20 of what/);
    const usual = { K: 4.5, of: 'before', readings: 1, as: 'finding', isMeasured: false } as const;
    expect(benchWords(usual)).toMatch(/Measure the gaps/);
    expect(
      benchWords({ K: null, of: 'before', readings: 1, as: 'contradiction', isMeasured: true }),
    ).toMatch(/more than these sizes move/);
    expect(measureNextWords(basis.job.sheet, toMeasureForFlow(basis, idle.at), 'mm')).toMatch(
      /^To measure next: Drive gear tips to crescent\. .* l\/min of the flow hangs on it/,
    );
    expect(coldWords(basis.job.sheet, basis.subject)).toBe('');
    const bare = basisOf(saying({}, { materials: [] }));
    expect(coldWords(bare.job.sheet, bare.subject)).toMatch(
      /Heat is not counted at end clearance, drive gear/,
    );
    const thin = {
      fluid: { name: 'Fuel', kv40_mm2s: 0.6, kv100_mm2s: 0.35, density15_kgm3: 795 },
      from: 'job',
    } as const;
    expect(thinWords(thin, 60)).toMatch(/interpolated/);
    expect(thinWords(basis.fluid, 60)).toBe('');
  });
  it('asks for the sizes that an example’s geometry does not have, each with how it is taken', () => {
    for (const sheet of SHEETS) {
      const needs = Object.keys(sheet.geometry).filter((field) => field.endsWith('_mm'));
      const missing = basisOf({ ...sheet, examples: needs, nominal: [] }).subject.displacement
        .missing;
      expect(missing.length).toBeGreaterThan(0);
      for (const words of missingWords(sheet, missing)) {
        expect(words).toMatch(/^[A-Z].*: .+/);
        expect(words).not.toMatch(/undefined|flow\.take/);
      }
    }
    const unknown = basisOf(saying({}, { examples: ['module_mm'] }));
    expect(deliversWords(dutyFlow(unknown, 'idle'), null, 'mm')).toBe('The flow is not known yet');
  });
  it('lists each path with its gap, where that is from, and what it loses', () => {
    const basis = basisOf(saying({}), { 'pocket-depth': 20.05, 'drive-width': 20 });
    const lines = dutyFlow(basis, 'idle').flow!.paths.map((path) =>
      pathLine(basis.job.sheet, path, 1, 'mm'),
    );
    const line = (name: RegExp) => lines.find((l) => name.test(l.name));
    expect(line(/End clearance, drive gear/)).toMatchObject({ gap: '0.075 mm', note: '' });
    expect(line(/Driven gear to pocket/)?.note).toBe('not measured: by its limits');
    expect(line(/Drive gear tips/)?.note).toMatch(/a usual gap.*coarse/);
    expect(lines.every(({ flow, percent }) => /\d/.test(flow) && /\d/.test(percent))).toBe(true);
    // What a unit cannot tell from none is less than the least that it can: never *less than 0.00*.
    const least = { ...dutyFlow(basis, 'idle').flow!.paths[0]!, lpm: 0.02 };
    expect(pathLine(basis.job.sheet, least, 1, 'mm').flow).toBe('0.02');
    expect(pathLine(basis.job.sheet, least, 1, 'thou').flow).toBe('less than 0.01');
    expect(bandWords({ lo: 0, mid: 0, hi: 0.01 }, 'thou')).toBe(
      bandWords({ lo: 0, mid: 0, hi: 0 }, 'mm'),
    );
  });
  it('says that a pump does not reach what is asked', () => {
    const hard = saying({ idle: { rpm: 300, pressure_bar: 150, temp_C: 120 } });
    const basis = basisOf(hard, { 'pocket-depth': 20.4, 'drive-width': 20, 'driven-width': 20 });
    const idle = dutyFlow(basis, 'idle');
    expect(deliversWords(idle, null, 'mm')).toMatch(/delivers nothing of/);
    expect(reachWords(basis, idle, 'mm')).toMatch(
      /^It does not reach 150 bar: at about \d+(\.\d+)? bar/,
    );
    expect(reachWords(basisOf(saying({})), dutyFlow(basisOf(saying({})), 'idle'), 'mm')).toBe('');
  });
});

describe('what Decide says of the flow', () => {
  const after = { lo: 15, mid: 16, hi: 17 };
  const said = (flow: Partial<PlanFlow>, checks: Partial<ChecksStand> = {}) =>
    planFlowWords(
      { now_lpm: 15.2, idle: BAND, after: null, demand_lpm: null, unmeasured: 0, ...flow },
      { isOut: false, after: null, ...checks },
      'mm',
    );
  it('is what is delivered now, and after the work where that changes it', () => {
    expect(said({}).line).toBe('15 l/min (12 to 17)');
    expect(said({ after }).line).toBe(
      '15 l/min (12 to 17) now, 16 l/min (15 to 17) after the work',
    );
    // Written alike, the change itself is told.
    const [more, less] = [0.15, -0.15].map((by) =>
      said({ after: { ...BAND, mid: BAND.mid + by } }),
    );
    expect(more!.line).toBe('15 l/min (12 to 17) now, 0.15 l/min more after the work');
    expect(less!.line).toMatch(/now, 0\.15 l\/min less after the work$/);
    // So also where the one is known more finely than the other.
    const fine = { lo: 15.25, mid: 15.3, hi: 15.4 };
    expect(said({ after: fine }).line).toBe(
      '15 l/min (12 to 17) now, 0.10 l/min more after the work',
    );
    expect(said({ after: BAND, demand_lpm: 9 }).line).toBe(
      '15 l/min (12 to 17); the circuits want 9 l/min',
    );
    expect(said({ now_lpm: null, idle: null }).line).toMatch(/not known/);
    // While its band is drawn, or where that cannot be, the middle is told.
    expect(said({ idle: null }).line).toBe('15 l/min');
    expect(said({ idle: null, demand_lpm: 20 }, { isOut: true, after: 'come' }).fact).toBe('');
  });
  it('is a fact beside the verdicts, never instead of them', () => {
    expect(said({ after, demand_lpm: 20 }, { after: 'come' }).fact).toBe(
      'All checks come in, and the circuits still starve at hot idle.',
    );
    expect(said({ after, demand_lpm: 20 }, { after: 'stay' }).fact).toMatch(/^All checks stay in/);
    for (const stand of ['rest', 'unread', 'close', 'again', 'none'] as const) {
      expect(said({ after, demand_lpm: 20 }, { after: stand }).fact).toBe('');
    }
    expect(said({ after, demand_lpm: 16 }, { after: 'come' }).fact).toMatch(/not sure/);
    expect(said({ after, demand_lpm: 20 }).fact).toBe('');
    expect(said({ demand_lpm: 9 }, { isOut: true }).fact).toMatch(/still feeds its circuits/);
    expect(said({ demand_lpm: 12 }, { isOut: true }).fact).toBe('');
    expect(said({ demand_lpm: 9, unmeasured: 0.4 }, { isOut: true }).fact).toMatch(
      /with margin, if the gaps that nobody measured are as they should be\.$/,
    );
    // Before a gap is measured nothing is said of this very pump.
    expect(said({ demand_lpm: 9, unmeasured: 1 }, { isOut: true })).toEqual({
      line: 'no gap is measured yet',
      fact: '',
    });
    expect(said({ demand_lpm: 9 }).fact).toBe('');
    expect(gainWords(1.234, 'mm')).toBe('+1.2 l/min at hot idle');
    expect(gainWords(-0.4, 'mm')).toBe('−0.40 l/min at hot idle');
    expect([gainWords(0.01, 'mm'), gainWords(null, 'mm')]).toEqual(['', '']);
  });
  it('is of a wider pump what it moves, takes to turn and asks of the inlet', () => {
    expect(dutyChangeWords('idle', 10, 12, 11, 'mm')).toBe(
      'Hot idle: 12 l/min, before 10 l/min; the circuits want 11 l/min.',
    );
    expect(dutyChangeWords('idle', 17.8, 18.2, null, 'mm')).toBe(
      'Hot idle: 18.2 l/min, before 17.8 l/min.',
    );
    expect(dutyChangeWords('work', 18.2, 18.21, 20, 'mm')).toBe(
      'Working speed: 18 l/min, as before; the circuits want 20 l/min.',
    );
    const sizes = (cc: number) =>
      sizeWords(
        { before: 20, after: cc },
        { before: 5, after: cc / 4 },
        20,
        cc > 20 ? 'flow.widerAlso' : 'flow.otherAlso',
        'mm',
      );
    expect(sizes(22)).toMatch(
      /22\.0 cm³ a turn, before 20\.0\. At 20 bar it takes about 5\.5 Nm to turn, before 5\.0\. The inlet has to pass 10% more at the same speed\. Check with it: plates/,
    );
    const torque = { before: 59.5, after: 59.9 };
    expect(sizeWords({ before: 20, after: 20.1 }, torque, 20, 'flow.widerAlso', 'thou')).toMatch(
      /At 290\.1 psi it takes about 44\.2 lb·ft to turn, before 43\.9\./,
    );
    expect(sizes(16)).toMatch(/The inlet has to pass 20% less .* Check that it fits: bore/);
  });
});
