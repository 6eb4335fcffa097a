import { dimensionId, operationId } from '../pumps/ids';
import { Evaluator, type State } from '../guidance/evaluator';
import { emptyJob } from '../practice/job';
import { hiddenOf } from '../practice/hidden';
import { measure } from '../practice/hand';
import { evenFrom } from '../random';
import { dimensionOf } from '../pumps/registry';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import type { ShopOperation } from '../records/rework';
import { NEW_SHOP, type Shop } from '../records/shop';
import { reworkCase, type ReworkCase, type Setting } from '../rework/decision/case';
import { loadHighs } from '../rework/solver/highs';
import type { Solver } from '../rework/solver/program';
import { plannedOperations } from '../rework/decision/lines';
import { solveRework, type Rework } from '../rework/decision/solve';
import { AT, sized, withReadings } from './readings';
import { VELTRANE_T6 } from './sheets';

/** Returns a job on which these sizes in mm were read, each at all its places. */
export function jobWithSizes(
  sizes: Readonly<Record<string, number>>,
  more: Partial<Job> = {},
  sheet: Sheet = VELTRANE_T6,
): Job {
  const base = emptyJob(sheet, AT);
  const job: Job = { ...base, rules: { ...base.rules, renew: 'measured' }, ...more };
  const readings = Object.entries(sizes).flatMap(([id, mm]) =>
    dimensionOf(sheet, dimensionId(id)).stations.map((s) => sized(job, id, s.id, mm)),
  );
  return withReadings(job, ...readings);
}

/** Returns a job on a made-up pump, measured to its end. */
export function measuredJob(
  sheet: Sheet,
  worn: number,
  seed: number,
  more: Partial<Job> = {},
): Job {
  const tier = sheet.tiers[0]?.id ?? '';
  const job: Job = { ...emptyJob(sheet, AT), tier, ...more };
  const hidden = hiddenOf(sheet, tier, worn, {}, evenFrom(seed));
  return measure(job, hidden, { instruments: NEW_SHOP.instruments, zeros: [] }, new Date(AT));
}

/** Holds what can be done about a job's pump, with all that it was worked out from. */
export interface Planned {
  readonly state: State;
  readonly rework: ReworkCase;
  readonly solved: Rework;
}

let solver: Promise<Solver> | null = null;

/** Plans the rework of a job on the terms that the app begins with, but for those given. */
export const planFor = (job: Job, shop: Partial<Shop> = {}): Promise<Planned> =>
  planWith(job, new Map(), shop);

/** Plans the rework of a job with what a person set about operations. */
export async function planWith(
  job: Job,
  settings: ReadonlyMap<string, Setting>,
  shop: Partial<Shop> = {},
): Promise<Planned> {
  solver ??= loadHighs();
  const state = new Evaluator().state(job);
  const rework = reworkCase(job, state, { ...NEW_SHOP, ...shop });
  const solved = solveRework(rework, await solver, settings);
  return { state, rework, solved };
}

/** Returns the terms of a shop that does not do these operations. */
export const neverDone = (...ids: string[]): ShopOperation[] =>
  ids.map((id) => ({
    id: operationId(id),
    by: 'never',
    minutes: 0,
    setup: 0,
    price: 0,
    days: 0,
    least_mm: null,
    most_mm: null,
    tool: '',
    check: '',
    caution: '',
  }));

/** Returns what the best plan comes to, or that a new pump is the better buy. */
export function answerOf({ rework, solved }: Pick<Planned, 'rework' | 'solved'>, buyNew: boolean) {
  const [plan = null] = solved.plans;
  const planned = plan ? plannedOperations(rework, plan) : [];
  return { rework, solved, plan, planned, buyNew };
}
