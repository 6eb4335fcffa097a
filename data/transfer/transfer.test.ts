import { dimensionId, partId } from '@/core/pumps/ids';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { record as add } from '../../core/journal/commands';
import { readFile, writeFile } from '../../core/records/file';
import type { Job } from '../../core/records/job';
import { PHOTO_SCHEMA, type Photo } from '../../core/records/photo';
import { NEW_SHOP } from '../../core/records/shop';
import { PART_SCHEMA, type ShelfPart } from '../../core/records/part';
import type { Study } from '../../core/records/study';
import { change, load, loadAll, remove, saveNew, type Filed } from '../records';
import { dropTexts, keysUnder, readText, writeTexts } from '../storage';
import { listJobs } from '../summaries';
import { writeBackup } from './backup';
import { TransferDesk } from './desk';
import { jobFile } from './files';
import { Course } from './progress';

const demo = readFile(readFileSync('public/demo/highmoor.json', 'utf8'));
const [job, other] = demo.jobs as [Job, Job];
const [sheet] = demo.sheets;

const photo = (id: string, of = job.id): Photo => ({
  ...{ schema: PHOTO_SCHEMA, id, revision: 0, job: of, width: 8, height: 6 },
  jpeg: 'data:image/jpeg;base64,/9j/4AAQ',
});
const shows = (j: Job, ...ids: string[]): Job => ({
  ...j,
  photos: ids.map((id) => ({ id, at: '2026-11-23T09:00:00.000Z', by: '', of: 'tag' })),
});
const part: ShelfPart = {
  ...{ schema: PART_SCHEMA, id: 'part-1', revision: 0, createdAt: '2026-11-20T09:00:00.000Z' },
  ...{ label: 'GS-12', sheet: 'demo-sheet-veltrane-t6', model: 'Veltrane T6 front pump' },
  ...{
    parts: ['drive', 'driven'].map(partId),
    variant: null,
    make: 'Oskerry',
    origin: 'used',
    from: 'HM-0409',
  },
  ...{ condition: 'clean, no marks', place: 'bin 4', photos: [], state: 'here', takenFor: '' },
  sizes: [{ dimension: dimensionId('drive-width'), value_mm: 20.012, u_mm: 0.002 }],
};

const study: Study = {
  schema: 1,
  id: 'study-1',
  revision: 0,
  createdAt: '2026-11-20T09:00:00.000Z',
  what: 'Gear width',
  instrument: 'outside-mic',
  people: ['Ivo K.', 'Runa T.'],
  parts: ['A', 'B'],
  trials: 2,
  readings: [],
};

const quietly = () => undefined;
const AT = '2026-11-25T09:00:00.000Z';
const fileOf = (records: Parameters<typeof writeFile>[0]) => new Blob([writeFile(records, AT)]);
const empty = async () => dropTexts(await keysUnder(''));
const backup = async () => (await writeBackup(new Course())).file;

async function planned(file: Blob, desk = new TransferDesk()) {
  const outcome = await desk.plan(file, quietly);
  if (!outcome.ok)
    throw new Error(outcome.problems.map((p) => `${p.place}: ${p.message}`).join('\n'));
  return outcome.value;
}
async function imported(file: Blob) {
  const desk = new TransferDesk();
  const preview = await planned(file, desk);
  expect(await desk.apply(quietly)).toEqual({ ok: true, value: null });
  return preview;
}
const effects = async (file: Blob) =>
  (await planned(file)).lines.map(({ kind, name, effect }) => `${kind} ${name}: ${effect}`);
/** Everything that is kept, whatever seals and summaries are made of it. */
async function kept() {
  const kinds = ['job', 'sheet', 'study', 'part', 'photo', 'shop'] as const;
  return Object.fromEntries(
    await Promise.all(kinds.map(async (kind) => [kind, (await loadAll(kind)).records] as const)),
  );
}

beforeEach(empty);

