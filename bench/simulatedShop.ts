import { dimensionId, type DimensionId } from '../core/pumps/ids';
import { carryOut } from '../core/commands/deciding';
import { Evaluator } from '../core/guidance/evaluator';
import { sizeAt } from '../core/practice/gauge';
import { emptyJob } from '../core/practice/job';
import { dimensionOf } from '../core/pumps/registry';
import { withReading } from '../core/journal/commands';
import { evenFrom, normalFrom, type Even } from '../core/random';
import type { Job } from '../core/records/job';
import { NEW_SHOP } from '../core/records/shop';
import { reworkCase } from '../core/rework/decision/case';
import { loadHighs } from '../core/rework/solver/highs';
import { plannedOperations, type PlannedOperation } from '../core/rework/decision/lines';
import type { Solver } from '../core/rework/solver/program';
import { solveRework } from '../core/rework/decision/solve';
import { DEMO_SHEETS } from '../demo/sheets';
import { howMany } from './howMany';

/**
 * A shop as it would be: pumps with true sizes that nobody sees, mics that are off, cuts that are off. How
 * many pumps end inside their true limits where plans are followed, and where the excess is just taken off.
 */
const PUMPS = howMany(80, 1);
const ROUNDS = 4;
const LIMITS = { lower_mm: 0.02, upper_mm: 0.08 };
/** Standard deviations: of one reading by mic, and of a cut from what was set. */
const MIC_mm = 0.003;
const CUT_mm = 0.004;

type Sizes = Record<string, number>;

const SHEET = DEMO_SHEETS.find((s) => s.family === 'crescent') ?? DEMO_SHEETS[0]!;
const READ = ['pocket-depth', 'drive-width', 'driven-width', 'track-depth', 'face-depth'].map(
  dimensionId,
);

/** Makes a pump up: worn by up to twice what the limits allow. */
function truePump(even: Even): Sizes {
  return {
    'pocket-depth': 20.015 + 0.12 * even(),
    'drive-width': 20 - 0.004 * even(),
    'driven-width': 20 - 0.004 * even(),
    'track-depth': 10 + Math.max(0, 0.05 * (even() - 0.4)),
    'face-depth': 10,
  };
}

const stackOf = (s: Sizes, gear: string): number =>
  (s['pocket-depth'] ?? 0) - (s[gear] ?? 0) + (s['track-depth'] ?? 0) - (s['face-depth'] ?? 0);

const isIn = (s: Sizes): boolean =>
  ['drive-width', 'driven-width'].every((gear) => {
    const stack = stackOf(s, gear);
    return stack >= LIMITS.lower_mm && stack <= LIMITS.upper_mm;
  });

let count = 0;

/** Reads sizes at all their places, each reading off by what the mic is. */
function measured(job: Job, sizes: Sizes, read: readonly DimensionId[], even: Even): Job {
  const gauge = { u_mm: MIC_mm, own_mm: MIC_mm / 2, off_mm: 0 };
  const readings = read.flatMap((id) =>
    dimensionOf(job.sheet, id).stations.map((s) =>
      sizeAt(id, s.id, `r${(count += 1)}`, (sizes[id] ?? 0) + MIC_mm * normalFrom(even), gauge),
    ),
  );
  return readings.reduce(withReading, job);
}

/** Does to the true sizes what a step says, off by what the machine is; returns the amount that it really took. */
function worked(sizes: Sizes, { offer, amount_mm }: PlannedOperation, even: Even): number {
  const taken = Math.max(0, amount_mm + CUT_mm * normalFrom(even));
  for (const { dimension, perMm } of offer.works.flatMap((w) => w.moves)) {
    if (perMm !== null) sizes[dimension] = (sizes[dimension] ?? 0) + perMm * taken;
    else if (dimension === 'track-depth') sizes['track-depth'] = sizes['face-depth'] ?? 0;
  }
  return taken;
}

/** Follows plans until nothing is left to do; returns the true sizes at the end, null where a part is given up. */
function byPlan(start: Sizes, solve: Solver, even: Even): Sizes | null {
  const sizes = { ...start };
  const tier = SHEET.tiers.find((t) => t.id === 'service')?.id ?? SHEET.tiers[0]?.id ?? '';
  const base = emptyJob(SHEET, '2026-11-20T09:00:00.000Z');
  const rules = { ...base.rules, renew: 'measured' as const };
  let job = measured({ ...base, tier, rules }, sizes, READ, even);
  for (let round = 0; round < ROUNDS; round++) {
    const state = new Evaluator().state(job);
    const rework = reworkCase(job, state, NEW_SHOP);
    const [plan] = solveRework(rework, solve).plans;
    if (!plan) return null;
    const steps = plannedOperations(rework, plan);
    if (steps.length === 0) return sizes;
    for (const step of steps) {
      if (step.offer.operation.replaces !== null) return null;
      const taken = worked(sizes, step, even);
      const made = { id: `o${(count += 1)}`, at: base.createdAt, by: '', voided: null };
      const read = Math.max(0.001, taken + CUT_mm * normalFrom(even));
      job = carryOut(step.offer, null, read, CUT_mm)(job, made);
      const changed = step.offer.works.flatMap((w) => w.moves.map((m) => m.dimension));
      job = measured(
        job,
        sizes,
        READ.filter((id) => changed.includes(id)),
        even,
      );
    }
  }
  return sizes;
}

/** Takes the excess off once, as it was measured, and no more. */
function byExcess(start: Sizes, even: Even): Sizes {
  const sizes = { ...start };
  const read = (mm: number) => mm + MIC_mm * normalFrom(even);
  const stacks = ['drive-width', 'driven-width'].map((gear) => read(stackOf(sizes, gear)));
  const over = Math.max(...stacks) - LIMITS.upper_mm;
  const under = LIMITS.lower_mm - Math.min(...stacks);
  const cut = over > 0 ? -over : under > 0 ? under : 0;
  if (cut !== 0) {
    const taken = cut + CUT_mm * normalFrom(even);
    sizes['pocket-depth'] = (sizes['pocket-depth'] ?? 0) + taken;
  }
  return sizes;
}

async function main(): Promise<void> {
  const solve = await loadHighs();
  const even = evenFrom(20261126);
  const pumps = Array.from({ length: PUMPS }, () => truePump(even));
  const before = pumps.filter(isIn).length;
  const planned = pumps.map((pump) => byPlan(pump, solve, even));
  const plain = pumps.map((pump) => byExcess(pump, even));
  const given = planned.filter((p) => p === null).length;
  const good = planned.filter((p) => p !== null && isIn(p)).length;
  console.log(`Simulated shop, ${PUMPS} pumps, ${before} inside their true limits as they came:`);
  console.log(
    `  by plan, cut and measured again: ${good} inside, ${given} given up for other parts`,
  );
  console.log(`  by taking the excess off once: ${plain.filter(isIn).length} inside`);
}

void main();
