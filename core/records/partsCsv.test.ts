import { dimensionId } from '../pumps/ids';
import fc from 'fast-check';
import { AT } from '../testing/readings';
import { gearSet, shelfPart } from '../testing/shelf';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import type { ShelfPart } from './part';
import { partsCsv, readPartsCsv, USUAL_U_MM } from './partsCsv';
import { type FileError } from './problems';

const SET = gearSet('GS-12', 20.004);
const BODY = shelfPart('HB-3', ['body'], { 'pocket-depth': 20.09 }, { condition: '=1+1' });
const read = (text: string, shelf: readonly ShelfPart[] = []) => {
  let count = 0;
  return readPartsCsv(text, {
    sheets: SHEETS,
    shelf,
    freshId: () => `new-${(count += 1)}`,
    at: AT,
  });
};
const problemsOf = (text: string) => {
  try {
    read(text);
    return [];
  } catch (error) {
    return (error as FileError).problems.map(({ place, message }) => `${place}: ${message}`);
  }
};
const MODEL = VELTRANE_T6.model;

describe('the shelf as CSV', () => {
  it('comes back as it went out, and a formula in it is defused', () => {
    const text = partsCsv([SET, BODY], SHEETS);
    expect(text).toContain("'=1+1");
    expect(read(text, [SET, BODY])).toEqual([SET, BODY]);
    expect(read(text).map(({ label, sizes, condition }) => [label, sizes, condition])).toEqual([
      ['GS-12', SET.sizes, ''],
      ['HB-3', BODY.sizes, '=1+1'],
    ]);
  });
  it('comes back in inches, to the last figure', () => {
    const text = partsCsv([SET, BODY], SHEETS, 'in');
    expect(text).toContain('drive-width_in');
    expect(text).toContain('drive-width_u_in');
    expect(text).not.toContain('_mm');
    expect(read(text, [SET, BODY])).toEqual([SET, BODY]);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9e8 }), (um) => {
        const value_mm = um / 1e6;
        const sizes = [{ dimension: dimensionId('drive-width'), value_mm, u_mm: 0.002 }];
        const part = { ...SET, sizes };
        expect(read(partsCsv([part], SHEETS, 'in'), [part])).toEqual([part]);
      }),
    );
  });
  it('reads a column of inches, and names a column that it does not know', () => {
    const head = `label,model,parts,drive-width_in`;
    expect(read(`${head}\nGS-9,${MODEL},Drive gear,0.7874\n`)[0]?.sizes).toEqual([
      {
        dimension: 'drive-width',
        value_mm: expect.closeTo(19.99996, 6) as number,
        u_mm: USUAL_U_MM,
      },
    ]);
    expect(problemsOf(`${head},drive_width\nGS-9,${MODEL},Drive gear,,20\n`)).toEqual([
      'line 1: No column is called drive_width. Correct its name or leave it out.',
    ]);
    expect(problemsOf(`${head},note\nGS-9,${MODEL},Drive gear,,\n`)).toEqual([]);
    expect(problemsOf(`${head},drive-width_mm\nGS-9,${MODEL},Drive gear,0.7874,20\n`)).toEqual([
      'line 2: drive-width is there in mm and in inches. Leave one out.',
    ]);
  });
  it('comes back whatever the words in it', () => {
    const word = fc
      .string({ maxLength: 40 })
      .map((s) => s.replace(/[\p{Cc}\u2028\u2029]/gu, '').trim());
    fc.assert(
      fc.property(word, word, fc.integer({ min: 0, max: 9e6 }), (make, place, um) => {
        const part = {
          ...SET,
          make,
          place,
          sizes: [{ dimension: dimensionId('drive-width'), value_mm: um / 1e5, u_mm: 0.002 }],
        };
        expect(read(partsCsv([part], SHEETS))[0]).toMatchObject({ make, place, sizes: part.sizes });
      }),
    );
  });
  it('takes what people write: names for ids, inches, a doubt that is left out', () => {
    const parts = read(
      `label,model,parts,drive-width_mm\nGS-9,${MODEL.toUpperCase()},Drive gear; driven,"0.7874"""\n`,
    );
    expect(parts).toMatchObject([
      {
        ...{
          id: 'new-1',
          label: 'GS-9',
          parts: ['drive', 'driven'],
          origin: 'used',
          state: 'here',
        },
        sizes: [
          { dimension: 'drive-width', value_mm: expect.closeTo(20, 3) as number, u_mm: USUAL_U_MM },
        ],
      },
    ]);
  });
  it('leaves what is here where a cell is blank or a column is not there', () => {
    const changed = read(`label,model,parts,place,make\ngs-12,${MODEL},drive;driven,Bin 9,\n`, [
      SET,
    ]);
    expect(changed).toEqual([{ ...SET, label: 'gs-12', place: 'Bin 9', revision: 2 }]);
  });
  it('is refused where two lines are of one part, or there are more lines than any shelf has', () => {
    const lines = ['A', 'B'].map((label) => `${SET.id},${label},${MODEL},body`);
    expect(() => read(['id,label,model,parts', ...lines].join('\n'), [SET])).toThrow(/line 3/);
    const many = Array.from({ length: 5002 }, (_, i) => `P-${i},${MODEL},body`);
    expect(problemsOf(['label,model,parts', ...many].join('\n'))).toEqual([
      'line 5002: At most 5000 lines. Divide the file.',
    ]);
  });
  it.each([
    ['without its columns', 'label,model\nA,B\n', /line 1: The column parts is missing/],
    [
      'of a pump without a sheet',
      'label,model,parts\nA,Nobody,body\n',
      /line 2: There is no sheet/,
    ],
    [
      'of a part that the pump has not',
      `label,model,parts\nA,${MODEL},rotor\n`,
      /line 2: .*“rotor”/,
    ],
    ['without a label', `label,model,parts\n,${MODEL},body\n`, /line 2: label/],
    [
      'with a size of another part',
      `label,model,parts,drive-width_mm\nA,${MODEL},body,20\n`,
      /line 2: drive-width_mm is no size/,
    ],
    [
      'with a size that is none',
      `label,model,parts,pocket-depth_mm\nA,${MODEL},body,twenty\n`,
      /line 2: .*twenty/,
    ],
    [
      'with a label twice',
      `label,model,parts\nA,${MODEL},body\na,${MODEL},body\n`,
      /line 3: The same/,
    ],
    ['with an origin that is none', `label,model,parts,origin\nA,${MODEL},body,old\n`, /“old”/],
  ])('is refused %s, with the line', (_, text, message) => {
    expect(problemsOf(text)).toEqual([expect.stringMatching(message)]);
  });
});
