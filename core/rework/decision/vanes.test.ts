import { dimensionId, characteristicId } from '../../pumps/ids';
import { SHEETS } from '../../testing/sheets';
import { jobWithSizes, planFor } from '../../testing/worked';
import { vaneOutlook } from './vanes';

const VACUUM = SHEETS.find((s) => s.family === 'vacuum-vane')!;
const sheet = {
  ...VACUUM,
  nominal: [{ dimension: dimensionId('vane-length'), value_mm: 16 }],
  limits: [
    {
      ...VACUUM.limits[0]!,
      characteristic: characteristicId('vane-in-slot'),
      lower_mm: 5,
      upper_mm: null,
    },
  ],
};
const SIZES = { 'vane-length': 15.5, 'ring-track': 58, eccentricity: 4.7, 'rotor-diameter': 48 };
const outlook = async (sizes: Record<string, number>, more = {}) => {
  const tier = sheet.limits[0]!.tier;
  const { rework } = await planFor(jobWithSizes(sizes, { tier, ...more }, sheet));
  return vaneOutlook(rework);
};

describe('the vanes of a job', () => {
  it('have what is left of them in the slot, and the hours to the limit from the wear so far', async () => {
    const left = await outlook(SIZES, { used: 2000, usedUnit: 'h' });
    expect(left).toMatchObject({ verdict: 'in', reach_mm: expect.closeTo(9.7, 6) as number });
    expect(left?.inSlot_mm).toBeCloseTo(5.8, 6);
    expect(left?.hoursLeft).toBeCloseTo(3200, 3);
  });
  it('are known to last so long only where hours are known', async () => {
    expect((await outlook(SIZES, { used: 2000, usedUnit: 'km' }))?.hoursLeft).toBeNull();
  });
  it('escape where they are shorter than their reach', async () => {
    expect((await outlook({ ...SIZES, 'vane-length': 9.6 }))?.verdict).toBe('escapes');
  });
  it('are not told of where a size is not measured, or the pump has none', async () => {
    const { 'rotor-diameter': _, ...less } = SIZES;
    expect(await outlook(less)).toBeNull();
    const { rework } = await planFor(jobWithSizes({}));
    expect(vaneOutlook(rework)).toBeNull();
  });
});
