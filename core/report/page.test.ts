import { noteProof } from '../commands/testing';
import { sayCause } from '../commands/blaming';
import { stateOf } from '../guidance/evaluator';
import { record } from '../journal/commands';
import { NOT_TESTED } from '../prove/checks';
import { emptyJob } from '../practice/job';
import type { Job } from '../records/job';
import { measuredJob, jobWithSizes } from '../testing/worked';
import { AT } from '../testing/readings';
import { idleTest, testedJob } from '../testing/tests';
import { faced, found, stamp, workOn } from '../testing/findings';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { PAGE_SECTIONS, pageOf, type ReportForm, type ReportUnit } from './page';
import { firstSentences } from './sentences';

const FORMS: readonly ReportForm[] = ['owner', 'full'];
const sentencesOf = (job: Job) => firstSentences(job, stateOf(job), 'mm');
const rowsOf = (job: Job, form: ReportForm, id: string, unit: ReportUnit = 'mm') =>
  pageOf(job, form, unit).sections.find((section) => section.id === id)!.rows;

const tested = (job: Job, flow_lpm: number, from: 'typed' | 'simulated' = 'typed'): Job =>
  testedJob(job, idleTest(flow_lpm, { half95_lpm: 0.1, from }));

const WORN = measuredJob(VELTRANE_T6, 0.9, 4);

describe('the first two sentences', () => {
  it('say what was done and how the checks stand, by name where they are few', () => {
    const [nothing, untested] = sentencesOf(emptyJob(VELTRANE_T6, AT));
    expect([nothing, untested]).toEqual(['Nothing is measured yet.', 'Not tested.']);
    const out = sentencesOf(jobWithSizes({ 'pocket-depth': 20.3, 'drive-width': 20 }))[0];
    expect(out).toMatch(
      /^\d of \d+ checks out: .*end clearance, drive gear.* No work is done on it yet\.$/,
    );
    const done = faced(record(WORN, workOn('bushing', 'exchanged')), 0.03);
    expect(sentencesOf(done)[0]).toMatch(
      /^(Bushing replaced; body faced by 0\.03 mm|Bushing replaced and body faced by 0\.03 mm|Body faced by 0\.03 mm; bushing replaced).*: /,
    );
  });
  it('say what Look condemned and is in still, until another is', () => {
    const bushing = record(WORN, found('bushing', { decided: 'replace' }));
    expect(sentencesOf(bushing)[0]).toMatch(/ Condemned by eye and still in: bushing\.$/);
    const other = record(bushing, workOn('bushing', 'exchanged'));
    expect(sentencesOf(other)[0]).not.toContain('Condemned');
  });
  it('say that a test was before the last work', () => {
    expect(sentencesOf(faced(tested(WORN, 12), 0.01))[1]).toBe(
      'Not tested since the last work on it.',
    );
  });
  it('say that a pump was given up first of all', () => {
    const closed = { ...WORN, closed: { at: AT, by: '', why: 'cracked at the ear' } };
    expect(sentencesOf(closed)[0]).toMatch(
      /^Not rebuilt: Cracked at the ear\. |^Not rebuilt: cracked at the ear\. /,
    );
  });
  it('say what a test showed beside what the pump came with, and that it was simulated', () => {
    const before = [{ drive_rpm: 700, ratio: 1, flow_lpm: 10, pressure_bar: 8, oil_C: 88 }];
    const flow = {
      ...WORN.flow,
      demand: [{ name: '', idle_lpm: 9, idle_bar: 8, work_lpm: null, work_bar: null }],
    };
    expect(sentencesOf(tested({ ...WORN, before, flow }, 12.6))[1]).toMatch(
      /^Tested at (hot idle|700 rpm, 8 bar): 12\.6 l\/min, 2\.6 more than it came with\./,
    );
    expect(sentencesOf(tested({ ...WORN, flow }, 12.6))[1]).toBe(
      'Tested at hot idle: 12.6 l/min. Enough: at least 9 l/min is wanted.',
    );
    expect(sentencesOf(tested(WORN, 12.6, 'simulated'))[1]).toBe(
      'Tested at hot idle on a simulated stand: 12.6 l/min.',
    );
    const not = noteProof(NOT_TESTED, {
      answer: 'not-tested',
      value_bar: null,
      due: null,
      remark: 'No stand',
    });
    expect(sentencesOf(not(WORN, stamp()))[1]).toBe('Not tested: no stand.');
  });
});

