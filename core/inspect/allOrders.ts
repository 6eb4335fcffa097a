import type { OrderEntry } from '../records/entries/order';
import type { Job } from '../records/job';
import { sheetName } from '../records/sheet';
import { orderList, type OrderLine } from './order';

/** Describes a line of the order list of a job that is somewhere between ordered and come, or still to be ordered. */
export interface JobLine {
  readonly job: string;
  readonly tag: string;
  /** Names the pump: a part without a number is the same on pumps of one model only. */
  readonly model: string;
  readonly line: string;
  readonly name: string;
  readonly count: number;
  readonly order: OrderEntry | null;
}

/** Describes what several jobs ordered of one part from one supplier, or still have to. */
export interface OrderGroup {
  readonly key: string;
  /** Is empty where nothing was ordered, or nobody said from whom. */
  readonly supplier: string;
  readonly partNumber: string;
  /** Names it as the first job calls it. */
  readonly name: string;
  /** Names the pumps that it is for. */
  readonly models: readonly string[];
  readonly count: number;
  readonly state: 'open' | 'ordered' | 'came';
  /** Gives the day on which the first of them was ordered; null where none was. */
  readonly since: string | null;
  readonly lines: readonly JobLine[];
}

/** Orders the groups: what is waited for, then what is still to be ordered, then what came. */
const PLACE: Readonly<Record<OrderGroup['state'], number>> = { ordered: 0, open: 1, came: 2 };

/** Tells whether a line waits for nothing any more: another part is in already, and nobody ordered it. */
const isSettled = ({ order, fitted }: OrderLine): boolean => fitted && order?.state !== 'ordered';

/** Lists the lines of the order lists of jobs that were not given up. */
export const linesOfJobs = (jobs: readonly Job[]): readonly JobLine[] =>
  jobs
    .filter(({ closed }) => closed === null)
    .flatMap((job) =>
      orderList(job)
        .filter((line) => !isSettled(line))
        .map(({ id, name, count, order }) => ({
          job: job.id,
          tag: job.tag,
          model: sheetName(job.sheet),
          line: id,
          name,
          count,
          order,
        })),
    );

/** Returns what one part from one supplier is told by: its number where it has one, else its name and the pump. */
function keyOf({ name, model, order }: JobLine): string {
  const { state = 'open', supplier = '', partNumber = '' } = order ?? {};
  const part = partNumber ? [partNumber.toLowerCase()] : [name.toLowerCase(), model];
  return JSON.stringify([state, supplier.trim().toLowerCase(), ...part]);
}

/**
 * Returns the orders of all jobs by supplier and part number: what is waited for first, then what is still to be ordered, then
 * what came.
 *
 * @param lines of the jobs
 */
export function orderGroups(lines: readonly JobLine[]): readonly OrderGroup[] {
  const groups = new Map<string, JobLine[]>();
  for (const line of lines) groups.set(keyOf(line), [...(groups.get(keyOf(line)) ?? []), line]);
  return [...groups]
    .map(([key, own]): OrderGroup => {
      const [first] = own;
      const days = own.flatMap(({ order }) => (order ? [order.date] : [])).sort();
      return {
        key,
        supplier: first?.order?.supplier ?? '',
        partNumber: first?.order?.partNumber ?? '',
        name: first?.name ?? '',
        models: [...new Set(own.map(({ model }) => model))],
        count: own.reduce((sum, { count }) => sum + count, 0),
        state: first?.order?.state ?? 'open',
        since: days[0] ?? null,
        lines: own,
      };
    })
    .sort(
      (a, b) =>
        PLACE[a.state] - PLACE[b.state] ||
        a.supplier.localeCompare(b.supplier) ||
        (a.since ?? '').localeCompare(b.since ?? '') ||
        a.name.localeCompare(b.name),
    );
}
