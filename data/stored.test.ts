import { assessJob } from '../core/guidance/evaluator';
import { readFileSync } from 'node:fs';
import { JOB_SCHEMA } from '../core/records/job';
import { ledgerOf } from '../core/journal/ledger';
import { change, remove } from './records';
import { load, loadAll, UnreadableRecord } from './opened';
import { listJobs } from './summaries';
import { readText, writeTexts } from './storage';

/** What the code of version 1 put into the browser's storage, key by key; see fixtures/README.md. */
const stored = JSON.parse(readFileSync('fixtures/v1/storage.json', 'utf8')) as Record<
  string,
  string
>;
const expected = JSON.parse(readFileSync('fixtures/v1/expected.json', 'utf8')) as Record<
  string,
  { verdicts: Record<string, string> }
>;

beforeAll(async () => {
  await writeTexts(stored);
});

describe('a store that version 1 wrote', () => {
  const count = (kind: string) =>
    Object.keys(stored).filter((k) => k.startsWith(`${kind}/`)).length;

  it.each(['job', 'sheet', 'study', 'photo', 'shop'] as const)('opens every %s', async (kind) => {
    const { records, unreadable } = await loadAll(kind);
    expect(unreadable).toEqual([]);
    expect(records).toHaveLength(count(kind));
  });
  it('is judged as it was, though its seals still match', async () => {
    const { records } = await loadAll('job');
    for (const job of records) {
      const verdicts = assessJob(job).map((a) => [a.characteristic.id, a.verdict]);
      const is = Object.fromEntries(verdicts) as Record<string, string>;
      // A sum that sizes can settle is open now; all else is as it was.
      for (const [id, was] of Object.entries(expected[job.id]!.verdicts)) {
        expect([id, is[id] === 'open' ? was.replace('close', 'open') : was]).toEqual([id, is[id]]);
      }
    }
    expect(await listJobs()).toHaveLength(records.length);
  });
  it('is written on in the present version, with nothing lost', async () => {
    const id = 'v1-every-kind';
    const before = (await load('job', id))!;
    const after = await change('job', id, (j) => ({ ...j, unit: 'Gritter 10' }));
    expect(ledgerOf(after)).toEqual(ledgerOf(before));
    expect(JSON.parse((await readText(`job/${id}`))!)).toMatchObject({ schema: JOB_SCHEMA });
    await load('sheet', 'demo-sheet-veltrane-t6');
    expect(await load('job', id)).toEqual(after);
  });
  it('of the version before parts still opens, whole in one text', async () => {
    const id = 'v1-every-kind';
    const job = (await load('job', id))!;
    const whole = { ...job, id: 'whole' };
    await writeTexts({ 'job/whole': JSON.stringify(whole), 'seal/job/whole': 'job 2 3 1234 99' });
    expect(await load('job', 'whole')).toEqual(whole);
    const after = await change('job', 'whole', (j) => ({ ...j, unit: 'Gritter 11' }));
    await load('sheet', 'demo-sheet-veltrane-t6');
    expect(await load('job', 'whole')).toEqual(after);
    await remove('job', 'whole');
  });
  it('sets a record of a newer version aside, untouched, and opens the rest', async () => {
    const raw = JSON.stringify({ schema: 99, id: 'later', shape: 'unknown' });
    await writeTexts({ 'job/later': raw, 'seal/job/later': 'job 99 1 1 1' });
    await expect(load('job', 'later')).rejects.toThrow(/newer Dial Bench/);
    await expect(change('job', 'later', (j) => j)).rejects.toThrow(UnreadableRecord);
    const { records, unreadable } = await loadAll('job');
    expect([records.length, unreadable.length]).toEqual([count('job'), 1]);
    expect(await readText('job/later')).toBe(raw);
  });
});

describe('a store that version 2 wrote', () => {
  const second = JSON.parse(readFileSync('fixtures/v2/storage.json', 'utf8')) as typeof stored;
  it('opens every record, whatever lies beside it', async () => {
    const jobs = Object.keys(second).filter((k) => k.startsWith('job/'));
    const ids = jobs.map((k) => k.slice('job/'.length));
    await writeTexts(
      Object.fromEntries(Object.entries(second).filter(([k]) => !k.startsWith('shop'))),
    );
    for (const id of ids) {
      const job = (await load('job', id))!;
      expect([job.schema, job.journal.length > 0]).toEqual([JOB_SCHEMA, true]);
    }
  });
});
