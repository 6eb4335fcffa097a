import { assessJob } from '../core/guidance/evaluator';
import { readFileSync } from 'node:fs';
import { readFile } from '../core/records/readFile';
import { demoFile } from './depot';
import { feel } from '../core/methods/feeler';

const { jobs, sheets } = readFile(demoFile());

describe('the demo', () => {
  it('is the file that ships with the app', () => {
    expect(readFileSync('public/demo/highmoor.json', 'utf8')).toBe(demoFile());
  });
  it('says of every limit that it is invented', () => {
    for (const sheet of [...sheets, ...jobs.map((j) => j.sheet)]) {
      expect(sheet.invented).toBe(true);
      for (const tier of sheet.tiers) expect(tier.source).toMatch(/invented/i);
    }
  });
  it('has jobs of every verdict, finished and unfinished', () => {
    const verdicts = new Set(jobs.flatMap((job) => assessJob(job).map((a) => a.verdict)));
    expect([...verdicts].sort()).toEqual(['close', 'in', 'open', 'out']);
    expect(new Set(jobs.map((j) => j.stage))).toEqual(new Set(['tag', 'measure', 'report']));
  });
  it('has no two records of one name', () => {
    const names = [...jobs.map((j) => j.id), ...sheets.map((s) => s.id)];
    expect(new Set(names).size).toBe(names.length);
    for (const { journal } of jobs) {
      expect(new Set(journal.map((e) => e.id)).size).toBe(journal.length);
    }
  });
});

describe('an honest leaf', () => {
  it.each([
    [0.05, [0.06, 0.07], 'free'],
    [0.05, [0.03, 0.04], 'no-go'],
    [0.05, [0.04, 0.06], 'part-way'],
    [0.05, [0.049, 0.051], 'drag'],
  ] as const)('of %d in %j is %s', (leaf, gap, felt) => {
    expect(feel(leaf, gap)).toBe(felt);
  });
});
