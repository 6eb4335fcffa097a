import { record } from '../core/journal/commands';
import { readFileSync } from 'node:fs';
import { readFile } from '../core/records/readFile';
import type { Job } from '../core/records/job';
import { PHOTO_SCHEMA, type Photo } from '../core/records/photo';
import { NEW_SHOP } from '../core/records/shop';
import { change, remove, saveNew } from './records';
import { load, loadAll, UnreadableRecord } from './opened';
import { listJobs } from './summaries';
import { setAside } from './aside';
import { removeOrphans } from './orphans';
import { checksumOf, hashOf, sealText } from './seal';
import { dropTexts, keysUnder, readText, writeTexts } from './storage';
import { copySheet, createJob, createSheet, createStudy } from './create';
import { jobFile } from './transfer/files';

const demo = readFile(readFileSync('public/demo/highmoor.json', 'utf8'));
const [job] = demo.jobs as [Job];

describe('what is kept', () => {
  beforeEach(() => saveNew([{ kind: 'job', record: job }]));

  it('is read back as it was', async () => {
    expect(await load('job', job.id)).toEqual(job);
    expect(await load('job', 'nobody')).toBeNull();
  });

  it('takes a pump that an earlier version took, though none can be built so', async () => {
    const sheet = { ...job.sheet, geometry: { ...job.sheet.geometry, hubBore_mm: 99 } };
    await saveNew([
      { kind: 'sheet', record: sheet },
      { kind: 'job', record: { ...job, id: 'odd', sheet } },
    ]);
    await change('sheet', sheet.id, (s) => ({ ...s, note: 'still here' }));
    await change('job', 'odd', (j) => ({ ...j, complaint: 'odd' }));
    const file = readFile(await jobFile((await load('job', 'odd'))!));
    expect(file.jobs[0]?.sheet.geometry).toEqual(sheet.geometry);
  });

  it('of the shop is looked at, whatever its seal says: every screen stands on it', async () => {
    const text = JSON.stringify({ ...NEW_SHOP, theme: null, people: 7 });
    await writeTexts({
      'shop/shop': text,
      'seal/shop/shop': sealText(checksumOf('shop', NEW_SHOP.revision, [hashOf(text)])),
    });
    await expect(load('shop', 'shop')).rejects.toThrow(UnreadableRecord);
    await dropTexts(['shop/shop', 'seal/shop/shop']);
  });

  it('is built upon by every change, none lost, however they meet', async () => {
    const marks = Array.from({ length: 20 }, (_, i) => `, ${i}`);
    await Promise.all(
      marks.map((mark) => change('job', job.id, (j) => ({ ...j, complaint: j.complaint + mark }))),
    );
    const after = await load('job', job.id);
    expect(after?.revision).toBe(job.revision + 20);
    for (const mark of marks) expect(after?.complaint).toContain(mark);
  });

  it('is itself, whatever else is written before or while it is read', async () => {
    for (let turns = 0; turns < 40; turns++) {
      await load('job', job.id);
      const other = change('shop', 'shop', (s) => ({ ...s }), { absent: NEW_SHOP });
      for (let turn = 0; turn < turns; turn++) await Promise.resolve();
      expect(await load('job', job.id)).toEqual(job);
      await other;
    }
  });

  it('stays as it was where a change goes wrong', async () => {
    const wrong = change('job', job.id, () => {
      throw new Error('no');
    });
    await expect(wrong).rejects.toThrow('no');
    expect(await load('job', job.id)).toEqual(job);
  });

  it('is not written where it would not be read again', async () => {
    const [sheet] = demo.sheets;
    await saveNew([{ kind: 'sheet', record: sheet! }]);
    const long = change('sheet', sheet!.id, (s) => ({ ...s, model: 'x'.repeat(300) }));
    await expect(long).rejects.toThrow(/model: At most 200 characters/);
    expect(await load('sheet', sheet!.id)).toEqual(sheet);
  });

  it('takes no entry and no field that would not be read again, and says where it is wrong', async () => {
    const [leaf] = job.journal.filter((e) => e.kind === 'leaf');
    const wrongEntry = (edit: object) => (j: Job) =>
      record(j, { ...leaf!, id: 'new', voided: null, ...edit } as never);
    for (const [edit, message] of [
      [wrongEntry({ by: 'x'.repeat(300) }), /journal\[\d+\]\.by: At most 200/],
      [wrongEntry({ felt: 'loose' }), /journal\[\d+\]\.felt/],
      [wrongEntry({ station: 'nowhere' }), /no such place to measure/],
      [wrongEntry({ at: '2026-02-31T10:00:00Z' }), /not a date|Not a date/],
      [wrongEntry({ id: leaf!.id }), /there twice/],
      [wrongEntry({ surplus: 1 }), /surplus/],
      [(j: Job) => ({ ...j, owner: 'two\nlines' }), /owner: No line breaks/],
      [(j: Job) => ({ ...j, due: '2026-02-31' }), /due: Not a day/],
      [(j: Job) => ({ ...j, tier: 'none' }), /tier: The sheet has no limits/],
      [(j: Job) => ({ ...j, surplus: 1 }), /surplus: No such field/],
    ] as const) {
      await expect(change('job', job.id, edit)).rejects.toThrow(message);
      expect(await load('job', job.id)).toEqual(job);
    }
    await change('job', job.id, wrongEntry({}));
    expect((await load('job', job.id))?.journal).toHaveLength(job.journal.length + 1);
  });

  it('is worked on though what was stored before there was a rule breaks it', async () => {
    const odd = { ...job, createdAt: '2026-13-45T10:00:00Z', due: '2026-02-31', owner: 'a\tb' };
    await writeTexts({ [`job/${job.id}`]: JSON.stringify(odd), [`seal/job/${job.id}`]: null });
    expect(await load('job', job.id)).toEqual(odd);
    const after = await change('job', job.id, (j) => ({ ...j, unit: 'Loader 9' }));
    expect(await load('job', job.id)).toEqual(after);
    const mended = await change('job', job.id, (j) => ({ ...j, due: '2026-02-28' }));
    expect(mended.due).toBe('2026-02-28');
    await expect(change('job', job.id, (j) => ({ ...j, due: '2026-02-30' }))).rejects.toThrow();
  });

  it('is not written where nothing changed', async () => {
    await change('job', job.id, (j) => j);
    expect(await load('job', job.id)).toEqual(job);
  });

  it('is that of another write, though all its texts are the same', async () => {
    await load('job', job.id);
    const seal = await readText(`seal/job/${job.id}`);
    await saveNew([{ kind: 'job', record: job }]);
    expect(await readText(`seal/job/${job.id}`)).not.toBe(seal);
    expect((await readText(`seal/job/${job.id}`))!.split(' #')[0]).toBe(seal!.split(' #')[0]);
  });

  it('that lies under another name than its own is set aside', async () => {
    await writeTexts({ 'job/alias': JSON.stringify(job) });
    await expect(load('job', 'alias')).rejects.toThrow(UnreadableRecord);
    await remove('job', 'alias');
  });

  it('is left as it is where it cannot be read, and the rest is read', async () => {
    await writeTexts({ 'job/broken': '{"schema":1' });
    await expect(load('job', 'broken')).rejects.toThrow(UnreadableRecord);
    const { records, unreadable } = await loadAll('job');
    expect(records.map((r) => r.id)).toContain(job.id);
    expect(unreadable.map((e) => e.key)).toEqual(['job/broken']);
    expect(await readText('job/broken')).toBe('{"schema":1');
    await remove('job', 'broken');
  });

  it('goes whole when it is removed', async () => {
    await remove('job', job.id);
    expect(await load('job', job.id)).toBeNull();
    expect((await listJobs()).map((b) => b.id)).not.toContain(job.id);
  });
});

