import { linesOfJobs, orderGroups, type OrderGroup } from '../core/inspect/allOrders';
import { orderList } from '../core/inspect/order';
import { noteOrder } from '../core/commands/ordering';
import { jobSchema, type Job } from '../core/records/job';
import { stamp } from '../core/testing/findings';
import { JOB } from '../core/testing/readings';
import { load } from './opened';
import { noteForAll, ordersOf, type OrderSaid } from './orders';
import { change, remove, saveNew } from './records';
import { writeTexts } from './storage';
import { empty } from './testing/transfer';

const of = (id: string): Job => ({ ...JOB, id, tag: id.toUpperCase() });
const [LINE] = orderList(JOB);
const IDS = ['o-1', 'o-2', 'o-3'];
const SAID: OrderSaid = {
  state: 'ordered',
  date: '2026-11-20',
  supplier: 'Arvel Parts',
  partNumber: 'S-1',
};
/** Finds the group of the first line of the list, in a state. */
const group = (groups: readonly OrderGroup[], state: OrderGroup['state']) =>
  groups.find((one) => one.state === state && one.lines.some(({ line }) => line === LINE!.id));
const stateOf = async (id: string) =>
  orderList((await load('job', id))!).find((line) => line.id === LINE!.id)?.order;

beforeEach(async () => {
  await empty();
  await saveNew(IDS.map((id) => ({ kind: 'job' as const, record: of(id) })));
});

describe('orders of several jobs', () => {
  it('are the same read out of storage as in hand, and a job that cannot be read is left out', async () => {
    expect(await ordersOf(IDS)).toEqual(orderGroups(linesOfJobs(IDS.map(of))));
    await writeTexts({ 'job/o-2': '{"id":"o-2",' });
    const open = group(await ordersOf([...IDS, 'gone']), 'open');
    expect(open?.lines.map(({ tag }) => tag)).toEqual(['O-1', 'O-3']);
  });
  it('are noted on every job that waits, by who notes it, else by whom measured it', async () => {
    const open = group(await ordersOf(IDS), 'open')!;
    await noteForAll(open, SAID, 'Ivo K.');
    for (const id of IDS) {
      expect(await stateOf(id)).toMatchObject({ ...SAID, by: 'Ivo K.' });
      expect(jobSchema.isValidSync(await load('job', id), { strict: true })).toBe(true);
    }
    const waited = group(await ordersOf(IDS), 'ordered')!;
    expect(waited.count).toBe(3 * LINE!.count);
    await noteForAll(waited, { ...SAID, state: 'came', date: '2026-11-24' }, '');
    expect(await stateOf('o-1')).toMatchObject({ state: 'came', by: JOB.by });
    const ids = await Promise.all(IDS.map(async (id) => (await stateOf(id))?.id));
    expect(new Set(ids).size).toBe(3);
  });
  it('stay as they are on a job where somebody else noted something since', async () => {
    const open = group(await ordersOf(IDS), 'open')!;
    const other = { ...SAID, line: LINE!.id, supplier: 'Corrie' };
    await change('job', 'o-2', (job) => noteOrder(other)(job, stamp()));
    await noteForAll(open, SAID, '');
    const suppliers = await Promise.all(IDS.map(async (id) => (await stateOf(id))?.supplier));
    expect(suppliers).toEqual(['Arvel Parts', 'Corrie', 'Arvel Parts']);
  });
  it('are noted on all or on none: a job that is gone keeps the others as they were', async () => {
    const open = group(await ordersOf(IDS), 'open')!;
    await remove('job', 'o-3');
    await expect(noteForAll(open, SAID, '')).rejects.toThrow();
    expect(await stateOf('o-1')).toBeNull();
  });
});
