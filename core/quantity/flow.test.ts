import fc from 'fast-check';
import { formatFlow, formatPressure, parseFlow_lpm, parsePressure_bar } from './flow';
import { asTyped, parseReading } from './parse';
import { formatTemperature, parseTemperature_C } from './temperature';

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
    expect(() => parseFlow_lpm(text)).toThrow(`“${text}”`);
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

describe('the inch system', () => {
  it('reads bare figures in gpm, psi and °F, and writes them so', () => {
    expect(parseFlow_lpm('3', 'thou')).toBeCloseTo(11.356, 3);
    expect(parseFlow_lpm('12 l/min', 'thou')).toBe(12);
    expect(parsePressure_bar('80', 'thou')).toBeCloseTo(5.516, 3);
    expect(formatFlow(11.356, 'thou')).toBe('3 gpm');
    expect(formatPressure(5.516, 'thou')).toBe('80 psi');
    expect(parseTemperature_C('68', 'thou')).toBe(20);
    expect(parseTemperature_C('20 C', 'thou')).toBe(20);
    expect(parseTemperature_C('75 °F', 'mm')).toBeCloseTo(23.8889, 4);
    expect(formatTemperature(-40, 'thou')).toBe('−40 °F');
    expect(parseTemperature_C(' ')).toBeNull();
    expect(() => parseTemperature_C('warm', 'thou')).toThrow('Type a number in °F');
  });
  it('reads back every temperature that it writes', () => {
    fc.assert(
      fc.property(fc.integer({ min: -400, max: 1500 }), (tenths) => {
        for (const shop of ['mm', 'thou'] as const) {
          const back = parseTemperature_C(formatTemperature(tenths / 10, shop), shop);
          expect(Math.abs((back ?? NaN) - tenths / 10)).toBeLessThan(0.06);
        }
      }),
    );
  });
});

describe('a figure as it was typed', () => {
  it.each([
    ['31 thou', 'thou', '31 thou'],
    ['31', 'thou', '31 thou'],
    ['.0045', 'thou', '.0045 in'],
    ['20.05', 'mm', '20.05 mm'],
    ['.6212', 'in', '.6212 in'],
    ['2-1/2', 'thou', '2-1/2 thou'],
    ['0.8mm', 'in', '0.8mm'],
  ] as const)('%s under %s is %s', (text, unit, said) => {
    expect(asTyped(text, unit)).toBe(said);
    expect(parseReading(asTyped(text, unit), 'size', 'mm').mm).toBeCloseTo(
      parseReading(text, 'size', unit).mm,
      9,
    );
  });
});
