import { noteOrder } from '../commands/ordering';
import type { OrderState } from '../records/entries/order';
import type { Job } from '../records/job';
import { stamp } from '../testing/findings';
import { JOB } from '../testing/readings';
import { linesOfJobs, orderGroups } from './allOrders';
import { orderList } from './order';

const [LINE] = orderList(JOB);
const of = (tag: string): Job => ({ ...JOB, id: tag, tag });
const ordered = (
  job: Job,
  state: OrderState,
  supplier: string,
  date = '2026-11-20',
  partNumber = 'S-1',
) => noteOrder({ line: LINE!.id, state, date, supplier, partNumber })(job, stamp());
const other = (job: Job): Job => ({ ...job, sheet: { ...job.sheet, model: 'Oskerry G4' } });
const groups = (...jobs: Job[]) =>
  orderGroups(linesOfJobs(jobs))
    .filter(({ lines }) => lines.some(({ line }) => line === LINE!.id))
    .map(({ state, supplier, count, since, lines }) => [
      ...[state, supplier, count, since],
      ...lines.map(({ tag }) => tag),
    ]);
const { count } = LINE!;

describe('the orders of all jobs', () => {
  it('are one line for one part from one supplier, whoever wrote it how', () => {
    expect(
      groups(
        ordered(of('A'), 'ordered', 'Arvel Parts', '2026-11-22'),
        ordered(of('B'), 'ordered', 'arvel parts'),
        ordered(of('C'), 'ordered', 'Corrie'),
      ),
    ).toEqual([
      ['ordered', 'Arvel Parts', 2 * count, '2026-11-20', 'A', 'B'],
      ['ordered', 'Corrie', count, '2026-11-20', 'C'],
    ]);
  });
  it('have what is waited for first, then what is to be ordered, then what came; a job that was given up wants nothing', () => {
    const closed = { at: JOB.createdAt, by: '', why: 'Scrap' };
    expect(
      groups(
        ordered(of('A'), 'came', 'Arvel Parts'),
        of('B'),
        ordered(of('C'), 'ordered', 'Arvel Parts'),
        { ...of('D'), closed },
      ).map(([state, , , , tag]) => [state, tag]),
    ).toEqual([
      ['ordered', 'C'],
      ['open', 'B'],
      ['came', 'A'],
    ]);
  });
  it('without a number are the same part on pumps of one model only', () => {
    const unnumbered = (job: Job) => ordered(job, 'ordered', 'Corrie', '2026-11-20', '');
    expect(groups(unnumbered(of('A')), unnumbered(other(of('B'))))).toHaveLength(2);
    expect(
      groups(ordered(of('A'), 'ordered', 'Corrie'), ordered(other(of('B')), 'ordered', 'Corrie')),
    ).toHaveLength(1);
  });
});
