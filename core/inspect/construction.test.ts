import { EVERY_BUILD } from '../testing/builds';
import { VELTRANE_T6 } from '../testing/sheets';
import { drainOf, drivenBy, endsOf } from './construction';

const by = Object.fromEntries(EVERY_BUILD.map((sheet) => [sheet.model, drivenBy(sheet)]));
const said = (more: Partial<typeof VELTRANE_T6.reversing>) => ({
  ...VELTRANE_T6.reversing,
  ...more,
});

describe('what a sheet says of how a pump is built', () => {
  it('tells what turns it, where that is plain', () => {
    expect(by).toMatchObject({
      crescent: 'hub',
      'gerotor front-pump': 'hub',
      'gerotor oil-pump': 'engine',
      'external-gear oil 1': 'engine',
      'external-gear plates 1': 'other',
      'vacuum-vane': 'other',
    });
  });

  it('tells its drain: how it is drilled, else what was fitted, else nothing', () => {
    const drain = (drains: 'one' | 'both' | null, fitted: typeof VELTRANE_T6.drain) =>
      drainOf({ reversing: said({ drains }), drain: fitted });
    expect(drain('both', 'hole')).toBe('two-holes');
    expect(drain('one', 'plug')).toBe('one-hole');
    expect([drain(null, 'plug'), drain(null, 'shuttle'), drain(null, 'none')]).toEqual([
      'two-holes',
      'shuttle',
      'none',
    ]);
    expect([drain(null, 'checks'), drain(null, null)]).toEqual([null, null]);
  });

  it('tells what closes its ends only where somebody said whether they are alike', () => {
    const ends = (symmetrical: boolean | null, build: string) =>
      endsOf({ reversing: said({ symmetrical }), geometry: { build } });
    expect(ends(null, 'blocks')).toBeNull();
    expect(ends(true, 'blocks')).toBe('symmetrical');
    expect([ends(false, 'blocks'), ends(false, 'plates')]).toEqual(['blocks', 'grooved']);
  });
});
