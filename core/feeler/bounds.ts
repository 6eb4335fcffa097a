import { InputError } from '../errors';
import type { Interval } from '../metrology/interval';
import type { ToleranceZone } from '../metrology/verdict';
import { tidy_mm } from '../quantity/units';
import { say } from '../wording/say';

/** Describes what the hand feels when a leaf is offered to a gap. */
export const FELT = ['free', 'drag', 'part-way', 'no-go'] as const;
export type Felt = (typeof FELT)[number];

/** One try: the leaves offered together, and what was felt. */
export interface Try {
  readonly leaves_mm: readonly number[];
  readonly felt: Felt;
  /** Standard uncertainty of the stack's thickness; none where it was mic'd. */
  readonly soft_mm?: number;
}

/** Half the band in which a leaf that drags may differ from the gap. */
export const DRAG_BAND_MM = 0.005;

/**
 * A bracket that also knows whether its upper end itself is excluded:
 * a leaf that will not go says *below*, a leaf that drags says *at most*.
 * Each end is as soft as the leaf that set it: its standard uncertainty.
 */
export interface Bracket {
  readonly lo: number;
  readonly hi: number;
  readonly hiOpen: boolean;
  readonly loSoft?: number;
  readonly hiSoft?: number;
}

/** All that the tries at one place say of the smallest and the largest gap there. */
export interface Bounds {
  readonly smallest: Bracket;
  readonly largest: Bracket;
}

const UNKNOWN: Bracket = { lo: 0, hi: Infinity, hiOpen: true };

/** Nothing is known yet but that a gap is not negative. */
export const NO_EVIDENCE: Bounds = { smallest: UNKNOWN, largest: UNKNOWN };

/**
 * Tells whether all that a span rests on is exact: then it is written out, which a search of many branches
 * needs.
 */
const exact = (span: Bracket, soft: number): boolean => soft === 0 && !span.loSoft && !span.hiSoft;

/** Raises the lower end of a span where another says more, each less what it may be off. */
function atLeast(span: Bracket, lo: number, soft: number): Bracket {
  if (lo - soft <= span.lo - (span.loSoft ?? 0)) return span;
  const { hi, hiOpen } = span;
  return exact(span, soft) ? { lo, hi, hiOpen } : { ...span, lo, loSoft: soft };
}

function atMost(span: Bracket, hi: number, hiOpen: boolean, soft: number): Bracket {
  const [guarded, known] = [hi + soft, span.hi + (span.hiSoft ?? 0)];
  if (guarded > known || (guarded === known && !hiOpen)) return span;
  const { lo } = span;
  return exact(span, soft) ? { lo, hi, hiOpen } : { ...span, hi, hiOpen, hiSoft: soft };
}

const empty = ({ lo, hi, hiOpen }: Bracket, slack: number): boolean =>
  slack > 0 ? lo > hi + slack : lo > hi || (lo === hi && hiOpen);

/** Says how exactly the thickness of leaves is known. */
export interface Exactness {
  /** Standard uncertainty of this stack. */
  readonly soft_mm?: number | undefined;
  /** Gives how far two answers may seem to contradict each other before they do. */
  readonly slack_mm?: number | undefined;
}

/**
 * Intersects the bounds with what one answer says.
 *
 * free: both at least the stack; no-go: both below it; drag: both within the
 * drag band of it; part-way: smallest below it, largest at or above it.
 *
 * @param bounds what was known before, in mm
 * @param stack_mm thickness of the leaves offered together
 * @param felt what the hand said
 * @param dragBand_mm half the band in which a leaf that drags may differ from the gap
 * @param exactness how exactly the thickness is known; exactly where it is left out
 * @returns the narrower bounds, or null where the answer contradicts them
 * @example
 * const thin = afterTry(NO_EVIDENCE, 0.05, 'free', 0.005);
 * thin.smallest; // { lo: 0.05, hi: Infinity }
 * afterTry(thin, 0.06, 'drag', 0.005).largest; // { lo: 0.055, hi: 0.065 }
 * afterTry(thin, 0.04, 'no-go', 0.005); // null
 */
