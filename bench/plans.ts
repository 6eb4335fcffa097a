import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { afterBench, type BenchPlan } from '../core/practice/bench';
import { measure } from '../core/practice/hand';
import { hiddenOf } from '../core/practice/hidden';
import { emptyJob } from '../core/practice/job';
import { defectsOf } from '../core/pumps/teardown/defects';
import { teardownOf } from '../core/pumps/registry';
import { evenFrom, type Even } from '../core/random';
import { readFile } from '../core/records/readFile';
import type { Job } from '../core/records/job';
import { NEW_SHOP } from '../core/records/shop';
import { SHEETS } from '../core/testing/sheets';
import { howMany } from './howMany';

/**
 * Plans the demo's jobs and random worn pumps by this version and by an earlier one, and prints where the plans
 * differ: `npm run plans -- ../earlier`. Without an earlier checkout it prints how many have a plan.
 */
const SEED = 20261128;
const RANDOM = howMany(100, 1);
const AT = '2026-11-20T09:00:00.000Z';

/** Makes a pump up: worn, found with defects, measured to its end by a simulated hand. */
function wornPump(number: number, even: Even): Job {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(even() * list.length)] as T;
  const sheet = pick(SHEETS);
  const tier = pick(sheet.tiers).id;
  const base = emptyJob(sheet, AT);
  const rules = {
    ...base.rules,
    renew: pick(['always', 'measured'] as const),
    gears: pick(['keep', 'renew'] as const),
    lapping: pick(['never', 'last-resort', 'normal'] as const),
    decision: pick(['guarded', 'plain'] as const),
  };
  const job: Job = { ...base, id: `random-${number}`, tag: `R-${number}`, tier, rules };
  const defects: Record<string, NonNullable<BenchPlan['defects']>[string]> = {};
  for (const surface of teardownOf(sheet).surfaces) {
    if (even() > 0.12) continue;
    const nail = pick(['catches', 'passes'] as const);
    defects[surface.id] = {
      defect: pick(defectsOf(surface.kind)).id,
      nail,
      ...(nail === 'catches' ? { depth_mm: Math.round(60 * even()) / 1000 } : {}),
      decided: pick(['pass', 'dress', 'machine', 'replace'] as const),
    };
  }
  const looked = afterBench(job, { defects }, new Date(AT));
  const hidden = hiddenOf(sheet, tier, 0.4 + even(), {}, even);
  return measure(looked, hidden, { instruments: NEW_SHOP.instruments, zeros: [] }, new Date(AT));
}

/** Returns the jobs that both versions plan: those of the demo, and random ones. */
function jobsToPlan(): Job[] {
  const demo = readFile(readFileSync(path.join('public', 'demo', 'highmoor.json'), 'utf8')).jobs;
  const even = evenFrom(SEED);
  return [...demo, ...Array.from({ length: RANDOM }, (_, i) => wornPump(i, even))];
}

/** Where the planning stood in versions so far, the newest first. */
const HOMES = [
  { case: 'decision/case.ts', solve: 'decision/solve.ts', highs: 'solver/highs.ts', all: false },
  { case: 'case.ts', solve: 'solve.ts', highs: 'highs.ts', all: true },
];

const rounded = (mm: number): string => mm.toFixed(5);

/** Returns what a version makes of each job: its plans with their amounts and costs, what blocks, what is unmet. */
async function plansBy(checkout: string, jobs: readonly Job[]): Promise<string[]> {
  const rework = path.resolve(checkout, 'core', 'rework');
  const home = HOMES.find((h) => existsSync(path.join(rework, h.case)));
  if (!home) throw new Error(`${checkout} has no planning that is known here.`);
  const { Evaluator } = await import(path.resolve(checkout, 'core/guidance/evaluator.ts'));
  const { reworkCase } = await import(path.join(rework, home.case));
  const { solveRework } = await import(path.join(rework, home.solve));
  const { loadHighs } = await import(path.join(rework, home.highs));
  const solve = await loadHighs();
  return jobs.map((job) => {
    const state = new Evaluator().state(job);
    const found = reworkCase(job, state, NEW_SHOP);
    const { plans, blocked } = solveRework(
      ...[found, ...(home.all ? [state.characteristics] : []), solve],
    );
    const lines = plans.map(
      (plan: {
        cost: number;
        expected: number;
        works: { id: string; amount_mm: number; from_mm: number; to_mm: number }[];
      }) =>
        [
          `${plan.cost.toFixed(3)} ${plan.expected.toFixed(3)}`,
          ...plan.works.map(
            (w) => `${w.id} ${rounded(w.amount_mm)} ${rounded(w.from_mm)}–${rounded(w.to_mm)}`,
          ),
        ].join('; '),
    );
    const unmet = found.unmet.map((u: { surface: { id: string } }) => u.surface.id);
    const blocks = blocked.map(
      (b: { characteristic: string; short_mm: number }) =>
        `${b.characteristic} ${rounded(b.short_mm)}`,
    );
    return [...lines, `blocked: ${blocks.join(', ')}`, `unmet: ${unmet.join(', ')}`].join('\n  ');
  });
}

async function main([earlier]: readonly string[]): Promise<void> {
  const jobs = jobsToPlan();
  const now = await plansBy('.', jobs);
  const planned = now.filter((text) => !text.startsWith('blocked')).length;
  console.log(`${jobs.length} jobs, ${planned} with a plan.`);
  if (!earlier) return;
  const then = await plansBy(earlier, jobs);
  const different = jobs.flatMap((_, i) => (now[i] === then[i] ? [] : [i]));
  for (const i of different) {
    console.log(`\n${jobs[i]?.tag} ${jobs[i]?.sheet.model}\n  was: ${then[i]}\n  now: ${now[i]}`);
  }
  console.log(`\n${different.length} of ${jobs.length} jobs are planned otherwise.`);
}

void main(process.argv.slice(2));
