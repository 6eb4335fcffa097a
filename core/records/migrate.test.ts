import type { ShopUnit } from '../quantity/units';
import { explain } from '../wording/verdict';
import { assessJob } from '../guidance/evaluator';
import { readFileSync } from 'node:fs';
import { ledgerOf } from '../journal/ledger';
import { reportOf, type Report, type ReportRow } from '../report/report';
import { pumpOf } from '../pumps/registry';
import { dateText } from '../wording/date';
import { decode } from './decode';
import { JOB_SCHEMA, type Job } from './job';
import { readFile } from './readFile';
import { FileError } from './problems';

/** Holds the records that version 1 wrote, and what it made of them; see fixtures/README.md. */
const text = readFileSync('fixtures/v1/backup.json', 'utf8');
/** Moments were written year first, whatever the locale. */
const datesNow = (words: string): string =>
  words.replace(/(\d{4}-\d\d-\d\d) (\d\d:\d\d) UTC/g, (_, day, time) =>
    dateText(`${day}T${time}:00Z`, 'zoned'),
  );
const expected = JSON.parse(datesNow(readFileSync('fixtures/v1/expected.json', 'utf8'))) as Record<
  string,
  { verdicts: Record<string, string>; report: Report; thou: ReportRow[] }
>;

type Item = Record<string, unknown> & { id: string; struck: { why: string } | null };
type Old = Record<'readings' | 'findings' | 'strip' | 'also', Item[]> & {
  id: string;
  zeros: Record<string, unknown>[];
};

const old = JSON.parse(text) as { jobs: Old[]; sheets: object[]; studies: object[]; shop: object };
const now = readFile(text);
const cases = old.jobs.map((before, i) => [before.id, before, now.jobs[i]!] as const);

/** The swings of this job were made with a lever: their uncertainty is scaled now, as their value was. */
const LEVERED = { job: 'v1-every-kind', row: 'Backlash' };

/** A tilt has two directions to be off in now, and one that may be none is said to be at most so much. */
const TILT = 'Floor tilt';

/** Lists the sums: one with a bracket in it is an interval now, and open while sizes can tell more of it. */
const sums = (job: Job) => pumpOf(job.sheet).characteristics.filter((c) => c.sum);

/** Returns the verdicts that are as they were: all but those of sums that sizes can still settle. */
const asWere = (job: Job, was: Readonly<Record<string, string>>, is = was) =>
  Object.fromEntries(
    Object.entries(is).filter(
      ([id]) => was[id] !== 'close' || !sums(job).some((sum) => sum.id === id),
    ),
  );

/** Maps the names that characteristics had then to those that they have now. */
const RENAMED: readonly (readonly [RegExp, string])[] = [
  [/^Face gap/, 'End clearance'],
  [/^Side gap/, 'Side clearance'],
  [/^Face with cover/, 'Total end clearance'],
  [/^Side with cover/, 'Total side clearance'],
  [/End with (cover|plates)/, 'Total end clearance'],
  [/to wall$/, 'to pocket'],
  [/^Hub in/, 'Hub to'],
  [/^Tip, lobe on lobe/, 'Tip clearance'],
  [/^Vane left in slot/, 'Vane engagement'],
  [/Body track/, 'Body cut-in'],
  [/shaft gear/, 'drive gear'],
  [/, idler/, ', driven gear'],
];

const nameNow = (name: string): string =>
  RENAMED.reduce((text, [was, is]) => text.replace(was, is), name);

/** Lists the figures of a text: words may be put better, what they say of a pump may not change. */
const figures = (words: string): string => (words.match(/\d+(?:\.\d+)?/g) ?? []).join(' ');

/**
 * Returns what of a row is compared: the extreme of several readings reaches farther to one side now, and how
 * far is not compared, nor what a gap too close to call is advised. The hot gap is a range now.
 */
const rowFigures = (row: ReportRow) => ({
  name: nameNow(row.name),
  verdict: row.verdict,
  limits: figures(row.limits),
  hot: row.hot === '–' ? '–' : 'said',
  reason: figures(
    row.reason
      .replace(/ (mm|thou|in)\b/g, '')
      .replace(/± [\d.]+|\+[\d.]+ −[\d.]+/g, '±')
      .replace(/(likely in\.).*/, '$1'),
  ),
});

/** Sections that count surfaces, of which there are more now. */
const COUNTING = ['Looked at', 'Visual inspection', 'Skipped', 'Not done'];

/** A plug in the inlet side was noted and called right: what it does to the seal is said now, and so is why a pump failed. */
const SAID_NOW = ['Found the wrong way round', 'Why it failed'];

