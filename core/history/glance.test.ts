import { glanceAt, type Glanced } from './glance';
import { ownJobs } from './madeUp';

const job = (more: Partial<Glanced>): Glanced => ({
  madeUp: false,
  closed: null,
  out: null,
  due: null,
  parts: false,
  waiting: false,
  createdAt: '2026-11-01T09:00:00.000Z',
  ...more,
});

describe('the bench at a glance', () => {
  it('counts what is in work by what it waits for, and nothing that went out or was given up', () => {
    const jobs = [
      job({}),
      job({ due: '2026-11-19' }),
      job({ due: '2026-11-20', parts: true }),
      job({ waiting: true }),
      job({ due: '2026-11-01', out: '2026-11-11', parts: true }),
      job({ due: '2026-11-01', closed: 'Scrap' }),
    ];
    expect(glanceAt(jobs, '2026-11-20')).toEqual({
      inWork: 4,
      overdue: 1,
      forParts: 1,
      forCustomer: 1,
      days: 10,
    });
  });
  it('takes the middle of what went out within a year', () => {
    const out = (day: string) => job({ createdAt: '2025-01-01T09:00:00.000Z', out: day });
    const jobs = ['2025-01-05', '2026-01-06', '2026-01-08', '2026-01-31'].map(out);
    expect(glanceAt(jobs, '2026-11-20').days).toBe(372);
    expect(glanceAt([], '2026-11-20').days).toBeNull();
  });
  it('counts the demo only where there is nothing else', () => {
    const demo = job({ madeUp: true, due: '2026-11-01' });
    expect(glanceAt([demo, demo], '2026-11-20')).toMatchObject({ inWork: 2, overdue: 2 });
    expect(glanceAt([demo, job({}), demo], '2026-11-20')).toMatchObject({ inWork: 1, overdue: 0 });
    expect(ownJobs([demo, job({ out: '2026-11-02' })])).toEqual([job({ out: '2026-11-02' })]);
  });
});
