import { afterTry, DRAG_BAND_MM, NO_EVIDENCE, proven, type Bounds } from '../core/feeler/bounds';
import { ladderOf, type FeelerSet } from '../core/feeler/ladder';
import { canDecide } from '../core/feeler/reach';
import type { Limits } from '../core/metrology/interval';
import { zoneOf } from '../core/metrology/verdict';
import { feel } from '../core/methods/feeler';

/**
 * Returns the least tries on average by which any policy comes to a verdict on gaps that it knows the
 * spread of, by trying every policy: which leaf first, which next for each answer.
 *
 * @param gaps in mm, ascending, each as likely as the others
 */
export function leastTries(set: FeelerSet, limits: Limits, gaps: readonly number[]): number {
  const zone = zoneOf(limits);
  const totals = ladderOf(set).stacks.map((s) => s.total_mm);
  const known = new Map<string, number>();
  const near = (b: Bounds, mm: number): boolean =>
    mm >= b.smallest.lo - 2.1 * DRAG_BAND_MM && mm <= b.largest.hi + 2.1 * DRAG_BAND_MM;

  /** The sum of tries over gaps[from..to), all of which gave the same answers so far. */
  const tries = (from: number, to: number, b: Bounds, tried: readonly number[]): number => {
    if (proven(b, zone)) return 0;
    const spent = tried.filter((mm) => near(b, mm)).sort();
    const key = JSON.stringify([from, to, b, spent]);
    const before = known.get(key);
    if (before !== undefined) return before;
    const fresh = totals.filter((mm) => !tried.includes(mm));
    const open = canDecide(b, zone, { totals_mm: fresh, dragBand_mm: DRAG_BAND_MM });
    const least = open
      ? Math.min(...fresh.filter((mm) => near(b, mm)).map((mm) => after(mm, from, to, b, tried)))
      : 0;
    known.set(key, least);
    return least;
  };

  const after = (
    mm: number,
    from: number,
    to: number,
    b: Bounds,
    tried: readonly number[],
  ): number => {
    let sum = to - from;
    for (let at = from; at < to;) {
      const gap = gaps[at] as number;
      const felt = feel(mm, [gap, gap]);
      let end = at + 1;
      while (end < to && feel(mm, [gaps[end] as number, gaps[end] as number]) === felt) end += 1;
      const next = afterTry(b, mm, felt, DRAG_BAND_MM);
      if (!next) return Infinity;
      sum += tries(at, end, next, [...tried, mm]);
      at = end;
    }
    return sum;
  };

  return tries(0, gaps.length, NO_EVIDENCE, []) / gaps.length;
}
