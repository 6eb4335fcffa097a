import type { Bounds, Limits } from './bracket';

/** in, out, close (too close to call with this evidence) and open (more can be learnt). */
export type Verdict = 'in' | 'out' | 'close' | 'open';

/** Limits with the missing ones made infinite, so that comparisons need no special case. */
export interface Window {
  readonly lower: number;
  readonly upper: number;
}

/** Returns limits in mm as a window; a side without a limit is infinite. */
export function windowOf(limits: Limits): Window {
  return { lower: limits.lower_mm ?? -Infinity, upper: limits.upper_mm ?? Infinity };
}

/**
 * What the bounds prove: lower limits are held against the smallest gap
 * found, upper limits against the largest. Null where they prove nothing.
 */
export function proven({ smallest, largest }: Bounds, window: Window): 'in' | 'out' | null {
  if (largest.lo > window.upper || smallest.hi < window.lower) return 'out';
  if (smallest.lo >= window.lower && largest.hi <= window.upper) return 'in';
  return null;
}
