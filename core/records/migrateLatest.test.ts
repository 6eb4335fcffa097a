import { NO_HEADING } from './heading';
import { PLAIN_PAPER } from './paper';
import { TESTED_AS_THE_SHEET } from './testing';
import { readFileSync } from 'node:fs';
import { assessJob } from '../guidance/evaluator';
import { buildList, type StepState } from '../assembly/list';
import { reversalOf } from '../assembly/reversal';
import { foundOn } from '../causes/found';
import { comebackOf, wentOutOn } from '../journal/comebacks';
import { ledgerOf } from '../journal/ledger';
import { quoteOf, signaturesOf } from '../journal/signed';
import { readFile } from './readFile';

/** Returns what a version wrote, and what it made of it; see fixtures/README.md. */
const written = (name: string): string => readFileSync(`fixtures/${name}.json`, 'utf8');

/** Says what version 16 has of a sheet of before: nothing of a test. */
const TEST_SINCE = { testPoints: [], testFluid: null };

/** Says what versions 17 and 18 have of a job of before: nothing was chosen for its report, and it was never here before. */
const JOB_SINCE = { paper: PLAIN_PAPER, visit: null };

describe('a backup of version 13', () => {
  const backup = readFile(written('v13/backup'));
  const raw = JSON.parse(written('v13/backup')) as Readonly<
    Record<'jobs' | 'sheets', Record<string, unknown>[]>
  >;
  const was = JSON.parse(written('v13/expected')) as Record<
    string,
    { build: Record<string, StepState> }
  >;
  const bare = (record: object) => ({ ...record, schema: 0, sheet: 0 });
  const since = (job: object) => ({ ...bare(job), testing: TESTED_AS_THE_SHEET, ...JOB_SINCE });

  it('keeps every field to the letter, and no sheet has a photo', () => {
    expect(backup.jobs.map(bare)).toEqual(raw.jobs.map(since));
    expect(backup.sheets.map(bare)).toEqual(
      raw.sheets.map((sheet) => ({ ...bare(sheet), photos: [], ...TEST_SINCE })),
    );
    expect(backup.jobs.map(({ sheet }) => sheet.photos)).toEqual([[], [], []]);
  });

  it('has each step of its build as it stood, with what the tries showed', () => {
    for (const job of backup.jobs) {
      const items = buildList(job, assessJob(job), reversalOf);
      const is = items.map(({ step, state }) => [step.id, state]);
      expect(Object.fromEntries(is)).toEqual(was[job.id]!.build);
    }
    const [crescent] = backup.jobs;
    expect(ledgerOf(crescent!).trials.map(({ answer }) => answer)).toContain('a nick');
    const bolts = buildList(crescent!, []).find(({ step }) => step.id === 'fasten-2')?.torquing;
    expect([bolts?.unit, bolts?.next]).toEqual(['lbft', { stage: 0, bolt: 6 }]);
  });
});

describe('a backup of version 14', () => {
  const backup = readFile(written('v14/backup'));
  const raw = JSON.parse(written('v14/backup')) as Readonly<
    Record<'jobs' | 'sheets', Record<string, unknown>[]>
  >;
  const was = JSON.parse(written('v14/expected')) as Record<
    string,
    { build: Record<string, StepState> }
  >;
  const bare = ({ sheet: _, ...record }: Record<string, unknown>) => ({ ...record, schema: 0 });

  it('keeps every field to the letter, and nobody has said why a pump failed', () => {
    const jobs = backup.jobs as unknown as Record<string, unknown>[];
    expect(jobs.map(bare)).toEqual(
      raw.jobs.map((job) => ({ ...bare(job), testing: TESTED_AS_THE_SHEET, ...JOB_SINCE })),
    );
    expect(backup.sheets).toEqual(
      raw.sheets.map((sheet) => ({ ...sheet, ...TEST_SINCE, schema: 13 })),
    );
    for (const job of backup.jobs) {
      expect([ledgerOf(job).told, ledgerOf(job).causes]).toEqual([[], []]);
      const items = buildList(job, assessJob(job), reversalOf);
      const is = items.map(({ step, state }) => [step.id, state]);
      expect(Object.fromEntries(is)).toEqual(was[job.id]!.build);
    }
  });

  it('tells why a pump failed by what was found then', () => {
    const [crescent] = backup.jobs;
    const { signs } = foundOn(crescent!, assessJob(crescent!));
    expect([...signs]).toEqual(expect.arrayContaining(['vent-blocked', 'groove-open-to-seal']));
  });
});

