import { workEntriesOf } from '../../journal/eras';
import { ledgerOf } from '../../journal/ledger';
import type { WorkEntry } from '../../records/entries/operation';
import type { Job } from '../../records/job';
import type { Plan, PlanStep } from '../../records/entries/plan';
import type { OperationId, PartId } from '../../pumps/ids';
import { counting } from '../../schema/voiding';

/** A step of the work list, and what was done for it; nothing yet where that is empty. */
export interface ListedStep {
  readonly step: PlanStep;
  readonly done: readonly WorkEntry[];
}

/** The plan that somebody made the work list, and how far it is. */
export interface WorkList {
  readonly plan: Plan;
  readonly steps: readonly ListedStep[];
}

/**
 * Returns the work list of a job: the last plan that counts, with what was carried out of it; null for none.
 *
 * @param job its journal
 */
export function workListOf(job: Pick<Job, 'journal'>): WorkList | null {
  const { plans, operations } = ledgerOf(job);
  const plan = counting(plans).at(-1);
  if (!plan) return null;
  const done = counting(operations);
  return {
    plan,
    steps: plan.steps.map((step) => ({ step, done: done.filter((o) => o.step === step.id) })),
  };
}

/**
 * Returns the step of a work list that comes next; null where all are done.
 *
 * @param list the steps, and what was done of each
 * @example
 * const steps = [
 *   { step: 'lap', done: ['today'] },
 *   { step: 'hone', done: [] },
 * ];
 * nextStepOf({ steps }); // { step: 'hone' }
 * nextStepOf({ steps: steps.slice(0, 1) }); // null
 */
export const nextStepOf = ({ steps }: WorkList): ListedStep | null =>
  steps.find(({ done }) => done.length === 0) ?? null;

/** Work that was carried out: on which parts, and by how much. */
export interface DoneWork {
  /** The operation of the work list that it was; where it was none, the kind of work. */
  readonly operation: OperationId | WorkEntry['work'];
  readonly parts: readonly PartId[];
  /** Is null where nobody measured it, or there is none. */
  readonly amount_mm: number | null;
}

/**
 * Lists the work of a job that counts, in order; what was one step of a work list is one.
 *
 * @param job its journal
 */
export function doneWork(job: Pick<Job, 'journal'>): DoneWork[] {
  const entries = workEntriesOf(job);
  const steps = new Map(ledgerOf(job).plans.flatMap((p) => p.steps.map((s) => [s.id, s])));
  const firsts = entries.filter(
    ({ step }, i) => step === null || entries.findIndex((e) => e.step === step) === i,
  );
  return firsts.map((first) => {
    const same = first.step === null ? [first] : entries.filter((e) => e.step === first.step);
    const taken = same.flatMap((e) => e.changes.flatMap(({ by_mm }) => by_mm ?? []));
    return {
      operation: steps.get(first.step ?? '')?.operation ?? first.work,
      parts: [...new Set(same.map(({ part }) => part))],
      amount_mm: taken.length > 0 ? Math.max(...taken.map(Math.abs)) : null,
    };
  });
}
