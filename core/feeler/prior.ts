import type { ToleranceZone } from '../metrology/verdict';
import type { Bracket } from './bounds';

/** Says about where a gap should lie, in mm: a value and how far from it gaps are found (standard deviation). */
export interface Expected {
  readonly centre_mm: number;
  readonly spread_mm: number;
}

/** Describes what is thought of a gap before the next try: only for ordering tries, never for a verdict. */
export interface Prior {
  readonly centre_mm: number;
  /** Returns the share of gaps at or above x mm. */
  above(x: number): number;
}

/** Says up to how many times the limit a gap is thought to lie before anything is known. */
const PRIOR_REACH = 1.6;

/**
 * Describes what is believed of an expectation; the rest is spread evenly, so that a surprise costs
 * little.
 */
const BELIEVED = { something: 0.85, nothing: 0.5 } as const;

/**
 * Says where a gap lies that nothing is known of, as shares of its tolerance zone: most pumps are within
 * their limits, and a worn one towards the upper. Held against the best policy for gaps spread in
 * seven ways, these cost the least over all (`npm run bench`).
 */
const USUAL = { centre: 0.55, spread: 0.4 } as const;

/** The scale of a logistic distribution of standard deviation one. */
const LOGISTIC = Math.sqrt(3) / Math.PI;

/** Returns the length in mm below which gaps are thought to lie before anything bounds them. */
export function priorTop(zone: ToleranceZone, lo: number): number {
  const limit = Number.isFinite(zone.upper) ? zone.upper : Math.max(zone.lower, 0);
  return Math.max(PRIOR_REACH * limit, 1.5 * lo, lo + 0.01);
}

function usualIn(zone: ToleranceZone, top: number): Expected {
  const lower = Math.max(zone.lower, 0);
  const width = (Number.isFinite(zone.upper) ? zone.upper : top) - lower;
  return { centre_mm: lower + USUAL.centre * width, spread_mm: USUAL.spread * width };
}

/**
 * Returns what is thought of a gap: most of it around what is expected (a logistic distribution, which
 * is quick to work out), the rest evenly up to a little beyond the limit.
 *
 * @param expected what anything known says of it; null for what is usual within its limits
 * @param lo_mm what the largest gap is at least
 */
export function priorOf(expected: Expected | null, zone: ToleranceZone, lo_mm: number): Prior {
  const top = priorTop(zone, lo_mm);
  const { centre_mm, spread_mm } = expected ?? usualIn(zone, top);
  const believed = expected ? BELIEVED.something : BELIEVED.nothing;
  const scale = LOGISTIC * Math.max(spread_mm, 0.001);
  return {
    centre_mm,
    above: (x) => {
      const even = Math.min(1, Math.max(0, (top - x) / top));
      const around = 1 / (1 + Math.exp((x - centre_mm) / scale));
      return believed * around + (1 - believed) * even;
    },
  };
}

/** Returns the share of gaps at or above x mm among those that a span leaves. */
export function shareAbove({ above }: Prior, { lo, hi }: Bracket, x: number): number {
  if (x <= lo) return 1;
  if (x >= hi) return 0;
  const over = Number.isFinite(hi) ? above(hi) : 0;
  const all = above(lo) - over;
  if (all > 1e-9) return Math.min(1, Math.max(0, (above(x) - over) / all));
  return Number.isFinite(hi) ? (hi - x) / (hi - lo) : 0.5;
}
