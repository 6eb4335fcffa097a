import { pumpOf, type PumpKind } from '../pumps/registry';
import { methodOf } from '../methods/list';
import type { Skip } from '../records/entry';
import { say } from './say';

/** Says which place of what was left out, and why: `End clearance, drive gear at 9: cannot get at it`. */
export function skipWords(pump: PumpKind, { target, way, place, why }: Skip): string {
  const model = pumpOf(pump);
  const size = model.dimensions.find((d) => d.id === target);
  const characteristic = model.characteristics.find((c) => c.id === target);
  const stations =
    size?.stations ??
    (characteristic
      ? methodOf(way)
          .places(model, characteristic)
          .map((p) => p.station)
      : []);
  const where = stations.find((s) => s.id === place)?.label ?? place;
  return say('judge.skipped', {
    what: size?.name ?? characteristic?.name ?? target,
    place: where ?? '',
    why,
  });
}
