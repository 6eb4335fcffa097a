import { wrenchIn, wrenchText } from './wrench';

const typed = (length_mm: string, extension_mm: string, angle_deg = '') => ({
  length_mm,
  extension_mm,
  angle_deg,
});

describe('a wrench as it is typed', () => {
  it('is a bare one where nothing is', () => {
    expect(wrenchIn(typed('', ' '), 'mm')).toBeNull();
    expect(wrenchText(null, 'mm')).toEqual(typed('', ''));
  });

  it('is read in the unit of the shop; an extension may be nought, and is in line unless somebody says so', () => {
    const bare = { length_mm: 400, extension_mm: 0, angle_deg: 0 };
    expect(wrenchIn(typed('400', '0'), 'mm')).toEqual(bare);
    expect(wrenchIn(typed('16', '4', '90'), 'thou')).toEqual({
      length_mm: expect.closeTo(406.4),
      extension_mm: expect.closeTo(101.6),
      angle_deg: 90,
    });
    expect(wrenchIn(typed('16 in', '100 mm'), 'mm')).toMatchObject({
      length_mm: expect.closeTo(406.4),
      extension_mm: 100,
    });
    expect(wrenchIn(wrenchText(bare, 'mm'), 'mm')).toEqual(bare);
  });

  it.each([
    [typed('400', ''), /^Enter both lengths/],
    [typed('', '100'), /^Enter both lengths/],
    [typed('0', '100'), /^Enter both lengths/],
    [typed('long', '100'), /^Enter both lengths/],
    [typed('400', '-1'), /^Enter both lengths/],
    [typed('', '', '90'), /^Enter both lengths/],
    [typed('400', '100', '200'), /^Enter the angle/],
    [typed('400', '100', 'across'), /^Enter the angle/],
    [typed('400', '400', '180'), /turns nothing/],
  ])('%j is asked for again', (wrench, wrong) => {
    expect(wrenchIn(wrench, 'mm')).toEqual({ wrong: expect.stringMatching(wrong) });
  });
});
