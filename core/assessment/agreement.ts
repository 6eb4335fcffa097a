import type { Evidence } from '../methods/method';
import { endsAt, isUnbounded, towardsOthers, type Estimate } from '../metrology/estimate';
import type { Extremes } from '../metrology/extremes';
import { normalBeyond } from '../metrology/normal';

/** Chance that evidence which agrees is said to disagree, for each end and side of it: 1% in all. */
const FALSE_ALARM = 0.0025;

/**
 * Returns the interval beyond which two kinds of evidence cannot both be right, in mm. Where no leaf went in, parts may as
 * well stand proud of each other: nothing bounds the gap below.
 */
const wide = (e: Estimate): readonly [lo: number, hi: number] => {
  const [lo, hi] = endsAt(
    e,
    towardsOthers(e, (of) => normalBeyond(FALSE_ALARM / of)),
  );
  return [isUnbounded(e) ? -Infinity : lo, hi];
};

const apart = (a: Estimate, b: Estimate): boolean =>
  wide(a)[1] < wide(b)[0] || wide(b)[1] < wide(a)[0];

/**
 * Tells whether another way of measuring found a gap outside of what sizes leave room for. Sizes are
 * combined at their worst, place by place, so that a gap that is felt lies within their range and
 * need not reach its ends.
 */
const outside = (sizes: Extremes, other: Extremes): boolean =>
  wide(other.largest)[0] > wide(sizes.largest)[1] ||
  wide(other.smallest)[1] < wide(sizes.smallest)[0];

/** Tells whether another way of measuring found a gap that does not reach as far as the sizes say it must. */
const short = (reached: Extremes, other: Extremes): boolean =>
  wide(other.largest)[1] < wide(reached.largest)[0] ||
  wide(other.smallest)[0] > wide(reached.smallest)[1];

function againstSizes({ extremes, reached }: Evidence, other: Extremes): boolean {
  return outside(extremes, other) || (reached !== undefined && short(reached, other));
}

/** Tells whether two kinds of evidence contradict each other by more than they may be off. */
function contradict(a: Evidence, b: Evidence): boolean {
  if (a.source === 'sizes') return againstSizes(a, b.extremes);
  if (b.source === 'sizes') return againstSizes(b, a.extremes);
  return (
    apart(a.extremes.smallest, b.extremes.smallest) || apart(a.extremes.largest, b.extremes.largest)
  );
}

/**
 * Tells whether any two of several kinds of evidence contradict each other.
 *
 * @param known the smallest and the largest gap by each way of measuring, in mm
 * @example
 * const by = (source, value_mm) => {
 *   const value = { kind: 'value', value_mm, u_mm: 0.002 };
 *   return { source, extremes: { smallest: value, largest: value } };
 * };
 * disagreeing([by('direct', 0.05), by('touch', 0.055)]); // false
 * disagreeing([by('direct', 0.05), by('touch', 0.07)]); // true
 */
export const disagreeing = (known: readonly Evidence[]): boolean =>
  known.some((a, i) => known.slice(i + 1).some((b) => contradict(a, b)));
