import type { StationId } from '../pumps/ids';
import { meanOf } from '../metrology/repeats';

/** Describes what was read at one place: the mean of its readings. */
export interface PlaceValue {
  readonly station: StationId;
  readonly value_mm: number;
  /** Standard uncertainty of the mean. */
  readonly u_mm: number;
  readonly readings: number;
}

/** A figure that was read at a place. */
export interface ReadAt {
  readonly station: StationId;
  readonly value_mm: number;
  readonly u_mm: number;
  readonly own_mm: number;
}

/** Averages what was read at each place, in the order in which the places were first read. */
export function byPlace(readings: readonly ReadAt[]): PlaceValue[] {
  const places = new Map<StationId, ReadAt[]>();
  for (const r of readings) {
    const here = places.get(r.station);
    if (here) here.push(r);
    else places.set(r.station, [r]);
  }
  return [...places].map(([station, here]) => ({
    station,
    ...meanOf(here),
    readings: here.length,
  }));
}
