import { record, replace } from '../journal/commands';
import type { QuoteEntry } from '../records/entries/quote';
import type { SignedEntry, Signer } from '../records/entries/signed';
import type { Job } from '../records/job';
import type { JobPaper } from '../records/paper';
import { takenBack, type Command } from './command';

/** Signs the report as it stands: it takes the place of what the same person signed before. */
export const sign =
  (said: Pick<SignedEntry, 'as' | 'name' | 'strokes'>): Command =>
  (job, made) =>
    replace<Job, SignedEntry>(
      job,
      { ...made, kind: 'signed', ...said },
      (entry) => entry.kind === 'signed' && entry.as === said.as,
      'signed again',
    );

/** Takes a signature back. */
export const unsign = (as: Signer): Command =>
  takenBack((item) => item.kind === 'signed' && item.as === as);

/** Describes a quote that was given or answered, before who and when. */
export type QuoteSaid = Omit<QuoteEntry, 'kind' | 'id' | 'at' | 'by' | 'voided'>;

/** Notes that a customer was asked, or what he answered; what was noted before stays in the record. */
export const noteQuote =
  (said: QuoteSaid): Command =>
  (job, made) =>
    record(job, { ...made, kind: 'quote', ...said });

/** Takes the last word on the quote back: the one before it holds again. */
export const dropQuote = (id: string): Command =>
  takenBack((item) => item.kind === 'quote' && item.id === id);

/** Says what goes on the report of a job. */
export const onPaper =
  (part: Partial<JobPaper>): Command =>
  (job) => ({ ...job, paper: { ...job.paper, ...part } });
