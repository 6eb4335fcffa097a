import type { QuoteEntry } from '../records/entries/quote';
import { SIGNERS, type SignedEntry } from '../records/entries/signed';
import type { EntryKind } from '../records/entry';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import { ledgerOf } from './ledger';

type Journal = Pick<Job, 'journal'>;

/** Holds a signature, and whether something was noted on the job since: what was signed then is not what stands there now. */
export interface Signature {
  readonly entry: SignedEntry;
  readonly isOvertaken: boolean;
}

/** Lists the kinds of entry after which a report says what it said before. */
const ON_PAPER: ReadonlySet<EntryKind> = new Set(['signed', 'quote', 'order', 'comeback']);

/** Tells whether an entry is about nothing but what is on paper: it is one of those, or strikes them. */
function isOnPaper(journal: Journal['journal'], entry: Journal['journal'][number]): boolean {
  if (entry.kind !== 'strike' && entry.kind !== 'restore') return ON_PAPER.has(entry.kind);
  return entry.of.every((id) => {
    const about = journal.find((one) => one.id === id);
    return about !== undefined && ON_PAPER.has(about.kind);
  });
}

/** Lists who signed the report of a job: the last of each that counts, the rebuilder first. */
export function signaturesOf({ journal }: Journal): readonly Signature[] {
  const all = counting(ledgerOf({ journal }).signatures);
  if (all.length === 0) return [];
  const lastChange = journal.findLastIndex((entry) => !isOnPaper(journal, entry));
  return SIGNERS.flatMap((as) => {
    const entry = all.findLast((one) => one.as === as);
    if (!entry) return [];
    const at = journal.findIndex(({ id }) => id === entry.id);
    return [{ entry, isOvertaken: lastChange > at }];
  });
}

/** Returns how the quote of a job stands: the last that counts; null for none. */
export const quoteOf = ({ journal }: Journal): QuoteEntry | null =>
  counting(ledgerOf({ journal }).quotes).at(-1) ?? null;

/** Tells whether a job waits for what its customer says. */
export const isWaiting = (job: Pick<Job, 'journal' | 'closed'>): boolean =>
  job.closed === null && quoteOf(job)?.state === 'asked';