describe('a file of one job', () => {
  it('is shown before anything is done, and does what was shown', async () => {
    await saveNew([
      { kind: 'job', record: shows(job, 'p-1') },
      { kind: 'photo', record: photo('p-1') },
    ]);
    const file = new Blob([await jobFile(shows(job, 'p-1'))]);
    await remove('job', job.id);
    expect(await effects(file)).toEqual(['job HM-0417: add', 'photo photo: add']);
    expect(await load('job', job.id)).toBeNull();
    await imported(file);
    expect(await load('job', job.id)).toEqual(shows(job, 'p-1'));
    expect(await load('photo', 'p-1')).toEqual(photo('p-1'));
    expect((await listJobs())[0]).toMatchObject({ tag: 'HM-0417', state: 'current' });
    expect(await effects(file)).toEqual(['job HM-0417: same', 'photo photo: same']);
  });

  it('is refused whole where anything in it is wrong', async () => {
    const wrong = shows(job, 'p-1');
    for (const records of [
      { jobs: [{ ...wrong, createdAt: '2026-02-31T09:00:00Z' }] },
      { jobs: [{ ...wrong, owner: 'two\nlines' }] },
      { jobs: [{ ...wrong, due: '2026-13-01' }] },
      { jobs: [wrong], photos: [photo('p-1', 'another-job')] },
      { jobs: [wrong], photos: [photo('p-1'), photo('p-1')] },
      { jobs: [wrong], photos: [photo('p-2')] },
    ]) {
      expect(await new TransferDesk().plan(fileOf(records), quietly)).toMatchObject({ ok: false });
    }
    expect(await keysUnder('')).toEqual([]);
  });

  it('is brought together by entry with the job that is here', async () => {
    const half = job.journal.length / 2;
    const here = { ...job, revision: 90, journal: job.journal.slice(0, half) };
    await saveNew([{ kind: 'job', record: here }]);
    const older = { ...job, revision: 2, journal: job.journal.slice(0, half - 2) };
    expect((await planned(fileOf({ jobs: [older] }))).lines[0]).toMatchObject({
      effect: 'newer',
      count: { fresh: 0, others: 0 },
    });
    await imported(fileOf({ jobs: [older] }));
    expect(await load('job', job.id)).toEqual(here);
    const { lines } = await imported(fileOf({ jobs: [job] }));
    expect(lines[0]?.effect).toBe('merge');
    expect((await load('job', job.id))?.journal).toEqual(job.journal);
  });

  it('loses nothing that another tab writes between the look and the import', async () => {
    const here = { ...job, journal: job.journal.slice(0, -1), revision: 3 };
    await saveNew([{ kind: 'job', record: here }]);
    const desk = new TransferDesk();
    await planned(fileOf({ jobs: [{ ...job, revision: 9 }], sheets: [sheet!] }), desk);
    const [first] = job.journal;
    await change('job', job.id, (j) =>
      add({ ...j, owner: 'Changed meanwhile' }, {
        ...first,
        id: 'meanwhile',
        voided: null,
      } as never),
    );
    expect((await desk.apply(quietly)).ok).toBe(true);
    const after = (await load('job', job.id))!;
    expect(after.journal.map(({ id }) => id).sort()).toEqual(
      [...job.journal.map(({ id }) => id), 'meanwhile'].sort(),
    );
    expect(after.owner).toBe('Changed meanwhile');
  });
});

