import { InputError } from '../errors';
import { familyOf, isPump } from '../pumps/registry';
import type { CausedPump } from './possible';
import { sayCauses } from './sayCauses';

/** Names the field of a geometry that says how a pump of the family is built, of those that have one. */
const BUILD_FIELD: Readonly<Record<string, string>> = { gerotor: 'use', 'external-gear': 'build' };

/**
 * Returns a pump of a family as it is built as a rule: what is not said of it is as in the family's example.
 *
 * @param family id of the family
 * @param build how it is built; undefined where that is not said, or there is one way only
 * @throws InputError at `build` where the family is not built so
 * @example
 * familyPump('gerotor', 'front-pump').family; // 'gerotor'
 */
export function familyPump(family: string, build?: string): CausedPump {
  const found = familyOf(family);
  const field = BUILD_FIELD[family];
  if (build === undefined) return { family, geometry: found.example };
  const geometry = { ...found.example, [field ?? 'build']: build };
  if (!field || !isPump(found, geometry)) {
    throw new InputError(
      'build',
      'no-build',
      sayCauses('cause.noBuild', { build, pump: found.name }),
    );
  }
  return { family, geometry };
}
