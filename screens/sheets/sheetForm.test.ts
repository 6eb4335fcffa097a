import fc from 'fast-check';
import { kindId } from '@/core/pumps/ids';
import { DEMO_SHEETS, VELTRANE_T6 } from '@/demo/sheets';
import { blankSheet, type Sheet } from '@/core/records/sheet';
import { fromForm, toForm, type SheetForm } from './sheetForm';

function edited(change: (form: SheetForm) => void, unit: 'mm' | 'thou' = 'mm') {
  const form = toForm(VELTRANE_T6, unit);
  change(form);
  return fromForm(form, VELTRANE_T6, unit);
}

const limitOf = (result: ReturnType<typeof edited>, tier: string, id: string) =>
  result.sheet.limits.find((l) => l.tier === tier && l.characteristic === id);

describe('a sheet as a form', () => {
  it.each(DEMO_SHEETS.flatMap((s) => [['mm', s] as const, ['thou', s] as const]))(
    'keeps its exact figures where nothing was touched, in %s: $model',
    (unit, sheet) => {
      const { sheet: again, errors, doubts } = fromForm(toForm(sheet, unit), sheet, unit);
      expect([errors, doubts]).toEqual([[], []]);
      const order = (s: typeof sheet) => ({
        ...s,
        limits: [...s.limits].sort((a, b) =>
          `${a.tier} ${a.characteristic}` < `${b.tier} ${b.characteristic}` ? -1 : 1,
        ),
        nominal: [...s.nominal].sort((a, b) => (a.dimension < b.dimension ? -1 : 1)),
        materials: [...s.materials].sort((a, b) => (a.part < b.part ? -1 : 1)),
      });
      expect(order(again)).toEqual(order(sheet));
    },
  );
  it('takes shorthand in the unit of the shop', () => {
    const result = edited((f) => (f.limits.service!['face-drive']!.upper = '3-1/2'), 'thou');
    expect(limitOf(result, 'service', 'face-drive')).toMatchObject({
      lower_mm: 0.02,
      upper_mm: 0.0889,
    });
  });
  it('says what no pump can be at its field, and leaves an old sheet its pump', () => {
    const before: Sheet = { ...VELTRANE_T6, geometry: { ...VELTRANE_T6.geometry, hubBore_mm: 60 } };
    const form = toForm(before, 'mm');
    const path = 'geometry.hubBore_mm';
    const message =
      'Drive gear bore must be under 57.8 mm, or it breaks into the roots of the teeth.';
    form.note = 'kept from before';
    const kept = fromForm(form, before, 'mm');
    expect(kept.errors).toEqual([]);
    expect(kept.doubts).toEqual([{ path, message }]);
    expect(kept.sheet).toMatchObject({ note: 'kept from before', geometry: before.geometry });
    form.geometry.width_mm = '21';
    expect(fromForm(form, before, 'mm').errors).toEqual([{ path, message }]);
  });
  it('says what reversing allows, and that nobody knows it', () => {
    const result = edited((f) => {
      f.reversing = { ...f.reversing, bodyTurns: 'no', drains: 'both', ringFlips: 'yes' };
    });
    const said = { bodyTurns: false, drains: 'both', ringFlips: true };
    expect(result.sheet.reversing).toEqual({ ...said, symmetrical: null, coverTurns: null });
    expect(toForm(result.sheet, 'mm').reversing).toMatchObject({ bodyTurns: 'no', coverTurns: '' });
  });
  it('drops a limit where both ends are emptied', () => {
    const result = edited((f) => (f.limits.new!['cover-wear']!.upper = ''));
    expect(result.errors).toEqual([]);
    expect(limitOf(result, 'new', 'cover-wear')).toBeUndefined();
  });
  it.each<[string, (f: SheetForm) => void, string]>([
    ['no name', (f) => (f.model = ' '), 'model'],
    [
      'upper under lower',
      (f) => (f.limits.new!['od-pocket']!.lower = '0.2'),
      'limits.new.od-pocket.upper',
    ],
    [
      'no number',
      (f) => (f.limits.new!['face-drive']!.upper = 'none'),
      'limits.new.face-drive.upper',
    ],
    [
      'a gap wider than any',
      (f) => (f.limits.new!['face-drive']!.upper = '2 in'),
      'limits.new.face-drive.upper',
    ],
    ['teeth that leave no room', (f) => (f.geometry.ringTeeth = '19'), 'geometry.ringTeeth'],
    ['half a tooth', (f) => (f.geometry.pinionTeeth = '12,5'), 'geometry.pinionTeeth'],
    ['geometry emptied', (f) => (f.geometry.module_mm = ''), 'geometry.module_mm'],
    ['a hot metal', (f) => (f.materials.body!.alpha = '220'), 'materials.body.alpha'],
    ['no temperature', (f) => (f.materials.body!.hot = 'hot'), 'materials.body.hot'],
    ['a size that is none', (f) => (f.nominal['drive-width'] = 'wide'), 'nominal.drive-width'],
    ['a tier without a name', (f) => (f.tiers[0]!.name = ''), 'tiers.0.name'],
    ['half a bolt', (f) => (f.fasteners[0]!.count = '1.5'), 'fasteners.0.count'],
    ['a torque below nothing', (f) => (f.fasteners[0]!.torque = '-3'), 'fasteners.0.torque'],
    ['an overlong note', (f) => (f.note = 'x'.repeat(5000)), 'note'],
  ])('refuses %s at its field', (_, change, path) => {
    expect(edited(change).errors.map((e) => e.path)).toContain(path);
  });
  it.each<[string, (f: SheetForm) => void, string[]]>([
    [
      'limits the wrong way round, and nothing of the band inside them',
      (f) => Object.assign(f.limits.new!['face-drive']!, { lower: '0.2', upper: '0.1' }),
      ['limits.new.face-drive.upper: Max is below min. Swap them or check the unit.'],
    ],
    [
      'a preferred band the wrong way round',
      (f) =>
        Object.assign(f.limits.new!['face-drive']!, {
          lower: '0.01',
          upper: '0.1',
          preferredLower: '0.08',
          preferredUpper: '0.05',
        }),
      [
        'limits.new.face-drive.preferredUpper: The preferred max is below the preferred min. Swap them.',
      ],
    ],
    [
      'a metal that has a name alone',
      (f) => (f.materials.body = { name: 'aluminium', alpha: '', hot: '' }),
      [
        'materials.body.alpha: Expansion must be 0–100 (×10⁻⁶ per °C). Metals are 5–30.',
        'materials.body.hot: Enter the running temperature.',
      ],
    ],
    [
      'metal that may stay the wrong way round',
      (f) => (f.metal['pocket-depth'] = { least: '20', most: '19' }),
      ['metal.pocket-depth.most: The largest size is below the smallest. Swap them.'],
    ],
    [
      'a price below nothing',
      (f) => (f.prices['whole-pump'] = { price: '-1', days: '' }),
      ['prices.whole-pump.price: Not below zero'],
    ],
  ])('says once, at its field: %s', (_, change, faults) => {
    expect(edited(change).errors.map(({ path, message }) => `${path}: ${message}`)).toEqual(faults);
  });
  it('asks for a second look at what is hard to believe, and keeps it all the same', () => {
    const result = edited((f) => (f.limits.service!['face-drive']!.upper = '0.8'));
    expect(result.errors).toEqual([]);
    expect(result.doubts.map((d) => d.path)).toEqual(['limits.service.face-drive.upper']);
    expect(limitOf(result, 'service', 'face-drive')?.upper_mm).toBe(0.8);
  });
  it('keeps how a limit is meant, and where it stands', () => {
    const result = edited((f) =>
      Object.assign(f.limits.service!['od-pocket']!, { side: 'one-side', source: 'Leaflet 3' }),
    );
    expect(limitOf(result, 'service', 'od-pocket')).toMatchObject({
      side: 'one-side',
      source: 'Leaflet 3',
    });
  });
  it('is read back as it was typed, whatever the figure', () => {
    const micron = fc.integer({ min: 1, max: 300 });
    fc.assert(
      fc.property(micron, micron, (a, b) => {
        const [lower, upper] = [Math.min(a, b) / 1000, Math.max(a, b) / 1000];
        const result = edited((f) =>
          Object.assign(f.limits.new!['tip-crescent-drive']!, {
            lower: `${lower}mm`,
            upper: `${upper}mm`,
          }),
        );
        expect(limitOf(result, 'new', 'tip-crescent-drive')).toMatchObject({
          lower_mm: lower,
          upper_mm: upper,
        });
      }),
    );
  });
});