describe('a backup of version 15', () => {
  const backup = readFile(written('v15/backup'));
  const raw = JSON.parse(written('v15/backup')) as Readonly<
    Record<'jobs' | 'sheets', Record<string, unknown>[]>
  >;
  const bare = ({
    testing: _,
    paper: ___,
    visit: ____,
    sheet: __,
    ...record
  }: Record<string, unknown>) => ({
    ...record,
    schema: 0,
  });

  it('keeps every field to the letter, and nobody has tested anything', () => {
    const jobs = backup.jobs as unknown as Record<string, unknown>[];
    expect(jobs.map(bare)).toEqual(raw.jobs.map(bare));
    const sheets = backup.sheets.map(({ testPoints, testFluid, ...sheet }) => {
      expect([testPoints, testFluid]).toEqual([[], null]);
      return bare(sheet);
    });
    expect(sheets).toEqual(raw.sheets.map(bare));
    for (const job of backup.jobs) {
      expect([ledgerOf(job).tests, ledgerOf(job).proofs]).toEqual([[], []]);
      expect(job.testing).toEqual({ points: null, fluid: null });
    }
    expect(backup.traces).toEqual([]);
  });

  it('has what was told of the pump, and why a person says it failed', () => {
    const { told, causes } = ledgerOf(backup.jobs[0]!);
    expect(told.map(({ of, answer }) => [of, answer])).toContainEqual(['SB', 'yes']);
    expect(causes.map(({ words }) => words)).toContain('The drain was painted shut.');
  });
});

describe('a backup of version 16', () => {
  const backup = readFile(written('v16/backup'));
  const raw = JSON.parse(written('v16/backup')) as Readonly<
    Record<'jobs' | 'traces', Record<string, unknown>[]> & Record<'shop', object>
  >;
  const bare = ({ paper: _, visit: ___, sheet: __, ...record }: Record<string, unknown>) => ({
    ...record,
    schema: 0,
  });

  it('keeps every field to the letter, and nothing is chosen for a report', () => {
    const jobs = backup.jobs as unknown as Record<string, unknown>[];
    expect(jobs.map(bare)).toEqual(raw.jobs.map(bare));
    expect(backup.traces).toEqual(raw.traces);
    expect(backup.shop).toEqual({ ...raw.shop, schema: 11, heading: NO_HEADING, searches: [] });
    for (const job of backup.jobs) {
      expect(job.paper).toEqual(PLAIN_PAPER);
      expect([ledgerOf(job).signatures, ledgerOf(job).quotes]).toEqual([[], []]);
    }
  });

  it('has its test with the run that it was cut out of, and what was put off', () => {
    const [crescent, gear] = backup.jobs;
    expect(ledgerOf(crescent!).tests.map(({ run }) => run)).toEqual(['run-1']);
    expect(ledgerOf(gear!).proofs.map(({ due }) => due)).toEqual(['2026-12-20']);
  });
});

describe('a backup of version 17', () => {
  const backup = readFile(written('v17/backup'));
  const raw = JSON.parse(written('v17/backup')) as Readonly<
    Record<'jobs', (Record<string, unknown> & { journal: object[] })[]> & Record<'shop', object>
  >;
  const bare = ({ visit: _, sheet: __, ...record }: Record<string, unknown>) => ({
    ...record,
    schema: 0,
  });

  it('keeps every field to the letter, nobody has said whose make a part is, and nothing came back', () => {
    const jobs = backup.jobs as unknown as Record<string, unknown>[];
    const made = raw.jobs.map(({ journal, ...job }) => ({
      ...job,
      journal: journal.map((e) => ('work' in e ? { ...e, make: '' } : e)),
    }));
    expect(jobs.map(bare)).toEqual(made.map(bare));
    expect(backup.shop).toEqual({ ...raw.shop, schema: 11, searches: [] });
    expect(backup.jobs.flatMap((job) => ledgerOf(job).operations)).toHaveLength(2);
    for (const job of backup.jobs) expect([job.visit, comebackOf(job)]).toEqual([null, null]);
  });

  it('has its quote and its signature, and went out on the day of that', () => {
    const [crescent] = backup.jobs;
    expect(quoteOf(crescent!)?.state).toBe('approved');
    expect(signaturesOf(crescent!).map(({ entry }) => entry.name)).toEqual(['Ann']);
    expect(wentOutOn(crescent!)).toBe('2026-12-01');
  });
});
