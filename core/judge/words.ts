import { stackOf } from '../metrology/bracket';
import { formatLength, formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import { choicesOf } from '../journal/work';
import type { Work } from '../pumps/family';
import { pumpOf, type PumpKind } from '../pumps/registry';
import type { Operation } from '../records/entry';
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

/** Leaves as they are marked: `0.05 + 0.03`. */
export const markedWords = (marked_mm: readonly number[], unit: ShopUnit): string =>
  marked_mm.map((mm) => formatLength(mm, 'gap', unit)).join(' + ');

/** What was felt with a leaf, or how a figure came to be what it is; empty for a plain one. */
export function readingDetail(r: Reading, unit: ShopUnit): string {
  if (r.kind === 'touch') return '';
  if (r.kind === 'leaf') {
    const felt = FELT_WORD[r.felt] ?? r.felt;
    return r.marked_mm ? `${felt}, marked ${markedWords(r.marked_mm, unit)}` : felt;
  }
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

/** The kinds of work as they are said of a part. */
export const WORK_WORD: Readonly<Record<Work, string>> = {
  faced: 'faced off',
  sunk: 'sunk deeper',
  ground: 'ground',
  honed: 'honed out',
  dressed: 'dressed',
  exchanged: 'replaced with another',
};

/** Says what was done to which part, where and by how much: `Body: faced off by 0.04 mm`. */
export function workWords(
  pump: PumpKind,
  { part, work, changes }: Pick<Operation, 'part' | 'work' | 'changes'>,
  unit: ShopUnit,
): string {
  const name = pumpOf(pump).parts.find((p) => p.id === part)?.name ?? part;
  const where = choicesOf(pump, part, work)
    .find((m) => changes.some((c) => c.dimension === m.id))
    ?.name.toLowerCase();
  const amount = changes.find((c) => c.by_mm !== null)?.by_mm;
  const by = amount == null ? '' : ` by ${formatWithUnit(Math.abs(amount), 'gap', unit)}`;
  return `${name}: ${[WORK_WORD[work], where].filter(Boolean).join(', ')}${by}`;
}
