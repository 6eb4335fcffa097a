import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { sheetChanges } from './changes';
import { sheetDoubts } from './doubts';
import { FileError } from './problems';
import { limitsCsv, withLimitsCsv } from './limitsCsv';
import { HOUSE_RULES, houseRules, NEW_RULES, rulesWords } from './rules';
import { sheetSchema, type Sheet } from './sheet';
import { nextInStudy, STUDY_SCHEMA, studyOrder, studySchema, type Study } from './study';

const edited = (change: (limit: Sheet['limits'][number]) => void, id = 'face-drive'): Sheet => ({
  ...VELTRANE_T6,
  limits: VELTRANE_T6.limits.map((l) => {
    const copy = { ...l };
    if (l.tier === 'service' && l.characteristic === id) change(copy);
    return copy;
  }),
});

describe('a sheet', () => {
  it.each(SHEETS.map((s) => [s.model, s] as const))('%s is sound', (_, sheet) => {
    expect(sheetSchema.validateSync(sheet, { strict: true })).toEqual(sheet);
    expect(sheetDoubts(sheet)).toEqual([]);
  });
  it.each([
    [
      'a limit of another pump',
      { ...VELTRANE_T6, family: 'gerotor', geometry: SHEETS[2]!.geometry },
    ],
    ['a geometry of another pump', { ...VELTRANE_T6, geometry: SHEETS[2]!.geometry }],
    ['no tier', { ...VELTRANE_T6, tiers: [] }],
    [
      'a torque of nothing',
      { ...VELTRANE_T6, fasteners: [{ ...VELTRANE_T6.fasteners[0]!, torque: 0 }] },
    ],
    ['a gasket of a centimetre', { ...VELTRANE_T6, gasket_mm: 10 }],
  ])('with %s is refused', (_, broken) => {
    expect(() => sheetSchema.validateSync(broken, { strict: true })).toThrow();
  });
});

describe('what people mistype', () => {
  const said = (sheet: Sheet) => sheetDoubts(sheet).map((d) => d.message);
  it('is a limit ten times off what the nominal sizes leave', () => {
    expect(said(edited((l) => (l.upper_mm = 0.8)))).toEqual([
      expect.stringMatching(/give 0.04 mm: ten times off/),
    ]);
    expect(
      said(edited((l) => Object.assign(l, { lower_mm: 0.002, upper_mm: 0.003 }))),
    ).toHaveLength(1);
  });
  it('is an inch read as thou, or the other way round', () => {
    expect(said(edited((l) => (l.upper_mm = 0.001), 'cover-wear'))).toEqual([
      expect.stringMatching(/Inches entered as thou/),
    ]);
    expect(said(edited((l) => (l.upper_mm = 1.27), 'cover-wear'))).toEqual([
      expect.stringMatching(/very wide/),
    ]);
  });
  it('is a size that the geometry does not know', () => {
    const nominal = VELTRANE_T6.nominal.map((n) =>
      n.dimension === 'drive-width' ? { ...n, value_mm: 20 * 25.4 } : n,
    );
    expect(said({ ...VELTRANE_T6, nominal })).toContainEqual(
      expect.stringMatching(/Check the unit/),
    );
  });
});

describe('a sheet that was changed since', () => {
  it('says what', () => {
    expect(sheetChanges(VELTRANE_T6, VELTRANE_T6, 'mm')).toEqual([]);
    expect(
      sheetChanges(
        VELTRANE_T6,
        edited((l) => (l.upper_mm = 0.09)),
        'mm',
      ),
    ).toEqual(['Service, End clearance, drive gear: 0.02–0.08 mm is now 0.02–0.09 mm']);
    const turned = {
      ...VELTRANE_T6,
      limits: VELTRANE_T6.limits.map(
        (l) => Object.fromEntries(Object.entries(l).reverse()) as typeof l,
      ),
    };
    expect(sheetChanges(VELTRANE_T6, turned, 'mm')).toEqual([]);
    const renamed = { ...VELTRANE_T6, gasket_mm: 0.1, limits: [] };
    const changes = sheetChanges(VELTRANE_T6, renamed, 'mm');
    expect(changes.at(-1)).toMatch(/^and \d+ more$/);
  });
});

