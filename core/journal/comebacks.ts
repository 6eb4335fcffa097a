import type { ComebackEntry } from '../records/entries/comeback';
import { WHOLE_PUMP } from '../records/rework';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import { ledgerOf } from './ledger';
import { isProven } from './tested';

type Journal = Pick<Job, 'journal'>;

/** Returns what was noted of a pump that came back: the last that counts; null where it did not. */
export const comebackOf = (job: Journal): ComebackEntry | null =>
  counting(ledgerOf(job).comebacks).at(-1) ?? null;

/** Returns the day of a moment. */
const dayOf = (at: string): string => at.slice(0, 10);

/**
 * Returns the day on which a pump went out: that on which its report was signed by who rebuilt it. One of which nobody signed
 * the report went out on the day of its last entry, where it was left at its report and had been decided or proven, or
 * came back since. Null for a pump that is still here, or was given up.
 */
export function wentOutOn(
  job: Pick<Job, 'journal' | 'closed' | 'stage' | 'createdAt'>,
): string | null {
  if (job.closed) return null;
  const { signatures, decisions } = ledgerOf(job);
  const signed = counting(signatures).findLast(({ as }) => as === 'rebuilder');
  if (signed) return dayOf(signed.at);
  const isDecided = counting(decisions).some(({ part }) => part === WHOLE_PUMP);
  const isOut = job.stage === 'report' && (isDecided || isProven(job));
  const back = comebackOf(job);
  if (!isOut && !back) return null;
  const last = job.journal.findLast(({ kind }) => kind !== 'comeback')?.at ?? job.createdAt;
  return dayOf(last);
}
