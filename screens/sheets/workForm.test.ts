import { operationId, dimensionId } from '@/core/pumps/ids';
import type { Sheet } from '@/core/records/sheet';
import { DEMO_SHEETS, VELTRANE_T6 } from '@/demo/sheets';
import { fromForm, toForm, type SheetForm } from './sheetForm';
import { hasSets, newSet } from './lists/work';
import { pricedKinds, workedSizes } from './workForm';

const SHEET: Sheet = {
  ...VELTRANE_T6,
  metal: [{ dimension: dimensionId('pocket-depth'), least_mm: 19.8765, most_mm: 20.4321 }],
  prices: [{ operation: operationId('whole-pump'), price: 512.5, days: 4 }],
  sets: [{ id: 'plus', name: 'Gear set +0.05', over_mm: 0.0513, price: 80, days: 2 }],
};

function edited(change: (form: SheetForm) => void, unit: 'mm' | 'thou' = 'mm') {
  const form = toForm(SHEET, unit);
  change(form);
  return fromForm(form, SHEET, unit);
}

const worked = ({ sheet: { metal, prices, sets } }: ReturnType<typeof edited>) => ({
  metal,
  prices,
  sets,
});

describe('what a sheet says of work as a form', () => {
  it.each(['mm', 'thou'] as const)(
    'keeps its exact figures where nothing was touched, in %s',
    (unit) => {
      const result = edited(() => undefined, unit);
      expect(result.errors).toEqual([]);
      expect(worked(result)).toEqual({
        metal: SHEET.metal,
        prices: SHEET.prices,
        sets: SHEET.sets,
      });
    },
  );
  it('drops what was emptied, and takes what was added', () => {
    const result = edited((f) => {
      f.metal['pocket-depth'] = { least: '', most: '' };
      f.prices['whole-pump'] = { price: '', days: '' };
      f.prices['gear-set'] = { price: '88', days: '' };
      f.sets = [{ ...newSet('wide'), name: ' Wide ', over: '0.1', price: '70' }];
    });
    expect(result.errors).toEqual([]);
    expect(worked(result)).toEqual({
      metal: [],
      prices: [{ operation: 'gear-set', price: 88, days: null }],
      sets: [{ id: 'wide', name: 'Wide', over_mm: 0.1, price: 70, days: 0 }],
    });
  });
  it('takes the width of a set in the unit of the shop, narrower too', () => {
    const { sheet, errors } = edited((f) => (f.sets[0]!.over = '-2'), 'thou');
    expect(errors).toEqual([]);
    expect(sheet.sets[0]?.over_mm).toBeCloseTo(-0.0508, 9);
  });
  it.each<[string, (f: SheetForm) => void, string]>([
    [
      'a size that is none',
      (f) => (f.metal['pocket-depth']!.least = 'deep'),
      'metal.pocket-depth.least',
    ],
    [
      'the largest under the smallest',
      (f) => (f.metal['pocket-depth']!.most = '19'),
      'metal.pocket-depth.most',
    ],
    [
      'a price that is none',
      (f) => (f.prices['whole-pump']!.price = 'dear'),
      'prices.whole-pump.price',
    ],
    ['a set without a name', (f) => (f.sets[0]!.name = ' '), 'sets.0.name'],
    ['a set without a width', (f) => (f.sets[0]!.over = ''), 'sets.0.over'],
  ])('says at its field what is wrong: %s', (_, change, path) => {
    expect(edited(change).errors.map((e) => e.path)).toEqual([path]);
  });
});

describe('what a pump can be asked about work', () => {
  it.each(DEMO_SHEETS.map((s) => [s.model, s] as const))(
    '%s: sizes that can be cut, parts that can be bought',
    (_, sheet) => {
      const kinds = pricedKinds(sheet).map(({ id }) => id);
      expect(kinds[0]).toBe('whole-pump');
      expect(new Set(kinds).size).toBe(kinds.length);
      expect(kinds.includes(operationId('gear-set'))).toBe(hasSets(sheet));
      expect(workedSizes(sheet).length).toBeGreaterThan(0);
    },
  );
});
