import type { Assessment } from '../assessment/assessment';
import type { Verdict } from '../metrology/verdict';
import { isWithin, type GapRange } from '../rework/effects/standing';

/** Says how a gap stands after work: the verdict that its mark has, and the words beside it. */
export interface GapAfter {
  readonly verdict: Verdict;
  readonly words: string;
}

/** A gap is as tight as it was where it differs by less, in mm. */
const ROUNDING_mm = 1e-6;

/** Says of a gap without a verdict that work leaves it clear, or no tighter than it was. */
const STAYS = {
  unlimited: {
    clear: 'no limit; stays clear',
    tight: 'no limit; no tighter than it was',
    spread: 'no limit; clear with most new parts: measure it in hand',
  },
  open: {
    clear: 'not all measured; stays clear',
    tight: 'not all measured; no tighter than it was',
    spread: 'not all measured; clear with most new parts: measure it in hand',
  },
} as const;

type Known = Pick<Assessment, 'characteristic' | 'limits' | 'least' | 'verdict'>;

/** Says how a gap stands that is out after work, or may be. */
function beyond({ characteristic, limits, least, verdict }: Known, low_mm: number): GapAfter {
  if (low_mm < 0 && characteristic.runs) return { verdict: 'out', words: 'closed: it locks' };
  if (limits?.lower_mm == null && least && low_mm < least.mm) {
    const isShop = least.from === 'shop';
    const words = isShop ? 'under the shop’s least value' : 'under the app’s least value';
    return { verdict: 'out', words };
  }
  if (verdict === 'close') return { verdict, words: 'still too close to call' };
  return { verdict: 'out', words: verdict === 'out' ? 'still out' : 'goes out' };
}

/**
 * Says how a gap stands after work: in, out, closed, or under the least that the app leaves where none is published.
 *
 * @param before where it lies now
 * @param after where it lies then, with all that new parts may measure; null where the work does not move it
 * @param isOut whether it is out by that
 */
export function gapAfter(
  a: Known,
  before: GapRange,
  after: GapRange | null,
  isOut: boolean,
): GapAfter {
  const low_mm = after?.low_mm ?? 0;
  const { limits, least, verdict } = a;
  if (isOut) return beyond(a, low_mm);
  if (limits === null || verdict === 'open') {
    const stands =
      !after || !least || low_mm >= least.mm
        ? 'clear'
        : low_mm < before.low_mm - ROUNDING_mm
          ? 'spread'
          : 'tight';
    return { verdict: 'open', words: STAYS[limits === null ? 'unlimited' : 'open'][stands] };
  }
  if (verdict === 'in') return { verdict, words: 'stays in' };
  const isSure = after === null || isWithin(after, { limits });
  return isSure
    ? { verdict: 'in', words: 'will be in' }
    : { verdict: 'close', words: 'in with most new parts: measure it in hand' };
}
