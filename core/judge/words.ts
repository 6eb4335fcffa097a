import { stackOf } from '../metrology/bracket';
import { formatLength, formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { Reading, ZeroState } from '../records/parts';

/** What was felt, as the hand would say it. */
const FELT_WORD: Readonly<Record<string, string>> = {
  free: 'free',
  drag: 'drags',
  'part-way': 'part way',
  'no-go': 'won’t go',
  clear: 'clear',
  touches: 'touches',
  tight: 'tight',
  catches: 'catches',
};

/** How an instrument's zero stood, where that is worth a word. */
export const ZERO_WORD: Readonly<Record<ZeroState, string>> = {
  zeroed: '',
  'not-needed': '',
  overdue: 'zero overdue',
  never: 'never zeroed',
};

/** A reading's figure in the shop's unit; what was felt where it has none. */
export function readingFigure(r: Reading, unit: ShopUnit): string {
  if (r.kind === 'leaf') return formatLength(stackOf(r.leaves_mm), 'gap', unit);
  if (r.kind === 'touch') return FELT_WORD[r.felt] ?? r.felt;
  return formatWithUnit(r.value_mm, r.kind === 'size' ? 'size' : 'gap', unit);
}

/** What was felt with a leaf, or how a figure came to be what it is; empty for a plain one. */
export function readingDetail(r: Reading, unit: ShopUnit): string {
  if (r.kind === 'touch') return '';
  if (r.kind === 'leaf') return FELT_WORD[r.felt] ?? r.felt;
  const words = [`entered ${r.text} ${r.unit}`];
  if (r.kind === 'size') {
    if (r.offset_mm !== 0) {
      const by = formatLength(Math.abs(r.offset_mm), 'gap', unit);
      words.push(`zero off by ${r.offset_mm > 0 ? '+' : '−'}${by}`);
    }
    if (r.part_C !== null) words.push(`part at ${r.part_C} °C`);
    words.push(ZERO_WORD[r.zero]);
  } else {
    if (r.lever_deg !== 0) words.push(`lever at ${r.lever_deg}°`);
    if (r.contactRadius_mm !== null) {
      words.push(`stylus at radius ${formatWithUnit(r.contactRadius_mm, 'size', unit)}`);
    }
  }
  if (r.source === 'simulated') words.push('simulated gauge');
  return words.filter(Boolean).join(' · ');
}
