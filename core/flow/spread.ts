import { centre, type Estimate } from '../metrology/estimate';
import { normalBeyond } from '../metrology/normal';
import type { Even } from '../random';
import type { Gap } from './gap';

/** Says how an end of a gap is known, in mm: even between two lengths, or normal about one, nowhere beyond bounds. */
export type Spread =
  | { readonly kind: 'even'; readonly lo_mm: number; readonly hi_mm: number }
  | {
      readonly kind: 'normal';
      readonly mean_mm: number;
      readonly u_mm: number;
      readonly lo_mm: number;
      readonly hi_mm: number;
    };

/** Says how a gap is known: the spread of its smallest and of its largest place. */
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

/**
 * Returns the middles of so many slices of equal share of the standard normal distribution, from the lowest.
 *
 * @param count of slices
 * @example
 * [...normalSlices(2)]; // [-0.67449, 0.67449]
 */
export const normalSlices = (count: number): Float64Array =>
  Float64Array.from({ length: count }, (_, i) => normalBeyond(1 - (i + 0.5) / count));

/** The first numbers that nothing divides: as many as a pump has ends of gaps, and more. */
const PRIMES = primes(400);

function primes(below: number): number[] {
  const all: number[] = [];
  for (let n = 2; n < below; n++) if (all.every((p) => n % p !== 0)) all.push(n);
  return all;
}

/**
 * Spreads draws of several lengths evenly over all that they may be together: each goes on by the root of a prime of its
 * own, from a start by chance (Richtmyer's sequence with a shift by chance; Niederreiter, Random Number Generation and
 * Quasi-Monte Carlo Methods). Few such draws say what many by chance would.
 */
export class EvenDraws {
  private taken = 0;

  /** @param even gives the starts */
  constructor(
    private readonly count: number,
    private readonly even: Even,
  ) {}

  /** Returns the slices, of as many as there are draws, in which the draws of the next length lie. */
  next(): Uint32Array {
    const step = Math.sqrt(PRIMES[this.taken++ % PRIMES.length]!);
    const start = this.even();
    return Uint32Array.from({ length: this.count }, (_, i) =>
      Math.floor(this.count * ((start + i * step) % 1)),
    );
  }
}

/**
 * Draws a standard normal figure as often as there are slices of its distribution.
 *
 * @param slices of the standard normal distribution
 * @param draws spreads them over all that lengths may be together
 */
export function drawnNormals(slices: Float64Array, draws: EvenDraws): Float64Array {
  const order = draws.next();
  return Float64Array.from(order, (slice) => slices[slice]!);
}

/** Draws an end of a gap by how it is known, in mm. */
function drawnEnd(spread: Spread, slices: Float64Array, draws: EvenDraws): Float64Array {
  const count = slices.length;
  if (spread.kind === 'even') {
    const { lo_mm, hi_mm } = spread;
    const share = (hi_mm - lo_mm) / count;
    return Float64Array.from(draws.next(), (slice) => lo_mm + (slice + 0.5) * share);
  }
  const { mean_mm, u_mm, lo_mm, hi_mm } = spread;
  return drawnNormals(slices, draws).map((z) =>
    Math.min(hi_mm, Math.max(lo_mm, mean_mm + u_mm * z)),
  );
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
 * Draws a gap by how it is known.
 *
 * @param known the spreads of both its ends
 * @param slices of the standard normal distribution, as many as there are draws
 * @param draws spreads them over all that lengths may be together
 * @returns the gap of each draw, in mm
 */
export function drawnGaps(
  { smallest, largest, isOne }: KnownGap,
  slices: Float64Array,
  draws: EvenDraws,
): (draw: number) => Gap {
  const first = drawnEnd(smallest, slices, draws);
  const second = isOne ? first : drawnEnd(largest, slices, draws);
  return (draw) => asGap(first[draw] ?? 0, second[draw] ?? 0);
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