export function afterTry(
  bounds: Bounds,
  stack_mm: number,
  felt: Felt,
  dragBand_mm: number,
  { soft_mm: soft = 0, slack_mm: slack = 0 }: Exactness = {},
): Bounds | null {
  let { smallest, largest } = bounds;
  switch (felt) {
    case 'free':
      smallest = atLeast(smallest, stack_mm, soft);
      largest = atLeast(largest, stack_mm, soft);
      break;
    case 'no-go':
      smallest = atMost(smallest, stack_mm, true, soft);
      largest = atMost(largest, stack_mm, true, soft);
      break;
    case 'drag': {
      const lo = Math.max(0, tidy_mm(stack_mm - dragBand_mm));
      const hi = tidy_mm(stack_mm + dragBand_mm);
      smallest = atMost(atLeast(smallest, lo, soft), hi, false, soft);
      largest = atMost(atLeast(largest, lo, soft), hi, false, soft);
      break;
    }
    case 'part-way':
      smallest = atMost(smallest, stack_mm, true, soft);
      largest = atLeast(largest, stack_mm, soft);
      break;
  }
  return empty(smallest, slack) || empty(largest, slack) ? null : { smallest, largest };
}

/**
 * Returns the thickness of leaves held together, in mm.
 *
 * @param leaves_mm thicknesses in mm
 * @example
 * stackOf([0.1, 0.2]); // 0.3
 */
export function stackOf(leaves_mm: readonly number[]): number {
  return tidy_mm(leaves_mm.reduce((sum, leaf) => sum + leaf, 0));
}

/**
 * Returns the bounds that a row of tries leaves.
 *
 * @param tries in the order they were made
 * @param dragBand_mm half the band in which a leaf that drags may differ from the gap
 * @param slack_mm how far two answers may seem to contradict each other
 * @throws InputError on `tries[i].felt` where try i contradicts those before it
 * @example
 * const tries = [
 *   { leaves_mm: [0.05], felt: 'free' },
 *   { leaves_mm: [0.07], felt: 'no-go' },
 * ];
 * boundsOf(tries).largest; // { lo: 0.05, hi: 0.07, hiOpen: true }
 * boundsOf([...tries, { leaves_mm: [0.08], felt: 'free' }]); // throws 0.08
 */
export function boundsOf(
  tries: readonly Try[],
  dragBand_mm: number = DRAG_BAND_MM,
  slack_mm = 0,
): Bounds {
  return tries.reduce((bounds, { leaves_mm, felt, soft_mm }, index) => {
    const exactness = { soft_mm, slack_mm };
    const next = afterTry(bounds, stackOf(leaves_mm), felt, dragBand_mm, exactness);
    if (next) return next;
    throw new InputError(
      `tries[${index}].felt`,
      'contradiction',
      say('records.contradicts', { felt, mm: stackOf(leaves_mm) }),
      { felt, stack_mm: stackOf(leaves_mm) },
    );
  }, NO_EVIDENCE);
}

/**
 * Returns a span as the plain interval that leaves the core; soft ends that crossed change places.
 *
 * @param bracket in mm; its upper end may be infinite
 * @example
 * intervalOf({ lo: 0.05, hi: 0.07, hiOpen: true }); // { lo_mm: 0.05, hi_mm: 0.07 }
 * intervalOf({ lo: 0.05, hi: Infinity, hiOpen: true }); // { lo_mm: 0.05, hi_mm: null }
 */
export function intervalOf({ lo, hi }: Bracket): Interval {
  if (!Number.isFinite(hi)) return { lo_mm: lo, hi_mm: null };
  return { lo_mm: Math.min(lo, hi), hi_mm: Math.max(lo, hi) };
}

/**
 * Returns what the bounds prove: lower limits are held against the smallest gap
 * found, upper limits against the largest. Null where they prove nothing.
 *
 * @param bounds of the smallest and the largest gap, in mm
 * @param zone the window of the limits, in mm
 * @example
 * const zone = { lower: -Infinity, upper: 0.06, under: -Infinity, over: 0.06 };
 * const gap = (lo, hi) => ({ lo, hi, hiOpen: true });
 * proven({ smallest: gap(0.03, 0.05), largest: gap(0.03, 0.06) }, zone); // 'in'
 * proven({ smallest: gap(0.03, 0.07), largest: gap(0.065, 0.07) }, zone); // 'out'
 * proven({ smallest: gap(0.03, 0.07), largest: gap(0.05, 0.07) }, zone); // null
 */
export function proven({ smallest, largest }: Bounds, zone: ToleranceZone): 'in' | 'out' | null {
  if (largest.lo > zone.over || smallest.hi < zone.under) return 'out';
  if (smallest.lo >= zone.lower && largest.hi <= zone.upper) return 'in';
  return null;
}
