import { type LeafAim, leavesCanDecide, nextLeaf } from '../methods/nextLeaf';
import type { DecisionRule } from '../metrology/conformity';
import type { Limits } from '../metrology/interval';
import { ends, isOpen, type Estimate } from '../metrology/estimate';
import { judgeTries, nextTry, type Ladder } from '../feeler/ladder';
import type { Assessment } from './assessment';

const aimAt = (
  part: Assessment,
  limits: Limits,
  goal: LeafAim['goal'],
  room_mm: number | null = null,
): LeafAim => ({
  characteristic: part.characteristic.id,
  stations: part.stations,
  limits,
  goal,
  room_mm,
});

/**
 * Returns the aim at knowing a gap between neighbouring leaves at every place; null where that is known,
 * or figures tell it better.
 *
 * @param room_mm what a sum leaves for it
 */
function recordAim(part: Assessment, ladder: Ladder, room_mm: number | null): LeafAim | null {
  if (part.largest && part.source.largest !== 'leaves') return null;
  const aim = aimAt(part, {}, 'record', room_mm);
  return nextLeaf(aim, ladder) && aim;
}

/**
 * Returns the aim at a characteristic in its own right, or null where leaves can do nothing more for it.
 *
 * @param part the assessment of the characteristic
 * @param ladder of the set that is in use
 * @param room_mm what a sum leaves for it; null where none does
 */
export function ownAim(
  part: Assessment,
  ladder: Ladder,
  room_mm: number | null = null,
): LeafAim | null {
  if (!part.limits) return recordAim(part, ladder, room_mm);
  const undecided = part.verdict === 'open' || part.verdict === 'close';
  if (undecided && leavesCanDecide(part.stations, part.limits, ladder)) {
    return aimAt(part, part.limits, 'verdict');
  }
  const narrower = bandAim(part, ladder);
  if (narrower) return narrower;
  return ladder.wanted === 'size' ? recordAim(part, ladder, room_mm) : null;
}

/** Returns the aim at whether a gap that is in by leaves lies in its preferred band; null where they cannot tell. */
function bandAim(part: Assessment, ladder: Ladder): LeafAim | null {
  const band = part.limits?.preferred;
  if (!band || part.band !== 'unknown' || part.source.largest !== 'leaves') return null;
  return leavesCanDecide(part.stations, band, ladder) ? aimAt(part, band, 'verdict') : null;
}

const upperEnd = (e: Estimate | null): number => (e ? ends(e)[1] : Infinity);
const lowerEnd = (e: Estimate | null): number => (e ? Math.max(0, ends(e)[0]) : 0);

const less = (limit: number | null | undefined, by: number): number | null =>
  limit == null || !Number.isFinite(by) ? null : Math.max(0, limit - by);

const total = (parts: readonly Assessment[], end: (a: Assessment) => number): number =>
  parts.reduce((sum, part) => sum + end(part), 0);

const widest = (a: Assessment): number => upperEnd(a.largest);
const narrowest = (a: Assessment): number => lowerEnd(a.smallest);

/** Tells whether tries may still show that a part holds limits at every place. */
function mayHold(part: Assessment, limits: Limits, ladder: Ladder): boolean {
  const verdicts = part.stations.map((s) => judgeTries(ladder, limits, s.tries).verdict);
  return verdicts.every((v) => v === 'in' || v === 'open') && verdicts.includes('open');
}

/**
 * Returns how leaves can still settle a sum. First its parts have to be measured at
 * all. Then the base is held against what the others leave of the limits;
 * where that cannot hold, the others are narrowed; and last the base is held
 * against what would put the sum out for certain.
 *
 * @param base the first gap of the sum
 * @param plus the gaps that are added to it
 * @param limits of the sum, in mm
 * @param ladder of the set that is in use
 * @returns null where leaves cannot settle it
 */
export function stackAdvice(
  base: Assessment,
  plus: readonly Assessment[],
  limits: Limits,
  ladder: Ladder,
): LeafAim | null {
  for (const part of [base, ...plus]) {
    const aim = !part.largest || isOpen(part.largest) ? ownAim(part, ladder) : null;
    if (aim) return aim;
  }
  const byLeaves = base.source.largest === 'leaves';
  const toHold = {
    lower_mm: less(limits.lower_mm, total(plus, narrowest)),
    upper_mm: less(limits.upper_mm, total(plus, widest)),
  };
  if (byLeaves && mayHold(base, toHold, ladder)) {
    return aimAt(base, toHold, 'verdict');
  }
  const narrower = plus.find((part) =>
    part.stations.some((s) => nextTry(ladder, {}, 'size', s.tries)),
  );
  if (narrower) return aimAt(narrower, {}, 'size');

  const atLeast = total(plus, (part) => lowerEnd(part.largest));
  const toRefute = { upper_mm: less(limits.upper_mm, atLeast) };
  if (byLeaves && leavesCanDecide(base.stations, toRefute, ladder)) {
    return aimAt(base, toRefute, 'verdict');
  }
  return null;
}

/**
 * Describes what a worn cover is thought to take of a face limit, as a share of it, before it is measured.
 */
const WEAR_SHARE = 0.25;

/** A sum in which a part counts, with all its parts. */
export interface SumOf {
  readonly limits: Limits;
  readonly rule: DecisionRule;
  readonly base: Assessment;
  readonly plus: readonly Assessment[];
}

/**
 * Returns the limits that a part should be held against so that its sums hold as well:
 * what the other parts leave, or may be thought to leave before they are
 * measured. With them in mind from the first leaf on, the part does not have
 * to be measured a second time for the sum.
 */
function limitsForSums(part: Assessment, sums: readonly SumOf[]): Limits | null {
  const own: Limits = part.limits ?? {};
  let upper = own.upper_mm ?? Infinity;
  for (const { limits, rule, base, plus } of sums) {
    if (limits.upper_mm == null) continue;
    // Under the plain rule wear that no leaf finds takes nothing: the base begins at the book's leaf.
    const share = rule === 'plain' ? 0 : WEAR_SHARE;
    const others = [base, ...plus].filter(
      (other) => other.characteristic.id !== part.characteristic.id,
    );
    const taken = total(others, (other) => {
      if (other.largest && !isOpen(other.largest)) return upperEnd(other.largest);
      if (other === base) return (1 - share) * (limits.upper_mm ?? 0);
      const most = other.limits?.upper_mm ?? Infinity;
      return Math.min(most, (share * (limits.upper_mm ?? 0)) / plus.length);
    });
    upper = Math.min(upper, limits.upper_mm - taken);
  }
  return Number.isFinite(upper) && upper > 0
    ? { lower_mm: own.lower_mm ?? null, upper_mm: upper }
    : null;
}

/**
 * Returns the aim at a part of sums. One with a limit of its own is held against what they leave it while
 * that may hold, else against its own; one without is told between neighbouring leaves.
 *
 * @param part the assessment of the characteristic
 * @param sums that it is a part of
 * @param ladder of the set that is in use
 */
export function partAim(part: Assessment, sums: readonly SumOf[], ladder: Ladder): LeafAim | null {
  const limits = limitsForSums(part, sums);
  const own = ownAim(part, ladder, limits?.upper_mm ?? null);
  if (!own || !part.limits || !limits || !mayHold(part, limits, ladder)) return own;
  return aimAt(part, limits, 'verdict');
}
