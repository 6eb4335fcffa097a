import { formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { VaneReach } from '../pumps/vaneReach';
import { say } from './say';

/** Says what of a vane stays in its slot at full reach, and the hours until that is too little. */
export function vaneWords({ inSlot_mm, verdict, hoursLeft }: VaneReach, unit: ShopUnit): string {
  if (verdict === 'escapes') {
    return 'A vane is shorter than its reach: it can leave its slot and wreck the pump. Replace the vanes.';
  }
  const left = formatWithUnit(inSlot_mm, 'size', unit);
  return hoursLeft === null
    ? say('rework.inSlot', { left })
    : say('rework.inSlotHours', { left, hours: Math.round(hoursLeft) });
}
