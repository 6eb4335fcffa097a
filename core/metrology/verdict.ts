import type { Limits } from './interval';

/** in, out, close (too close to call with this evidence) and open (more can be learnt). */
/** The verdicts on a clearance; open while nothing is decided. */
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
 * Returns limits in mm as a window; a side without a limit is infinite.
 *
 * @param margin_mm how far to the safe side of a limit evidence has to lie to prove anything
 */
export function zoneOf(limits: Limits, margin_mm = 0): ToleranceZone {
  const [lower, upper] = [limits.lower_mm ?? -Infinity, limits.upper_mm ?? Infinity];
  return {
    lower: lower + margin_mm,
    upper: upper - margin_mm,
    under: lower - margin_mm,
    over: upper + margin_mm,
  };
}
