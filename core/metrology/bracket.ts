import { InputError } from '../errors';
import { tidy_mm } from '../quantity/units';

/** A length known to lie between two bounds; `hi_mm` null where nothing bounds it above. */
export interface Bracket {
  readonly lo_mm: number;
  readonly hi_mm: number | null;
}

/** Limits on a clearance; null or absent means no limit on that side. */
export interface Limits {
  readonly lower_mm?: number | null;
  readonly upper_mm?: number | null;
}

/** What the hand feels when a leaf is offered to a gap. */
export const FELT = ['free', 'drag', 'part-way', 'no-go'] as const;
export type Felt = (typeof FELT)[number];

/** One try: the leaves offered together, and what was felt. */
export interface Try {
  readonly leaves_mm: readonly number[];
  readonly felt: Felt;
}

/** Half the band in which a leaf that drags may differ from the gap. */
export const DRAG_BAND_MM = 0.005;

/**
 * A bracket that also knows whether its upper end itself is excluded:
 * a leaf that will not go says *below*, a leaf that drags says *at most*.
 */
export interface Span {
  readonly lo: number;
  readonly hi: number;
  readonly hiOpen: boolean;
}

/** All that the tries at one place say of the smallest and the largest gap there. */
export interface Bounds {
  readonly smallest: Span;
  readonly largest: Span;
}

const UNKNOWN: Span = { lo: 0, hi: Infinity, hiOpen: true };

/** Nothing is known yet but that a gap is not negative. */
export const NO_EVIDENCE: Bounds = { smallest: UNKNOWN, largest: UNKNOWN };

const atLeast = (span: Span, lo: number): Span =>
  lo > span.lo ? { lo, hi: span.hi, hiOpen: span.hiOpen } : span;

const atMost = (span: Span, hi: number, hiOpen: boolean): Span =>
  hi < span.hi || (hi === span.hi && hiOpen) ? { lo: span.lo, hi, hiOpen } : span;

const empty = (span: Span): boolean => span.lo > span.hi || (span.lo === span.hi && span.hiOpen);

/**
 * Intersects the bounds with what one answer says.
 *
 * free: both at least the stack; no-go: both below it; drag: both within the
 * drag band of it; part-way: smallest below it, largest at or above it.
 *
 * @returns the narrower bounds, or null where the answer contradicts them
 */
export function afterTry(
  bounds: Bounds,
  stack_mm: number,
  felt: Felt,
  dragBand_mm: number,
): Bounds | null {
  let { smallest, largest } = bounds;
  switch (felt) {
    case 'free':
      smallest = atLeast(smallest, stack_mm);
      largest = atLeast(largest, stack_mm);
      break;
    case 'no-go':
      smallest = atMost(smallest, stack_mm, true);
      largest = atMost(largest, stack_mm, true);
      break;
    case 'drag': {
      const lo = Math.max(0, tidy_mm(stack_mm - dragBand_mm));
      const hi = tidy_mm(stack_mm + dragBand_mm);
      smallest = atMost(atLeast(smallest, lo), hi, false);
      largest = atMost(atLeast(largest, lo), hi, false);
      break;
    }
    case 'part-way':
      smallest = atMost(smallest, stack_mm, true);
      largest = atLeast(largest, stack_mm);
      break;
  }
  return empty(smallest) || empty(largest) ? null : { smallest, largest };
}

/** The thickness of leaves held together, in mm. */
export function stackOf(leaves_mm: readonly number[]): number {
  return tidy_mm(leaves_mm.reduce((sum, leaf) => sum + leaf, 0));
}

/**
 * The bounds that a row of tries leaves.
 *
 * @throws InputError on `tries[i].felt` where try i contradicts those before it
 */
export function boundsOf(tries: readonly Try[], dragBand_mm: number = DRAG_BAND_MM): Bounds {
  return tries.reduce((bounds, { leaves_mm, felt }, index) => {
    const next = afterTry(bounds, stackOf(leaves_mm), felt, dragBand_mm);
    if (next) return next;
    throw new InputError(
      `tries[${index}].felt`,
      `${felt} at ${stackOf(leaves_mm)} mm contradicts the tries before it: one of them was not as it felt.`,
    );
  }, NO_EVIDENCE);
}

/** The span as the plain bracket that leaves the core. */
export function bracketOf(span: Span): Bracket {
  return { lo_mm: span.lo, hi_mm: Number.isFinite(span.hi) ? span.hi : null };
}
