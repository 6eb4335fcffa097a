import { median } from 'd3-array';
import { daysBetween } from '@/core/history/past';
import type { JobSummary } from '@/data/jobSummary';

/** The bench at a glance. */
export interface BenchNumbers {
  readonly inWork: number;
  readonly overdue: number;
  readonly forParts: number;
  readonly forCustomer: number;
  /** Days from opening a job to its going out, the middle one of the last year; null where none went out. */
  readonly days: number | null;
}

/** Pumps that went out longer ago do not tell how long it takes now, in days. */
const YEAR = 365;

/**
 * Returns the bench at a glance.
 *
 * @param today the day on which it is counted
 */
export function benchNumbers(jobs: readonly JobSummary[], today: string): BenchNumbers {
  const open = jobs.filter(({ closed, out }) => closed === null && out === null);
  const count = (meets: (job: JobSummary) => boolean): number => open.filter(meets).length;
  const took = jobs.flatMap(({ out, createdAt }) =>
    out !== null && daysBetween(out, today) <= YEAR
      ? [daysBetween(createdAt.slice(0, 10), out)]
      : [],
  );
  return {
    inWork: open.length,
    overdue: count(({ due }) => due !== null && due < today),
    forParts: count(({ parts }) => parts),
    forCustomer: count(({ waiting }) => waiting),
    days: median(took) ?? null,
  };
}
