import { dimensionId, partId } from '../pumps/ids';
import { BLANK_PART, type PartSize, type ShelfPart } from '../records/part';
import { AT } from './readings';
import { VELTRANE_T6 } from './sheets';

/** Returns a loose part of the crescent pump, as it lies on the shelf. */
export const shelfPart = (
  label: string,
  parts: string[],
  sizes: Readonly<Record<string, number>>,
  more: Partial<ShelfPart> = {},
): ShelfPart => ({
  ...BLANK_PART,
  id: label.toLowerCase(),
  revision: 1,
  createdAt: AT,
  label,
  parts: parts.map(partId),
  sheet: VELTRANE_T6.id,
  model: VELTRANE_T6.model,
  make: 'Skarn',
  from: 'HM-0417',
  place: 'Bin 4',
  sizes: Object.entries(sizes).map(([dimension, value_mm]): PartSize => ({
    dimension: dimensionId(dimension),
    value_mm,
    u_mm: 0.002,
  })),
  ...more,
});

/** Returns a gear set of so wide gears, in mm. */
export const gearSet = (label: string, width: number, more: Partial<ShelfPart> = {}): ShelfPart =>
  shelfPart(label, ['drive', 'driven'], { 'drive-width': width, 'driven-width': width }, more);
