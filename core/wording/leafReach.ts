import type { Limits } from '../metrology/interval';
import type { Ladder } from '../feeler/ladder';
import { zoneOf } from '../metrology/verdict';
import type { Characteristic } from '../pumps/family';
import { METHOD, methodsFor } from '../methods/list';
import type { FinerTool } from '../methods/method';
import type { PumpKind } from '../pumps/registry';
import { formatLength, formatRange, unitName } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import { leafReach } from '../feeler/blind';
import { say, listed } from './say';

/** Returns which tool decides what leaves cannot: one, both, or a finer leaf set. */
const finerTool = (tools: readonly FinerTool[]): FinerTool | 'both' | 'leaves' =>
  tools.length > 1 ? 'both' : (tools[0] ?? 'leaves');

/** Returns the same in words, with what could decide it; empty where the set does well enough. */
export function leafReachWords(
  ladder: Ladder,
  limits: Limits,
  pump: PumpKind,
  c: Characteristic,
  unit: ShopUnit,
): string {
  const { provesIn, blind } = leafReach(ladder, limits);
  const tool = finerTool(methodsFor(pump, c).flatMap((id) => METHOD[id].finer ?? []));
  if (!provesIn) {
    const { lower, upper } = zoneOf(limits);
    const window = Number.isFinite(upper)
      ? formatRange(Math.max(lower, 0), upper, 'gap', unit)
      : `≥ ${formatLength(lower, 'gap', unit)}`;
    return say('judge.cannotProve', { tool, window, unit: unitName('gap', unit) });
  }
  if (blind.length === 0) return '';
  const gaps = listed(blind.map(([from, to]) => formatRange(from, to, 'gap', unit)));
  return say('judge.cannotSeparate', { tool, gaps, unit: unitName('gap', unit) });
}