describe('a file of many records', () => {
  it('gives those that are sound, and names the others before anything is changed', async () => {
    const file = fileOf({
      jobs: [job, { ...other, createdAt: '2026-02-31T09:00:00Z' }, { ...other, id: job.id }],
      sheets: [sheet!],
      shop: { ...NEW_SHOP, instruments: [{ ...NEW_SHOP.instruments[0]!, zeroDays: -1 }] },
    });
    const { lines, notTaken } = await planned(file);
    expect(lines.map(({ kind }) => kind)).toEqual(['sheet', 'job']);
    expect(notTaken.map(({ kind, name, problems }) => [kind, name, problems[0]?.place])).toEqual([
      ['job', other.tag, 'jobs[1].createdAt'],
      ['job', other.tag, 'jobs[2].id'],
      ['shop', 'shop', 'shop.instruments[0].zeroDays'],
    ]);
    expect(notTaken[0]?.raw).toMatchObject({ createdAt: '2026-02-31T09:00:00Z' });
    await imported(file);
    expect((await listJobs()).map(({ id }) => id)).toEqual([job.id]);
    expect(await load('job', job.id)).toEqual(job);
    expect(await load('shop', 'shop')).toBeNull();
  });

  it('refuses a job that shows a photo of another one, here or in the file', async () => {
    await saveNew([
      { kind: 'job', record: shows(job, 'p-1') },
      { kind: 'photo', record: photo('p-1') },
    ]);
    const { notTaken } = await planned(fileOf({ jobs: [shows(other, 'p-1')], sheets: [sheet!] }));
    expect(notTaken).toMatchObject([{ kind: 'job', problems: [{ place: 'photos' }] }]);
    await imported(fileOf({ jobs: [shows(other, 'p-1')], sheets: [sheet!] }));
    await remove('job', other.id);
    expect(await load('photo', 'p-1')).toEqual(photo('p-1'));
  });

  it('is written in one stroke or not at all', async () => {
    const desk = new TransferDesk();
    await planned(fileOf({ jobs: demo.jobs, sheets: demo.sheets }), desk);
    const put = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementationOnce(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    expect(await desk.apply(quietly)).toMatchObject({ ok: false });
    put.mockRestore();
    expect(await keysUnder('')).toEqual([]);
    expect((await desk.apply(quietly)).ok).toBe(true);
    expect(await loadAll('job')).toMatchObject({ unreadable: [] });
    expect(await keysUnder('job/')).toHaveLength(demo.jobs.length);
  });

  it('puts a record in the place of one that cannot be read, which is kept', async () => {
    await writeTexts({ 'shop/shop': '{"schema":99}' });
    const { lines } = await imported(fileOf({ shop: { ...NEW_SHOP, person: 'Runa T.' } }));
    expect(lines[0]?.effect).toBe('unreadable');
    expect((await load('shop', 'shop'))?.person).toBe('Runa T.');
    expect(await readText('aside/shop/shop')).toBe('{"schema":99}');
  });
});

describe('a backup', () => {
  const everything: readonly Filed[] = [
    { kind: 'job', record: shows(job, 'p-1', 'p-2') },
    { kind: 'photo', record: photo('p-1') },
    { kind: 'photo', record: photo('p-2') },
    { kind: 'sheet', record: sheet! },
    { kind: 'study', record: study },
    { kind: 'part', record: part },
    { kind: 'shop', record: { ...NEW_SHOP, person: 'Runa T.', revision: 4 } },
  ];

  it('brings everything back to an empty bench, and nothing to one that has it', async () => {
    await saveNew(everything);
    const [before, file] = [await kept(), await backup()];
    expect((await planned(file)).lines.every(({ effect }) => effect === 'same')).toBe(true);
    await empty();
    await imported(file);
    expect(await kept()).toEqual(before);
  });

  it('takes in as it is what cannot be read, and names it', async () => {
    await saveNew(everything);
    await writeTexts({ 'job/broken': '{"schema":1,', 'aside/shop/shop': '{"schema":99}' });
    const { file, counts } = await writeBackup(new Course());
    expect(counts).toEqual({
      job: 1,
      photo: 2,
      sheet: 1,
      study: 1,
      part: 1,
      shop: 1,
      unreadable: 2,
    });
    await empty();
    const { notTaken } = await imported(file);
    expect(notTaken.map(({ name, raw }) => [name, raw])).toEqual([
      ['job/broken', '{"schema":1,'],
      ['shop/shop', '{"schema":99}'],
    ]);
  });

  it('that was cut short says so, and gives what is before the cut', async () => {
    await saveNew(everything);
    const file = await backup();
    await empty();
    const { notes, lines } = await planned(file.slice(0, Math.floor(file.size * 0.9)));
    expect(notes[0]).toMatch(/ends in the middle/);
    expect(lines.map(({ kind }) => kind)).toContain('shop');
    const outcome = await new TransferDesk().plan(
      new Blob(['PK\x03\x04 and then nothing']),
      quietly,
    );
    expect(outcome).toMatchObject({
      ok: false,
      problems: [{ message: 'Not a backup of Dial Bench.' }],
    });
  });

  it('brings back what was stored before there was a rule against it', async () => {
    const odd = { ...job, createdAt: '2026-13-45T10:00:00Z', owner: 'a\tb' };
    await writeTexts({ [`job/${job.id}`]: JSON.stringify(odd) });
    const file = await backup();
    await empty();
    await imported(file);
    expect(await load('job', job.id)).toEqual(odd);
  });

  it('is called off where somebody asks, and nothing was changed', async () => {
    await saveNew(everything);
    const file = await backup();
    await empty();
    const desk = new TransferDesk();
    await planned(file, desk);
    const applying = desk.apply(() => desk.cancel());
    expect(await applying).toMatchObject({ ok: false, cancelled: true });
    expect(await keysUnder('')).toEqual([]);
  });

  it('brings back whatever the app could store', async () => {
    const text = fc.oneof(
      fc.string({ maxLength: 260, unit: 'binary' }),
      fc.constantFrom('', 'a\tb', '=1+1', '\u2028', '20055', 'Ωмא漢', 'x'.repeat(200)),
    );
    const size = fc.oneof(fc.double({ noNaN: false }), fc.constantFrom(0, 4999, 5000.1, 20055));
    const reading = fc.record({
      text,
      read_mm: size,
      value_mm: size,
      by: text,
      at: fc.oneof(text, fc.constant(AT)),
    });
    const like = demo.jobs.flatMap((j) => j.journal).find((entry) => entry.kind === 'size')!;
    const at = demo.jobs.find((j) => j.journal.includes(like))!;
    const edit = fc.oneof(
      fc.record({ owner: text, tag: text, complaint: text }),
      reading,
      fc.record({ due: text }),
    );
    await fc.assert(
      fc.asyncProperty(fc.array(edit, { maxLength: 6 }), async (edits) => {
        await empty();
        await saveNew([{ kind: 'job', record: at }]);
        for (const [i, fields] of edits.entries()) {
          const command = (j: Job): Job =>
            'read_mm' in fields
              ? add(j, { ...like, ...fields, id: `new-${i}`, voided: null } as never)
              : { ...j, ...(fields as Partial<Job>) };
          // Whatever is refused is not stored.
          await change('job', at.id, command).catch(() => undefined);
        }
        const [before, file] = [await kept(), await backup()];
        await empty();
        expect((await imported(file)).notTaken).toEqual([]);
        expect(await kept()).toEqual(before);
        // A file that is checked by every rule brings it back as well.
        await empty();
        await imported(fileOf({ jobs: before.job as Job[] }));
        expect(await kept()).toEqual(before);
      }),
      { numRuns: 40 },
    );
  });
});

describe('a table of loose parts', () => {
  const model = 'Veltrane T6 front pump';
  const table = (...lines: string[]) =>
    new Blob([['label,model,parts,drive-width_mm,place', ...lines].join('\n')], {
      type: 'text/csv',
    });
  const shelf = async () =>
    (await loadAll('part')).records.map((p) => `${p.label} ${p.place} ${p.state}`).sort();
  beforeEach(() =>
    saveNew([
      { kind: 'sheet', record: sheet! },
      { kind: 'part', record: part },
    ]),
  );

  it('is shown as any file is, and taken in one stroke', async () => {
    const file = table(`GS-12,${model},drive;driven,,Rack 9`, `GS-13,${model},drive,20.01,`);
    expect(await effects(file)).toEqual(['part GS-12: older', 'part GS-13: add']);
    await imported(file);
    expect(await shelf()).toEqual(['GS-12 Rack 9 here', 'GS-13  here']);
    expect(await effects(table(`GS-12,${model},drive;driven,,Rack 9`))).toEqual([
      'part GS-12: same',
    ]);
  });
  it('is refused whole where a line is wrong', async () => {
    const desk = new TransferDesk();
    const outcome = await desk.plan(table(`GS-13,${model},drive,deep,`), quietly);
    expect(outcome).toMatchObject({ ok: false, problems: [{ place: 'line 2' }] });
    expect(await shelf()).toEqual(['GS-12 bin 4 here']);
  });
  it('does not undo what became of a part meanwhile', async () => {
    const desk = new TransferDesk();
    await planned(table(`GS-12,${model},drive;driven,,Rack 9`), desk);
    await change('part', part.id, (p) => ({ ...p, state: 'taken', takenFor: 'HM-0423' }));
    expect(await desk.apply(quietly)).toMatchObject({ ok: true });
    expect(await shelf()).toEqual(['GS-12 bin 4 taken']);
  });
});

describe('the photos of a loose part', () => {
  const shown = (owner: string) => ({
    ...part,
    photos: [{ id: 'p-9', at: AT, by: '', of: 'part' }],
    id: owner,
  });
  it('come with it in a file and in a backup', async () => {
    await imported(fileOf({ parts: [shown('part-1')], photos: [photo('p-9', 'part-1')] }));
    expect(await load('photo', 'p-9')).toMatchObject({ job: 'part-1' });
    const all = await kept();
    const file = await backup();
    await empty();
    await imported(file);
    expect(await kept()).toEqual(all);
  });
  it('are nobody else’s: a part that shows one of a job is refused', async () => {
    await saveNew([
      { kind: 'job', record: shows(job, 'p-9') },
      { kind: 'photo', record: photo('p-9') },
    ]);
    const { lines, notTaken } = await planned(
      fileOf({ parts: [shown('part-1')], sheets: [sheet!], photos: [photo('p-9', 'part-1')] }),
    );
    expect(lines.map(({ kind }) => kind)).toEqual(['sheet']);
    expect(notTaken.map(({ kind }) => kind)).toEqual(['part', 'photo']);
    expect(await load('photo', 'p-9')).toMatchObject({ job: job.id });
  });
});
