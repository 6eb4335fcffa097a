import { array, number, type InferType } from 'yup';
import type { CharacteristicId } from '../pumps/ids';
import { day, exact, finite, idOf, identifier, line, notUnder, once } from '../schema/fields';
import { tagFields } from './tag';

/** Limits the visits: more of one pump are not counted. */
const MOST_VISITS = 99;

/** Limits the characteristics: more of them no pump has. */
const MOST_FIGURES = 400;

/** Makes the field of where an end of a gap lay, in mm; its upper bound is null where nobody knew it. */
const bounds = () =>
  exact({
    lo_mm: finite().required().min(-50).max(5000),
    hi_mm: finite()
      .min(-50)
      .max(5000)
      .nullable()
      .defined()
      .test(notUnder('lo_mm', 'The upper bound is below the lower.')),
  });

/** Keeps how a pump left its visit before this one: that is its *before* until it is measured again. */
export const visit = exact({
  /** Names the job of that visit, and its tag then. */
  of: identifier(),
  tag: line().required(),
  /** Counts the visits, this one among them. */
  number: number().integer().min(2).max(MOST_VISITS).required(),
  /** Gives the day on which it went out; null where nobody knows. */
  out: day().nullable().defined(),
  /** Counts what it had run when it came that time, in the unit of its tag; null where nobody said. */
  used: finite().min(0).max(1e8).nullable().defined(),
  usedUnit: tagFields.usedUnit,
  figures: once(
    array(
      exact({
        characteristic: idOf<CharacteristicId>(),
        smallest: bounds(),
        largest: bounds(),
      }),
    )
      .required()
      .max(MOST_FIGURES),
    'A characteristic is there twice',
    ({ characteristic }) => characteristic,
  ),
});

export type Visit = InferType<typeof visit>;
