import { pumpOf, teardownOf } from '@/core/pumps/registry';
import type { ShopUnit } from '@/core/quantity/units';
import type { Sheet } from '@/core/records/sheet';
import { benchLists, type BenchForms } from './bench';
import { buildLists, type BuildForms } from './build';
import { named, type Lists, type Offered } from './list';
import { ownList, type OwnFields } from './own';
import { testLists, type TestForms } from './testing';
import { variantLists, type VariantForms } from './variants';
import { workLists, type WorkForms } from './work';

/** The lists of a sheet that people lengthen and shorten, each entry as text. */
export interface ListForms extends BenchForms, BuildForms, TestForms, VariantForms, WorkForms {
  own: OwnFields[];
}

export type ListName = keyof ListForms;

export type SheetLists = Lists<ListForms>;

/** What of a sheet its lists offer things from. */
export type Listed = Pick<
  Sheet,
  'family' | 'geometry' | 'own' | 'mount' | 'strip' | 'renew' | 'fasteners' | 'assembly'
>;

/** Returns the lists of a sheet, with what can be chosen of its pump. */
export function sheetLists(
  sheet: Listed,
  unit: ShopUnit,
  variants: readonly { readonly id: string; readonly name: string }[] = [],
  steps: Offered['steps'] = sheet.assembly,
): SheetLists {
  const pump = pumpOf(sheet);
  const offered: Offered = {
    pump,
    unit,
    kinds: named(pump.kinds),
    strip: sheet.strip,
    renew: sheet.renew,
    fasteners: sheet.fasteners,
    steps,
    surfaces: named(teardownOf(sheet).surfaces),
    variants: variants.map(({ id, name }) => ({ value: id, name: name || 'unnamed' })),
  };
  return {
    ...variantLists(offered),
    ...benchLists(offered),
    ...buildLists(offered),
    ...ownList(offered),
    ...workLists(offered),
    ...testLists(offered),
  };
}
