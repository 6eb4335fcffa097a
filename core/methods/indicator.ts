import type { CharacteristicId, StationId } from '../pumps/ids';
import { object, string, type InferType } from 'yup';
import { pickedExtremes, type Extremes } from '../metrology/extremes';
import type { Value } from '../metrology/estimate';
import { formatWithUnit } from '../quantity/format';
import { readingFields, figureFields, finite, idOf, millimetres } from '../schema/fields';
import type { Voidable } from '../schema/voiding';
import { enteredCells, enteredWords } from './enteredWords';
import { firstUnread, type Method } from './method';
import { byPlace } from './places';
import { say } from '../wording/say';

/** The total travel of an indicator; a lever's angle and the radius it stood on are kept beside it. */
const schema = object({
  ...readingFields,
  station: idOf<StationId>(),
  ...figureFields,
  kind: string().oneOf(['swing']).required(),
  characteristic: idOf<CharacteristicId>(),
  read_mm: millimetres().required(),
  lever_deg: finite().required().min(0).max(80, 'A lever over 80° off reads nothing'),
  contactRadius_mm: finite().moreThan(0).nullable().defined(),
  value_mm: millimetres().required(),
})
  .noUnknown()
  .required();

export type IndicatorReading = Voidable<InferType<typeof schema>>;

/** Returns the smallest and the largest travel of several places, each the mean of its readings; null for none. */
export function travelOf(readings: readonly IndicatorReading[]): Extremes | null {
  const values = byPlace(readings).map(({ value_mm, u_mm }): Value => ({
    kind: 'value',
    value_mm,
    u_mm,
  }));
  if (values.length === 0) return null;
  return pickedExtremes({ smallest: values, largest: values }, values.length);
}

/** An indicator that is swung: backlash, end play, runout. The smallest and the largest of its places count. */
export const indicator: Method<'swing', IndicatorReading, object> = {
  id: 'swing',
  schema,
  places: (_, c) => c.swing?.stations.map((station) => ({ station })) ?? [],
  evidence: (_, readings) => {
    const extremes = travelOf(readings);
    return { evidence: extremes ? [{ source: 'indicator', extremes }] : [], details: {} };
  },
  next: firstUnread,
  finer: 'dial',
  figure: ({ value_mm }, unit) => formatWithUnit(value_mm, 'gap', unit),
  detail: (r, unit) =>
    enteredWords(r, [
      r.lever_deg !== 0 && say('reading.leverAt', { degrees: r.lever_deg }),
      r.contactRadius_mm !== null &&
        say('reading.dialRadius', { radius: formatWithUnit(r.contactRadius_mm, 'size', unit) }),
    ]),
  cells: (r) => ({
    ...enteredCells(r),
    lever_deg: r.lever_deg,
    stylusRadius_mm: r.contactRadius_mm,
  }),
};
