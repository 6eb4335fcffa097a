import { string } from 'yup';
import { METHOD_IDS, stationsFor } from '../../methods/list';
import type { CharacteristicId, DimensionId, StationId } from '../../pumps/ids';
import { pumpOf, type PumpKind } from '../../pumps/registry';
import { idOf, line } from '../../schema/fields';
import { say } from '../../wording/say';
import { entryKind, entrySchema, type Standing } from './slice';

/** A place that was not measured, and why. */
export const skip = entryKind({
  kind: 'skip',
  schema: entrySchema('skip', {
    /** The characteristic or the size that is read there. */
    target: idOf<CharacteristicId | DimensionId>(),
    way: string().oneOf(METHOD_IDS).required(),
    place: idOf<StationId>(),
    why: line().required('Enter why the place is left out'),
  }),
  is: { list: 'skips', tells: 'pump', undo: 'measure' },
  at: ({ target, place }) => ({ target, station: place }),
});

export type Skip = Standing<typeof skip>;

/** Says which place of what was left out, and why: `End clearance, drive gear at 9: cannot get at it`. */
export function skipWords(pump: PumpKind, { target, way: kind, place, why }: Skip): string {
  const model = pumpOf(pump);
  const size = model.dimensions.find((d) => d.id === target);
  const characteristic = model.characteristics.find((c) => c.id === target);
  const stations =
    size?.stations ?? stationsFor(model, { kind, characteristic: target as CharacteristicId });
  return say('judge.skipped', {
    what: size?.name ?? characteristic?.name ?? target,
    place: stations.find((s) => s.id === place)?.label ?? place,
    why,
  });
}
