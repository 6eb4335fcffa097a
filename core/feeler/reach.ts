import { afterTry, type Bounds, type Felt, proven } from './bounds';
import type { ToleranceZone } from '../metrology/verdict';

/** The thicknesses that can still be tried, ascending, and how far a drag is trusted. */
export interface AtHand {
  readonly totals_mm: readonly number[];
  readonly dragBand_mm: number;
}

/** Floats are compared a little loosely: 0.06 + 0.005 is not 0.065 to the last bit. */
const LOOSE = 1e-9;

const firstAbove = (totals: readonly number[], from: number): number | undefined => {
  for (let i = 0; i < totals.length; i++) if ((totals[i] as number) > from) return totals[i];
  return undefined;
};

const lastBelow = (totals: readonly number[], from: number): number | undefined => {
  for (let i = totals.length - 1; i >= 0; i--) if ((totals[i] as number) < from) return totals[i];
  return undefined;
};

function proves(
  from: Bounds,
  stack: number | undefined,
  felt: Felt,
  zone: ToleranceZone,
  hand: AtHand,
  wanted: 'in' | 'out',
): boolean {
  if (stack === undefined) return false;
  const next = afterTry(from, stack, felt, hand.dragBand_mm);
  return next !== null && proven(next, zone) === wanted;
}

/*
 * The untried stack next to a limit asks least of the gap to settle that
 * side, by being free or not going; a band further in the same holds for a
 * drag. If these cannot settle a side, no stack can: so four look-ups stand
 * for the whole set.
 */
/**
 * Lists the thicknesses at hand of which some answer would prove the gap out, in mm: those that ask
 * least of it first.
 */
export function refuting(bounds: Bounds, zone: ToleranceZone, hand: AtHand): number[] {
  const { totals_mm: totals, dragBand_mm: band } = hand;
  const over = firstAbove(totals, zone.over);
  const under = lastBelow(totals, zone.under);
  const ways: readonly (readonly [stack: number | undefined, ...answers: Felt[]])[] = [
    [over, 'free', 'part-way'],
    [firstAbove(totals, zone.over + band), 'drag'],
    [under, 'no-go', 'part-way'],
    [lastBelow(totals, zone.under - band), 'drag'],
  ];
  return ways.flatMap(([stack, ...answers]) =>
    stack !== undefined && answers.some((felt) => proves(bounds, stack, felt, zone, hand, 'out'))
      ? [stack]
      : [],
  );
}

/** Returns the upper side, with a leaf that is not the one just used for the lower. */
function canHoldUpper(
  start: Bounds | null,
  used: number | undefined,
  zone: ToleranceZone,
  hand: AtHand,
): boolean {
  if (!start) return false;
  if (proven(start, zone) === 'in') return true;
  return (
    holdsUpper(start, zone.upper, 'no-go', used, zone, hand) ||
    holdsUpper(start, zone.upper - hand.dragBand_mm, 'drag', used, zone, hand)
  );
}

function holdsUpper(
  start: Bounds,
  from: number,
  felt: Felt,
  used: number | undefined,
  zone: ToleranceZone,
  hand: AtHand,
): boolean {
  const nearest = lastBelow(hand.totals_mm, from + LOOSE);
  const free = nearest === undefined || nearest !== used;
  const stack = free ? nearest : lastBelow(hand.totals_mm, nearest);
  return proves(start, stack, felt, zone, hand, 'in');
}

/**
 * Returns the lower side with the nearest leaf or the one after it, which leaves the nearest to the upper
 * side.
 */
function canHoldBoth(
  bounds: Bounds,
  from: number,
  felt: Felt,
  zone: ToleranceZone,
  hand: AtHand,
): boolean {
  const nearest = firstAbove(hand.totals_mm, from - LOOSE);
  const after = nearest === undefined ? undefined : firstAbove(hand.totals_mm, nearest);
  for (const stack of [nearest, after]) {
    if (stack === undefined) continue;
    const next = afterTry(bounds, stack, felt, hand.dragBand_mm);
    if (canHoldUpper(next, stack, zone, hand)) return true;
  }
  return false;
}

/** Tells whether tries with the stacks at hand can still prove the gap in. */
export function canConfirm(bounds: Bounds, zone: ToleranceZone, hand: AtHand): boolean {
  if (bounds.smallest.lo >= zone.lower) return canHoldUpper(bounds, undefined, zone, hand);
  return (
    canHoldBoth(bounds, zone.lower, 'free', zone, hand) ||
    canHoldBoth(bounds, zone.lower + hand.dragBand_mm, 'drag', zone, hand)
  );
}

/**
 * Tells whether tries with the stacks at hand can still prove the gap in or out:
 * the difference between a verdict that is *open* and one that is *close*.
 *
 * @param bounds what the tries so far say, in mm
 * @param zone the window of the limits, in mm
 * @param hand the stacks that can still be tried
 * @example
 * import { NO_EVIDENCE } from './bounds';
 * const zone = { lower: -Infinity, upper: 0.06, under: -Infinity, over: 0.06 };
 * canDecide(NO_EVIDENCE, zone, { totals_mm: [0.05, 0.07], dragBand_mm: 0.005 }); // true
 * canDecide(NO_EVIDENCE, zone, { totals_mm: [], dragBand_mm: 0.005 }); // false
 */
export function canDecide(bounds: Bounds, zone: ToleranceZone, hand: AtHand): boolean {
  return canConfirm(bounds, zone, hand) || refuting(bounds, zone, hand).length > 0;
}
