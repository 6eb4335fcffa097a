import type { Assessment } from '../assessment/assessment';
import { centre, ends, factorsOf, isCut, movedTo, type Estimate } from '../metrology/estimate';
import type { Extremes } from '../metrology/extremes';
import type { Characteristic } from '../pumps/family';
import { formatLength, formatRange, formatWithUnit } from '../quantity/format';
import type { LengthKind, ShopUnit } from '../quantity/units';
import { say } from './say';

/**
 * Writes an estimate: `0.04–0.05`, `≥ 0.04`, `0.052 ± 0.007` at k = 2, `0.052 +0.007 −0.009` for the
 * largest of several readings, `at most 0.012` for a tilt that may be none.
 */
export function estimateText(e: Estimate, unit: ShopUnit, kind: LengthKind = 'gap'): string {
  const [lo, hi] = ends(e);
  if (e.kind === 'interval' || isCut(e)) {
    return formatRange(Math.max(0, lo), Number.isFinite(hi) ? hi : null, kind, unit);
  }
  if (e.magnitude && lo <= 0) return say('judge.atMost', { most: formatLength(hi, kind, unit) });
  const value = formatLength(e.value_mm, kind, unit);
  const { below, above } = factorsOf(e);
  const [less, more] = [below, above].map((factor) => formatLength(factor * e.u_mm, kind, unit));
  return less === more ? `${value} ± ${more}` : `${value} +${more} −${less}`;
}

/** Returns all that a gap can be, from its smallest to its largest: `0.04–0.08`. */
export function rangeText(
  { smallest, largest }: Extremes,
  unit: ShopUnit,
  kind: LengthKind = 'gap',
): string {
  const [lo] = ends(smallest);
  const [, hi] = ends(largest);
  const single =
    smallest.kind === 'value' &&
    largest.kind === 'value' &&
    !isCut(smallest) &&
    !isCut(largest) &&
    smallest.value_mm === largest.value_mm &&
    smallest.u_mm === largest.u_mm;
  if (single) {
    const { picked: _, ...plain } = smallest;
    return estimateText(plain, unit, kind);
  }
  const known = ends(largest)[0];
  // Nothing bounds it at either end, but somewhere it is at least so much.
  if (!Number.isFinite(hi) && lo <= 0 && known > 0) {
    return say('judge.largestOf', { range: formatRange(known, null, kind, unit) });
  }
  return formatRange(Math.max(0, lo), Number.isFinite(hi) ? hi : null, kind, unit);
}

/** Returns all that a gap can be at working temperature, moved along from what it is at 20 °C. */
export function hotText(
  { smallest, largest }: Extremes,
  shift_mm: number,
  unit: ShopUnit,
  kind: LengthKind = 'gap',
): string {
  const moved = (e: Estimate): Estimate => {
    const hot = movedTo(e, shift_mm);
    if (hot.kind === 'value') return hot;
    return {
      ...hot,
      lo_mm: Math.max(0, hot.lo_mm),
      hi_mm: hot.hi_mm === null ? null : Math.max(0, hot.hi_mm),
    };
  };
  return rangeText({ smallest: moved(smallest), largest: moved(largest) }, unit, kind);
}

/**
 * Returns what to show of a characteristic while it is measured: the places tried so
 * far as long as it is open, all of it once it is decided. Null before the
 * first reading.
 */
export function shownExtremes(a: Assessment): Extremes | null {
  if (a.verdict === 'open' && a.soFar) return a.soFar;
  return a.smallest && a.largest ? { smallest: a.smallest, largest: a.largest } : null;
}

/**
 * Says of a figure below nought what it means: a vane that does not reach falls out of its slot; null
 * where it means nothing of its own.
 */
export function belowWords(
  c: Characteristic,
  { smallest }: Extremes,
  unit: ShopUnit,
  message: 'judge.tooShort' | 'judge.tooShortSentence' | 'judge.tooShortRecorded',
): string | null {
  if (!c.below || centre(smallest) >= 0) return null;
  const length = formatWithUnit(-centre(smallest), c.quantity, unit);
  return say(message, { what: c.below, length });
}

/** Returns all that a characteristic can be, in its own words where its figures mean something else. */
export function gapText(c: Characteristic, known: Extremes, unit: ShopUnit): string {
  return belowWords(c, known, unit, 'judge.tooShort') ?? rangeText(known, unit, c.quantity);
}
