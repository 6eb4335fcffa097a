import type { Station } from '../pumps/family';
import { characteristicOf, dimensionOf, type PumpKind } from '../pumps/registry';
import type { Reading } from '../records/parts';

/** The characteristic or size that a reading is of, with the places where it is measured. */
export interface Target {
  readonly id: string;
  readonly name: string;
  readonly stations: readonly Station[];
}

/** @throws InputError where the pump does not know what was measured */
export function targetOf(pump: PumpKind, reading: Reading): Target {
  if (reading.kind === 'size') return dimensionOf(pump, reading.dimension);
  const c = characteristicOf(pump, reading.characteristic);
  const stations = {
    leaf: c.stations,
    swing: c.swing?.stations ?? [],
    touch: c.touch?.stations ?? [],
  }[reading.kind];
  return { id: c.id, name: c.name, stations };
}

/** The word for the place of a reading. */
export function placeOf(pump: PumpKind, reading: Reading): string {
  const { stations } = targetOf(pump, reading);
  return stations.find((s) => s.id === reading.station)?.label ?? reading.station;
}
