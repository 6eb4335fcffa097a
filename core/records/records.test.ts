import Ajv from 'ajv/dist/2020';
import schema from '../../docs/file-format.schema.json';
import { reportOf } from '../report/report';
import { plainCell } from './csvCell';
import { readingsCsv } from '../report/csv';
import { ledgerOf } from '../journal/ledger';
import { measure } from '../practice/hand';
import { hiddenOf } from '../practice/hidden';
import { emptyJob } from '../practice/job';
import { evenFrom } from '../random';
import { relisted } from '../testing/relisted';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { inUnit, NEW_SHOP } from './shop';
import { FILE_VERSION, writeFile } from './fileFormat';
import { readFile } from './readFile';
import { FileError } from './problems';
import { fileJsonSchema } from './jsonSchema';
import type { Job } from './job';

/** A record as a careless hand might change it. */
type LooseRecord = Record<string, unknown> & { limits: LooseItems; journal: LooseItems };
type LooseItem = Record<string, unknown>;
type LooseItems = [LooseItem, LooseItem, LooseItem, ...LooseItem[]];
type Loose = [LooseRecord, LooseRecord, ...LooseRecord[]];

const BEGIN = new Date('2026-11-20T09:00:00.000Z');

/** Returns a job of a simulated pump whose gaps are as given, measured as the app leads. */
function measuredJob(tag: string, gaps: Readonly<Record<string, number>>, most?: number): Job {
  const job: Job = {
    ...emptyJob(VELTRANE_T6, BEGIN.toISOString()),
    id: tag,
    tag,
    clean: { at: BEGIN.toISOString(), by: 'Ivo K.', state: 'dry' },
  };
  const hidden = hiddenOf(VELTRANE_T6, 'service', 0.3, gaps, evenFrom(7));
  return measure(job, hidden, { instruments: NEW_SHOP.instruments, zeros: [] }, BEGIN, most);
}

const HALF = measuredJob('T-17', {}, 5);
const WORN = measuredJob('T-9', { 'cover-wear': 0.04, 'face-drive': 0.07 });
const FILE = writeFile({ jobs: [HALF, WORN], sheets: [...SHEETS] }, '2026-11-23T10:00:00.000Z');
const parsed = () =>
  JSON.parse(FILE) as { version: number; format: string; jobs: Loose; sheets: Loose };

function problemsOf(text: string) {
  try {
    readFile(text);
  } catch (error) {
    if (error instanceof FileError) return error.problems;
    throw error;
  }
  return [];
}

/** Returns the readings of the first job. */
const readings = (file: ReturnType<typeof parsed>) =>
  file.jobs[0].journal.filter((e) => e.kind === 'leaf') as LooseItems;
const changed = (change: (file: ReturnType<typeof parsed>) => void) => {
  const file = parsed();
  change(file);
  return problemsOf(JSON.stringify(file));
};

describe('a file', () => {
  it('reads back what was written', () => {
    const { jobs, sheets } = readFile(FILE);
    const again = readFile(writeFile({ jobs, sheets }, '2026-11-23T10:00:00.000Z'));
    expect(again.jobs).toEqual(jobs);
    expect(again.sheets).toEqual(sheets);
  });

  it('is published with a schema that is the one it is checked by', () => {
    expect(schema).toEqual(JSON.parse(JSON.stringify(fileJsonSchema())));
  });

  it('holds to the published schema', () => {
    const validate = new Ajv({ strict: true, allErrors: true }).compile(schema);
    validate(parsed());
    expect(validate.errors).toBeNull();
  });

  it('of a field more is refused by the published schema as well', () => {
    const validate = new Ajv({ strict: true }).compile(schema);
    const file = parsed();
    file.jobs[0].colour = 'red';
    expect(validate(file)).toBe(false);
  });

  it('that was cut short says where', () => {
    const [problem] = problemsOf(FILE.slice(0, 5000));
    expect(problem!.message).toMatch(/cut short/);
    expect(problem!.place).toMatch(/^line \d+, column \d+$/);
  });

  it.each([
    ['', /empty/],
    ['hello', /Not readable|cut short/],
    ['[1, 2]', /does not name its format/],
    ['{"format":"other"}', /Not a Dial Bench file/],
    ['null', /does not name its format/],
  ])('%j is refused', (text, message) => {
    expect(problemsOf(text)[0]!.message).toMatch(message);
  });

  it('of a newer version is refused, and says so', () => {
    expect(changed((f) => (f.version = FILE_VERSION + 1))).toEqual([
      { place: 'version', message: expect.stringMatching(/newer Dial Bench/) as string },
    ]);
  });

  it.each<[string, (file: ReturnType<typeof parsed>) => void, RegExp]>([
    [
      'an upper limit below the lower',
      (f) => (f.sheets[0].limits[0].upper_mm = 0.001),
      /^sheets\[0\]\.limits\[0\]\.upper_mm$/,
    ],
    [
      'a felt that is none',
      (f) => (readings(f)[1].felt = 'tight'),
      /^jobs\[0\]\.journal\[\d+\]\.felt$/,
    ],
    [
      'a leaf below zero',
      (f) => (readings(f)[0].leaves_mm = [-1]),
      /^jobs\[0\]\.journal\[\d+\]\.leaves_mm\[0\]$/,
    ],
    ['a tier that the sheet has not', (f) => (f.jobs[0].tier = 'gold'), /^jobs\[0\]\.tier$/],
    [
      'a place that the pump has not',
      (f) => (readings(f)[2].station = '13'),
      /^jobs\[0\]\.journal\[\d+\]$/,
    ],
    ['a family that is none', (f) => (f.sheets[0].family = 'turbine'), /^sheets\[0\]\.family$/],
    ['a field too many', (f) => (f.jobs[0].colour = 'red'), /^jobs\[0\]$/],
    ['a number as text', (f) => (f.jobs[1].revision = '3'), /^jobs\[1\]\.revision$/],
    ['a moment that is none', (f) => (f.jobs[0].createdAt = 'yesterday'), /^jobs\[0\]\.createdAt$/],
  ])('with %s is refused at its place', (_, change, place) => {
    expect(changed(change).map((p) => p.place)).toEqual(
      expect.arrayContaining([expect.stringMatching(place)]),
    );
  });

  it('says everything that is wrong, not just the first', () => {
    const problems = changed((f) => {
      f.jobs[0].tag = '';
      (f.jobs[1].rules as Record<string, unknown>).decision = 'maybe';
    });
    expect(problems.map((p) => p.place)).toEqual(['jobs[0].tag', 'jobs[1].rules.decision']);
  });
});

