import { sign } from '../core/commands/reporting';
import { leftAt } from '../core/history/visit';
import { stateOf } from '../core/guidance/evaluator';
import { comebackOf, wentOutOn } from '../core/journal/comebacks';
import type { Job } from '../core/records/job';
import { NEW_SHOP } from '../core/records/shop';
import { jobWithSizes } from '../core/testing/worked';
import { takeInAgain } from './createVisit';
import { idsOf, load } from './opened';
import { change, remove, saveNew } from './records';
import { empty } from './testing/transfer';

const FIRST: Job = {
  ...jobWithSizes(
    { 'pocket-depth': 20.06, 'drive-width': 20 },
    { id: 'first', tag: 'HM-7', owner: 'Airfield section', serial: '71 204', used: 1000 },
  ),
  complaint: 'Routine',
};
const OUT = sign({ as: 'rebuilder', name: 'Ann', strokes: '' })(FIRST, {
  id: 'signed',
  at: '2026-11-20T10:00:00.000Z',
  by: 'Ann',
  voided: null,
});
const SAID = { date: '2026-12-01', used: 1200, complaint: 'Seal blown' };

beforeEach(async () => {
  await empty();
  await saveNew([{ kind: 'job', record: OUT }]);
});

describe('a pump that is taken in again', () => {
  it('is a new job with the tag of the first, its sheet and how it left; the first says that it came back', async () => {
    const id = await takeInAgain('first', SAID, { ...NEW_SHOP, person: 'Runa T.' });
    const [first, second] = [(await load('job', 'first'))!, (await load('job', id))!];
    expect(comebackOf(first)).toMatchObject({ ...SAID, visit: id, words: '', by: 'Runa T.' });
    expect(wentOutOn(first)).toBe('2026-11-20');
    expect(second).toMatchObject({
      tag: 'HM-7/2',
      owner: 'Airfield section',
      serial: '71 204',
      used: 1200,
      complaint: 'Seal blown',
      by: 'Runa T.',
      sheet: first.sheet,
      journal: [],
      visit: { of: 'first', tag: 'HM-7', number: 2, out: '2026-11-20', used: 1000 },
    });
    const face = stateOf(second).characteristics.find((a) => a.characteristic.id === 'face-drive');
    const left = leftAt(second, face!)!;
    expect(left.largest.lo_mm).toBeLessThanOrEqual(0.06);
    expect(left.largest.hi_mm).toBeGreaterThanOrEqual(0.06);
    // How it left is a before, not a reading: it is measured anew.
    expect(face!.largest).toBeNull();
  });
  it('is counted on, the third time too', async () => {
    const second = await takeInAgain('first', SAID, NEW_SHOP);
    const third = await takeInAgain(second, { ...SAID, date: '2026-12-24' }, NEW_SHOP);
    expect(await load('job', third)).toMatchObject({
      tag: 'HM-7/3',
      visit: { of: second, number: 3, out: null },
    });
  });
  it('is not there without its comeback: both are written, or neither', async () => {
    await remove('job', 'first');
    await expect(takeInAgain('first', SAID, NEW_SHOP)).rejects.toThrow();
    expect(await idsOf('job')).toEqual([]);
  });
  it('keeps what somebody else wrote on the first meanwhile', async () => {
    const [id] = await Promise.all([
      takeInAgain('first', SAID, NEW_SHOP),
      change('job', 'first', (job) => ({ ...job, contact: 'Brega' })),
    ]);
    expect(await load('job', 'first')).toMatchObject({ contact: 'Brega' });
    expect(comebackOf((await load('job', 'first'))!)?.visit).toBe(id);
  });
});
