import { number, string, type InferType } from 'yup';
import { exact, identifier } from '../schema/fields';
import { VERSION } from './kind';

export const TRACE_SCHEMA = VERSION.trace;

/** The longest text of the samples of one piece of a run: far over a minute at ten a second. */
export const MOST_LINES = 200_000;

/** More pieces than this no run has: ten hours. */
export const MOST_PIECES = 600;

/** Matches what cannot stand in the samples of a run. */
const STRAY = /[^\d.,;-]/;

/** Returns the id of a piece of a run: the job, the run, and which piece. */
export const pieceId = (job: string, run: string, at: number): string => `${job}/${run}/${at}`;

/**
 * A piece of a run on a test stand, as it came: a minute of samples. It belongs to a job, whose test says of which run it is. A
 * piece grows while the stand runs, and is never changed otherwise.
 */
export const traceSchema = exact({
  schema: number().oneOf([TRACE_SCHEMA]).required(),
  id: string()
    .required()
    .matches(/^[\w-]{1,64}\/[\w-]{1,64}\/\d{1,3}$/, 'Not the id of a piece of a run'),
  revision: number().integer().min(0).required(),
  job: identifier(),
  run: identifier(),
  /** Counts the pieces of the run from nought. */
  at: number().integer().min(0).lessThan(MOST_PIECES).required(),
  /** Holds a sample between semicolons: seconds, l/min, bar, 1/min, °C, with commas between them, nothing where nothing was read. */
  samples: string()
    .defined()
    .max(MOST_LINES, 'Too many samples for one piece of a run')
    .test('samples', 'Not the samples of a run', (text) => !STRAY.test(text ?? '')),
}).test('own', 'The id of a piece of a run names another one', (trace) => {
  const { id, job, run, at } = trace as { id?: string; job: string; run: string; at: number };
  return id === pieceId(job, run, at);
});

export type Trace = InferType<typeof traceSchema>;
