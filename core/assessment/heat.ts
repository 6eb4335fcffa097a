import { gapFromSizes } from '../metrology/sizes';
import type { Term } from '../pumps/family';
import { dimensionOf } from '../pumps/registry';
import { materialOf, nominalOf } from '../records/sizesSaid';
import type { Sheet } from '../records/sheet';

/**
 * Returns how much a gap changes from 20 °C to working temperature, in mm: the
 * expansion of the sheet's nominal sizes by its materials. The nominal sizes
 * do: a tenth of a millimetre on a 20 mm width changes it by a thousandth.
 *
 * @param sheet with the materials and nominal sizes
 * @param terms of the gap; undefined for one that no sizes give
 * @returns null where the sheet does not say a size or a material
 */
export function heatShift(sheet: Sheet, terms: readonly Term[] | undefined): number | null {
  if (!terms || terms.length === 0) return null;
  const sizes = [];
  for (const term of terms) {
    const nominal = nominalOf(sheet, term.dimension);
    const { part } = dimensionOf(sheet, term.dimension);
    const material = materialOf(sheet, part);
    if (nominal === undefined || !material) return null;
    const { alpha_per_K, hot_C } = material;
    sizes.push({
      name: term.dimension,
      factor: term.factor,
      value_mm: nominal,
      u_mm: 0,
      alpha_per_K,
      hot_C,
    });
  }
  const { gap_mm, hot_mm } = gapFromSizes(sizes);
  return hot_mm === null ? null : hot_mm - gap_mm;
}
