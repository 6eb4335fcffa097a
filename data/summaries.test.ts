import { readFileSync } from 'node:fs';
import { ledgerOf, type Ledger } from '../core/journal/ledger';
import { readFile } from '../core/records/readFile';
import type { Job } from '../core/records/job';
import { relisted } from '../core/testing/relisted';
import { writeBriefs } from './briefs';
import { change, remove, saveNew } from './records';
import { load } from './opened';
import { readText, writeTexts } from './storage';
import {
  gapsOfModel,
  keepFront,
  listAfter,
  listJobs,
  loadFront,
  renewSummaries,
  type ListedJob,
} from './summaries';

const demo = readFile(readFileSync('public/demo/highmoor.json', 'utf8'));
const [job, other] = demo.jobs as [Job, Job];

const listed = async (id = job.id): Promise<ListedJob | undefined> =>
  (await listJobs()).find((b) => b.id === id);

/** The list after whatever is not current in it was made anew. */
async function renewedList(): Promise<ListedJob[]> {
  const stale = (await listJobs()).filter((b) => b.state === 'stale').map(({ id }) => id);
  const shown: ListedJob[] = [];
  await renewSummaries(stale, (jobs) => shown.push(...jobs));
  expect(shown.map(({ id }) => id).sort()).toEqual(stale.sort());
  return listJobs();
}

beforeEach(() => saveNew([{ kind: 'job', record: job }]));

