import type { CauseEntry } from '../records/entries/cause';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import { ledgerOf } from './ledger';

/** Returns why a pump failed as a person took or proved it: what that changes is planned and built. */
export const takenCauses = (job: Pick<Job, 'journal'>): readonly CauseEntry[] =>
  counting(ledgerOf(job).causes).filter(({ answer }) => answer !== 'ruled-out');
