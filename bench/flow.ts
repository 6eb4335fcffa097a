import { readFileSync } from 'node:fs';
import { drawnSlips, UNFITTED } from '../core/flow/answer';
import { dutyFlow, flowBasis } from '../core/flow/overview';
import { stateOf } from '../core/guidance/evaluator';
import { readFile } from '../core/records/readFile';
import { howMany } from './howMany';

/** How long it takes to draw a pump ten thousand times, and to count it once, for each family of the demo. */

const DRAWS = howMany(10_000, 100);
const RUNS = howMany(7, 1);

const { jobs } = readFile(readFileSync('public/demo/highmoor.json', 'utf8'));
const families = new Map(jobs.map((job) => [job.sheet.family, job]));

const median = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN;

const timed = (work: () => unknown): number => {
  const from = performance.now();
  work();
  return performance.now() - from;
};

console.log(`A pump drawn ${DRAWS} times at hot idle, and counted once, medians of ${RUNS}:`);
for (const [family, job] of families) {
  const basis = flowBasis(job, stateOf(job));
  const { at } = dutyFlow(basis, 'idle');
  const all = (work: () => unknown) => median(Array.from({ length: RUNS }, () => timed(work)));
  const drawn = all(() => drawnSlips(basis.subject, [at], UNFITTED, { seed: 1, draws: DRAWS }));
  const once = all(() => dutyFlow(basis, 'idle'));
  console.log(`  ${family}: ${drawn.toFixed(0)} ms, once ${once.toFixed(2)} ms`);
}
