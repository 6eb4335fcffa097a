import { pumpOf } from '../pumps/registry';
import { formatLimits } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { Sheet } from './sheet';

/** Whether two flat records, or two lists of such, say the same, whatever order their fields came in. */
function same(a: object | undefined, b: object | undefined): boolean {
  const text = (o: object | undefined): string => {
    if (o === undefined) return '';
    if (Array.isArray(o)) return o.map((item: object) => text(item)).join();
    return JSON.stringify(o, Object.keys(o).sort());
  };
  return text(a) === text(b);
}

/** Longest list of changes that is worth reading. */
const MOST = 6;

/**
 * What is different on a sheet since a job took its copy, in words; empty
 * where nothing is that the job's verdicts could rest on.
 */
export function sheetChanges(then: Sheet, now: Sheet, unit: ShopUnit): string[] {
  const changes: string[] = [];
  for (const tier of now.tiers) {
    for (const c of pumpOf(now).characteristics) {
      const [before, after] = [then, now].map((s) =>
        s.limits.find((l) => l.tier === tier.id && l.characteristic === c.id),
      );
      if (same(before, after)) continue;
      const words = [before, after].map((l) => (l ? formatLimits(l, c.quantity, unit) : 'none'));
      changes.push(`${tier.name}, ${c.name}: ${words.join(' is now ')}`);
    }
  }
  if (!same(then.tiers, now.tiers)) changes.push('Tiers or their sources');
  if (!same(then.geometry, now.geometry)) changes.push('Geometry');
  if (!same(then.materials, now.materials)) changes.push('Materials or working temperatures');
  if (!same(then.nominal, now.nominal)) changes.push('Nominal sizes');
  if (then.gasket_mm !== now.gasket_mm) changes.push('Gasket');
  const more = changes.length - MOST;
  return more > 0 ? [...changes.slice(0, MOST), `and ${more} more`] : changes;
}
