import { vaneWords } from './vane';

describe('the reach of a vane', () => {
  it('says how long a vane lasts, and raises the alarm where one can leave its slot', () => {
    const reach = {
      reach_mm: 9.7,
      inSlot_mm: 5.8,
      verdict: 'in' as const,
      hoursLeft: 3200.4,
      limited: true,
    };
    expect(vaneWords(reach, 'mm')).toBe(
      'At full extension 5.80 mm of the vane stays in its slot: 3200 hours to the limit at the wear so far.',
    );
    // Without a limit the hours are those until nothing is left: it falls out.
    expect(vaneWords({ ...reach, limited: false }, 'mm')).toMatch(/hours until it falls out/);
    expect(vaneWords({ ...reach, hoursLeft: null }, 'mm')).toMatch(/stays in its slot\.$/);
    expect(vaneWords({ ...reach, verdict: 'escapes' }, 'mm')).toMatch(/can leave its slot/);
  });
});
