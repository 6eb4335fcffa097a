import { array, type InferType } from 'yup';
import { day, exact, finite, identifier } from '../schema/fields';
import { say } from '../wording/say';

/** More photos than these do not go on a report: it is read, not leafed through. */
export const MOST_ON_PAPER = 8;

/** Describes what goes on the report of a job beside what was done: the photos chosen for it, and when the pump is looked at next. */
export const jobPaper = exact({
  photos: array(identifier().required())
    .required()
    .max(MOST_ON_PAPER, say('records.most', { most: MOST_ON_PAPER })),
  /** By the machine’s own count, in the unit of the tag; null where nobody said. */
  nextUsed: finite()
    .min(0, 'Not below zero')
    .max(1e8, 'Over a hundred million')
    .nullable()
    .defined()
    .default(undefined),
  nextDay: day().nullable().defined().default(undefined),
});

export type JobPaper = InferType<typeof jobPaper>;

/** Says of a job that nothing was chosen for its report. */
export const PLAIN_PAPER: JobPaper = { photos: [], nextUsed: null, nextDay: null };