describe('a record that was checked once', () => {
  const key = `job/${job.id}`;
  /** Makes the next opening read from storage, as another load of the page would. */
  const forget = () =>
    load('job', 'nobody')
      .then(() => saveNew([{ kind: 'sheet', record: demo.sheets[0]! }]))
      .then(() => load('sheet', demo.sheets[0]!.id));

  beforeEach(() => saveNew([{ kind: 'job', record: job }]));
  afterAll(() => remove('job', job.id));

  it('is checked again where its text is not the one that was kept', async () => {
    const chunk = `entries/${job.id}/0`;
    for (const [at, from, to] of [
      [chunk, '"felt":"free"', '"felt":"loose"'],
      // The same length: no sign of it may go unnoticed.
      [chunk, '"felt":"free"', '"felt":"fr_e"'],
      [`copy/${job.id}`, '"family":"crescent"', '"family":"crescend"'],
      [key, `"revision":${job.revision}`, '"revision":"x"'],
    ] as const) {
      await saveNew([{ kind: 'job', record: job }]);
      const raw = (await readText(at))!;
      await forget();
      expect(await load('job', job.id)).toEqual(job);
      await forget();
      expect(raw).toContain(from);
      await writeTexts({ [at]: raw.replace(from, to) });
      await expect(load('job', job.id)).rejects.toThrow(/felt|family|revision/);
      await expect(change('job', job.id, (j) => j)).rejects.toThrow(UnreadableRecord);
      await writeTexts({ [at]: raw.slice(0, raw.length / 2) });
      await expect(load('job', job.id)).rejects.toThrow(UnreadableRecord);
    }
  });
  it('that lost a part keeps the others, to be saved as they are', async () => {
    await forget();
    await writeTexts({ [`entries/${job.id}/0`]: null });
    const failed = await load('job', job.id).catch((error: unknown) => error as UnreadableRecord);
    expect(failed).toBeInstanceOf(UnreadableRecord);
    const saved = JSON.parse((failed as UnreadableRecord).raw) as Record<string, string>;
    expect(JSON.parse(saved[key]!)).toMatchObject({ id: job.id });
    expect(JSON.parse(saved[`copy/${job.id}`]!)).toEqual(job.sheet);
  });
  it('is read anew where another tab has changed it', async () => {
    await load('job', job.id);
    const elsewhere = { ...job, owner: 'Another tab', revision: job.revision + 1 };
    await saveNew([{ kind: 'job', record: elsewhere }]);
    expect((await load('job', job.id))?.owner).toBe('Another tab');
    const after = await change('job', job.id, (j) => ({ ...j, unit: 'Loader 9' }));
    expect(after).toMatchObject({ owner: 'Another tab', unit: 'Loader 9' });
  });
});

