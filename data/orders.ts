import { noteOrder } from '../core/commands/ordering';
import { linesOfJobs, orderGroups, type OrderGroup } from '../core/inspect/allOrders';
import { orderList } from '../core/inspect/order';
import type { Job } from '../core/records/job';
import { newId, now } from './create';
import { load } from './opened';
import { pacer } from './pace';
import { changeTogether } from './records';

/**
 * Returns the orders of jobs by supplier and part number, the page answering in between. A job that cannot be read is left out:
 * opening it says what is wrong.
 */
export async function ordersOf(ids: readonly string[]): Promise<readonly OrderGroup[]> {
  const pause = pacer();
  const jobs: Job[] = [];
  for (const id of ids) {
    const job = await load('job', id).catch(() => null);
    if (job) jobs.push(job);
    await pause();
  }
  return orderGroups(linesOfJobs(jobs));
}

/** Says what becomes of a group: it was ordered from somebody, or it came. */
export interface OrderSaid {
  readonly state: 'ordered' | 'came';
  readonly date: string;
  readonly supplier: string;
  readonly partNumber: string;
}

/**
 * Notes of every job of a group that its line was ordered or came, all of them in one stroke. A line that is no longer as the
 * group has it stays as it is.
 *
 * @param by who notes it; empty for whoever measured the job
 */
export async function noteForAll(group: OrderGroup, said: OrderSaid, by: string): Promise<void> {
  const ids = [...new Set(group.lines.map(({ job }) => job))];
  const at = now();
  await changeTogether(
    ids.map((id) => ({ kind: 'job' as const, id })),
    (records) => ({
      after: (records as readonly Job[]).map((job) => {
        const stored = new Map(orderList(job).map((line) => [line.id, line.order]));
        return group.lines
          .filter(({ job: of, line, order }) => of === job.id && stored.get(line)?.id === order?.id)
          .reduce((made, { line }) => {
            const stamp = { id: newId(), at, by: by || job.by, voided: null };
            return noteOrder({ line, ...said })(made, stamp);
          }, job);
      }),
    }),
  );
}
