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
 * @returns the reason in words, or null where there is none
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
