import type { Assessment } from '../../assessment/assessment';
import { lookedAt, type Looked } from '../../inspect/looking';
import { workEntriesOf } from '../../journal/eras';
import type { ReworkCase } from './case';
import { partLines, plannedOperations, type PartLine, type PlannedOperation } from './lines';
import { priceOf, priceOfNew, type Price } from './money';
import { mustBeSized, suggestsNew } from './proposal';
import type { RatedPlan } from './rated';
import type { Rework } from './solve';
import { nextStepOf, workListOf, type WorkList } from './worklist';

/**
 * Says in a word what is to be done with a pump: reused as it is, worked on, measured first, a new one bought; it is
 * not ready where something is left that no work puts right, and done where the work was carried out.
 */
export type DecisionKind = 'reuse' | 'work' | 'measure' | 'replace' | 'not-ready' | 'done';

/** The whole answer for a pump: what can be done, the plan in hand, what it costs, and what it comes to. */
export interface Decided {
  readonly rework: ReworkCase;
  readonly solved: Rework;
  /** The plan in hand; null where there is none. */
  readonly plan: RatedPlan | null;
  /** Lists its operations in the order of doing. */
  readonly planned: readonly PlannedOperation[];
  readonly lines: readonly PartLine[];
  readonly price: Price | null;
  readonly newPump: Price;
  readonly buyNew: boolean;
  /** The plan that somebody made the work list; null for none. */
  readonly list: WorkList | null;
  /** Lists what has to be measured again after work that was done. */
  readonly again: readonly Assessment[];
  /** Lists what was worked on and of which nobody knows since that it is open. */
  readonly unclear: readonly Assessment[];
  readonly kind: DecisionKind;
}

/**
 * Tells whether nothing that could be decided on was measured yet.
 *
 * @param rework what plans for the pump are made from
 * @example
 * isUnread({ watched: [], unmeasured: [{}], unmet: [] }); // true
 * isUnread({ watched: [{}], unmeasured: [], unmet: [] }); // false
 */
export const isUnread = ({ watched, unmeasured, unmet }: ReworkCase): boolean =>
  watched.length === 0 && unmeasured.length > 0 && unmet.length === 0;

/**
 * Lists the gaps that a plan would narrow though nobody knows how wide they are: they are measured first.
 *
 * @param rework what plans for the pump are made from
 * @param planned the operations of the plan
 * @example
 * const blind = [{ offer: 'lap', gaps: ['face'] }];
 * unseenBy({ blind }, [{ offer: { id: 'lap' } }]); // ['face']
 * unseenBy({ blind }, []); // []
 */
export const unseenBy = (
  { blind }: Pick<ReworkCase, 'blind'>,
  planned: readonly Pick<PlannedOperation, 'offer'>[],
): readonly Assessment[] => [
  ...new Set(
    blind.filter((b) => planned.some(({ offer }) => offer.id === b.offer)).flatMap((b) => b.gaps),
  ),
];

/**
 * Lists the surfaces of a pump that nobody looked at.
 *
 * @param rework what plans for the pump are made from
 */
export const unseenSurfaces = ({ job }: Pick<ReworkCase, 'job'>): readonly Looked[] =>
  lookedAt(job).filter(({ state }) => state === 'unseen');

/**
 * Returns what a pump comes to by what is known and planned, whatever was made a work list.
 *
 * @param decided the case, its plans, the one in hand, and whether a new pump costs less
 */
export function answerKind({
  rework,
  solved,
  plan,
  planned,
  buyNew,
}: Pick<Decided, 'rework' | 'solved' | 'plan' | 'planned' | 'buyNew'>): DecisionKind {
  const { unmeasured, unmet, job } = rework;
  if (isUnread(rework) || rework.contradicted.length > 0) return 'measure';
  if (solved.closer.length > 0 || rework.unclear.length > 0) return 'measure';
  if (plan && (plan.again.length > 0 || unseenBy(rework, planned).length > 0)) return 'measure';
  if (buyNew) return 'replace';
  if (!plan) return mustBeSized(rework, solved.blocked) ? 'measure' : 'not-ready';
  if (planned.length > 0) return 'work';
  if (unmet.length > 0) return 'not-ready';
  if (unmeasured.length > 0) return 'measure';
  if (workEntriesOf(job).length > 0) return 'done';
  return unseenSurfaces(rework).length > 0 ? 'not-ready' : 'reuse';
}

/** Returns what a work list comes to: its next step, what has to be measured after it, or that it is done. */
function listKind(list: WorkList, left: readonly Assessment[]): DecisionKind {
  if (nextStepOf(list)) return 'work';
  return left.length > 0 ? 'measure' : 'done';
}

/**
 * Returns the whole answer for a pump.
 *
 * @param rework what the plans were made from
 * @param solved the plans, the best first
 * @param chosen the plan in hand, by its place among them; the last where there are fewer
 */
export function decide(rework: ReworkCase, solved: Rework, chosen = 0): Decided {
  const { job, all, unclear } = rework;
  const plan = solved.plans[Math.min(chosen, solved.plans.length - 1)] ?? null;
  const newPump = priceOfNew(rework);
  const list = workListOf(job);
  const again = all.filter(
    (a) => a.limits !== null && a.work.length > 0 && a.verdict === 'open' && a.parts.length === 0,
  );
  const answer = {
    rework,
    solved,
    plan,
    planned: plan ? plannedOperations(rework, plan) : [],
    buyNew: suggestsNew(rework, solved),
  };
  return {
    ...answer,
    newPump,
    list,
    again,
    unclear,
    lines: partLines(rework, plan),
    price: plan && priceOf(rework, plan),
    kind: list ? listKind(list, [...again, ...unclear]) : answerKind(answer),
  };
}
