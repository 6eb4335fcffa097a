import { pumpOf } from '../pumps/registry';
import { limitsWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { Sheet, SheetLimit } from './sheet';
import { textOf } from './textOf';
import { say } from '../wording/say';

/** Tells whether two records, or two lists of such, say the same, whatever order their fields came in. */
const same = (a: unknown, b: unknown): boolean => textOf(a) === textOf(b);

/** Lists of a sheet that lead the work before any instrument. */
const LISTS = [
  ['variants', 'Variants'],
  ['key', 'How variants are told apart'],
  ['mixes', 'Which parts go together'],
  ['strip', 'Steps of the strip'],
  ['renew', 'Parts always replaced'],
  ['also', 'Other checks'],
  ['clutches', 'One-way clutches'],
  ['own', 'Checks of its own'],
  ['examples', 'Which sizes are examples'],
  ['metal', 'What metal has to stay'],
  ['prices', 'Prices'],
  ['sets', 'Gears of another width'],
  ['book', 'Manual’s rules for defects'],
  ['flow', 'What it moves, runs on or feeds'],
] as const;

/** Longest list of changes that is worth reading. */
const MOST = 6;

/**
 * Returns what is different on a sheet since a job took its copy, in words; empty
 * where nothing is that the job's work or verdicts could rest on.
 */
export function sheetChanges(then: Sheet, now: Sheet, unit: ShopUnit): string[] {
  const changes: string[] = [];
  for (const tier of now.tiers) {
    for (const c of pumpOf(now).characteristics) {
      const [before, after] = [then, now].map((s) =>
        s.limits.find((l) => l.tier === tier.id && l.characteristic === c.id),
      );
      if (same(before, after)) continue;
      const said = (l: SheetLimit | undefined) =>
        l ? limitsWithUnit(l, c.quantity, unit) : 'none';
      const [was, is] = [said(before), said(after)];
      changes.push(
        `${tier.name}, ${c.name}: ${was === is ? say('records.meantOtherwise', { limits: is }) : say('records.isNow', { was, is })}`,
      );
    }
  }
  if (!same(then.tiers, now.tiers)) changes.push('Limits or their sources');
  if (!same(then.geometry, now.geometry)) changes.push('Geometry');
  if (!same(then.materials, now.materials)) changes.push('Materials or running temperatures');
  if (!same(then.nominal, now.nominal)) changes.push('Nominal sizes');
  if (then.gasket_mm !== now.gasket_mm) changes.push('Gasket');
  for (const [field, words] of LISTS) {
    if (!same(then[field], now[field])) changes.push(words);
  }
  const more = changes.length - MOST;
  return more > 0 ? [...changes.slice(0, MOST), say('records.more', { more })] : changes;
}
