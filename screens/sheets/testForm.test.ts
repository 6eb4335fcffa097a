import { blankSheet } from '@/core/records/sheet';
import { VELTRANE_T6, largestSheet } from '@/core/testing/sheets';
import { fromForm, toForm } from './sheetForm';

const POINT = {
  id: 'p1',
  name: 'Hot idle',
  drive_rpm: 650,
  ratio: 1.5,
  pressure_bar: 8,
  oil_C: 90,
  minutes: 2,
  sections: [],
  least_lpm: 14,
  mostLoss_lpm: null,
  source: 'Sheet 14, page 4',
};

describe('the steps of a test on a sheet', () => {
  it.each(['mm', 'thou'] as const)('come back from the form as they were, in %s', (unit) => {
    const sheet = { ...VELTRANE_T6, testPoints: [POINT, { ...POINT, id: 'p2', least_lpm: null }] };
    expect(fromForm(toForm(sheet, unit), sheet, unit).sheet.testPoints).toEqual(sheet.testPoints);
  });
  it('are read in shop shorthand, and what cannot be read is said at its field', () => {
    const sheet = { ...largestSheet(), testPoints: [POINT] };
    const form = toForm(sheet, 'mm');
    Object.assign(form.testPoints[0]!, { sections: '1, 2', least: '3 gpm', pressure: '200 psi' });
    const [read] = fromForm(form, sheet, 'mm').sheet.testPoints;
    expect(read).toMatchObject({ sections: [1, 2] });
    expect(read!.least_lpm).toBeCloseTo(11.356, 3);
    expect(read!.pressure_bar).toBeCloseTo(13.79, 2);
    Object.assign(form.testPoints[0]!, { sections: 'both', pressure: '', rpm: '-4' });
    const { errors } = fromForm(form, sheet, 'mm');
    expect(errors.map(({ path }) => path)).toEqual(
      expect.arrayContaining(['testPoints.0.sections', 'testPoints.0.pressure']),
    );
  });
  it('are none on a new sheet', () => {
    expect(blankSheet({ family: 'crescent', geometry: VELTRANE_T6.geometry }).testPoints).toEqual(
      [],
    );
  });
});
