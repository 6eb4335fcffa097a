import { formatLength, formatWithUnit } from '../../quantity/format';
import type { ShopUnit } from '../../quantity/units';
import { say } from '../../wording/say';

/** Amounts are the same but for rounding where they differ by less, in mm. */
const ROUNDING_mm = 5e-5;

/**
 * Says why the amount taken off should not be believed without a second look: it is outside of what is in.
 *
 * @param amount_mm as it was typed
 * @param planned the range that is in, in mm
 * @param unit the unit that the shop displays
 * @returns the reason in words, or null where there is none
 * @example
 * doubtOfAmount(0.03, { from_mm: 0.02, to_mm: 0.05 }, 'mm'); // null
 * doubtOfAmount(0.3, { from_mm: 0.02, to_mm: 0.05 }, 'mm').includes('0.30 mm'); // true
 */
export function doubtOfAmount(
  amount_mm: number,
  { from_mm, to_mm }: { readonly from_mm: number; readonly to_mm: number },
  unit: ShopUnit,
): string | null {
  if (amount_mm <= to_mm + ROUNDING_mm && amount_mm >= from_mm - ROUNDING_mm) return null;
  return say('doubt.offPlan', {
    reading: formatWithUnit(amount_mm, 'gap', unit),
    from: formatLength(from_mm, 'gap', unit),
    to: formatWithUnit(to_mm, 'gap', unit),
  });
}
