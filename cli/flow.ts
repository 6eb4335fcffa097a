import { jobFlow } from '../core/flow/jobFlow';
import type { Conditions } from '../core/flow/jobPump';
import { standingBefore, standingNow, type Standing } from '../core/flow/known';
import { standingAfter } from '../core/flow/planned';
import { Evaluator, type State } from '../core/guidance/evaluator';
import type { Job } from '../core/records/job';
import { reworkCase } from '../core/rework/decision/case';
import { solveRework } from '../core/rework/decision/solve';
import type { Solver } from '../core/rework/solver/program';
import { shopIn } from './decide';
import { bench } from './file';
import { jobIn } from './job';

/** The moments at which a pump’s flow can be asked for. */
export const MOMENTS = ['now', 'before', 'predicted'] as const;
export type Moment = (typeof MOMENTS)[number];

/** What is asked of the pump in a file of one job. */
export interface FlowQuestion extends Conditions {
  readonly file: object;
  readonly shop?: object | null | undefined;
  readonly state?: Moment | undefined;
  readonly seed?: number | null | undefined;
}

/** Returns what gaps are after the best plan; as they are now where there is none. */
async function afterPlan(
  { file, shop }: Pick<FlowQuestion, 'file' | 'shop'>,
  job: Job,
  state: State,
  solver: () => Promise<Solver>,
): Promise<Standing> {
  const { parts } = bench(file, 'file');
  const rework = reworkCase(job, state, shopIn(shop), { shelf: parts });
  const [best] = solveRework(rework, await solver()).plans;
  return best ? standingAfter(rework, best.works) : standingNow;
}

/**
 * Returns what the pump in a file of one job delivers, as the page Flow shows it.
 *
 * @param question the file, how the pump runs and on what
 * @param solver makes plans, for the state that is predicted
 */
export async function flowOfFile(question: FlowQuestion, solver: () => Promise<Solver>) {
  const { file, shop, state: moment = 'now', seed, ...at } = question;
  const job = jobIn(file);
  const state = new Evaluator().state(job);
  const standings: Readonly<Record<Moment, () => Standing | Promise<Standing>>> = {
    now: () => standingNow,
    before: () => standingBefore,
    predicted: () => afterPlan({ file, shop }, job, state, solver),
  };
  const answer = jobFlow(job, state, at, { seed: seed ?? 1 }, await standings[moment]());
  const { displacement, paths, ...flow } = answer;
  return {
    cc_rev: displacement.cc_rev,
    cc_source: displacement.from,
    delivered_lpm: flow.delivered,
    slip_lpm: flow.slip_lpm,
    demand_lpm: flow.demand_lpm,
    K: flow.K,
    efficiency: flow.efficiency,
    paths: paths.map(({ gap: { smallest_mm, largest_mm }, ...path }) => ({
      ...path,
      gap_mm: (smallest_mm + largest_mm) / 2,
    })),
    missing: displacement.missing,
  };
}
