import { tidy_mm } from '../quantity/units';
import type { Limits } from './interval';

/** The verdicts on a clearance: in, out, close (too close to call with this evidence) and open (more can be learnt). */
export const VERDICTS = ['in', 'out', 'close', 'open'] as const;
export type Verdict = (typeof VERDICTS)[number];

/**
 * Limits with the missing ones made infinite, so that comparisons need no special case. A gap is
 * proven in between `lower` and `upper`, and proven out beyond `under` or `over`: the same figures,
 * unless what proves it may be off by a margin.
 */
export interface ToleranceZone {
  readonly lower: number;
  readonly upper: number;
  readonly under: number;
  readonly over: number;
}

/**
 * Returns limits in mm as a window; a side without a limit is infinite. Binary noise is taken off: a gap
 * of 1.2520 less 1.2500 in is 2 thou, and on a limit of 2.
 *
 * @param limits in mm
 * @param margin_mm how far to the safe side of a limit evidence has to lie to prove anything
 * @example
 * zoneOf({ upper_mm: 0.06 }); // { lower: -Infinity, upper: 0.06, over: 0.06 }
 * zoneOf({ lower_mm: 0.02, upper_mm: 0.06 }, 0.005); // { lower: 0.025, upper: 0.055, under: 0.015, over: 0.065 }
 */
export function zoneOf(limits: Limits, margin_mm = 0): ToleranceZone {
  const [lower, upper] = [limits.lower_mm ?? -Infinity, limits.upper_mm ?? Infinity];
  return {
    lower: tidy_mm(lower + margin_mm),
    upper: tidy_mm(upper - margin_mm),
    under: tidy_mm(lower - margin_mm),
    over: tidy_mm(upper + margin_mm),
  };
}
