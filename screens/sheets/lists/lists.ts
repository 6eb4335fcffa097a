import { pumpOf, teardownOf } from '@/core/pumps/registry';
import type { ShopUnit } from '@/core/quantity/units';
import type { Sheet } from '@/core/records/sheet';
import { benchLists, type BenchForms } from './bench';
import { named, type Lists, type Offered } from './list';
import { ownList, type OwnFields } from './own';
import { variantLists, type VariantForms } from './variants';
import { workLists, type WorkForms } from './work';

/** The lists of a sheet that people lengthen and shorten, each entry as text. */
export interface ListForms extends BenchForms, VariantForms, WorkForms {
  own: OwnFields[];
}

export type ListName = keyof ListForms;

export type SheetLists = Lists<ListForms>;

/** Returns the lists of a sheet, with what can be chosen of its pump. */
export function sheetLists(
  sheet: Pick<Sheet, 'family' | 'geometry' | 'own' | 'mount'>,
  unit: ShopUnit,
  variants: readonly { readonly id: string; readonly name: string }[] = [],
): SheetLists {
  const pump = pumpOf(sheet);
  const offered: Offered = {
    pump,
    unit,
    kinds: named(pump.kinds),
    surfaces: named(teardownOf(sheet).surfaces),
    variants: variants.map(({ id, name }) => ({ value: id, name: name || 'unnamed' })),
  };
  return {
    ...variantLists(offered),
    ...benchLists(offered),
    ...ownList(offered),
    ...workLists(offered),
  };
}
