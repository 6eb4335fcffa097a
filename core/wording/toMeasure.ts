import { characteristicOf } from '../pumps/registry';
import { formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { Sheet } from '../records/sheet';
import type { ToMeasure } from '../rework/decision/measure';
import { say } from './say';

/** Says what reading something settles: `End clearance: how far it is out`. */
export const settlesWords = (sheet: Sheet, { characteristic, settles }: ToMeasure): string =>
  say(`rework.settles.${settles}`, { check: characteristicOf(sheet, characteristic).name });

/** Says what is read next, at which place and by what, as a button does: `End clearance: 0.12 mm leaf at 12`. */
export function toMeasureWords(
  sheet: Sheet,
  { characteristic, station, by, leaves_mm }: ToMeasure,
  unit: ShopUnit,
): string {
  const c = characteristicOf(sheet, characteristic);
  const check = c.name;
  if (by === 'zero') return say('rework.toZero', { check });
  const place = c.stations.find(({ id }) => id === station)?.label;
  if (by === 'dial') return say('rework.toDial', { check });
  if (by === 'sizes' || place === undefined) return say('rework.toSizes', { check });
  const leaf = formatWithUnit(
    leaves_mm.reduce((sum, mm) => sum + mm, 0),
    'gap',
    unit,
  );
  return say('rework.toLeaf', { check, leaf, place });
}