/** Lists the figures of each section but of those that count. A body is found, not ordered. */
const sectionFigures = (sections: Report['sections']) =>
  sections
    .filter(({ title }) => !COUNTING.includes(title) && !SAID_NOW.includes(title))
    .map((s) => s.lines.filter((l) => !l.startsWith('1 × Body')).map(figures));

describe('a backup of version 1', () => {
  it('opens with every record', () => {
    expect(now.jobs).toHaveLength(old.jobs.length);
    expect(now.sheets).toHaveLength(old.sheets.length);
    expect([now.studies.length, now.photos.length, now.shop?.person]).toEqual([1, 1, 'Runa T.']);
    expect(now.shop).toMatchObject({ spelling: 'device', shortcuts: true });
    expect(now.shop?.feelers[1]).toMatchObject({ name: 'Inch set', mics: [], tolerance_mm: 0 });
    expect(now.shop?.instruments.every((i) => i.own_mm === i.u_mm / 2)).toBe(true);
  });

  it.each(cases)('%s keeps every entry, in order, and who voided it and why', (_, before, job) => {
    const ledger = ledgerOf(job);
    for (const list of ['readings', 'findings', 'strip', 'also'] as const) {
      expect(ledger[list].map((e) => [e.id, e.at, e.by, e.voided])).toEqual(
        before[list].map((e) => [e.id, e.at, e.by, e.struck]),
      );
    }
    expect(ledger.zeros.map(({ read_mm, at }) => ({ read_mm, at }))).toEqual(
      before.zeros.map(({ read_mm, at }) => ({ read_mm, at })),
    );
    for (const [i, reading] of before.readings.entries()) {
      const { dimension: _d, station: _s, u_mm: _u, struck: voided, ...same } = reading;
      expect(ledger.readings[i]).toMatchObject({ ...same, voided });
    }
  });

  it.each(cases)('%s is judged as it was', (id, _, job) => {
    const verdicts = assessJob(job).map((a) => [a.characteristic.id, a.verdict]);
    const was = expected[id]!.verdicts;
    const is = Object.fromEntries(verdicts) as Record<string, string>;
    expect(asWere(job, was, is)).toMatchObject(asWere(job, was));
    // What is measured nowadays and was not then is open.
    const added = Object.keys(is).filter((c) => !(c in was));
    expect(added.map((c) => is[c])).toEqual(added.map(() => 'open'));
  });

  it.each(cases)('%s reports what it did, whatever the words', (id, _, job) => {
    const summed = sums(job).map((c) => c.name);
    const kept = ({ name }: ReportRow) =>
      name !== TILT &&
      !summed.includes(nameNow(name)) &&
      (id !== LEVERED.job || name !== LEVERED.row);
    // A report of today says in its columns what a reason of before said: it is held against the whole reason.
    const all = assessJob(job);
    const withReasons = (unit: ShopUnit) =>
      reportOf(job, unit).rows.map((row) => {
        const a = all.find(({ characteristic }) => characteristic.name === row.name);
        return a ? { ...row, reason: explain(a, job.sheet, unit, job.rules) } : row;
      });
    const rows = (of: readonly ReportRow[]) =>
      of
        .filter(kept)
        .map(rowFigures)
        .sort((a, b) => a.name.localeCompare(b.name));
    const { report, thou } = expected[id]!;
    const again = reportOf(job, 'mm');
    expect(rows(withReasons('mm'))).toEqual(rows(report.rows));
    expect(rows(withReasons('thou'))).toEqual(rows(thou));
    expect(sectionFigures(again.sections)).toEqual(sectionFigures(report.sections));
    expect(again.pump).toBe(report.pump);
    expect(again.notMeasured).toEqual(report.notMeasured.map(nameNow));
    expect([again.facts, again.struck].map((list) => list.flat().map(figures))).toEqual(
      [report.facts, report.struck].map((list) => list.flat().map(figures)),
    );
    expect(again.hands).toEqual(report.hands);
    expect(again.zeros.map(figures)).toEqual(report.zeros.map(figures));
    if (report.rows.every((row) => row.verdict !== 'close' || kept(row))) {
      expect(again.overall.verdict).toBe(report.overall.verdict);
      // So many of each verdict as the report of before counted.
      const judged = all.filter((a) => a.limits !== null);
      const counts = (['in', 'out', 'close', 'open'] as const)
        .map((v) => judged.filter((a) => a.verdict === v).length)
        .filter((n) => n > 0);
      expect(counts.join(' ')).toBe(figures(report.overall.words));
    }
    const others = (r: Report) =>
      r.rows
        .filter((row) => !kept(row))
        .map(({ name, verdict }) => [nameNow(name), verdict] as const)
        .sort(([a], [b]) => a.localeCompare(b));
    const closeToOpen = others(report).map(([name, was]) => [
      name,
      was === 'close' && name !== TILT ? 'open' : was,
    ]);
    expect(others(again)).toEqual(closeToOpen);
  });

  it('splits the widths of two gears, with their nominal size', () => {
    const stack = now.sheets.find((s) => s.family === 'external-gear')!;
    const width = (id: string) => stack.nominal.find((n) => n.dimension === id)?.value_mm;
    expect(width('drive-width')).toBeGreaterThan(0);
    expect(width('idler-width')).toBe(width('drive-width'));
    expect(width('gear-width')).toBeUndefined();
  });
});

