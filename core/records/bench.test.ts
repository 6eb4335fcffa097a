import { emptyJob } from '../practice/job';
import { VELTRANE_T6 } from '../testing/sheets';
import { record, replace, voidWhere } from '../journal/commands';
import { ledgerOf } from '../journal/ledger';
import { sheetChanges } from './changes';
import { writeFile } from './fileFormat';
import { readFile } from './readFile';
import { BLANK, jobSchema, type Job } from './job';
import { FileError } from './problems';
import { PHOTO_SCHEMA, photoSchema } from './photo';
import { blankSheet, sheetSchema, type Sheet } from './sheet';
import { pumpSpeed } from './tag';
import type { StripNote } from './entries/strip';

const AT = '2026-11-23T09:00:00.000Z';
const JOB = emptyJob(VELTRANE_T6, AT);
const made = { id: 'n-1', at: AT, by: 'Runa T.' };

const said = (job: Partial<Record<keyof Job, unknown>>): string => {
  try {
    jobSchema.validateSync({ ...JOB, ...job }, { strict: true });
    return '';
  } catch (error) {
    return (error as Error).message;
  }
};

describe('what is written down of a job before any instrument', () => {
  const note = {
    ...made,
    kind: 'strip' as const,
    step: 'seal',
    way: 'down',
    state: 'there' as const,
    remark: '',
  };
  const journal = (...entries: object[]) => said({ journal: entries });
  const finding = {
    ...made,
    kind: 'finding',
    id: 'f-1',
    surface: 'floor',
    defect: 'scored',
    nail: 'catches',
    depth_mm: 0.02,
    spot: { x: 1, y: -2 },
    proposed: 'machine',
    why: 'the nail catches',
    decided: 'dress',
    remark: '',
  };
  it('is kept as it is', () => {
    expect(journal(note, finding)).toBe('');
    expect(journal({ ...finding, defect: null, spot: null })).toBe('');
    expect(
      said({ closed: { at: AT, by: '', why: 'cracked' }, clean: { at: AT, by: '', state: 'wet' } }),
    ).toBe('');
  });
  it.each<[string, Partial<Record<keyof Job, unknown>>, RegExp]>([
    [
      'a surface of another pump',
      { journal: [{ ...finding, surface: 'bore-idler' }] },
      /no such surface/,
    ],
    [
      'a defect without a name here',
      { journal: [{ ...finding, defect: 'ugly' }] },
      /words that belong here: scored/,
    ],
    [
      'a consequence that is none',
      { journal: [{ ...finding, decided: 'hope' }] },
      /belong here: pass/,
    ],
    ['a state that is none', { journal: [{ ...note, state: 'gone' }] }, /belong here: there/],
    ['an entry twice', { journal: [note, note] }, /there twice/],
    ['an entry of no kind', { journal: [{ ...note, kind: 'hunch' }] }, /kind of entry/],
    ['a due day in words', { due: 'soon' }, /A day is written/],
    [
      'a pump that never turned',
      { before: [{ drive_rpm: 0, ratio: 1, flow_lpm: 1, pressure_bar: null, oil_C: null }] },
      /above 0/,
    ],
    ['a rotation that is none', { rotation: 'left' }, /belong here: unknown/],
    ['a closing without a reason', { closed: { at: AT, by: '', why: '' } }, /Missing/],
  ])('is refused with %s', (_, wrong, message) => {
    expect(said(wrong)).toMatch(message);
  });
  it('is blank in a new job, and valid so', () => {
    expect(said(BLANK)).toBe('');
  });
  it('strikes what it takes the place of, and keeps that', () => {
    const first: StripNote = { ...note, voided: null };
    const again = replace(
      record(JOB, first),
      { ...first, id: 'n-2', at: '2026-11-23T10:00:00.000Z' },
      (n) => n.step === 'seal',
    );
    const whys = (job: Job) => ledgerOf(job).strip.map((n) => n.voided?.why ?? null);
    expect(whys(again)).toEqual(['recorded again', null]);
    // What was voided before keeps its own reason.
    const strike = { at: AT, by: 'Ivo K.', why: 'a mistake' };
    expect(whys(voidWhere(again, () => true, strike))).toEqual(['recorded again', 'a mistake']);
  });
  it('knows how fast the pump turned', () => {
    expect(pumpSpeed({ drive_rpm: 1800, ratio: 1.35 })).toBeCloseTo(2430, 9);
  });
});

