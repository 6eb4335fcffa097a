import { PART_SCHEMA, type PartSize, type ShelfPart } from '../records/part';
import { AT } from './readings';
import { VELTRANE_T6 } from './sheets';

/** Returns a loose part of the crescent pump, as it lies on the shelf. */
export const shelfPart = (
  label: string,
  parts: string[],
  sizes: Readonly<Record<string, number>>,
  more: Partial<ShelfPart> = {},
): ShelfPart => ({
  ...{ schema: PART_SCHEMA, id: label.toLowerCase(), revision: 1, createdAt: AT, label },
  ...{ sheet: VELTRANE_T6.id, model: VELTRANE_T6.model, parts, variant: null, make: 'Skarn' },
  ...{ origin: 'used', from: 'HM-0417', condition: '', place: 'Bin 4', photos: [] },
  sizes: Object.entries(sizes).map(([dimension, value_mm]): PartSize => ({
    ...{ dimension, value_mm, u_mm: 0.002 },
  })),
  ...{ state: 'here', takenFor: '' },
  ...more,
});

/** Returns a gear set of so wide gears, in mm. */
export const gearSet = (label: string, width: number, more: Partial<ShelfPart> = {}): ShelfPart =>
  shelfPart(label, ['drive', 'driven'], { 'drive-width': width, 'driven-width': width }, more);
