import type { Interval } from './interval';
import { shareBelow } from './normal';

/** Standard uncertainties of a bracket's ends: those of the leaves that set them. */
export interface Soft {
  readonly lo_mm: number;
  readonly hi_mm: number;
}

/** An interval with ends that are not exactly known. */
export interface SoftInterval extends Interval {
  readonly soft: Soft;
}

/**
 * Says how far from a limit a soft interval is looked at. A pump is measured because it may be near its
 * limit: what lies far off on the safe side must not dilute the doubt that is left at the limit.
 */
const REACH_MM = 0.016;

/** Even number of steps of the integration on either side of the limit. */
const STEPS = 64;

/** Returns what an end of uncertainty u lets pass at a distance on its inner side. */
const passes = (inside_mm: number, u_mm: number): number => {
  if (u_mm > 0) return shareBelow(inside_mm / u_mm);
  return inside_mm >= 0 ? 1 : 0;
};

/** Integrates the density of a soft interval over a stretch (Simpson's rule). */
function massOf({ lo_mm, hi_mm, soft }: SoftInterval, from_mm: number, to_mm: number): number {
  if (!(to_mm > from_mm)) return 0;
  const step = (to_mm - from_mm) / STEPS;
  let sum = 0;
  for (let i = 0; i <= STEPS; i++) {
    const g = from_mm + i * step;
    const weight = i === 0 || i === STEPS ? 1 : i % 2 === 1 ? 4 : 2;
    const above = hi_mm === null ? 1 : passes(hi_mm - g, soft.hi_mm);
    sum += weight * passes(g - lo_mm, soft.lo_mm) * above;
  }
  return (sum * step) / 3;
}

/**
 * Returns the probability that a length in an interval with soft ends is at most x, in mm: its density
 * is even between ends that are normal, and what counts of it lies within 16 µm of x, as likely on
 * one side as on the other before any leaf was tried (JCGM 106, 7.2; Bayes’ theorem).
 *
 * @param bracket its ends and their standard uncertainties, in mm
 * @param x in mm
 * @returns from 0 to 1
 * @example
 * const leaf = (u_mm) => ({ lo_mm: 0, hi_mm: 0.06, soft: { lo_mm: 0, hi_mm: u_mm } });
 * softAtMost(leaf(0.001), 0.06).toFixed(3); // '0.975'
 * softAtMost(leaf(0.004), 0.06).toFixed(2); // '0.90'
 */
export function softAtMost(bracket: SoftInterval, x: number): number {
  const below = massOf(bracket, Math.max(0, x - REACH_MM), x);
  const above = massOf(bracket, Math.max(0, x), x + REACH_MM);
  if (below + above > 0) return below / (below + above);
  return (bracket.lo_mm + (bracket.hi_mm ?? bracket.lo_mm)) / 2 <= x ? 1 : 0;
}

/**
 * Returns how far from a limit a single leaf has to lie to settle that side, in mm: nought where one
 * on the limit itself does.
 *
 * @param soft_mm standard uncertainty of the leaf's thickness
 * @param confidence the probability that the house rules ask for
 * @example
 * marginOf(0, 0.95); // 0
 * marginOf(0.001, 0.95); // 0
 * marginOf(0.004, 0.95); // 0.0025
 */
export function marginOf(soft_mm: number, confidence: number): number {
  if (soft_mm === 0) return 0;
  const settles = (margin_mm: number): boolean => {
    const limit = 10 * REACH_MM;
    const hi_mm = limit - margin_mm;
    const soft = { lo_mm: 0, hi_mm: soft_mm };
    return softAtMost({ lo_mm: 0, hi_mm, soft }, limit) >= confidence;
  };
  const step = 0.0005;
  let margin_mm = 0;
  while (margin_mm < REACH_MM && !settles(margin_mm)) margin_mm += step;
  return margin_mm;
}
