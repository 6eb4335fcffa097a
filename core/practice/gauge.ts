import type { CharacteristicId, DimensionId, StationId } from '../pumps/ids';
import type { DimensionalReading } from '../methods/dimensional';
import type { IndicatorReading } from '../methods/indicator';
import { normalFrom, type Even } from '../random';

/** An instrument as it really is: what it is off by itself, the same at every reading, and how it repeats. */
export interface Gauge {
  readonly u_mm: number;
  readonly own_mm: number;
  readonly off_mm: number;
}

/** Draws an instrument whose own part is half its uncertainty, as that of a new shop is. */
export function drawnGauge(even: Even, u_mm: number): Gauge {
  const own_mm = u_mm / 2;
  return { u_mm, own_mm, off_mm: own_mm * normalFrom(even) };
}

/** Returns what a gauge reads of a true length, in mm. */
export const readBy = ({ u_mm, own_mm, off_mm }: Gauge, true_mm: number, even: Even): number =>
  true_mm + off_mm + Math.sqrt(u_mm ** 2 - own_mm ** 2) * normalFrom(even);

const common = {
  at: '2026-11-20T09:00:00.000Z',
  by: '',
  instrument: '',
  unit: 'mm',
  source: 'typed',
  voided: null,
} as const;

/** Makes a reading of a size at a place. */
export const sizeAt = (
  dimension: DimensionId,
  station: StationId,
  id: string,
  value_mm: number,
  { u_mm, own_mm }: Gauge,
): DimensionalReading => ({
  ...common,
  id,
  dimension,
  station,
  value_mm,
  u_mm,
  own_mm,
  kind: 'size',
  text: value_mm.toFixed(4),
  read_mm: value_mm,
  offset_mm: 0,
  part_C: null,
  shop_C: null,
  zero: 'zeroed',
});

/** Makes a reading of a swing at a place. */
export const swingAt = (
  characteristic: CharacteristicId,
  station: StationId,
  id: string,
  value_mm: number,
  { u_mm, own_mm }: Gauge,
): IndicatorReading => ({
  ...common,
  id,
  characteristic,
  station,
  value_mm,
  u_mm,
  own_mm,
  kind: 'swing',
  text: value_mm.toFixed(4),
  read_mm: value_mm,
  lever_deg: 0,
  contactRadius_mm: null,
});
