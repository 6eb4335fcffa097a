import { dimensionId } from '../pumps/ids';
import fc from 'fast-check';
import { AT } from '../testing/readings';
import { gearSet, shelfPart } from '../testing/shelf';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { merged, type Difference } from './merge';
import type { ShelfPart } from './part';
import type { Sheet } from './sheet';
import { USUAL_U_MM } from './partsColumns';
import { partsCsv } from './partsCsv';
import { readPartsCsv } from './readPartsCsv';
import { type FileError } from './problems';

const SET = gearSet('GS-12', 20.004);
const BODY = shelfPart('HB-3', ['body'], { 'pocket-depth': 20.09 }, { condition: '=1+1' });
const linesOf = (
  text: string,
  shelf: readonly ShelfPart[] = [],
  sheets: readonly Sheet[] = SHEETS,
) => {
  let count = 0;
  return readPartsCsv(text, { sheets, shelf, freshId: () => `new-${(count += 1)}`, at: AT });
};
const read = (...args: Parameters<typeof linesOf>) => linesOf(...args).map(({ part }) => part);
/** Returns what a table does to the parts that are here: which field of which becomes what, and what is asked. */
const taken = (text: string, shelf: readonly ShelfPart[], sheets?: readonly Sheet[]) =>
  linesOf(text, shelf, sheets).map(({ part, base }) => {
    const here = shelf.find(({ id }) => id === part.id);
    if (!here) return { part, changed: ['all'], clashes: [], record: part };
    const { changed, clashes, record } = merged('part', here, part, {
      base,
      choose: () => null,
      device: 'a',
    });
    const names = (list: readonly Difference[]) => list.map(({ field }) => field);
    return { part, changed: names(changed), clashes: names(clashes), record };
  });
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
        id: 'new-1',
        label: 'GS-9',
        parts: ['drive', 'driven'],
        origin: 'used',
        state: 'here',
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
    expect(changed).toEqual([{ ...SET, label: 'gs-12', place: 'Bin 9' }]);
  });
  it('is refused where two lines are of one part, or there are more lines than any shelf has', () => {
    const lines = ['A', 'B'].map((label) => `${SET.id},${label},${MODEL},body`);
    expect(() => read(['id,label,model,parts', ...lines].join('\n'), [SET])).toThrow(/line 3/);
    const many = Array.from({ length: 20_002 }, (_, i) => `P-${i},${MODEL},body`);
    expect(problemsOf(['label,model,parts', ...many].join('\n'))).toEqual([
      'line 20002: At most 20000 lines. Divide the file.',
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
      /line 2, column pocket-depth_mm: .*twenty/,
    ],
    [
      'with a label twice',
      `label,model,parts\nA,${MODEL},body\na,${MODEL},body\n`,
      /line 3, column label: The same label is there twice/,
    ],
    ['with an origin that is none', `label,model,parts,origin\nA,${MODEL},body,old\n`, /“old”/],
  ])('is refused %s, with the line', (_, text, message) => {
    expect(problemsOf(text)).toEqual([expect.stringMatching(message)]);
  });
});

