import { array, string, type InferType } from 'yup';
import { exact, identifier, line, note } from '../schema/fields';

/** Describes what is said to whoever gets a pump back, a line for each thing. */
export const handoverLines = array(line().required()).required().max(40, 'At most 40 lines');

/** Describes a tool that was made for a pump. */
export const benchTool = exact({
  id: identifier(),
  name: line().required('A tool needs a name'),
  /** Says what it is for. */
  use: line().defined(),
  /** Gives its sizes, as they were written down. */
  sizes: note().defined(),
  /** The step of the build that needs it; empty where none is named. */
  step: line().defined(),
});

/** Lists what a job was given for. */
export const ASKED_WORKS = ['rebuild', 'reverse', 'up-size'] as const;

/** Describes what a job was given for, and of a pump that is built wider which gears. */
export const asked = exact({
  work: string().oneOf(ASKED_WORKS).required(),
  /** The gears of another width, by their id on the sheet; empty where nobody said. */
  set: line().defined(),
});

/** Says that a job was given for a rebuild as the pump is. */
export const AS_IT_IS: InferType<typeof asked> = { work: 'rebuild', set: '' };
