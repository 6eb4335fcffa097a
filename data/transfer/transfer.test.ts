import { record as add } from '../../core/journal/commands';
import fc from 'fast-check';
import type { Job } from '../../core/records/job';
import { NEW_SHOP } from '../../core/records/shop';
import { change, remove, saveNew } from '../records';
import { load, loadAll } from '../opened';
import { type Filed } from '../texts';
import { keysUnder, readText, writeTexts } from '../storage';
import { listJobs, type ListedJob } from '../summaries';
import { writeBackup } from './backup';
import { TransferDesk } from './desk';
import { jobFile } from './files';
import { Course } from './progress';

import {
  demo,
  job,
  other,
  sheet,
  photo,
  shows,
  part,
  study,
  quietly,
  AT,
  fileOf,
  empty,
  backup,
  planned,
  imported,
  effects,
  keptRecords,
} from '../testing/transfer';

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
    // Listed at once, and judged for the list once all of it is there.
    expect((await listJobs())[0]).toMatchObject({ tag: 'HM-0417', judged: 0, state: 'stale' });
    const shown: ListedJob[] = [];
    await new TransferDesk().renew([job.id], (jobs) => shown.push(...jobs));
    expect(shown).toMatchObject([{ id: job.id, judged: 6, state: 'current' }]);
    expect((await listJobs())[0]).toEqual(shown[0]);
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
    expect(lines[0]?.effect).toBe('older');
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
    const [before, file] = [await keptRecords(), await backup()];
    expect((await planned(file)).lines.every(({ effect }) => effect === 'same')).toBe(true);
    await empty();
    await imported(file);
    expect(await keptRecords()).toEqual(before);
  });

  it('takes in as it is what cannot be read, and names it', async () => {
    await saveNew(everything);
    await writeTexts({ 'job/broken': '{"schema":1,', 'aside/shop/shop': '{"schema":99}' });
    const { file, counts } = await writeBackup(new Course());
    expect(counts).toEqual({
      job: 1,
      photo: 2,
      trace: 0,
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
        const [before, file] = [await keptRecords(), await backup()];
        await empty();
        expect((await imported(file)).notTaken).toEqual([]);
        expect(await keptRecords()).toEqual(before);
        // A file that is checked by every rule brings it back as well.
        await empty();
        await imported(fileOf({ jobs: before.job as Job[] }));
        expect(await keptRecords()).toEqual(before);
      }),
      { numRuns: 40 },
    );
  });
});

describe('two copies that do not go together', () => {
  const [tandem] = demo.jobs.filter(({ sheet: s }) => s.family !== job.sheet.family);
  /** The same job, as another bench has it: on another pump. */
  const there = { ...tandem!, id: job.id, tag: job.tag };

  it('are named, and nothing of the file is taken', async () => {
    await saveNew([{ kind: 'job', record: job }]);
    const { lines, notTaken } = await imported(fileOf({ jobs: [there, other], sheets: [sheet!] }));
    expect(lines.map(({ id }) => id)).toEqual([sheet!.id, other.id]);
    expect(notTaken).toMatchObject([{ kind: 'job', name: job.tag }]);
    expect(await load('job', job.id)).toEqual(job);
  });
  it('are asked about once where only their fields do not', async () => {
    const bare = { ...job, journal: [], tier: 'service' };
    const cut = { ...job.sheet, tiers: job.sheet.tiers.slice(0, 1) };
    const limits = cut.limits.filter(({ tier }) => tier === cut.tiers[0]!.id);
    const file = {
      ...bare,
      journal: job.journal,
      sheet: { ...cut, limits },
      tier: cut.tiers[0]!.id,
    };
    await saveNew([{ kind: 'job', record: bare }]);
    const desk = new TransferDesk();
    const { lines } = await planned(fileOf({ jobs: [file] }), desk);
    const choices = lines.flatMap(({ clashes }) =>
      clashes.map((clash) => ({
        ...clash,
        kind: 'job' as const,
        id: job.id,
        side: 'file' as const,
      })),
    );
    expect(choices).toHaveLength(1);
    expect(await desk.apply(quietly)).toMatchObject({ ok: false });
    expect(await load('job', job.id)).toEqual(bare);
    expect(await desk.apply(quietly, choices)).toMatchObject({ ok: true });
    expect(await load('job', job.id)).toMatchObject({ tier: file.tier, journal: job.journal });
  });
});