describe('the bench work of a sheet as a form', () => {
  it('takes checks, variants and pairings as people write them', () => {
    const { sheet, errors } = edited((f) => {
      f.key = [{ id: 'ears', kind: 'feature', ask: 'Ears', options: 'three;  four ;', u: '' }];
      f.variants = f.variants.slice(0, 2);
      Object.assign(f.variants[0]!, { years: '2009 – 2014', serials: '–41 999' });
      f.variants[0]!.marks = { ears: 'three' };
      Object.assign(f.variants[1]!, { years: '2015–', serials: '42000' });
      f.variants[1]!.marks = { ears: 'five' };
    });
    expect(errors).toEqual([]);
    expect(sheet.key).toMatchObject([{ options: ['three', 'four'], u_mm: null }]);
    expect(sheet.variants).toMatchObject([
      { fromYear: 2009, toYear: 2014, fromSerial: null, toSerial: 41999 },
      { fromYear: 2015, toYear: null, fromSerial: 42000, toSerial: 42000, marks: [] },
    ]);
    expect(sheet.variants[0]?.marks).toMatchObject([{ check: 'ears', option: 'three' }]);
    // Pairings of variants that are gone go along.
    expect(sheet.mixes).toEqual([]);
  });
  it.each<[string, (f: SheetForm) => void, string]>([
    ['one answer only', (f) => (f.key[0]!.options = 'narrow'), 'key.0.options'],
    ['a range that ends first', (f) => (f.variants[0]!.years = '2014–2009'), 'variants.0.years'],
    ['no number', (f) => (f.variants[0]!.serials = 'all'), 'variants.0.serials'],
    ['three ends', (f) => (f.variants[0]!.years = '1–2–3'), 'variants.0.years'],
    ['a variant without a name', (f) => (f.variants[1]!.name = ' '), 'variants.1.name'],
    [
      'a size from large to small',
      (f) => (f.variants[0]!.marks.width = '20.1–19'),
      'variants.0.marks.width',
    ],
    ['an empty step', (f) => (f.strip[0]!.do = ''), 'strip.0.do'],
    ['half a seal', (f) => (f.renew[0]!.count = '0.5'), 'renew.0.count'],
    ['an answer that is none', (f) => (f.also[0]!.expected = 'perhaps'), 'also.0.expected'],
    ['a depth in words', (f) => (f.book[0]!.upTo = 'deep'), 'book.0.upTo'],
  ])('refuses %s at its field', (_, change, path) => {
    expect(edited(change).errors.map((e) => e.path)).toContain(path);
  });
});

