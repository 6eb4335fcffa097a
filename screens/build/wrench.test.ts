import { wrenchIn } from './wrench';

describe('the lengths of a wrench', () => {
  it('are none for a bare one', () => {
    expect(wrenchIn({ length: '', extension: ' ' }, 'mm')).toBeNull();
  });

  it('are read in the unit of the shop; an extension may be nought', () => {
    const none = { length_mm: 400, extension_mm: 0, angle_deg: 0 };
    expect(wrenchIn({ length: '400', extension: '0' }, 'mm')).toEqual(none);
    expect(wrenchIn({ length: '16', extension: '4' }, 'thou')).toEqual({
      length_mm: expect.closeTo(406.4),
      extension_mm: expect.closeTo(101.6),
      angle_deg: 0,
    });
    expect(wrenchIn({ length: '16 in', extension: '100 mm' }, 'mm')).toMatchObject({
      length_mm: expect.closeTo(406.4),
      extension_mm: 100,
    });
  });

  it.each([
    ['400', ''],
    ['', '100'],
    ['0', '100'],
    ['long', '100'],
    ['400', 'short'],
  ])('%s with %s are asked for again', (long, extension) => {
    expect(wrenchIn({ length: long, extension }, 'mm')).toEqual({
      wrong: expect.stringMatching(/^Enter both lengths/),
    });
  });
});
