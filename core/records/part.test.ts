import { dimensionId, partId } from '../pumps/ids';
import { AT } from '../testing/readings';
import { decode } from './decode';
import { writeFile } from './fileFormat';
import { readFile } from './readFile';
import { PART_SCHEMA, type ShelfPart } from './part';

const GEARS: ShelfPart = {
  schema: PART_SCHEMA,
  id: 'gs-12',
  revision: 2,
  createdAt: AT,
  label: 'GS-12',
  sheet: 'veltrane-t6',
  model: 'Veltrane T6 front pump',
  parts: ['drive', 'driven'].map(partId),
  variant: null,
  make: 'Skarn',
  origin: 'used',
  from: 'HM-0417',
  condition: 'polished',
  place: 'Bin 4',
  sizes: [
    { dimension: dimensionId('drive-width'), value_mm: 20.004, u_mm: 0.003 },
    { dimension: dimensionId('driven-width'), value_mm: 20.006, u_mm: 0.003 },
  ],
  photos: [],
  state: 'here',
  takenFor: '',
  takenBy: null,
};

describe('a loose part', () => {
  it('is read as it was written, in a file too', () => {
    expect(decode('part', GEARS)).toEqual(GEARS);
    expect(readFile(writeFile({ parts: [GEARS] }, AT)).parts).toEqual([GEARS]);
  });
  it.each<[string, object]>([
    ['no label', { label: '' }],
    ['no part that it is of', { parts: [] }],
    ['a part twice', { parts: ['drive', 'drive'] }],
    ['a size twice', { sizes: [GEARS.sizes[0], GEARS.sizes[0]] }],
    ['a doubt below nothing', { sizes: [{ ...GEARS.sizes[0], u_mm: -0.001 }] }],
    ['a doubt of a millimetre and more', { sizes: [{ ...GEARS.sizes[0], u_mm: 1.01 }] }],
    ['a state that is none', { state: 'lost' }],
    ['a field that nobody knows', { colour: 'blue' }],
  ])('is refused with %s', (_, change) => {
    expect(() => decode('part', { ...GEARS, ...change })).toThrow();
  });
});
