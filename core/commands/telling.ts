import { replace, voidWhere } from '../journal/commands';
import type { ToldAnswer, ToldEntry } from '../records/entries/told';
import type { Job } from '../records/job';
import type { Command } from './command';

/** Notes what somebody said of a complaint or a sign; null takes back what was said of it. */
export const tell =
  (of: string, answer: ToldAnswer | null): Command =>
  (job, made) =>
    answer === null
      ? voidWhere(job, (item) => item.kind === 'told' && item.of === of, {
          at: made.at,
          by: made.by,
          why: 'not said after all',
        })
      : replace<Job, ToldEntry>(
          job,
          { ...made, kind: 'told', of, answer },
          (entry) => entry.kind === 'told' && entry.of === of,
        );
