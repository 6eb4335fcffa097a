import { say } from '@/core/wording/say';
import type { JobSummary } from '@/data/jobSummary';
import { inOrder } from '@/data/summaries';

/** Says that a job waits for its customer; empty where it does not. */
export const waitingWords = ({ waiting }: Pick<JobSummary, 'waiting'>): string =>
  waiting ? say('bench.waiting') : '';

/** A job with the words by which it is found. */
export interface Findable<J extends JobSummary> {
  readonly job: J;
  readonly words: string;
}

/** What was put together for a job once; a summary is never changed, only replaced. */
const known = new WeakMap<JobSummary, string>();

function wordsOf(job: JobSummary): string {
  const words =
    known.get(job) ??
    [job.tag, job.owner, job.unit, job.model, job.serial, waitingWords(job)]
      .join(' ')
      .toLowerCase();
  known.set(job, words);
  return words;
}

/** Returns the jobs in the order of the list, the last one worked on first, each with its words. */
export function findable<J extends JobSummary>(jobs: readonly J[]): Findable<J>[] {
  return inOrder(jobs).map((job) => ({ job, words: wordsOf(job) }));
}

/** From so many letters on everything is searched, not only what the list shows. */
export const FEWEST = 2;

/**
 * Returns the jobs whose words hold every part of what is looked for.
 *
 * @param elsewhere jobs that say it somewhere else, by their ids
 */
export function found<J extends JobSummary>(
  all: readonly Findable<J>[],
  wanted: string,
  elsewhere: { has(id: string): boolean } = new Set(),
): J[] {
  const parts = wanted.toLowerCase().split(/\s+/).filter(Boolean);
  return all.flatMap(({ job, words }) =>
    elsewhere.has(job.id) || parts.every((part) => words.includes(part)) ? job : [],
  );
}

/** Returns the jobs of that very number, whatever case it was typed in. */
export function named<J extends JobSummary>(jobs: readonly J[], number: string): J[] {
  const tag = number.trim().toLowerCase();
  return jobs.filter((job) => job.tag.toLowerCase() === tag);
}
