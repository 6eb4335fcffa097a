import type { JobFacts } from './facts';
import type { Said } from './said';

/** Holds a job with all its words, ready to be looked through. */
export interface Sought {
  readonly facts: JobFacts;
  readonly words: string;
}

/** Holds a job that was found, and says where it says what is looked for beyond its head. */
export interface Found {
  readonly facts: JobFacts;
  readonly where: readonly Said[];
}

/** Returns letters as they are compared: without case and accents. */
const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** Returns jobs ready to be looked through; whoever asks again keeps them. */
export const searchable = (facts: readonly JobFacts[]): readonly Sought[] =>
  facts.map((job) => ({ facts: job, words: plain(job.said.map(({ text }) => text).join('\n')) }));

/** Returns the parts of what is looked for: words, and what stands between quotation marks as it stands. */
export const partsOf = (wanted: string): string[] =>
  [...plain(wanted).matchAll(/"([^"]+)"|(\S+)/g)].map(([, quoted, word]) => quoted ?? word ?? '');

/** Limits the places: so many are shown of a job: it is opened for the rest. */
const MOST_PLACES = 3;

/**
 * Returns the jobs that hold every part of what is looked for, in their order, with the places that say it.
 *
 * @param all ready to be looked through
 * @param wanted words, all of which have to be there; nothing finds all
 */
export function searchedFor(all: readonly Sought[], wanted: string): readonly Found[] {
  const parts = partsOf(wanted);
  return all.flatMap(({ facts, words }) => {
    if (!parts.every((part) => words.includes(part))) return [];
    const where = facts.said.filter(({ text }) => parts.some((part) => plain(text).includes(part)));
    return [{ facts, where: where.slice(0, MOST_PLACES) }];
  });
}
