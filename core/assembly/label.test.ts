import type { Job } from '../records/job';
import { jobOn } from '../testing/assembly';
import { AT } from '../testing/readings';
import { VELTRANE_T6 } from '../testing/sheets';
import { labelOf } from './label';

const came = { tag: 'HM-0500', rotation: 'clockwise', ports: 'inlet left' } as const;
const labelled = (more: Partial<Job> = {}) => labelOf(jobOn(VELTRANE_T6, { ...came, ...more }), AT);

describe('the label of a pump', () => {
  it('says what it is, how it turns and how its bolts are drawn up', () => {
    const [bolts] = VELTRANE_T6.fasteners;
    const label = labelled();
    expect(label).toMatchObject({
      tag: 'HM-0500',
      turns: 'clockwise',
      ports: 'inlet left',
      changed: '',
    });
    expect(label.model).toContain(VELTRANE_T6.model);
    expect(label.day).toMatch(/2026/);
    expect(label.bolts).toHaveLength(VELTRANE_T6.fasteners.length);
    expect(label.bolts[0]).toContain(String(bolts!.torque));
  });

  it('of a reversed pump has the new rotation, and no ports as they were', () => {
    const { turns, rotation, ports, changed } = labelled({ asked: { work: 'reverse', set: '' } });
    expect([turns, ports, changed]).toEqual(['anticlockwise', '', 'Reversed']);
    expect(rotation).not.toBe(labelled().rotation);
  });

  it('of a wider pump names the set, where it is known', () => {
    const wider = (set: string) => labelled({ asked: { work: 'up-size', set } });
    expect(wider('').changed).toBe('Wider gears');
    const sets = [{ ...VELTRANE_T6.sets[0]!, id: 'wide', name: 'Wide set' }];
    const named = labelled({
      asked: { work: 'up-size', set: 'wide' },
      sheet: { ...VELTRANE_T6, sets },
    });
    expect([named.changed, named.ports]).toEqual(['Wide set', 'inlet left']);
  });

  it('says nothing of a rotation that nobody knows', () => {
    expect(labelled({ rotation: 'unknown' }).rotation).toBe('');
  });
});
