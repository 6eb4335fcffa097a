import type { HeldLimits } from '../assessment/limits';
import { characteristicOf } from '../pumps/registry';
import type { Sheet } from '../records/sheet';

/** Returns what was done to a published limit before anything was held against it; empty for nothing. */
export function conventionWords(sheet: Sheet, limits: HeldLimits, characteristic: string): string {
  const { sides, gasket } = characteristicOf(sheet, characteristic);
  const words: string[] = [];
  if (sides && limits.published.side === 'one-side') {
    words.push('published for one side, held against the full gap');
  }
  if (gasket && limits.published.gasket === 'not-counted' && sheet.gasket_mm > 0) {
    words.push('less the compressed gasket');
  }
  return words.join('; ');
}
