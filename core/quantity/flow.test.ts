import fc from 'fast-check';
import { formatFlow, formatPressure, parseFlow_lpm, parsePressure_bar } from './flow';

describe('flow and pressure as people write them', () => {
  it.each([
    ['12', 12],
    ['12,5 l/min', 12.5],
    ['3.2 gpm', 12.1133],
    ['1 igpm', 4.54609],
    ['40 lpm', 40],
    ['', null],
  ])('flow “%s” is %s l/min', (text, lpm) => {
    if (lpm === null) expect(parseFlow_lpm(text)).toBeNull();
    else expect(parseFlow_lpm(text)).toBeCloseTo(lpm, 4);
  });
  it.each([
    ['5.5', 5.5],
    ['80 psi', 5.5158],
    ['550 kPa', 5.5],
    ['0.55 MPa', 5.5],
    ['-0,3', -0.3],
  ])('pressure “%s” is %s bar', (text, bar) => {
    expect(parsePressure_bar(text)).toBeCloseTo(bar, 4);
  });
  it.each(['much', 'gpm', '3 psi', '1..2', '4 5'])('flow “%s” is refused with its text', (text) => {
    expect(() => parseFlow_lpm(text)).toThrow(`“${text}” is not a flow`);
  });
  it('comes back from what is written of it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 5000 }), (tenths) => {
        expect(parseFlow_lpm(formatFlow(tenths / 10))).toBeCloseTo(tenths / 10, 9);
        expect(parsePressure_bar(formatPressure(tenths / 100))).toBeCloseTo(tenths / 100, 9);
      }),
    );
  });
});