describe('the parts of a report', () => {
  it.each(SHEETS.map((sheet) => [sheet.model, sheet] as const))(
    'stand in their order in either form, and no cell is odd: %s',
    (_, sheet) => {
      const job = measuredJob(sheet, 0.8, 3);
      for (const form of FORMS) {
        for (const unit of ['mm', 'thou', 'both'] as const) {
          const page = pageOf(job, form, unit);
          expect(page.sections.map(({ id }) => id)).toEqual(PAGE_SECTIONS);
          const cells = [
            ...page.sentences,
            ...page.open,
            ...page.sections.flatMap(({ rows }) => rows.flat()),
          ];
          expect(cells.filter((cell) => /NaN|undefined|null|Infinity/.test(cell))).toEqual([]);
        }
      }
    },
  );
  it('have every check with its limit and its source for the next rebuilder, what is not in for the owner', () => {
    const limited = WORN.sheet.limits.filter(({ tier }) => tier === WORN.tier);
    const full = rowsOf(WORN, 'full', 'measured');
    expect(full.length).toBeGreaterThanOrEqual(limited.length);
    for (const [, , , limits, source] of full) {
      if (limits !== 'none') expect(source).toContain('Invented');
    }
    const owner = rowsOf(WORN, 'owner', 'measured');
    expect(owner.length).toBeLessThan(full.length);
    const told = owner.filter((cells) => cells.length > 1);
    expect(told.every((cells) => cells.at(-1) !== 'In')).toBe(true);
    expect(rowsOf(WORN, 'owner', 'found').length).toBeLessThanOrEqual(
      rowsOf(WORN, 'full', 'found').length,
    );
  });
  it('have figures of both systems side by side', () => {
    const [row] = rowsOf(WORN, 'full', 'measured', 'both');
    expect(row![3]).toMatch(/ mm \(.* thou\)$/);
  });
  it('say what is open: what nobody measured, did or tested', () => {
    const { open, sections } = pageOf(emptyJob(VELTRANE_T6, AT), 'full', 'mm');
    expect(open).toContain('Not tested.');
    expect(open.some((line) => line.startsWith('Not measured: '))).toBe(true);
    expect(sections.find(({ id }) => id === 'open')!.rows.flat()).toEqual(open);
    expect(pageOf(tested(WORN, 12), 'full', 'mm').open).not.toContain('Not tested.');
  });
  it('say of a pump that was given up neither that it is untested nor what to watch', () => {
    const closed = { ...WORN, closed: { at: AT, by: '', why: 'cracked' } };
    const page = pageOf(closed, 'owner', 'mm');
    expect(page.open).not.toContain('Not tested.');
    expect(rowsOf(closed, 'owner', 'watch')).toEqual([]);
  });
  it('name checks that were read and are not settled', () => {
    const half = jobWithSizes({ 'pocket-depth': 20.06 });
    const { open } = pageOf(half, 'owner', 'mm');
    const named = (start: string) => open.filter((line) => line.startsWith(start)).length;
    expect(named('Not measured: ') + named('Not settled: ')).toBeGreaterThanOrEqual(4);
  });
  it('say what to watch: what is due, what changes on the machine, what is told with the pump', () => {
    const due = noteProof('hot-idle', {
      answer: 'later',
      value_bar: null,
      due: '2027-01-08',
      remark: '',
    });
    const cause = sayCause({
      cause: '',
      answer: 'taken',
      words: 'The cooler was blocked',
      change: [{ words: 'Flush the cooler.', when: 'machine', replaces: [] }],
    });
    const rows = rowsOf(cause(due(WORN, stamp()), stamp()), 'owner', 'watch').flat();
    expect(rows.slice(0, 2)).toEqual([
      'Follow up on 8 Jan 2027: pressure at hot idle.',
      'Flush the cooler.',
    ]);
    expect(rows.length).toBeGreaterThan(2);
  });
});
