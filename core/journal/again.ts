import type { Job } from '../records/job';
import { proofsIn } from './tested';

/** Returns the next day on which the pump of a job is looked at again: a check that was put off, or the next look; null where nobody said, or it was given up. */
export function lookedAgainOn(job: Pick<Job, 'journal' | 'closed' | 'paper'>): string | null {
  if (job.closed) return null;
  const put = proofsIn(job).flatMap(({ answer, due }) => (answer === 'later' && due ? [due] : []));
  const days = [...put, ...(job.paper.nextDay ? [job.paper.nextDay] : [])];
  return days.sort()[0] ?? null;
}
