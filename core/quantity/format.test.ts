import {
  echoLength,
  formatLength,
  formatLimits,
  formatRange,
  formatWithUnit,
  trimmed,
} from './format';
import { bareUnit, tidy_mm } from './units';

describe('lengths as they are written', () => {
  it.each([
    [0.0635, 'gap', 'thou', '2.5'],
    [0.0635, 'gap', 'mm', '0.064'],
    [0.05, 'gap', 'mm', '0.05'],
    [0.1, 'gap', 'mm', '0.10'],
    [20.05584, 'size', 'thou', '0.7896'],
    [12.7, 'size', 'thou', '0.500'],
    [20, 'size', 'mm', '20.00'],
    [0, 'gap', 'thou', '0'],
  ] as const)('%d mm, a %s under %s, is %s', (mm, kind, shop, text) => {
    expect(formatLength(mm, kind, shop)).toBe(text);
  });
  it('never writes minus nothing', () => {
    expect(trimmed(-0.0001, 3)).toBe('0');
    expect(trimmed(-0.0001, 3, 2)).toBe('0.00');
    expect(trimmed(-0.5, 3)).toBe('-0.5');
  });
  it('writes ranges, open ends and limits', () => {
    expect(formatRange(0.04, 0.05, 'gap', 'mm')).toBe('0.04–0.05');
    expect(formatRange(0.04, null, 'gap', 'mm')).toBe('≥ 0.04');
    expect(formatRange(0, 0.02, 'gap', 'mm')).toBe('≤ 0.02');
    expect(formatRange(0.05, 0.0501, 'gap', 'mm')).toBe('0.05');
    expect(formatRange(0, null, 'gap', 'mm')).toBe('–');
    expect(formatLimits({ lower_mm: 0.02, upper_mm: 0.06 }, 'gap', 'mm')).toBe('0.02–0.06');
    expect(formatLimits({ upper_mm: 0.0508 }, 'gap', 'thou')).toBe('≤ 2');
    expect(formatLimits({ lower_mm: 0.0508 }, 'gap', 'thou')).toBe('≥ 2');
    expect(formatLimits({}, 'gap', 'mm')).toBe('no limit');
  });
  it('names the unit', () => {
    expect(formatWithUnit(0.0508, 'gap', 'thou')).toBe('2 thou');
    expect(formatWithUnit(25.4, 'size', 'thou')).toBe('1.000 in');
    expect(echoLength(0.05, 'gap')).toBe('1.968504 thou = 0.05 mm');
  });
  it('reads bare numbers in the unit of the kind', () => {
    expect([bareUnit('gap', 'thou'), bareUnit('size', 'thou'), bareUnit('size', 'mm')]).toEqual([
      'thou',
      'in',
      'mm',
    ]);
    expect(tidy_mm(0.1 + 0.2)).toBe(0.3);
  });
});