describe('readings as CSV', () => {
  const job = WORN;
  it('is a line each, under a heading', () => {
    const lines = readingsCsv(job).split('\r\n');
    expect(lines).toHaveLength(ledgerOf(job).readings.length + 1);
    expect(lines[0]).toMatch(/^tag,time_utc,by,instrument,source,kind,measurement,place/);
  });
  it('defuses what a spreadsheet would run', () => {
    expect(readingsCsv({ ...job, tag: '=1+1' })).toContain("'=1+1");
    expect(readingsCsv({ ...job, tag: '@sum' })).toContain("'@sum");
    for (const before of [
      '',
      ' ',
      '\n',
      '\t\r\n',
      '\u00a0',
      '\u200b',
      '\u202e',
      '\ufeff',
      '\u3000 ',
    ]) {
      for (const sign of '=+-@＝＋－＠﹦﹢﹣﹫') {
        const cell = `${before}${sign}1`;
        expect(readingsCsv({ ...job, tag: cell })).toContain(`"'${cell}"`);
        expect(plainCell(`'${cell}`)).toBe(cell);
      }
    }
    for (const cell of ['HM-0417', "'quoted'", '1-2', 'a=b', '']) {
      expect(readingsCsv({ ...job, tag: cell })).not.toContain(`'${cell},`);
      expect(plainCell(cell)).toBe(cell);
    }
  });
});

describe('the report', () => {
  it('says each verdict with its limit, evidence and source', () => {
    const report = reportOf(WORN, 'mm');
    expect(report.overall).toEqual({ verdict: 'out', words: 'One of 6 checks is out.' });
    expect(report.rows.find((r) => r.name === 'Total end clearance, drive gear')).toMatchObject({
      word: 'Out',
      limits: '0.02–0.08',
    });
    expect(report.facts).toContainEqual(['Limits', expect.stringMatching(/Service: Invented/)]);
    expect(report.notes[0]).toMatch(/invented/);
  });
  it('says what was not measured, and by whom the rest was', () => {
    const report = reportOf(HALF, 'thou');
    expect(report.notMeasured).toContain('Cover wear');
    expect(report.hands).toEqual([
      expect.objectContaining({ who: 'Ivo K.', instrument: 'Leaf set A', readings: 5 }),
    ]);
    expect(report.rows.every((row) => ['thou', 'in'].includes(row.unit))).toBe(true);
  });
  it('lists what was voided, with the reason', () => {
    const job = HALF;
    const [first, ...rest] = ledgerOf(job).readings;
    const voided = { at: job.createdAt, by: 'Runa T.', why: 'edge not seated' };
    const report = reportOf(relisted(job, { readings: [{ ...first!, voided }, ...rest] }), 'mm');
    expect(report.struck).toEqual([expect.stringMatching(/edge not seated, Runa T\./)]);
  });
});

describe('a shop that changes its unit', () => {
  it('has an inch set first in thou, its metric one first in mm, and loses none', () => {
    const inch = inUnit(NEW_SHOP, 'thou');
    expect(inch.feelers.map((f) => f.name)).toEqual(['Inch leaves', 'Leaf set A']);
    expect(inch.feelers[0]?.leaves_mm.slice(0, 2)).toEqual([0.0381, 0.0508]);
    const metric = inUnit(inch, 'mm');
    expect(metric.feelers.map((f) => f.name)).toEqual(['Leaf set A', 'Inch leaves']);
    expect(inUnit(metric, 'thou').feelers).toHaveLength(2);
    const [set] = NEW_SHOP.feelers;
    const full = Array.from({ length: 12 }, (_, i) => ({ ...set!, name: `Set ${i}` }));
    expect(inUnit({ ...NEW_SHOP, feelers: full }, 'thou').feelers).toEqual(full);
  });
});
