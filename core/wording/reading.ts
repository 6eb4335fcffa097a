import { formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import { choicesOf } from '../journal/work';
import type { WorkKind } from '../pumps/family';
import { pumpOf, type PumpKind } from '../pumps/registry';
import type { WorkEntry } from '../records/entries/operation';
import { say } from './say';

/** The kinds of work as they are said of a part. */
export const WORK_WORD: Readonly<Record<WorkKind, string>> = {
  faced: 'faced off',
  sunk: 'sunk deeper',
  ground: 'ground',
  honed: 'honed out',
  dressed: 'dressed',
  shimmed: 'shimmed thicker',
  sleeved: 'sleeved',
  exchanged: 'replaced with another',
};

/** The kinds of work as they are said of a part in a line of others. */
export const DONE_WORD: Readonly<Record<WorkKind, string>> = {
  ...WORK_WORD,
  faced: 'faced',
  sunk: 'sunk',
  honed: 'honed',
  shimmed: 'shimmed',
  exchanged: 'replaced',
};

/** Says what was done to which part, where and by how much: `Body: faced off by 0.04 mm`. */
export function workWords(
  pump: PumpKind,
  { part, work, changes, piece }: Pick<WorkEntry, 'part' | 'work' | 'changes' | 'piece'>,
  unit: ShopUnit,
): string {
  const name = pumpOf(pump).parts.find((p) => p.id === part)?.name ?? part;
  const where = choicesOf(pump, part, work).find((m) =>
    changes.some((c) => c.dimension === m.id),
  )?.name;
  const amount = changes.find((c) => c.by_mm !== null)?.by_mm;
  if (piece) return say('judge.workFromShelf', { part: name, label: piece.label });
  const said = { part: name, work: WORK_WORD[work], place: where ?? '' };
  if (amount == null) return where ? say('judge.workAt', said) : say('judge.work', said);
  const by = { ...said, amount: formatWithUnit(Math.abs(amount), 'gap', unit) };
  return where ? say('judge.workAtBy', by) : say('judge.workBy', by);
}
