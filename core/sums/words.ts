import type { Limits } from '../metrology/interval';
import { sayFrame } from './frame';
import type { Figures } from './kinds';

/** Writes limits of a clearance; empty where there are none. */
export function limitWords({ lower_mm, upper_mm }: Limits, f: Figures): string {
  if (lower_mm == null && upper_mm == null) return '';
  if (upper_mm == null) return sayFrame('limitLeast', { lower: f.gap(lower_mm ?? 0) });
  if (lower_mm == null) return sayFrame('limitMost', { upper: f.gap(upper_mm) });
  return sayFrame('limitRange', { lower: f.bareGap(lower_mm), upper: f.gap(upper_mm) });
}

const VERDICT = { in: 'inside', out: 'outside', close: 'close', open: 'open' } as const;

/** Names a verdict in a word or two. */
export const verdictWords = (verdict: keyof typeof VERDICT): string => sayFrame(VERDICT[verdict]);
