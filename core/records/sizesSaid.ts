import type { DimensionId, KindId, PartId } from '../pumps/ids';
import type { Characteristic, Dimension } from '../pumps/family';
import { pumpOf } from '../pumps/registry';
import type { Sheet } from './sheet';

/** Returns the nominal size of a dimension in mm; of a further section, that of the first where it has none. */
export function nominalOf(sheet: Sheet, dimension: DimensionId): number | undefined {
  const of = (id: DimensionId | undefined) =>
    sheet.nominal.find((n) => n.dimension === id)?.value_mm;
  return of(dimension) ?? of(pumpOf(sheet).dimensions.find((d) => d.id === dimension)?.first);
}

/** A new part measures so much either side of nominal where nobody said otherwise, in mm: a usual tolerance, made up. */
export const NEW_PART_mm = 0.013;

/** Says between what a size lies on a part that is bought, and whose word that is. */
export interface NewSize {
  readonly least_mm: number;
  readonly most_mm: number;
  readonly from: 'sheet' | 'nominal';
}

/** Returns between what a size lies on a part that is bought; null where the sheet says nothing of it. */
export function newSizeOf(sheet: Sheet, dimension: DimensionId): NewSize | null {
  const first = pumpOf(sheet).dimensions.find((d) => d.id === dimension)?.first;
  const said =
    sheet.newSizes.find((n) => n.dimension === dimension) ??
    sheet.newSizes.find((n) => n.dimension === first);
  if (said) return { least_mm: said.least_mm, most_mm: said.most_mm, from: 'sheet' };
  const nominal = nominalOf(sheet, dimension);
  if (nominal === undefined) return null;
  return { least_mm: nominal - NEW_PART_mm, most_mm: nominal + NEW_PART_mm, from: 'nominal' };
}

/**
 * Returns what is known of a size only from a drawing, in mm; undefined where the drawing is an example's.
 */
export function drawnOf(sheet: Pick<Sheet, 'examples'>, dimension: Dimension): number | undefined {
  const { field, drawn_mm } = dimension;
  return field !== undefined && sheet.examples.includes(field) ? undefined : drawn_mm;
}

/**
 * Returns the radius to which a swing is brought, in mm; null where there is none, or it comes from an
 * example.
 */
export function pitchRadiusOf(
  sheet: Pick<Sheet, 'examples'>,
  { swing }: Pick<Characteristic, 'swing'>,
): number | null {
  const made = swing?.pitchFields?.some((field) => sheet.examples.includes(field)) ?? false;
  return made ? null : (swing?.pitchRadius_mm ?? null);
}

/** Returns what a part is made of: what the sheet says of that very piece, else of its kind; null where it says neither. */
export function materialOf(sheet: Sheet, part: PartId): Sheet['materials'][number] | null {
  const kind = pumpOf(sheet).parts.find((p) => p.id === part)?.kind;
  const of = (id: PartId | KindId | undefined) => sheet.materials.find((m) => m.part === id);
  return of(part) ?? of(kind) ?? null;
}
