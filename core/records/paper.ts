import { array, type InferType } from 'yup';
import { exact, identifier, once } from '../schema/fields';
import { tagFields } from './tag';
import { say } from '../wording/say';

/** Limits the photos that go on a report: it is read, not leafed through. */
export const MOST_ON_PAPER = 8;

/** Describes what goes on the report of a job beside what was done: the photos chosen for it, and when the pump is looked at next. */
export const jobPaper = exact({
  photos: once(
    array(identifier().required())
      .required()
      .max(MOST_ON_PAPER, say('records.most', { most: MOST_ON_PAPER })),
    'A photo is there twice',
    (id) => id,
  ),
  /** Counts as the machine does, in the unit of the tag; null where nobody said. */
  nextUsed: tagFields.used.default(undefined),
  nextDay: tagFields.due.default(undefined),
});

export type JobPaper = InferType<typeof jobPaper>;

/** Says of a job that nothing was chosen for its report. */
export const PLAIN_PAPER: JobPaper = { photos: [], nextUsed: null, nextDay: null };