describe('a table that comes back after the shelf went on', () => {
  const text = partsCsv([SET], SHEETS);
  const cell = (of: string, is: string) => text.replace(of, is);
  const here: ShelfPart = { ...SET, place: 'Rack 9', make: 'Skarn 2' };

  it('changes what was edited in it, and nothing that it only still says', () => {
    expect(SET.place).not.toBe('');
    expect(taken(text, [here])).toMatchObject([{ changed: [], clashes: [], record: here }]);
    expect(taken(cell(SET.place, 'Bin 77'), [{ ...here, place: SET.place }])).toMatchObject([
      { changed: ['place'], clashes: [], record: { place: 'Bin 77', make: 'Skarn 2' } },
    ]);
  });
  it('asks where the same field was edited in both', () => {
    expect(taken(cell(SET.place, 'Bin 77'), [here])).toMatchObject([
      { changed: [], clashes: ['place'], record: here },
    ]);
  });
  it('says what becomes of the sizes, one by one', () => {
    const [first, second] = SET.sizes as [(typeof SET.sizes)[0], (typeof SET.sizes)[0]];
    const read = { ...SET, sizes: [{ ...first, value_mm: 19.99 }, second] };
    const edited = partsCsv([read], SHEETS).replace(
      /[^,]*$/,
      text.slice(text.lastIndexOf(',') + 1),
    );
    expect(taken(edited, [SET])).toMatchObject([{ changed: [`sizes/${first.dimension}`] }]);
    expect(
      taken(edited, [{ ...SET, sizes: [first, { ...second, value_mm: 20.1 }] }]),
    ).toMatchObject([
      {
        changed: [`sizes/${first.dimension}`],
        record: { sizes: [{ value_mm: 19.99 }, { value_mm: 20.1 }] },
      },
    ]);
  });
  it('knows its sheet by the id in its row, whatever that is called now', () => {
    const renamed = SHEETS.map((s) => (s.id === SET.sheet ? { ...s, model: 'Another name' } : s));
    expect(taken(text, [SET], renamed)).toMatchObject([{ changed: [], record: SET }]);
    const twins = [...SHEETS, { ...VELTRANE_T6, id: 'twin' }];
    expect(taken(text, [SET], twins)).toMatchObject([{ record: SET }]);
    expect(() => read(`label,model,parts\nA-1,${MODEL},body\n`, [], twins)).toThrow(
      /More than one/,
    );
    expect(() => read(cell(`,${SET.sheet},`, ',nobody,'), [SET])).toThrow(/no sheet with the id/);
    expect(taken(text, [SET], [])).toMatchObject([{ changed: [], record: SET }]);
  });
  it('gives no part the label of another, but may exchange two', () => {
    const shelf = [SET, BODY];
    // Without the column that says what was saved.
    const bare = (parts: readonly ShelfPart[]) =>
      partsCsv(parts, SHEETS).replace(/,[^,\r\n]*(?=[\r\n]|$)/g, '');
    const swapped = bare([
      { ...SET, label: 'HB-3' },
      { ...BODY, label: 'GS-12' },
    ]);
    expect(taken(swapped, shelf).map(({ record }) => record.label)).toEqual(['HB-3', 'GS-12']);
    expect(() => read(bare([{ ...SET, label: 'hb-3 ' }]), shelf)).toThrow(/another part/);
    // Two that had one label before labels were held apart come back as they are.
    const twice = [SET, { ...BODY, label: SET.label }];
    expect(taken(partsCsv(twice, SHEETS), twice).map(({ record }) => record)).toEqual(twice);
  });
  it('does not take a part out of a job', () => {
    const inJob: ShelfPart = { ...SET, state: 'taken', takenFor: 'HM-1', takenBy: 'job-1' };
    expect(taken(text, [inJob])).toMatchObject([{ changed: [], record: inJob }]);
    const back = partsCsv([inJob], SHEETS).replace(',taken,', ',here,');
    expect(() => read(back, [inJob])).toThrow(/is in HM-1/);
  });
  it('comes back as it went out, in ten thousand rows of whatever people write', () => {
    const [mm, line] = [
      fc.oneof(
        fc.double({ min: 0, max: 5000, noNaN: true }),
        fc.constantFrom(0, 1e-9, 4999.999999999, 0.1 + 0.2, 1 / 3),
      ),
      fc
        .oneof(
          fc.string({ maxLength: 30, unit: 'grapheme' }),
          fc.constantFrom("'=1+1", '=1+1', ' x ', '"', "''@a", 'a;b', '+', "'"),
        )
        .map((text) => text.replace(/[\p{Cc}\u2028\u2029]/gu, '').slice(0, 100)),
    ];
    const some = fc.record({
      place: line,
      make: line,
      condition: line,
      from: line,
      label: line,
      width: mm,
      u: fc.double({ min: 0, max: 1, noNaN: true }),
      state: fc.constantFrom('here', 'taken', 'scrap'),
    });
    const make = (rows: readonly { label: string; width: number; u: number; state: string }[]) =>
      rows.map(({ width, u, label, ...row }, i) => ({
        ...SET,
        id: `p-${i}`,
        ...row,
        label: `${label}${i}`,
        takenFor: row.state === 'taken' ? 'HM 7' : '',
        sizes: SET.sizes.map((size) => ({ ...size, value_mm: width, u_mm: u })),
      })) as ShelfPart[];
    for (const [unit, length] of [
      ['mm', 10_000],
      ['in', 1000],
    ] as const) {
      const sample = fc.sample(some, 500);
      const shelf = make(Array.from({ length }, (_, i) => sample[i % 500]!));
      const back = taken(partsCsv(shelf, SHEETS, unit), shelf);
      expect(back.filter(({ changed, clashes }) => changed.length + clashes.length > 0)).toEqual(
        [],
      );
      expect(back.every(({ record }, i) => record === shelf[i])).toBe(true);
    }
  });
});
