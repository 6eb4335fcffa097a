import { formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import { choicesOf } from '../journal/work';
import type { Work } from '../pumps/family';
import { pumpOf, type PumpKind } from '../pumps/registry';
import type { Operation } from '../records/entry';

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