describe('limits as CSV', () => {
  const problems = (text: string) => {
    try {
      withLimitsCsv(VELTRANE_T6, text);
    } catch (error) {
      if (error instanceof FileError) return error.problems.map((p) => `${p.place}: ${p.message}`);
      throw error;
    }
    return [];
  };
  const HEAD = 'tier,characteristic,lower_mm,upper_mm,side,gasket,source\r\n';

  it('come back as they went out', () => {
    for (const sheet of SHEETS) {
      expect(withLimitsCsv({ ...sheet, limits: [] }, limitsCsv(sheet)).limits).toEqual(
        sheet.limits,
      );
    }
  });
  it('take shorthand with a unit, and a byte order mark', () => {
    const read = withLimitsCsv(
      VELTRANE_T6,
      `\uFEFF${HEAD}Service,face-drive,1 thou,3-1/2 thou,,,p. 4`,
    );
    expect(read.limits).toEqual([
      expect.objectContaining({ lower_mm: 0.0254, upper_mm: 0.0889, side: 'full', source: 'p. 4' }),
    ]);
  });
  it.each([
    ['nonsense', 'line 1: The columns tier'],
    [`${HEAD}Service,face-drive,0.08,0.02,,,`, 'line 2: Max is below min'],
    [`${HEAD}Race,face-drive,0.02,0.08,,,`, 'line 2: The sheet has no limits “Race”'],
    [`${HEAD}Service,tip,0.02,0.08,,,`, 'line 2: This pump has no check “tip”'],
    [`${HEAD}Service,face-drive,a bit,,,,`, 'line 2, column lower_mm: “a bit” is not a number'],
    [
      `${HEAD}Service,face-drive,0.02,0.08,both,,`,
      'line 2, column side: “both” is not one of full, one-side',
    ],
    [
      `${HEAD}Service,face-drive,0.02,0.08,,,${'x'.repeat(300)}`,
      'line 2, column source: At most 200',
    ],
    [`${HEAD}Service,face-drive,0.02,,,,\r\nservice,face-drive,0.03,,,,`, 'line 3: The same limit'],
  ])('%j is refused with its line', (text, said) => {
    expect(problems(text)[0]).toContain(said);
  });
  it('say all that is wrong with a line, and each once', () => {
    const head = HEAD.trim().split(',').slice(0, 4).join(',');
    const line = 'Race,face-drive,0.08,0.02,0.01,0.09';
    const said = problems(`${head},preferredLower_mm,preferredUpper_mm\n${line}`);
    expect(said).toHaveLength(2);
    expect(said[1]).toContain('Max is below min');
    const outside = problems(
      `${head},preferredLower_mm,preferredUpper_mm\nService,face-drive,0.02,0.08,0.01,0.09`,
    );
    expect(outside).toEqual([expect.stringContaining('The preferred band must be inside')]);
  });
});

describe('house rules', () => {
  it('are all there, each with a reason', () => {
    expect(houseRules.validateSync(NEW_RULES, { strict: true })).toEqual(NEW_RULES);
    for (const { schools } of HOUSE_RULES) {
      expect(schools.length).toBeGreaterThan(1);
      for (const { why } of schools) expect(why.length).toBeGreaterThan(30);
    }
    expect(rulesWords(NEW_RULES)).toMatch(/^Decision rule: guarded; leaf ladder: from the limit/);
    expect(() => houseRules.validateSync({ ...NEW_RULES, ladder: 'jump' })).toThrow();
  });
});

describe('a study on the bench', () => {
  const STUDY: Study = {
    schema: STUDY_SCHEMA,
    id: 'study-1',
    revision: 0,
    createdAt: '2026-11-20T09:00:00.000Z',
    what: 'gear width',
    instrument: 'outside-mic',
    people: ['Ivo K.', 'Runa T.'],
    parts: ['1', '2', '3'],
    trials: 2,
    readings: [],
  };
  it('asks everybody for every part, each round in another order, the same each time', () => {
    const order = studyOrder(STUDY);
    expect(order).toEqual(studyOrder(STUDY));
    expect(new Set(order.map((s) => JSON.stringify(s))).size).toBe(12);
    expect(order.slice(0, 3).every((s) => s.person === 'Ivo K.' && s.trial === 1)).toBe(true);
  });
  it('goes on with the first reading that is missing', () => {
    const first = nextInStudy(STUDY)!;
    const reading = {
      ...first,
      at: STUDY.createdAt,
      text: '20',
      unit: 'mm' as const,
      value_mm: 20,
      source: 'typed' as const,
    };
    const begun = { ...STUDY, readings: [reading] };
    expect(studySchema.validateSync(begun, { strict: true })).toEqual(begun);
    expect(nextInStudy(begun)).toEqual(studyOrder(STUDY)[1]);
  });
  it.each([
    ['one person', { people: ['Ivo K.'] }],
    ['a part twice', { parts: ['1', '1'] }],
    ['one trial', { trials: 1 }],
  ])('of %s is refused', (_, change) => {
    expect(() => studySchema.validateSync({ ...STUDY, ...change }, { strict: true })).toThrow();
  });
});
