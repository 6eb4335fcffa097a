import { ledgerOf } from '../../journal/ledger';
import type { WorkEntry } from '../../records/entry';
import type { Job } from '../../records/job';
import type { Plan, PlanStep } from '../../records/rework';
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

/** Returns the work list of a job: the last plan that counts, with what was carried out of it; null for none. */
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

/** Returns the step of a work list that comes next; null where all are done. */
export const nextStepOf = ({ steps }: WorkList): ListedStep | null =>
  steps.find(({ done }) => done.length === 0) ?? null;
