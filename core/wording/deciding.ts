import type { Assessment } from '../assessment/assessment';
import type { Limits } from '../metrology/interval';
import { centre, ends, type Estimate } from '../metrology/estimate';
import type { Extremes } from '../metrology/extremes';
import type { Verdict } from '../metrology/verdict';
import { formatLength, unitName } from '../quantity/format';
import type { LengthKind, ShopUnit } from '../quantity/units';
import { say } from './say';
import { estimateText, gapText } from './figures';

/** One limit and the end of the range that is held against it. */
interface Side {
  readonly message: 'judge.largest' | 'judge.smallest';
  readonly estimate: Estimate;
  readonly limit: number;
  /** Between the limit and the nearest that the length can be to its safe side; negative where it cannot hold. */
  readonly best: number;
  /** The same for the farthest; not negative where it is sure to hold. */
  readonly worst: number;
}

function sides(smallest: Estimate, largest: Estimate, limits: Limits): Side[] {
  const list: Side[] = [];
  const { lower_mm, upper_mm } = limits;
  if (upper_mm != null) {
    const [lo, hi] = ends(largest);
    list.push({
      message: 'judge.largest',
      estimate: largest,
      limit: upper_mm,
      best: upper_mm - lo,
      worst: upper_mm - hi,
    });
  }
  if (lower_mm != null) {
    const [lo, hi] = ends(smallest);
    list.push({
      message: 'judge.smallest',
      estimate: smallest,
      limit: lower_mm,
      best: hi - lower_mm,
      worst: lo - lower_mm,
    });
  }
  return list;
}

/**
 * Returns the side that a verdict hangs on: the one that is broken, else the one with the least to spare; undefined
 * where there is no limit.
 */
export function decidingSide(
  smallest: Estimate,
  largest: Estimate,
  limits: Limits,
  verdict: Verdict,
): Side | undefined {
  const by = verdict === 'out' ? (side: Side) => side.best : (side: Side) => side.worst;
  return sides(smallest, largest, limits).sort((x, y) => by(x) - by(y))[0];
}

/** Says the figure that a verdict hangs on, with its limit: `Largest 0.052 ± 0.007 mm, limit 0.05 mm.` */
export const sideWords = (
  { message, estimate, limit }: Side,
  unit: ShopUnit,
  kind: LengthKind = 'gap',
): string =>
  say(message, {
    range: estimateText(estimate, unit, kind),
    limit: formatLength(limit, kind, unit),
    unit: unitName(kind, unit),
  });

/**
 * Writes the figure that a verdict hangs on: `largest 0.048–0.05`, of a length with a least value `smallest 14.10 ± 0.005`;
 * all that it can be where nothing hangs on it.
 */
export function decidingText(a: Assessment, known: Extremes, unit: ShopUnit): string {
  const { characteristic: c, limits, verdict, smallest, largest } = a;
  const all = gapText(c, known, unit);
  if (!limits || !smallest || !largest || verdict === 'open') return all;
  if (c.below && centre(smallest) < 0) return all;
  const first = decidingSide(smallest, largest, limits, verdict);
  if (!first) return all;
  const range = estimateText(first.estimate, unit, c.quantity);
  return say(first.message === 'judge.largest' ? 'judge.largestOf' : 'judge.smallestOf', { range });
}
