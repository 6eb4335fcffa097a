import { replace, withVoided } from '../journal/commands';
import type { Job } from '../records/job';
import { LONGEST_ASKED, type WorkedOut } from '../records/entries/worked';
import type { Turning } from '../workshop/reversing';
import type { Command } from './command';

/** Holds what a sum came to for a job; who and when come with the command. */
export type Worked = Pick<
  WorkedOut,
  'sum' | 'characteristic' | 'said' | 'more' | 'asked' | 'turns'
>;

/**
 * Keeps what a sum came to with a job; it takes the place of what the same sum came to before for the same gap.
 *
 * @param worked what it came to
 * @param turned the way that the pump turns as it came: the tag takes it over where it says nothing itself
 */
export const keepWorked =
  (worked: Worked, turned: Turning | null = null): Command =>
  (job, made) =>
    replace<Job, WorkedOut>(
      turned && job.rotation === 'unknown' ? { ...job, rotation: turned } : job,
      // What cannot be held in an address is not asked again; what it came to is kept all the same.
      {
        ...made,
        ...worked,
        asked: worked.asked.length > LONGEST_ASKED ? '' : worked.asked,
        kind: 'worked',
      },
      (other) => other.sum === worked.sum && other.characteristic === worked.characteristic,
      'worked out again',
    );

/** Takes back what was worked out. */
export const dropWorked =
  (id: string): Command =>
  (job, { at, by }) =>
    withVoided(job, [id], { at, by, why: 'struck' });
