import { boolean, string, type InferType } from 'yup';
import { exact } from '../schema/fields';

/** Says on how many sides of a body a drain for the shaft seal is drilled. */
export const DRAINED = ['one', 'both'] as const;

const said = () => boolean().nullable().defined();

/** Describes what a sheet says of how its pump is built where it is to turn the other way; null where nobody said. */
export const reversing = exact({
  /** The body can be turned end for end. */
  bodyTurns: said(),
  /** Drain holes are drilled on one side, or on both with one of them plugged. */
  drains: string().oneOf(DRAINED).nullable().defined(),
  /** Bearing blocks or plates are the same on both sides. */
  symmetrical: said(),
  /** The cam ring can be flipped, or the eccentric ring turned half round. */
  ringFlips: said(),
  /** The cover can be bolted on in other positions. */
  coverTurns: said(),
});

export type Reversing = InferType<typeof reversing>;

/** A sheet that says nothing of it. */
export const NO_REVERSING: Reversing = {
  bodyTurns: null,
  drains: null,
  symmetrical: null,
  ringFlips: null,
  coverTurns: null,
};
