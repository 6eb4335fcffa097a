import { otherWay } from '../pumps/teardown/rotation';
import { isAbout, sliceOf, type Entry } from '../records/entry';
import type { WorkedOut } from '../records/entries/worked';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import { ledgerOf } from './ledger';

type Journal = Pick<Job, 'journal'>;

/** Lists what sums came to for a job and what still counts, in the order in which it was worked out. */
export const workedOutIn = (job: Journal): readonly WorkedOut[] => counting(ledgerOf(job).worked);

/** Returns the way that a pump turns once it is reversed as it was worked out last; null where nobody did. */
export const turnsFrom = (job: Journal): WorkedOut['turns'] =>
  workedOutIn(job).findLast(({ turns }) => turns !== null)?.turns ?? null;

/**
 * Returns the way that a pump turns once it is back: the other way where it was given to be reversed, as it was worked out
 * where that was, else as it came; `unknown` where nobody said.
 */
export function turnsAfter(
  job: Pick<Job, 'journal' | 'rotation' | 'asked'>,
): NonNullable<WorkedOut['turns']> | 'unknown' {
  const { rotation, asked } = job;
  if (asked.work === 'reverse' && rotation !== 'unknown') return otherWay(rotation);
  return turnsFrom(job) ?? rotation;
}

/** Tells whether something of the pump was read, found, done, or struck again, after a sum was worked out: it may be otherwise now. */
export function isOvertaken({ journal }: Journal, { id }: Pick<WorkedOut, 'id'>): boolean {
  const ofPump = new Set(
    journal.filter((entry) => sliceOf(entry)?.is.tells === 'pump').map((entry) => entry.id),
  );
  const touches = (entry: Entry): boolean =>
    isAbout(entry) ? entry.of.some((one) => ofPump.has(one)) : ofPump.has(entry.id);
  const at = journal.findIndex((entry) => entry.id === id);
  return at >= 0 && journal.slice(at + 1).some(touches);
}