describe('what belongs to a job', () => {
  const photo = (id: string): Photo => ({
    schema: PHOTO_SCHEMA,
    id,
    revision: 0,
    job: job.id,
    width: 4,
    height: 3,
    jpeg: 'data:image/jpeg;base64,AAAA',
  });
  const note = (id: string) => ({ id, at: job.createdAt, by: '', of: 'tag' });
  const pictured = { ...job, photos: [note('p-1'), note('p-2')] };
  const photos = () => keysUnder('photo/');
  beforeEach(async () => {
    await remove('job', job.id);
    await saveNew([
      { kind: 'job', record: pictured },
      { kind: 'photo', record: photo('p-1') },
      { kind: 'photo', record: photo('p-2') },
    ]);
  });
  afterAll(() => remove('job', job.id));

  it('goes with a photo that is taken out, in the same stroke', async () => {
    await change('job', job.id, (j) => ({ ...j, photos: j.photos.slice(1) }));
    expect(await photos()).toEqual(['photo/p-2']);
  });
  it('goes with the job, and leaves nothing behind but how often that was written here', async () => {
    await change('job', job.id, (j) => ({ ...j, owner: 'Tower stores' }));
    const writes = (await load('job', job.id))!.marks!.seen[0]!.count;
    await remove('job', job.id);
    const left = (await keysUnder('')).filter((key) => /p-1|p-2/.test(key) || key.includes(job.id));
    expect(left).toEqual([`gone/job/${job.id}`]);
    expect(await readText(left[0]!)).toBe(String(writes));
  });
  it('goes with a job that another takes the place of, but for what that has as well', async () => {
    const shorter = { ...pictured, photos: [note('p-2')], journal: [] };
    await saveNew([{ kind: 'job', record: shorter }]);
    expect(await photos()).toEqual(['photo/p-2']);
    expect(await keysUnder(`entries/${job.id}/`)).toEqual([]);
    expect(await load('job', job.id)).toEqual(shorter);
  });
  it('is found and removed at the start where the job is gone, and nothing else is', async () => {
    await writeTexts({
      'photo/lost': JSON.stringify({ ...photo('lost'), job: 'nobody' }),
      'seal/photo/lost': 'x',
      'entries/nobody/0': '[]',
      'copy/nobody': '{}',
      'brief/nobody': '{}',
      [`entries/${job.id}/9`]: '[]',
    });
    const before = new Set(await keysUnder(''));
    const removed = await removeOrphans();
    expect(removed.sort()).toEqual(
      [
        `entries/${job.id}/9`,
        'brief/nobody',
        'copy/nobody',
        'entries/nobody/0',
        'photo/lost',
        'seal/photo/lost',
      ].sort(),
    );
    expect((await keysUnder('')).length).toBe(before.size - removed.length);
    expect(await load('job', job.id)).toEqual(pictured);
    expect(await removeOrphans()).toEqual([]);
  });
  it('stays while there is a job that cannot be read, which it may be of', async () => {
    await writeTexts({
      'job/broken': '{"photos"',
      'photo/lost': JSON.stringify(photo('lost')),
      'entries/broken/0': '[]',
    });
    expect(await removeOrphans()).toEqual([]);
    expect(await readText('entries/broken/0')).toBe('[]');
    await dropTexts(['job/broken', 'photo/lost', 'entries/broken/0']);
  });
  it('stays while it can be somebody’s: of a job that was set aside, or of one that does not show it', async () => {
    const unread = { 'job/unread': '{"schema":99,"id":"unread"}' };
    const ofUnread = JSON.stringify({ ...photo('of-unread'), job: 'unread' });
    await writeTexts({
      ...unread,
      'photo/of-unread': ofUnread,
      'photo/unshown': JSON.stringify(photo('unshown')),
      'photo/odd': '{"job":7}',
    });
    await setAside('job', 'unread');
    expect(await readText('job/unread')).toBeNull();
    expect(await removeOrphans()).toEqual([]);
    await dropTexts(['aside/job/unread', 'photo/unshown', 'photo/odd']);
    expect(await removeOrphans()).toEqual(['photo/of-unread']);
  });
});

