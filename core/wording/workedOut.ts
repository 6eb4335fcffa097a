import { isOvertaken } from '../journal/workedOut';
import type { WorkedOut } from '../records/entries/worked';
import type { Job } from '../records/job';
import { dateText } from './date';
import { say } from './say';

/** Says when a sum was worked out for a job, and by whom; and that it may be otherwise since, where something was read or done. */
export function workedWhen(job: Pick<Job, 'journal'>, worked: WorkedOut): string {
  const by = [worked.by, dateText(worked.at, 'utc day')].filter(Boolean).join(', ');
  return say(isOvertaken(job, worked) ? 'job.sumOld' : 'job.sumWhen', { by });
}
