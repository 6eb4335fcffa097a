import type { Limits } from '../metrology/interval';
import type { Ladder } from '../feeler/ladder';
import { zoneOf } from '../metrology/verdict';
import type { Characteristic } from '../pumps/family';
import { METHOD, methodsFor } from '../methods/list';
import type { PumpKind } from '../pumps/registry';
import { formatLength, formatRange } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import { leafReach } from '../feeler/blind';

/** Returns the same in words, with what could decide it; empty where the set does well enough. */
export function leafReachWords(
  ladder: Ladder,
  limits: Limits,
  pump: PumpKind,
  c: Characteristic,
  unit: ShopUnit,
): string {
  const { provesIn, blind } = leafReach(ladder, limits);
  const could = methodsFor(pump, c).flatMap((id) => METHOD[id].could ?? []);
  const then = could.length > 0 ? `${could.join(', ')}.` : 'a finer set could.';
  if (!provesIn) {
    const { lower, upper } = zoneOf(limits);
    const window = Number.isFinite(upper)
      ? formatRange(Math.max(lower, 0), upper, 'gap', unit)
      : `≥ ${formatLength(lower, 'gap', unit)}`;
    return `No leaves of this set can prove ${window}; ${then}`;
  }
  if (blind.length === 0) return '';
  const stretches = blind.map(([from, to]) => formatRange(from, to, 'gap', unit)).join(' and ');
  return `This set cannot tell gaps of ${stretches} apart from the limit; ${then}`;
}
