import { noteStrip } from '../commands/noting';
import type { Job } from '../records/job';
import { itemAt, jobOn, T6 } from '../testing/assembly';
import { EVERY_BUILD } from '../testing/builds';
import { exchanged, stamp } from '../testing/findings';

describe('a way round', () => {
  const noted = (job: Job, step: string, way: string) =>
    noteStrip({ step, way, state: 'there', remark: '' })(job, stamp());

  it('of a mark is as it was found, and none of another piece', () => {
    const found = noted(T6, 'driven', 'down');
    const { way } = itemAt(found, 'driven');
    expect([way.right, way.asks]).toEqual([{ id: 'mark', option: 'down' }, null]);
    const other = itemAt(exchanged(found, 'driven'), 'driven').way;
    expect([other.right, other.asks]).toEqual([null, null]);
  });

  it('is that of the sheet whatever was found, and both are told', () => {
    const { way } = itemAt(noted(T6, 'drive', 'down'), 'drive');
    expect(way).toMatchObject({ right: { option: 'up' }, found: { option: 'down' }, asks: null });
  });

  it('is asked for where nobody knows, and never guessed from what was found', () => {
    const plates = jobOn(EVERY_BUILD.find(({ id }) => id === 'external-gear-plates-1')!);
    const wayOf = (job: Job) => itemAt(job, 'rear-plate').way;
    expect(wayOf(plates)).toMatchObject({ right: null, asks: 'relief', rule: 'right' });
    expect(wayOf(noted(plates, 'plates', 'left'))).toMatchObject({ right: null, asks: 'relief' });
    // What was found and what is right as a rule agree.
    expect(wayOf(noted(plates, 'plates', 'right'))).toMatchObject({ right: { option: 'right' } });
    const turned = {
      ...noted(plates, 'plates', 'right'),
      asked: { work: 'reverse' as const, set: '' },
    };
    expect(wayOf(turned)).toMatchObject({ right: null, asks: 'relief' });
    expect(itemAt(noted(plates, 'bolts', '9'), 'body').way).toMatchObject({
      right: null,
      found: { id: 'port', option: '9' },
      asks: 'port',
    });
  });

  it('of a cam ring points the way that the pump turns', () => {
    const sheet = EVERY_BUILD.find(({ family }) => family === 'fixed-vane')!;
    const ring = (more: Partial<Job>) => itemAt(jobOn(sheet, more), 'ring').way;
    expect(ring({})).toMatchObject({ right: null, asks: 'arrow-shaft' });
    expect(ring({ rotation: 'clockwise' }).right?.option).toBe('cw');
    const reversed = { rotation: 'clockwise', asked: { work: 'reverse', set: '' } } as const;
    expect(ring(reversed).right?.option).toBe('ccw');
  });
});
