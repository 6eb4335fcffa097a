import { characteristicId, stationId, dimensionId } from '../pumps/ids';
import type { FeelerReading } from '../methods/feeler';
import { type DimensionalReading, ZERO_WORD } from '../methods/dimensional';
import type { IndicatorReading } from '../methods/indicator';
import type { AttributeReading } from '../methods/attribute';
import { readingDetail, readingFigure } from '../methods/list';
import { emptyJob } from '../practice/job';
import { VELTRANE_T6 } from '../testing/sheets';
import { characteristicOf, dimensionOf } from '../pumps/registry';
import { placeOf, targetOf } from '../journal/target';
import { NEW_SHOP } from '../records/shop';
import { sizeReadingOf, swingReadingOf, type Entry } from '../testing/readings';
import { studyWords } from './study';

const AT = '2026-11-20T09:00:00.000Z';
const JOB = emptyJob(VELTRANE_T6, AT);
const ROOM = { instruments: NEW_SHOP.instruments, zeros: [] };
const entry = (over: Partial<Entry> = {}): Entry => ({
  id: 'r1',
  at: AT,
  by: 'Ivo K.',
  text: '20.05',
  unit: 'mm',
  read_mm: 20.05,
  source: 'typed',
  ...over,
});
const leaf: FeelerReading = {
  id: 'r1',
  kind: 'leaf',
  at: AT,
  by: 'Ivo K.',
  instrument: 'Leaf set A',
  characteristic: characteristicId('face-drive'),
  station: stationId('6'),
  leaves_mm: [0.03, 0.05],
  marked_mm: null,
  felt: 'no-go',
  voided: null,
};

const touch: AttributeReading = {
  ...leaf,
  kind: 'touch',
  station: 'sweep',
  felt: 'touches',
} as unknown as AttributeReading;
const size = (
  over: Partial<DimensionalReading> = {},
  made: Partial<Entry> = {},
): DimensionalReading => ({
  ...sizeReadingOf(
    JOB,
    ROOM,
    dimensionOf(VELTRANE_T6, dimensionId('pocket-depth')),
    stationId('12'),
    entry(made),
  ),
  ...over,
});
const swing = (over: Partial<IndicatorReading> = {}): IndicatorReading => ({
  ...swingReadingOf(
    JOB,
    ROOM,
    characteristicOf(VELTRANE_T6, characteristicId('backlash')),
    stationId('turn-0'),
    entry({ text: '0.2', read_mm: 0.2 }),
    { lever_deg: 0, contactRadius_mm: null },
  ),
  ...over,
});

describe('a reading in words', () => {
  it('is its figure in the shop’s unit, or what was felt', () => {
    expect(readingFigure(leaf, 'mm')).toBe('0.08 mm');
    expect(readingFigure(touch, 'mm')).toBe('touches');
    expect(readingFigure(size(), 'mm')).toBe('20.05 mm');
    expect(readingFigure(size(), 'thou')).toBe('0.7894 in');
    expect(readingFigure(swing(), 'thou')).toBe('7.87 thou');
  });
  it('tells a leaf’s answer, and nothing more of a hand’s', () => {
    expect(readingDetail(leaf, 'mm')).toBe('won’t go');
    expect(readingDetail(touch, 'mm')).toBe('');
  });
  it('keeps a size as it was entered, with all that was done to it', () => {
    expect(readingDetail(size(), 'mm')).toBe('entered 20.05 mm · never zeroed');
    expect(readingDetail(size({ offset_mm: 0.004, zero: 'overdue', part_C: 28 }), 'mm')).toBe(
      'entered 20.05 mm · zero off by +0.004 mm · part at 28 °C · zero overdue',
    );
    expect(readingDetail(size({ offset_mm: -0.002, zero: 'zeroed' }), 'mm')).toMatch(
      /by −0.002 mm$/,
    );
    expect(readingDetail(size({}, { source: 'simulated' }), 'mm')).toMatch(/simulated gauge$/);
    expect(size({}, { source: 'simulated' }).instrument).toBe('Simulated gauge');
  });
  it('says how a lever lay', () => {
    expect(readingDetail(swing(), 'mm')).toBe('entered 0.2 mm');
    expect(readingDetail(swing({ lever_deg: 30, contactRadius_mm: 34 }), 'mm')).toBe(
      'entered 0.2 mm · lever at 30° · dial radius 34.00 mm',
    );
  });
  it('names what it is of, and where', () => {
    expect([targetOf(VELTRANE_T6, leaf).name, placeOf(VELTRANE_T6, leaf)]).toEqual([
      'End clearance, drive gear',
      '6, beside the crescent',
    ]);
    expect(placeOf(VELTRANE_T6, touch)).toBe('sweep');
    expect(placeOf(VELTRANE_T6, swing())).toBe('as installed');
    expect(placeOf(VELTRANE_T6, size())).toBe('at 12');
    expect(placeOf(VELTRANE_T6, { ...leaf, station: stationId('nowhere') })).toBe('nowhere');
    expect(() =>
      targetOf(VELTRANE_T6, { ...leaf, characteristic: characteristicId('tip') }),
    ).toThrow(/has no “tip”/);
  });
  it('has a word only for a zero that is worth one', () => {
    expect(ZERO_WORD).toEqual({
      zeroed: '',
      'not-needed': '',
      overdue: 'zero overdue',
      never: 'never zeroed',
    });
  });
});

describe('a study in words', () => {
  const result = (over: Partial<Parameters<typeof studyWords>[0]>) =>
    studyWords(
      {
        repeatability: 0.001,
        reproducibility: 0.002,
        grr: 0.0022,
        parts: 0.02,
        total: 0.0201,
        grrPercent: 11,
        categories: 12,
        ...over,
      },
      'mm',
    ).join(' ');
  it('says how much is the hand, and what can be done about it', () => {
    expect(result({})).toMatch(/^11% of the scatter is from measuring: ± 0.004 mm .*\. Usable/);
    expect(result({})).toMatch(/is between people.* It tells 12 sizes/);
    expect(result({ grrPercent: 6 })).toMatch(/Good: it can be trusted/);
    expect(result({ grrPercent: 60, categories: 1 })).toMatch(/Poor: .* tells one size of/);
    expect(result({ repeatability: 0.003 })).toMatch(/one person’s own scatter/);
  });
  it('is plain where nothing can be told', () => {
    expect(result({ parts: 0, grrPercent: 100 })).toMatch(/too alike to be told apart/);
    const perfect = result({
      repeatability: 0,
      reproducibility: 0,
      grr: 0,
      grrPercent: 0,
      categories: Infinity,
    });
    expect(perfect).toMatch(/No two readings of a part differed/);
    expect(perfect).not.toMatch(/Most of it/);
  });
});
