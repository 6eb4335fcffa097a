import { formatLength, formatWithUnit } from '../../quantity/format';
import type { ShopUnit } from '../../quantity/units';
import { say } from '../../wording/say';

/** An amount so many times off the range that was planned is more likely a slip than a cut. */
const OFF_PLAN = 3;

/**
 * Says why the amount taken off should not be believed without a second look: far from what was planned.
 *
 * @param amount_mm as it was typed
 * @param planned the range that is in, in mm
 * @returns the reason in words, or null where there is none
 */
export function doubtOfAmount(
  amount_mm: number,
  { from_mm, to_mm }: { readonly from_mm: number; readonly to_mm: number },
  unit: ShopUnit,
): string | null {
  if (amount_mm <= OFF_PLAN * to_mm && amount_mm * OFF_PLAN >= from_mm) return null;
  return say('doubt.offPlan', {
    reading: formatWithUnit(amount_mm, 'gap', unit),
    from: formatLength(from_mm, 'gap', unit),
    to: formatWithUnit(to_mm, 'gap', unit),
  });
}
