import type { Assessment } from '@/core/assessment/assessment';
import { shownExtremes } from '@/core/wording/figures';
import type { ShopUnit } from '@/core/quantity/units';
import { GapBar } from '@/ui/GapBar';

/** The gap bar of a characteristic. */
export function ShownBar({ shown, unit }: { readonly shown: Assessment; readonly unit: ShopUnit }) {
  const { limits, heatShift_mm, characteristic } = shown;
  return (
    <GapBar
      limits={limits}
      preferred={limits?.preferred ?? null}
      known={shownExtremes(shown)}
      before={shown.before}
      heatShift_mm={heatShift_mm}
      unit={unit}
      kind={characteristic.quantity}
    />
  );
}