describe('a new record', () => {
  it('of a sheet begins with a made-up pump of its family and no limit', async () => {
    const id = await createSheet('Oskerry X1', 'fixed-vane');
    const sheet = await load('sheet', id);
    expect(sheet).toMatchObject({ model: 'Oskerry X1', invented: false, limits: [] });
    const copy = await load('sheet', await copySheet(demo.sheets[0]!));
    expect(copy?.model).toBe(`${demo.sheets[0]!.model} (copy)`);
    expect(copy?.id).not.toBe(demo.sheets[0]!.id);
  });
  it('of a job takes over the sheet, the leaves, the rules and the shop’s temperature', async () => {
    const shop = {
      ...NEW_SHOP,
      shop_C: 18,
      rules: { ...NEW_SHOP.rules, ladder: 'climb' as const },
    };
    const tag = {
      tag: 'T-9',
      owner: '',
      contact: '',
      unit: '',
      complaint: '',
      by: '',
      tier: 'service',
    };
    const made = await load('job', await createJob(tag, demo.sheets[0]!, shop));
    expect(made).toMatchObject({ shop_C: 18, part_C: null, rules: { ladder: 'climb' } });
    expect(made?.sheet).toEqual(demo.sheets[0]);
    expect(made?.feeler).toEqual(NEW_SHOP.feelers[0]);
  });
  it('of a study begins without a reading', async () => {
    const plan = {
      what: 'Bore',
      instrument: 'bore-gauge',
      people: ['a', 'b'],
      parts: ['1', '2'],
      trials: 3,
    };
    expect(await load('study', await createStudy(plan))).toMatchObject({ ...plan, readings: [] });
  });
});

describe('photos', () => {
  const photo = (id: string): Photo => ({
    schema: PHOTO_SCHEMA,
    id,
    revision: 0,
    job: job.id,
    width: 8,
    height: 6,
    jpeg: 'data:image/jpeg;base64,/9j/4AAQ',
  });
  const add = (id: string) =>
    change(
      'job',
      job.id,
      (j) => ({
        ...j,
        photos: [...j.photos, { id, at: '2026-11-23T09:00:00.000Z', by: '', of: 'tag' }],
      }),
      { beside: [{ kind: 'photo', record: photo(id) }] },
    );
  beforeEach(() => saveNew([{ kind: 'job', record: job }]));

  it('are written in one stroke with the job that shows them', async () => {
    await add('p-1');
    expect(await load('photo', 'p-1')).toEqual(photo('p-1'));
    expect((await load('job', job.id))?.photos.map((p) => p.id)).toEqual(['p-1']);
  });
  it('are not written where the job is not', async () => {
    const wrong = change(
      'job',
      job.id,
      () => {
        throw new Error('no');
      },
      { beside: [{ kind: 'photo', record: photo('p-3') }] },
    );
    await expect(wrong).rejects.toThrow('no');
    expect(await load('photo', 'p-3')).toBeNull();
  });
  it('that were lost do not hold the job’s file up', async () => {
    await add('p-6');
    await remove('photo', 'p-6');
    const again = readFile(await jobFile((await load('job', job.id)) as Job));
    expect(again.photos).toEqual([]);
    expect(again.jobs[0]?.photos).toHaveLength(1);
  });
});
