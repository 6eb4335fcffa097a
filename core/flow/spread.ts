import { centre, type Estimate } from '../metrology/estimate';
import { normalFrom, type Even } from '../random';
import type { Gap } from './gap';

/** How an end of a gap is known, in mm: even between two lengths, or normal about one, nowhere beyond bounds. */
export type Spread =
  | { readonly kind: 'even'; readonly lo_mm: number; readonly hi_mm: number }
  | {
      readonly kind: 'normal';
      readonly mean_mm: number;
      readonly u_mm: number;
      readonly lo_mm: number;
      readonly hi_mm: number;
    };

/** How a gap is known: the spread of its smallest and of its largest place. */
export interface KnownGap {
  readonly smallest: Spread;
  readonly largest: Spread;
  /** Both are one reading, or one range: what the one is, the other is. */
  readonly isOne: boolean;
}

/** Of a bracket without an upper end nobody knows more than that: it is taken to reach so far beyond its lower one. */
const OPEN_TOP = 1.5;

/** Returns a length that is even between two ends, in mm. */
export const evenBetween = (lo_mm: number, hi_mm: number): Spread => ({
  kind: 'even',
  lo_mm,
  hi_mm,
});

/**
 * Returns how an end of a gap is known by what was read: a bracket is even, one that is open above up to its limit, or
 * half as far again as it begins; a value is normal.
 *
 * @param estimate of that end, in mm
 * @param upper_mm the upper limit of the gap; null for none
 * @example
 * spreadOf({ kind: 'interval', lo_mm: 0.02, hi_mm: null }, 0.06); // { kind: 'even', lo_mm: 0.02, hi_mm: 0.06 }
 * spreadOf({ kind: 'interval', lo_mm: 0.08, hi_mm: null }, 0.06); // { kind: 'even', lo_mm: 0.08, hi_mm: 0.12 }
 */
export function spreadOf(estimate: Estimate, upper_mm: number | null): Spread {
  if (estimate.kind === 'interval') {
    const { lo_mm, hi_mm } = estimate;
    return evenBetween(lo_mm, hi_mm ?? Math.max(upper_mm ?? 0, OPEN_TOP * lo_mm));
  }
  const { u_mm, within } = estimate;
  return {
    kind: 'normal',
    mean_mm: centre(estimate),
    u_mm,
    lo_mm: within?.lo_mm ?? -Infinity,
    hi_mm: within?.hi_mm ?? Infinity,
  };
}

/** Returns the middle of a spread, in mm. */
const middleOf = (spread: Spread): number =>
  spread.kind === 'even' ? (spread.lo_mm + spread.hi_mm) / 2 : spread.mean_mm;

function drawFrom(spread: Spread, even: Even): number {
  if (spread.kind === 'even') return spread.lo_mm + even() * (spread.hi_mm - spread.lo_mm);
  const mm = spread.mean_mm + spread.u_mm * normalFrom(even);
  return Math.min(spread.hi_mm, Math.max(spread.lo_mm, mm));
}

/** Returns two lengths as the gap that they are: none is less than nothing, the smaller is the smallest place. */
const asGap = (a: number, b: number): Gap => {
  const [x, y] = [Math.max(0, a), Math.max(0, b)];
  return { smallest_mm: Math.min(x, y), largest_mm: Math.max(x, y) };
};

/**
 * Returns the gap in the middle of what is known of it, in mm.
 *
 * @param known the spreads of both its ends
 * @example
 * const end = { kind: 'even', lo_mm: 0.02, hi_mm: 0.04 };
 * middleGap({ smallest: end, largest: end, isOne: true }); // { smallest_mm: 0.03, largest_mm: 0.03 }
 */
export const middleGap = ({ smallest, largest }: KnownGap): Gap =>
  asGap(middleOf(smallest), middleOf(largest));

/**
 * Draws a gap by how it is known, in mm.
 *
 * @param known the spreads of both its ends
 * @param even gives even random numbers
 */
export function drawnGap({ smallest, largest, isOne }: KnownGap, even: Even): Gap {
  const first = drawFrom(smallest, even);
  return asGap(first, isOne ? first : drawFrom(largest, even));
}

/**
 * Returns a gap that lies anywhere between two lengths, the same all over, in mm.
 *
 * @param lo_mm the least that it may be
 * @param hi_mm the most
 * @example
 * anywhere(0.02, 0.06).isOne; // true
 */
export const anywhere = (lo_mm: number, hi_mm: number): KnownGap => {
  const end = evenBetween(lo_mm, hi_mm);
  return { smallest: end, largest: end, isOne: true };
};