describe('the list of jobs', () => {
  it('shows each without opening it', async () => {
    expect(await listed()).toMatchObject({
      tag: 'HM-0417',
      judged: 6,
      open: 6,
      nextStep: 'End clearance, drive gear',
      closed: null,
      due: job.due,
      state: 'current',
    });
  });

  it('hides no job whose summary is missing or odd, and makes it anew', async () => {
    const sound = (await listed())!;
    const odd = (field: object) => JSON.stringify({ ...sound, ...field });
    for (const text of [
      ...[null, '{', '{}', 'null', '[]'],
      ...[{ tag: 7 }, { worst: 'purple' }, { stage: 'nowhere' }, { id: 'another' }].map(odd),
    ]) {
      await writeTexts({ [`brief/${job.id}`]: text });
      const meanwhile = await listed();
      expect(meanwhile).toMatchObject({ tag: job.tag, owner: job.owner, state: 'stale' });
      expect((await renewedList()).find((b) => b.id === job.id)).toEqual(sound);
    }
  });

  it('is written once the hand rests, however often it was tapped, and not for a job that went', async () => {
    const brief = () => readText(`brief/${job.id}`);
    await listed();
    const before = await brief();
    for (const unit of ['Tug 1', 'Tug 2']) {
      await change('job', job.id, (j) => ({ ...j, unit }));
      expect(await brief()).toBe(before);
    }
    await writeBriefs();
    expect(await brief()).toContain('Tug 2');
    await change('job', job.id, (j) => ({ ...j, unit: 'Tug 3' }));
    const whole = await load('job', job.id);
    await remove('job', job.id);
    await writeBriefs();
    expect(await brief()).toBeNull();
    expect(whole?.unit).toBe('Tug 3');
  });
  it('knows a summary that is of an earlier write', async () => {
    const before = await readText(`brief/${job.id}`);
    await change('job', job.id, (j) => ({ ...j, unit: 'Loader 9' }));
    expect(await listed()).toMatchObject({ unit: 'Loader 9', state: 'current' });
    await writeTexts({ [`brief/${job.id}`]: before });
    expect(await listed()).toMatchObject({ state: 'stale' });
    expect((await renewedList()).find((b) => b.id === job.id)).toMatchObject({ unit: 'Loader 9' });
  });

  it('shows a job that cannot be read', async () => {
    await writeTexts({ 'job/odd': '{"schema":99}', 'job/odder': 'null', 'job/oddest': '{' });
    for (const id of ['odd', 'odder', 'oddest']) {
      expect(await listed(id)).toMatchObject({ tag: id, state: 'stale' });
    }
    const shown: ListedJob[] = [];
    await renewSummaries(['odd', 'odder', 'oddest'], (jobs) => shown.push(...jobs));
    expect(shown.map((b) => b.model)).toEqual(Array(3).fill('cannot be read'));
    for (const id of ['odd', 'odder', 'oddest']) await remove('job', id);
  });

  it('is brought up to date in what changed, and read whole once', async () => {
    await saveNew([{ kind: 'job', record: other }]);
    const list = await listAfter(undefined);
    expect(list.map((b) => b.id).sort()).toEqual([job.id, other.id].sort());
    await change('job', job.id, (j) => ({ ...j, owner: 'Tower stores' }));
    await remove('job', other.id);
    await saveNew([{ kind: 'job', record: { ...other, id: 'copy' } }]);
    const after = await listAfter(list);
    expect(after.map((b) => [b.id, b.owner])).toEqual([
      [job.id, 'Tower stores'],
      ['copy', other.owner],
    ]);
    const again = await listAfter(after);
    expect(again.map((b, i) => b === after[i])).toEqual([true, true]);
    await remove('job', 'copy');
  });

  it('has its head there before all of it is read, as the jobs are now', async () => {
    await saveNew([{ kind: 'job', record: other }]);
    await keepFront(await listJobs());
    await change('job', job.id, (j) => ({ ...j, tag: 'FIRST-1' }));
    expect((await loadFront()).map(({ id, tag }) => [id, tag])).toContainEqual([job.id, 'FIRST-1']);
    await remove('job', other.id);
    expect((await loadFront()).map(({ id }) => id)).toEqual([job.id]);
    for (const odd of ['', '7', '{"a":1}', '["gone",null,{}]']) {
      await writeTexts({ front: odd });
      expect(await loadFront()).toEqual([]);
    }
  });

  it('tells the other jobs of its model what was measured, from an older summary as well', async () => {
    const { model } = job.sheet;
    const measured = demo.jobs.filter(
      (j) => j.sheet.model === model && ledgerOf(j).readings.length > 10,
    );
    await saveNew(measured.map((record) => ({ kind: 'job', record })));
    const before = await gapsOfModel(await listJobs(), model, job.id);
    expect(before.filter((gaps) => (gaps['face-drive'] ?? 0) > 0).length).toBeGreaterThan(0);
    const [old] = measured as [Job];
    const brief = `brief/${old.id}`;
    const {
      gaps,
      of: _,
      ...older
    } = JSON.parse((await readText(brief)) ?? '') as {
      gaps: object;
      of: string;
    };
    await writeTexts({ [brief]: JSON.stringify(older) });
    expect(await listed(old.id)).toMatchObject({ ...older, gaps: null, state: 'stale' });
    expect(await gapsOfModel(await listJobs(), model, job.id)).toEqual(before);
    expect(await listed(old.id)).toMatchObject({ ...older, gaps, state: 'current' });
    expect(await gapsOfModel(await listJobs(), 'Another', job.id)).toEqual([]);
    for (const { id } of measured) if (id !== job.id) await remove('job', id);
  });

  it('leaves the record in hand in memory while summaries are made anew', async () => {
    const inHand = await load('job', job.id);
    await saveNew([{ kind: 'job', record: other }]);
    await load('job', job.id);
    await renewSummaries([other.id], () => undefined);
    expect(await load('job', job.id)).toEqual(inHand);
    await remove('job', other.id);
  });
});

describe('what the list says comes next', () => {
  const nextOf = async (lists: Partial<Ledger>, edit: Partial<Job> = {}) => {
    const record = relisted({ ...job, ...edit }, { readings: [], ...lists });
    await saveNew([{ kind: 'job', record }]);
    return (await listed())?.nextStep;
  };
  it('is strip, look, then the first place to measure', async () => {
    expect(await nextOf({ strip: [] })).toBe('Strip');
    expect(await nextOf({ findings: [] })).toBe('Look');
    expect(await nextOf({})).toMatch(/^End clearance/);
    expect(await nextOf({ strip: [], readings: ledgerOf(job).readings })).toMatch(/^End clearance/);
  });
  it('is nothing where the job was closed', async () => {
    const closed = { at: '2026-11-23T09:00:00.000Z', by: '', why: 'cracked' };
    expect(await nextOf({}, { closed })).toBe('');
  });
});
