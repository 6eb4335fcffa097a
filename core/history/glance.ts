import { median } from 'd3-array';
import { isHere, ownJobs } from './madeUp';
import { daysBetween } from '../schema/moments';

/** Says of a job what the bench counts of it. */
export interface Glanced {
  /** Tells whether it is of no real pump. */
  readonly madeUp: boolean;
  readonly createdAt: string;
  readonly closed: string | null;
  readonly out: string | null;
  readonly due: string | null;
  /** Tells whether it waits for parts. */
  readonly parts: boolean;
  /** Tells whether it waits for its customer. */
  readonly waiting: boolean;
}

/** Counts the bench at a glance. */
export interface Glance {
  readonly inWork: number;
  readonly overdue: number;
  readonly forParts: number;
  readonly forCustomer: number;
  /** Gives the days from opening a job to its going out, the middle one of the last year; null where none went out. */
  readonly days: number | null;
}

/** Limits how long ago a pump went out that tells how long it takes now, in days. */
const YEAR = 365;

/**
 * Returns the bench at a glance.
 *
 * @param jobs all that are on it
 * @param today the day on which it is counted, such as `2026-11-20`
 */
export function glanceAt(jobs: readonly Glanced[], today: string): Glance {
  const own = ownJobs(jobs);
  const here = own.filter(isHere);
  const count = (meets: (job: Glanced) => boolean): number => here.filter(meets).length;
  const took = own.flatMap(({ out, createdAt }) =>
    out !== null && daysBetween(out, today) <= YEAR
      ? [daysBetween(createdAt.slice(0, 10), out)]
      : [],
  );
  return {
    inWork: here.length,
    overdue: count(({ due }) => due !== null && due < today),
    forParts: count(({ parts }) => parts),
    forCustomer: count(({ waiting }) => waiting),
    days: median(took) ?? null,
  };
}
