import type { Assessment } from '../assessment/assessment';
import { isWithin, type Span } from '../rework/effects/standing';

/** Says how a gap stands after work: in, out, closed, or under the least that the app leaves where none is published. */
export function gapAfterWords(
  { limits, least, verdict }: Pick<Assessment, 'limits' | 'least' | 'verdict'>,
  after: Span | null,
  isOut: boolean,
): string {
  const low = after?.low_mm ?? 0;
  if (isOut && low < 0) return 'closed: it locks';
  if (isOut && limits?.lower_mm == null && least && low < least.mm) {
    return least.from === 'shop' ? 'under the shop’s least value' : 'under the app’s least value';
  }
  if (isOut) return verdict === 'close' ? 'still too close to call' : 'still out';
  if (limits === null) return 'no limit; stays clear';
  const isSure = after === null || verdict === 'in' || isWithin(after, { limits });
  if (!isSure) return 'in with most new parts: measure it in hand';
  return verdict === 'in' ? 'stays in' : 'will be in';
}
