import type { PartId } from '../pumps/ids';
import { array, string } from 'yup';
import { GAUGE_KINDS } from '../pumps/family';
import { OWN_WAYS, SIZES_OF, type OwnWay } from '../pumps/own';
import { exact, idOf, identifier, line } from '../schema/fields';

const SIZE_WORDS = ['No size is read this way', 'One size is read', 'Two sizes are read'] as const;

/** A characteristic of a sheet's own: name, part, how it is measured and where. */
export const ownCharacteristic = exact({
  id: identifier(),
  name: line().required('It needs a name'),
  part: idOf<PartId>(),
  way: string().oneOf(OWN_WAYS).required(),
  places: array(line().required('A place needs a word'))
    .required()
    .min(1, 'At least one place')
    .max(16, 'At most 16 places'),
  sizes: array(
    exact({
      name: line().required('A size needs a name'),
      instrument: string().oneOf(GAUGE_KINDS).required(),
    }),
  )
    .required()
    .test('as many as the way', (sizes, { parent, createError }) => {
      const wanted = SIZES_OF[(parent as { way: OwnWay }).way];
      return wanted === undefined || sizes.length === wanted
        ? true
        : createError({ message: SIZE_WORDS[wanted] });
    }),
  convention: line().defined(),
  caution: line().defined(),
});