describe('the one-way clutches of a sheet as a form', () => {
  const first = (form: SheetForm) => form.clutches[0]!;
  it('take counts where the book gives them, and none where they are empty', () => {
    const { sheet, errors } = edited((f) =>
      Object.assign(first(f), { name: ' Input clutch ', washers: '2', pins: '' }),
    );
    expect(errors).toEqual([]);
    expect(sheet.clutches).toMatchObject([{ name: 'Input clutch', washers: 2, pins: null }]);
  });
  it.each([
    ['name', ' ', 'A clutch needs a name.'],
    ['washers', '7', 'Enter 0 to 4, or leave it empty.'],
    ['pins', '1.5', 'Enter 0 to 99, or leave it empty.'],
    ['pins', 'a few', '“a few” is not a number. Type a number.'],
  ])('say what is wrong at its field: %s “%s”', (field, text, message) => {
    const { errors } = edited((f) => Object.assign(first(f), { [field]: text }));
    expect(errors[0]).toEqual({ path: `clutches.0.${field}`, message });
  });
});

describe('a pump whose build is changed', () => {
  const gears = DEMO_SHEETS.find((s) => s.model === 'Brunnick H30 gear pump')!;
  const { strip, renew, also } = blankSheet(gears);
  const unedited: Sheet = { ...gears, strip, renew, also };
  const asked = (sheet: Sheet, sections: string) => {
    const form = toForm(sheet, 'mm');
    return fromForm({ ...form, geometry: { ...form.geometry, sections } }, sheet, 'mm');
  };
  it('takes the step and the seals along where its drain or its seals are said otherwise', () => {
    const sheet: Sheet = { ...unedited, ...blankSheet(gears), id: gears.id, model: 'M' };
    const form = toForm({ ...sheet, limits: [], tiers: gears.tiers }, 'mm');
    const fitted = { seals: '2', drain: 'plug', gearFit: '' } as const;
    const before: Sheet = { ...sheet, limits: [], tiers: gears.tiers };
    const { sheet: after, errors } = fromForm({ ...form, fitted }, before, 'mm');
    expect(errors).toEqual([]);
    expect([after.seals, after.drain]).toEqual([2, 'plug']);
    expect(after.strip[0]).toMatchObject({ id: 'plug', way: 'plug', right: 'right' });
    expect(after.renew.find(({ id }) => id === 'seal')?.count).toBe(2);
  });
  it('says once what is wrong with a count of small parts, at its field', () => {
    const form = toForm(gears, 'mm');
    const counted = (count: string) => {
      const small = [{ id: 'k', part: kindId('drive'), kind: 'key' as const, count }];
      return fromForm({ ...form, small }, gears, 'mm');
    };
    for (const count of ['4x', '0', '', '100', '1.5']) {
      expect([count, counted(count).errors.map(({ path }) => path)]).toEqual([
        ...[count, ['small.0.count']],
      ]);
    }
    expect(counted('4').sheet.small).toMatchObject([{ count: 4, kind: 'key' }]);
  });
  it('has the strip, the renewals and the small checks of its new build, where nobody edited them', () => {
    const { sheet, doubts } = asked(unedited, '3');
    expect(sheet.strip.filter((s) => s.id.startsWith('gears'))).toHaveLength(3);
    expect(sheet.renew.find((r) => r.id === 'bushings')?.count).toBe(3);
    expect(doubts.filter((d) => d.path === 'strip')).toEqual([]);
  });
  it('keeps what was edited, and asks before it is saved', () => {
    const [first, ...rest] = unedited.strip;
    const edited = { ...unedited, strip: [{ ...first!, do: 'Ask Ivo first.' }, ...rest] };
    const { sheet, doubts } = asked(edited, '3');
    expect(sheet.strip).toEqual(edited.strip);
    expect(doubts.find((d) => d.path === 'strip')?.message).toMatch(/had edited the strip steps/);
  });
});

describe('a torque', () => {
  const [sheet] = DEMO_SHEETS;
  const read = (torque: string) => {
    const form = toForm(sheet!, 'mm');
    const [bolt, ...others] = form.fasteners;
    return fromForm({ ...form, fasteners: [{ ...bolt!, torque }, ...others] }, sheet!, 'mm');
  };
  it('is one figure or a range, written as people do, and comes back so', () => {
    expect(read('60–65').sheet.fasteners[0]).toMatchObject({ torque: 60, torqueTo: 65 });
    expect(read('60-65').sheet.fasteners[0]).toMatchObject({ torque: 60, torqueTo: 65 });
    expect(read('24').sheet.fasteners[0]).toMatchObject({ torque: 24, torqueTo: null });
    expect(toForm(read('60–65').sheet, 'mm').fasteners[0]?.torque).toBe('60–65');
  });
  it.each(['65–60', '60–', 'tight', '1–2–3'])('is refused at its field as %s', (torque) => {
    expect(read(torque).errors.map((e) => e.path)).toContain('fasteners.0.torque');
  });
});
