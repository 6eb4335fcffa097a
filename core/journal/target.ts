import { stationsFor, type Reading } from '../methods/list';
import type { Station } from '../pumps/family';
import { characteristicOf, dimensionOf, pumpOf, type PumpKind } from '../pumps/registry';

/** The characteristic or size that a reading is of, with the places where it is measured. */
export interface Target {
  readonly id: string;
  readonly name: string;
  readonly stations: readonly Station[];
}

/**
 * Returns what a reading is of.
 *
 * @throws InputError where the pump does not know what was measured
 */
export function targetOf(pump: PumpKind, reading: Reading): Target {
  const of =
    'dimension' in reading
      ? dimensionOf(pump, reading.dimension)
      : characteristicOf(pump, reading.characteristic);
  return { id: of.id, name: of.name, stations: stationsFor(pumpOf(pump), reading) };
}

/** Returns the word for the place of a reading. */
export function placeOf(pump: PumpKind, reading: Reading): string {
  const { stations } = targetOf(pump, reading);
  return stations.find((s) => s.id === reading.station)?.label ?? reading.station;
}
