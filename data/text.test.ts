import { ledgerOf } from '../core/journal/ledger';
import { readFileSync } from 'node:fs';
import { readFile } from '../core/records/file';
import { withReading, withStruck } from '../core/journal/commands';
import { jobText } from './text';

const { jobs } = readFile(readFileSync('public/demo/highmoor.json', 'utf8'));

describe('a job as text', () => {
  it('is what JSON makes of it, the first time and after', () => {
    for (const job of jobs) {
      expect(jobText(job)).toBe(JSON.stringify(job));
      expect(jobText(job)).toBe(JSON.stringify(job));
    }
  });
  it('follows every change: a reading more, one struck, another sheet', () => {
    const job = jobs.find((j) => ledgerOf(j).readings.length > 3)!;
    const [first, second] = ledgerOf(job).readings;
    const more = withReading(job, { ...first!, id: 'more' });
    const struck = withStruck(more, [second!.id], { at: first!.at, by: 'x', why: 'y' });
    const renamed = { ...struck, sheet: { ...struck.sheet, model: 'Other “pump”' } };
    for (const j of [more, struck, renamed]) expect(JSON.parse(jobText(j))).toEqual(j);
  });
});
