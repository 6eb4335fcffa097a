import { characteristicId, dimensionId } from '../pumps/ids';
import { emptyJob } from '../practice/job';
import { characteristicOf, dimensionOf } from '../pumps/registry';
import { parseReading } from '../quantity/parse';
import { NEW_SHOP } from '../records/shop';
import { AT, JOB, sized, withReadings } from '../testing/readings';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { doubtOfSize, doubtOfSwing } from './doubt';

describe('a reading that is hard to believe', () => {
  const depth = dimensionOf(VELTRANE_T6, dimensionId('pocket-depth'));
  const gauge = NEW_SHOP.instruments[0]!;
  const doubt = (mm: number, job = JOB) =>
    doubtOfSize(job, depth, { read_mm: mm, value_mm: mm }, gauge, 'mm');

  it('is one outside the instrument, far from the sheet, or far from its neighbours', () => {
    expect(doubt(20.05)).toBeNull();
    expect(doubt(151)).toMatch(/out of range for Depth mic/);
    expect(doubt(2.005)).toMatch(/far from the sheet’s 20.04 mm/);
    const pump = SHEETS.find((s) => s.model === 'Oskerry S4 vacuum pump')!;
    const vane = dimensionOf(pump, dimensionId('vane-length'));
    const short = (mm: number) =>
      doubtOfSize(emptyJob(pump, AT), vane, { read_mm: mm, value_mm: mm }, null, 'mm');
    expect(short(14.6)).toBeNull();
    expect(short(13)).toMatch(/far from the sheet’s 16.00 mm/);
    const read = withReadings(JOB, sized(JOB, 'pocket-depth', '12', 20.05));
    expect(doubt(20.4, read)).toMatch(/off the earlier readings here/);
  });
  it('is a swing over ten times the limit', () => {
    const c = characteristicOf(VELTRANE_T6, characteristicId('backlash'));
    const swing = (mm: number) => ({
      text: `${mm}`,
      unit: 'mm' as const,
      read_mm: mm,
      value_mm: mm,
    });
    const limits = { upper_mm: 0.3 };
    expect(doubtOfSwing(c, limits, swing(0.5), null, 'mm')).toBeNull();
    expect(doubtOfSwing(c, limits, swing(3.5), null, 'mm')).toMatch(/10 times the limit/);
    const dial = NEW_SHOP.instruments[3]!;
    expect(doubtOfSwing(c, {}, swing(12), dial, 'mm')).toMatch(/out of range/);
  });
  it('is a bare number under thou that is far from the limits and easily another unit', () => {
    const c = characteristicOf(VELTRANE_T6, characteristicId('backlash'));
    const limits = { lower_mm: 0.0762, upper_mm: 0.1524 };
    const doubt = (text: string) => {
      const { mm } = parseReading(text, 'gap', 'thou');
      const figure = { text, unit: 'thou' as const, read_mm: mm, value_mm: mm };
      return doubtOfSwing(c, limits, figure, null, 'thou');
    };
    // Limits of 3 to 6 thou: what is near them is believed, and so is what names its unit.
    for (const text of ['4', '15', '0.5', '.004', '35 thou', '0.05 in']) {
      expect(doubt(text)).toBeNull();
    }
    expect(doubt('35')).toBe('“35” is read as 35 thou = 0.889 mm, far from the limit 3–6 thou.');
    expect(doubt('0.05')).toMatch(/read as 50 thou = 1.27 mm/);
    expect(doubt('.0005')).toMatch(/read as 0.5 thou/);
  });
});
