import { WITHIN_95 } from '../metrology/normal';
import { ENOUGH } from '../workshop/standing';
import { median } from 'd3-array';
import { endOf, type PastFigure, type Question } from './past';
import type { JobFacts } from './facts';

/** Says how fast something wears, in mm for a thousand hours or whatever the machine counts. */
export interface WearRate {
  readonly perThousand_mm: number;
  /** Holds the interval in which it lies with 95%; null where one pump alone tells it. */
  readonly interval_mm: readonly [from: number, to: number] | null;
  /** Counts what tells it: pumps that came twice, or pumps with known hours. */
  readonly n: number;
  readonly from: 'own' | 'visits' | 'hours';
  readonly unit: string;
}

/** Holds two visits of one pump. */
interface Visits {
  readonly first: JobFacts;
  readonly second: JobFacts;
}

/** Tells whether two jobs are of one pump: the one names the other, or both have its serial number. */
const isSamePump = (a: JobFacts, b: JobFacts): boolean =>
  b.visitOf === a.id || (a.serial !== '' && a.serial === b.serial && a.model === b.model);

/** Returns each visit of a pump with the one before it. */
function visitsIn(jobs: readonly JobFacts[]): readonly Visits[] {
  const byDay = [...jobs].sort((a, b) => (a.day < b.day ? -1 : 1));
  return byDay.flatMap((second, i) => {
    const first = byDay.slice(0, i).findLast((earlier) => isSamePump(earlier, second));
    return first ? [{ first, second }] : [];
  });
}

/** Returns how fast a gap grew from one visit to the next, in mm for a thousand; null where figures or hours are not known. */
function rateOf({ first, second }: Visits, { characteristic, end }: Question): number | null {
  const went = endOf(first.gaps[characteristic]?.went, end);
  const came = endOf(second.gaps[characteristic]?.came, end);
  if (went === null || came === null || first.used === null || second.used === null) return null;
  const run = second.used - first.used;
  if (run <= 0 || first.usedUnit !== second.usedUnit) return null;
  return ((came - went) / run) * 1000;
}

const sorted = (figures: readonly number[]): number[] => [...figures].sort((a, b) => a - b);

/**
 * Returns the interval of the median of several figures by their order; null below six, where even the least and the
 * greatest do not hold 95%.
 */
function medianInterval(figures: readonly number[]): readonly [number, number] | null {
  const n = figures.length;
  const rank = Math.floor((n - WITHIN_95 * Math.sqrt(n)) / 2);
  const all = sorted(figures);
  const [from, to] = [all[Math.max(0, rank - 1)], all[Math.min(n - 1, n - rank)]];
  return n > ENOUGH && from !== undefined && to !== undefined ? [from, to] : null;
}

/**
 * Returns the slope of figures over hours as the median of the slopes between any two of them, and its interval.
 *
 * @param points hours or distance, and what was measured, in mm
 * @example
 * slopeOf([[0, 1], [1, 2], [2, 3], [3, 4], [4, 5]]); // { slope: 1, from: 1, to: 1 }
 * slopeOf([[0, 1], [1, 2]]); // null
 * @see Hollander and Wolfe, Nonparametric Statistical Methods: the slope of Theil and Sen
 */
export function slopeOf(
  points: readonly (readonly [at: number, mm: number])[],
): { readonly slope: number; readonly from: number; readonly to: number } | null {
  const n = points.length;
  const slopes = sorted(
    points.flatMap(([x, y], i) =>
      points.slice(i + 1).flatMap(([x2, y2]) => (x2 === x ? [] : [(y2 - y) / (x2 - x)])),
    ),
  );
  const slope = median(slopes);
  if (n < ENOUGH || slope === undefined) return null;
  const half = (WITHIN_95 * Math.sqrt((n * (n - 1) * (2 * n + 5)) / 18)) / 2;
  const at = (place: number) =>
    slopes[Math.min(slopes.length - 1, Math.max(0, Math.round(place)))] ?? slope;
  return { slope, from: at(slopes.length / 2 - half), to: at(slopes.length / 2 + half) };
}

/** Returns how fast a gap wears by the pumps whose hours are known when they came; null where they do not tell. */
function byHours(past: readonly PastFigure[], unit: string): WearRate | null {
  const known = past.filter(({ used, usedUnit }) => used !== null && usedUnit === unit);
  const found = slopeOf(known.map(({ used, mm }) => [used ?? 0, mm]));
  // Where it may as well be none, hours do not tell what it wears.
  if (!found || found.from <= 0) return null;
  return {
    perThousand_mm: found.slope * 1000,
    interval_mm: [found.from * 1000, found.to * 1000],
    n: known.length,
    from: 'hours',
    unit,
  };
}

/** Says of which pump the wear is asked. */
export interface WearAsked {
  /** Lists the jobs of its model, its own among them. */
  readonly jobs: readonly JobFacts[];
  /** Names the job that asks; null where none does. */
  readonly own: JobFacts | null;
  /** Says how pumps of its model came. */
  readonly past: readonly PastFigure[];
  readonly unit: string;
}

/**
 * Returns how fast a gap wears: by this pump's own two visits, else by those of five others or more, else by the hours that
 * pumps had when they came. Null where none of them tells.
 *
 * @param question which gap, and which end of it
 * @param asked of which pumps
 */
export function wearRate(
  question: Question,
  { jobs, own, past, unit }: WearAsked,
): WearRate | null {
  const rates = visitsIn(jobs).flatMap((visits) => {
    const rate = visits.second.usedUnit === unit ? rateOf(visits, question) : null;
    return rate === null ? [] : [{ id: visits.second.id, rate }];
  });
  const mine = rates.find(({ id }) => id === own?.id);
  const found = { interval_mm: null, unit };
  if (mine && mine.rate > 0) return { ...found, perThousand_mm: mine.rate, n: 1, from: 'own' };
  const all = rates.map(({ rate }) => rate);
  const middle = median(all);
  if (all.length >= ENOUGH && middle !== undefined && middle > 0) {
    const interval_mm = medianInterval(all);
    return { ...found, perThousand_mm: middle, interval_mm, n: all.length, from: 'visits' };
  }
  return byHours(past, unit);
}

/**
 * Returns how much longer a gap takes to its limit at a rate of wear; never below nought.
 *
 * @param now_mm where it is
 * @param upper_mm its limit
 * @param perThousand_mm how fast it wears
 * @example
 * hoursLeft(0.06, 0.08, 0.01); // 2000
 * hoursLeft(0.09, 0.08, 0.01); // 0
 */
export const hoursLeft = (now_mm: number, upper_mm: number, perThousand_mm: number): number =>
  Math.max(0, ((upper_mm - now_mm) / perThousand_mm) * 1000);