describe('a record', () => {
  const problems = (value: unknown) => {
    try {
      decode('job', value);
    } catch (error) {
      if (error instanceof FileError) return error.problems;
      throw error;
    }
    return [];
  };
  const v1 = () => structuredClone(old.jobs.at(-1)!) as unknown as Record<string, unknown>;

  it('of a newer version is refused, and says so', () => {
    expect(problems({ ...v1(), schema: JOB_SCHEMA + 1 })).toEqual([
      { place: 'schema', message: expect.stringMatching(/newer Dial Bench/) as string },
    ]);
  });
  it('of an older shape than its version says is refused', () => {
    const said = problems({ ...v1(), schema: 2 }).map((p) => `${p.place} ${p.message}`);
    expect(said.join()).toMatch(/journal/);
    const { also: _, ...less } = v1();
    expect(problems(less)).toEqual([{ place: 'also', message: 'Missing, or not a list' }]);
    const [first, ...rest] = v1().readings as object[];
    const { struck: _s, ...unsaid } = first as Record<string, unknown>;
    expect(problems({ ...v1(), readings: [unsaid, ...rest] })[0]?.place).toBe('readings[0].struck');
  });
  it.each([null, 7, 'text', [], { schema: 'one' }, {}, { schema: 1 }])(
    'that is none (%j) is refused without harm',
    (value) => expect(problems(value).length).toBeGreaterThan(0),
  );
  it('with an id twice gets another for the second, and loses neither', () => {
    const job = v1();
    const readings = job.readings as Item[];
    const twice = [...readings, { ...readings[0]!, struck: null }];
    const opened = decode('job', { ...job, readings: twice });
    expect(ledgerOf(opened).readings).toHaveLength(twice.length);
    expect(new Set(opened.journal.map((e) => e.id)).size).toBe(opened.journal.length);
  });
});

describe('a backup of version 2', () => {
  const backup = readFile(readFileSync('fixtures/v2/backup.json', 'utf8'));
  const was = JSON.parse(readFileSync('fixtures/v2/expected.json', 'utf8')) as typeof expected;
  const opened = backup.jobs.map((job) => [job.id, job] as const);
  const raw = JSON.parse(readFileSync('fixtures/v2/backup.json', 'utf8')) as {
    sheets: { limits: { gasket: string }[] }[];
  };

  it('opens with every record', () => {
    expect(
      [backup.jobs, backup.sheets, backup.studies, backup.photos].map((l) => l.length),
    ).toEqual([Object.keys(was).length, raw.sheets.length, 1, 1]);
    expect(backup.shop?.rules.record).toBe('verdict');
  });
  it.each(opened)('%s is judged as it was, but for sums that sizes can settle', (id, job) => {
    const is = Object.fromEntries(assessJob(job).map((a) => [a.characteristic.id, a.verdict]));
    expect(asWere(job, was[id]!.verdicts, is)).toMatchObject(asWere(job, was[id]!.verdicts));
  });
  it('says in bench words what its face limits are for', () => {
    const words = { counted: 'bare', 'not-counted': 'assembled' } as Record<string, string>;
    expect(backup.sheets.map((s) => s.limits.map((l) => l.gasket))).toEqual(
      raw.sheets.map((s) => s.limits.map((l) => words[l.gasket])),
    );
  });
  it('takes a gerotor for the engine oil pump that it was', () => {
    const gerotors = backup.sheets.filter((s) => s.family === 'gerotor');
    expect(gerotors.length).toBeGreaterThan(0);
    for (const { geometry } of gerotors) expect(geometry).toMatchObject({ use: 'oil-pump' });
  });
});
