import type { OrderEntry } from '../records/entries/order';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import { ledgerOf } from './ledger';

/** Lists what was ordered for a job and has not come: the last that counts of each line. */
export function outstanding(job: Pick<Job, 'journal' | 'closed'>): readonly OrderEntry[] {
  if (job.closed) return [];
  const last = new Map(counting(ledgerOf(job).orders).map((order) => [order.line, order]));
  return [...last.values()].filter(({ state }) => state === 'ordered');
}
