import { DESCRIBED } from '../schema/fields';
import type { Loose } from './loose';
import { checked, readOdd } from './problems';
import { shopSchema, type Shop } from './shop';

/**
 * Returns the shop's settings from a record of the present version. `decode` does the same for a record of any kind and
 * version; the first page needs no more than this.
 *
 * @param context as for `decode`
 * @throws FileError where it does not hold to its schema
 */
export const soundShop = (value: Loose, context: object): Shop =>
  readOdd(() => checked<Shop>(shopSchema, value, { ...DESCRIBED, ...context }));
