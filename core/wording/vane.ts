import { formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { VaneOutlook } from '../rework/decision/vanes';
import { say } from './say';

/** Says what of a vane stays in its slot at full reach, and the hours until that is the limit, or nothing is left. */
export function vaneWords(
  { inSlot_mm, verdict, hoursLeft, limited }: VaneOutlook,
  unit: ShopUnit,
): string {
  if (verdict === 'escapes') {
    return 'A vane is too short: it can leave its slot and wreck the pump. Replace the vanes.';
  }
  const left = formatWithUnit(inSlot_mm, 'size', unit);
  if (hoursLeft === null) return say('rework.inSlot', { left });
  const hours = Math.round(hoursLeft);
  return say(limited ? 'rework.inSlotHours' : 'rework.inSlotFalls', { left, hours });
}
