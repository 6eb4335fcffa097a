import fc from 'fast-check';
import { InputError } from '../errors';
import { formatLength } from './format';
import { parseNumber, parseReading, parseSum, WIDEST_GAP_MM } from './parse';
import { MM_PER } from './units';

const mm = (text: string, unit: 'thou' | 'in' | 'mm' = 'thou', kind: 'gap' | 'size' = 'gap') =>
  parseReading(text, kind, unit).mm;

describe('parseReading', () => {
  test.each([
    ['2-1/2', 'thou', 0.0635],
    ['2 1/2', 'thou', 0.0635],
    ['2½', 'thou', 0.0635],
    ['½', 'thou', 0.0127],
    ['.0035', 'thou', 0.0889],
    ['0.004', 'thou', 0.1016],
    ['0.1', 'thou', 0.00254],
    ['0,05', 'mm', 0.05],
    ['0,05mm', 'thou', 0.05],
    ['50 µm', 'thou', 0.05],
    ['50um', 'mm', 0.05],
    ['35 tenths', 'mm', 0.0889],
    ['1/2"', 'mm', 12.7],
    ['3 THOU', 'mm', 0.0762],
    ['0', 'mm', 0],
    ['1/8 inch', 'mm', 3.175],
    ['2 inches', 'mm', 50.8],
    ['.003 in.', 'thou', 0.0762],
    [".003''", 'thou', 0.0762],
    ['3 mil', 'mm', 0.0762],
    ['3 mils', 'mm', 0.0762],
    ['3 thousandths', 'mm', 0.0762],
    ['3 thou.', 'mm', 0.0762],
    ['thou 3', 'mm', 0.0762],
    ['mm 0,05', 'thou', 0.05],
    ['63µ', 'thou', 0.063],
    ['63 micron', 'thou', 0.063],
    ['63 microns', 'thou', 0.063],
    ['0.05mm.', 'thou', 0.05],
    ['⅜ in', 'mm', 9.525],
    ['1⅛', 'in', 28.575],
    ['1-⅛"', 'mm', 28.575],
    ["1'000", 'mm', 1000],
    ['1’250.5 mm', 'thou', 1250.5],
    ['1 000', 'mm', 1000],
    ['1\u202f000,5', 'mm', 1000.5],
    ['12 500 thou', 'mm', 317.5],
  ] as const)('%s under %s is %d mm', (text, unit, expected) => {
    expect(parseReading(text, 'size', unit).mm).toBeCloseTo(expected, 9);
  });

  it('echoes a reading in both systems', () => {
    expect(parseReading('2-1/2', 'gap', 'thou').echo).toBe('2.5 thou = 0.0635 mm');
    expect(parseReading('.7896 in', 'size', 'mm').echo).toBe('0.7896 in = 20.05584 mm');
  });

  test.each([
    ['', /Enter a reading/],
    ['   ', /Enter a reading/],
    ['-2', /below zero/],
    ['−0.02', /below zero/],
    ['abc', /not a number/],
    ['1/0', /not a number/],
    ['2 5/4', /not a number/],
    ['2 4/4', /not a number/],
    ['1 00', /not a number/],
    ["1'000'00", /not a number/],
    ["1'000 000", /not a number/],
    ['0 500', /not a number/],
    ['1.2.3', /not a number/],
    ['1e3', /not a number/],
    ['30 mm', /over 25 mm/],
    ['mm', /not a number/],
    ['3 feet', /not a number/],
    ["3'", /not a number/],
    ['thou 3 mm', /not a number/],
  ])('refuses %j at its field', (text, message) => {
    expect(() => mm(text)).toThrow(message);
    expect(() => mm(text)).toThrow(InputError);
    try {
      mm(text);
    } catch (error) {
      expect((error as InputError).field).toBe('text');
    }
  });

  it('lets a size be wider than any gap', () => {
    expect(mm('116.12', 'mm', 'size')).toBe(116.12);
    expect(mm(`${WIDEST_GAP_MM}`, 'mm')).toBe(WIDEST_GAP_MM);
  });

  it('reads back what it writes, in every unit', () => {
    const units = fc.constantFrom(...(Object.keys(MM_PER) as (keyof typeof MM_PER)[]));
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20_000 }), units, (tenMicron, unit) => {
        const length = tenMicron / 1000;
        const text = `${(length / MM_PER[unit]).toFixed(9)} ${unit}`;
        expect(mm(text)).toBeCloseTo(length, 7);
      }),
    );
  });

  it('loses at most half of the last place when a length is shown', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 20, noNaN: true }), (length) => {
        expect(Math.abs(Number(formatLength(length, 'gap', 'mm')) - length)).toBeLessThan(0.000501);
        const thou = Number(formatLength(length, 'gap', 'thou')) * MM_PER.thou;
        expect(Math.abs(thou - length)).toBeLessThan(0.00013);
      }),
    );
  });
});

describe('parseSum', () => {
  it.each([
    ['1,200', 1200],
    ['1,200.50', 1200.5],
    ['12,345,678', 12345678],
    ['1,5', 1.5],
    ['0,125', 0.125],
    ['1.5', 1.5],
    ['-1,200', -1200],
    ['1,20', 1.2],
    ['1,2,3', NaN],
    ['0x10', NaN],
    ['1e3', NaN],
    ['Infinity', NaN],
    [' ', null],
  ])('reads %j as %j', (text, value) => {
    expect(parseSum(text)).toBe(value);
  });
  it('reads whatever it groups itself', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1000, max: 9_999_999 }), (n) => {
        expect(parseSum(n.toLocaleString('en-US'))).toBe(n);
      }),
    );
  });
});

describe('parseNumber', () => {
  test.each([
    ['12,5', 12.5],
    [' −4.5 ', -4.5],
    ['0', 0],
    ['', null],
    ['  ', null],
    ['hot', NaN],
    ['1,2,3', NaN],
  ] as const)('%j is %d', (text, value) => {
    expect(parseNumber(text)).toBe(value);
  });
});