describe('a photo', () => {
  const photo = {
    schema: PHOTO_SCHEMA,
    id: 'p-1',
    revision: 0,
    job: 'job',
    width: 1600,
    height: 900,
    jpeg: 'data:image/jpeg;base64,/9j/4AAQ',
  };
  it('travels in a file with its job', () => {
    const job: Job = { ...JOB, photos: [{ id: 'p-1', at: AT, by: '', of: 'tag' }] };
    const { jobs, photos } = readFile(writeFile({ jobs: [job], photos: [photo] }, AT));
    expect(photos).toEqual([photo]);
    expect(jobs[0]?.photos).toEqual(job.photos);
  });
  it.each([
    ['no picture', { jpeg: 'hello' }],
    ['markup for a picture', { jpeg: 'data:image/svg+xml;base64,PHN2Zz4=' }],
    ['something behind the picture', { jpeg: `${photo.jpeg}" onload="x` }],
    ['more pixels than are kept', { width: 4000 }],
  ])('is refused as %s', (_, wrong) => {
    expect(() => photoSchema.validateSync({ ...photo, ...wrong }, { strict: true })).toThrow();
    expect(() => readFile(writeFile({ photos: [{ ...photo, ...wrong }] }, AT))).toThrow(FileError);
  });
});

describe('a sheet’s own bench work', () => {
  const refused = (over: Partial<Sheet>): string => {
    try {
      sheetSchema.validateSync({ ...VELTRANE_T6, ...over }, { strict: true });
      return '';
    } catch (error) {
      return (error as Error).message;
    }
  };
  const [first, ...others] = VELTRANE_T6.variants as [
    Sheet['variants'][number],
    ...Sheet['variants'],
  ];

  it('comes from its family when it is new', () => {
    const blank = blankSheet(VELTRANE_T6);
    expect(blank.strip.length).toBeGreaterThan(4);
    expect(refused({ ...blank, limits: [] })).toBe('');
  });
  it('knows its own names', () => {
    expect(refused({ key: [] })).toMatch(/no such check/);
    const mark = { check: 'lugs', option: 'five', from_mm: null, to_mm: null };
    expect(refused({ variants: [{ ...first, marks: [mark] }, ...others] })).toMatch(
      /no such answer/,
    );
    expect(refused({ variants: [first] })).toMatch(/no such variant/);
    expect(refused({ mixes: [{ ...VELTRANE_T6.mixes[0]!, of: 'none' }] })).toMatch(
      /no such variant/,
    );
  });
  it('refuses what ends before it begins, and an answer that is none', () => {
    expect(refused({ variants: [{ ...first, toYear: 1999 }, ...others] })).toMatch(/end is before/);
    expect(refused({ also: [{ ...VELTRANE_T6.also[0]!, expected: 'blue' }] })).toMatch(
      /none of the answers/,
    );
  });
  it('says what has changed of it', () => {
    const later: Sheet = {
      ...VELTRANE_T6,
      strip: VELTRANE_T6.strip.slice(1),
      variants: [{ ...first, marks: first.marks.slice(1) }, ...others],
    };
    expect(sheetChanges(VELTRANE_T6, later, 'mm')).toEqual(['Variants', 'Steps of the strip']);
    expect(sheetChanges(VELTRANE_T6, { ...VELTRANE_T6 }, 'mm')).toEqual([]);
  });
});
