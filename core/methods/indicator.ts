import type { CharacteristicId, StationId } from '../pumps/ids';
import { string, type InferType } from 'yup';
import { pickedExtremes, type Extremes } from '../metrology/extremes';
import type { Value } from '../metrology/estimate';
import { trueSwing } from '../metrology/indicator';
import { formatWithUnit } from '../quantity/format';
import { tidy_mm } from '../quantity/units';
import { exact, readingFields, figureFields, finite, idOf, millimetres } from '../schema/fields';
import type { Voidable } from '../schema/voiding';
import { enteredCells, enteredWords, typedOff, type EnteredFigure } from './entered';
import { firstUnread, TWO_READINGS, type Method } from './method';
import { byPlace } from './places';
import { say } from '../wording/say';

/** The total travel of an indicator; a lever's angle and the radius it stood on are kept beside it. */
const schema = exact({
  ...readingFields,
  station: idOf<StationId>(),
  ...figureFields,
  kind: string().oneOf(['swing']).required(),
  characteristic: idOf<CharacteristicId>(),
  read_mm: millimetres().required(),
  lever_deg: finite().required().min(0).max(80, 'A lever over 80° off reads nothing'),
  contactRadius_mm: finite().moreThan(0).nullable().defined(),
  value_mm: millimetres().required(),
});

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

/** Holds what an indicator shows, with the angle of its lever and the radius on which it stood. */
export interface SwungFigure extends EnteredFigure {
  readonly lever_deg?: number;
  readonly contactRadius_mm?: number | null;
}

interface Types {
  readonly id: 'swing';
  readonly reading: IndicatorReading;
  readonly details: object;
  readonly source: 'indicator';
  readonly step: object;
  readonly answer: SwungFigure;
}

/** Describes an indicator that is swung: backlash, end play, runout. The smallest and the largest of its places count. */
export const indicator: Method<Types> = {
  id: 'swing',
  schema,
  sources: { indicator: 'dial' },
  gives: 'figure',
  goesOn: false,
  readBy: 'dial',
  finer: 'dial',
  paper: ['figure'],
  unread: {},
  name: () => 'Dial',
  places: (_, c) => c.swing?.stations.map((station) => ({ station })) ?? [],
  evidence: (_, readings) => {
    const extremes = travelOf(readings);
    return { evidence: extremes ? [{ source: 'indicator', extremes }] : [], details: {} };
  },
  next: firstUnread,
  record: ({ characteristic, station }, answer, stamp, bench) => {
    const { lever_deg = 0, contactRadius_mm = null, ...figure } = answer;
    const { name, u_mm, own_mm } = bench.gauge(null, figure.source, stamp.at);
    const wantedRadius_mm = bench.pitchRadius_mm(bench.characteristic(characteristic));
    const lever = { lever_deg, contactRadius_mm };
    // What the lever and the radius make of a reading they make of its uncertainty.
    const scale = TWO_READINGS * trueSwing({ read_mm: 1, ...lever, wantedRadius_mm });
    return {
      ...stamp,
      ...figure,
      ...lever,
      kind: 'swing',
      instrument: name,
      characteristic,
      station: station.id,
      value_mm: tidy_mm(trueSwing({ read_mm: figure.read_mm, ...lever, wantedRadius_mm })),
      u_mm: scale * u_mm,
      own_mm: scale * own_mm,
      voided: null,
    };
  },
  simulate: ({ characteristic, station }, hidden) =>
    typedOff(hidden.swing(characteristic, station.id)),
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
