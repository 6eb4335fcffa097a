import type { CharacteristicId } from '../pumps/ids';
import type { HeldLimits } from '../assessment/limits';
import { characteristicOf } from '../pumps/registry';
import type { Sheet } from '../records/sheet';

/** Returns what was done to a published limit before anything was held against it; empty for nothing. */
export function conventionWords(
  sheet: Sheet,
  limits: HeldLimits,
  characteristic: CharacteristicId,
): string {
  const { sides, gasket } = characteristicOf(sheet, characteristic);
  const words: string[] = [];
  if (sides && limits.published?.side === 'one-side') {
    words.push('published per side, doubled here for the full gap');
  }
  if (gasket && limits.published?.gasket === 'assembled' && sheet.gasket_mm > 0) {
    words.push('for the assembled pump: the compressed gasket is added to the gap');
  }
  if (gasket && limits.published?.gasket === 'with-gasket') {
    words.push('measured with the gasket in');
  }
  return words.join('; ');
}
