import { expose } from 'comlink';
import wasm from 'highs/runtime';
import { Evaluator } from '../core/guidance/evaluator';
import type { Job } from '../core/records/job';
import { reworkCase, type CaseOptions, type Setting } from '../core/rework/decision/case';
import { loadHighs, LONGEST_s } from '../core/rework/solver/highs';
import type { WorkTerms } from '../core/rework/operations/offer';
import { withinTime, type Solver } from '../core/rework/solver/program';
import { solveRework, type Rework } from '../core/rework/decision/solve';

let solver: Promise<Solver> | null = null;

/** Plans the rework of a job; the solver is loaded with the first. */
export async function planRework(
  job: Job,
  terms: WorkTerms,
  settings: readonly (readonly [string, Setting])[],
  options: CaseOptions,
): Promise<Rework> {
  solver ??= loadHighs(() => wasm);
  const state = new Evaluator().state(job);
  const rework = reworkCase(job, state, terms, options);
  const inTime = withinTime(await solver, LONGEST_s, () => performance.now());
  return solveRework(rework, inTime, new Map(settings));
}

expose({ planRework });
