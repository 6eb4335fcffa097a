import { readFileSync } from 'node:fs';
import { withReading, withVoided } from '../core/journal/commands';
import { ledgerOf } from '../core/journal/ledger';
import { readFile } from '../core/records/readFile';
import type { Job } from '../core/records/job';
import { largeJob } from '../demo/large';
import { chunksIn, joined, partKeys, textsOfJob, type JobTexts } from './jobTexts';

const { jobs } = readFile(readFileSync('public/demo/highmoor.json', 'utf8'));

/** Puts a job together again from what was written of it, over what was written before. */
function read(id: string, ...written: readonly JobTexts[]): Job {
  const texts: Record<string, string | null> = {};
  for (const each of written) Object.assign(texts, each.texts);
  const head = JSON.parse(written.at(-1)!.head) as object;
  return joined(
    head,
    partKeys(id, chunksIn(head)!).map((key) => texts[key] ?? null),
  ).job;
}

describe('a job as texts', () => {
  it('is what JSON makes of it, field by field in its order, the first time and after', () => {
    for (const job of jobs) {
      expect(JSON.stringify(read(job.id, textsOfJob(job, null)))).toBe(JSON.stringify(job));
      expect(JSON.stringify(read(job.id, textsOfJob(job, null)))).toBe(JSON.stringify(job));
    }
  });
  it('follows every change: a reading more, one voided, another sheet, fewer entries', () => {
    const job = jobs.find((j) => ledgerOf(j).readings.length > 3)!;
    const [first, second] = ledgerOf(job).readings;
    const first_ = textsOfJob(job, null);
    const more = withReading(job, { ...first!, id: 'more' });
    const voided = withVoided(more, [second!.id], { at: first!.at, by: 'x', why: 'y' });
    const renamed = { ...voided, sheet: { ...voided.sheet, model: 'Other “pump”' } };
    const shorter = { ...job, journal: job.journal.slice(0, 2) };
    for (const j of [more, voided, renamed, shorter]) {
      const next = textsOfJob(j, { job, layout: first_.layout });
      expect(JSON.stringify(read(job.id, first_, next))).toBe(JSON.stringify(j));
    }
  });
  it('of two thousand readings writes one chunk for one more, and the marks of all', () => {
    const job = largeJob(2000);
    const whole = textsOfJob(job, null);
    const more = withReading(job, { ...ledgerOf(job).readings[0]!, id: 'more' });
    const next = textsOfJob(more, { job, layout: whole.layout });
    expect(Object.keys(next.texts)).toHaveLength(1);
    expect(JSON.stringify(next.texts).length).toBeLessThan(40_000);
    expect(next.layout).toEqual(textsOfJob(more, null).layout);
    expect(read(job.id, whole, next)).toEqual(more);
  });
  it('takes away the chunks of a journal that is shorter', () => {
    const job = largeJob(200);
    const { layout } = textsOfJob(job, null);
    const { texts } = textsOfJob({ ...job, journal: [] }, { job, layout });
    expect(Object.values(texts)).toEqual(layout.chunks.map(() => null));
  });
});

describe('a head', () => {
  it.each([
    [{ journal: [] }],
    [{ journal: -1 }],
    [{ journal: 1.5 }],
    [{ journal: 1e9 }],
    [null],
    [{}],
  ])('%j says no number of chunks', (head) => expect(chunksIn(head)).toBeNull());
  it('without one of its parts is not read', () => {
    expect(() => joined({ journal: 1 }, ['{}', null])).toThrow(SyntaxError);
    expect(() => joined({ journal: 1 }, ['{}', '[{"kind":'])).toThrow(SyntaxError);
  });
});
