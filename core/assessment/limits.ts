import type { Characteristic } from '../pumps/family';
import type { CharacteristicId } from '../pumps/ids';
import type { Limits } from '../metrology/interval';
import { tidy_mm } from '../quantity/units';
import { characteristicOf } from '../pumps/registry';
import { limitsFor, type Sheet, type SheetLimit } from '../records/sheet';

/** Limits as they are held against what is measured, and as they were published. */
export interface HeldLimits extends Limits {
  readonly lower_mm: number | null;
  readonly upper_mm: number | null;
  /** A band inside the limits that a builder aims at, in the same convention. */
  readonly preferred: Limits | null;
  /** Is null where nobody published them: a vane has to be longer than its reach whatever a sheet says. */
  readonly published: SheetLimit | null;
}

/** A part that wears until nothing of it is left where it is held is out then, whatever a sheet says. */
const SOMETHING_LEFT: HeldLimits = {
  lower_mm: 0,
  upper_mm: null,
  preferred: null,
  published: null,
};

/**
 * Returns the limits that a characteristic is judged by: those of the sheet; of what wears away, that something is left
 * as well, where the sheet gives no least.
 *
 * @param isOut tells whether it is out by some limits
 * @returns null where there are none: of what wears away that is so as long as something is left
 */
export function judgedBy(
  { wears }: Characteristic,
  limits: HeldLimits | null,
  isOut: (limits: HeldLimits) => boolean,
): HeldLimits | null {
  if (!wears || limits?.lower_mm != null) return limits;
  const least = limits ? { ...limits, lower_mm: 0 } : SOMETHING_LEFT;
  return isOut(least) ? least : limits;
}

/**
 * Returns the limits of a characteristic in the convention in which it is measured: a
 * limit per side of a centred part counts twice for the full gap, and one for the pump assembled
 * with its gasket is held against gap and compressed gasket together.
 *
 * @param sheet that publishes them
 * @param tier the set of limits, such as new or service
 * @param characteristic the check that is judged
 * @returns in mm; null where the sheet publishes none on that tier
 */
export function heldLimits(
  sheet: Sheet,
  tier: string,
  characteristic: CharacteristicId,
): HeldLimits | null {
  const published = limitsFor(sheet, tier, characteristic);
  if (!published) return null;
  const { sides, gasket } = characteristicOf(sheet, characteristic);
  const twice = sides && published.side === 'one-side' ? 2 : 1;
  const less = gasket && published.gasket === 'assembled' ? sheet.gasket_mm : 0;
  const held = (mm: number | null) =>
    mm === null ? null : Math.max(0, tidy_mm(twice * mm - less));
  const { preferredLower_mm, preferredUpper_mm } = published;
  const aimed = preferredLower_mm !== null || preferredUpper_mm !== null;
  return {
    lower_mm: held(published.lower_mm),
    upper_mm: held(published.upper_mm),
    preferred: aimed
      ? { lower_mm: held(preferredLower_mm), upper_mm: held(preferredUpper_mm) }
      : null,
    published,
  };
}
