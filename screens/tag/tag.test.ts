import { dayOf } from '@/core/schema/dates';
import fc from 'fast-check';
import { BLANK } from '@/core/records/job';
import { NEW_SHOP } from '@/core/records/shop';
import { found, withCustomer } from './customers';
import {
  fromTagForm,
  NO_FIGURE,
  unreadableIn,
  tagSchema,
  toTagForm,
  type TagForm,
} from './tagForm';

const TODAY = new Date(2026, 10, 23);
const JOB = { ...BLANK, tag: 'T-1', owner: '', unit: '', complaint: '', by: '' };

describe('a day', () => {
  it.each([
    ['2026-12-01', '2026-12-01'],
    ['1.12.2026', '2026-12-01'],
    ['1/12/2026', '2026-12-01'],
    ['+7', '2026-11-30'],
    ['', null],
    ['next week', undefined],
    ['31.2.2026', undefined],
    ['12', undefined],
  ])('written “%s” is %s', (text, day) => {
    expect(dayOf(text, TODAY)).toBe(day);
  });
});

describe('the tag’s form', () => {
  it('comes back as it was, whatever stands on the tag', () => {
    const figure = fc.record({
      drive_rpm: fc.integer({ min: 1, max: 9000 }),
      ratio: fc.constantFrom(0.5, 1, 1.35, 2),
      flow_lpm: fc.option(fc.integer({ min: 0, max: 900 })),
      pressure_bar: fc.option(fc.integer({ min: 0, max: 300 })),
      oil_C: fc.option(fc.integer({ min: -20, max: 130 })),
    });
    fc.assert(
      fc.property(
        fc.record({
          used: fc.option(fc.integer({ min: 0, max: 1e6 })),
          due: fc.option(fc.constantFrom('2026-12-01', '2027-02-28')),
          rotation: fc.constantFrom('unknown' as const, 'clockwise' as const),
          before: fc.array(figure, { maxLength: 4 }),
        }),
        (facts) => {
          const job = { ...JOB, ...facts };
          const form = toTagForm(job, 'mm');
          expect(tagSchema('mm').isValidSync(form)).toBe(true);
          expect(fromTagForm(form, TODAY, 'mm')).toEqual(
            fromTagForm(toTagForm(job, 'mm'), TODAY, 'mm'),
          );
          expect(fromTagForm(form, TODAY, 'mm')).toMatchObject(facts);
        },
      ),
    );
  });
  it.each([
    ['tag', ' ', /tag number/],
    ['used', 'much', /“much” is not a number/],
    ['used', '-4', /Type 0 or more/],
    ['used', '200000000', /Too large. Check the figure and the unit./],
    ['due', 'soon', /Write the date/],
  ] as const)('refuses %s “%s”', (name, text, said) => {
    const form = { ...toTagForm(JOB, 'mm'), [name]: text } as TagForm;
    expect(() => tagSchema('mm').validateSync(form)).toThrow(said);
  });
  it.each([
    ['rpm', '0', /above 0/],
    ['flow', '7 gallons', /“7 gallons”. Type a number in l\/min/],
    ['pressure', 'high', /“high”. Type a number in bar/],
    ['oil', '400', /−40 °C to 150/],
    ['rpm', '999999', /^999999: .*50000/],
    ['ratio', '2000', /^2000: .*100/],
    ['flow', '4000 gpm', /10000/],
    ['pressure', '9000', /2000/],
  ] as const)('refuses a figure with %s “%s”', (name, text, said) => {
    const figure = { ...NO_FIGURE, rpm: '1800', [name]: text };
    expect(() =>
      tagSchema('mm').validateSync({ ...toTagForm(JOB, 'mm'), before: [figure] }),
    ).toThrow(said);
  });
});

describe('a tag that is left without saving', () => {
  it('knows which of it cannot be read', () => {
    const before = toTagForm({ ...JOB, due: '2026-12-01' }, 'mm');
    const typed = { ...before, owner: 'Moorside Growers', due: 'soon', used: '12' };
    expect([...unreadableIn(before, 'mm')]).toEqual([]);
    expect([...unreadableIn(typed, 'mm')]).toEqual(['due']);
    const figure = { ...NO_FIGURE, rpm: 'fast' };
    expect([...unreadableIn({ ...typed, tag: '', before: [figure] }, 'mm')].sort()).toEqual([
      'before',
      'due',
      'tag',
    ]);
  });
});

describe('customers', () => {
  const shop = ['Highmoor Winter Depot', 'Moorside Growers', 'Parish of Lower Highmoor'].reduce(
    (s, name) => withCustomer(s, { name, contact: '' }),
    NEW_SHOP,
  );
  it('are found by the beginnings of their words', () => {
    const names = (typed: string) => found(shop.customers, typed).map((c) => c.name);
    expect(names('gro')).toEqual(['Moorside Growers']);
    expect(names('high')).toEqual(['Highmoor Winter Depot', 'Parish of Lower Highmoor']);
    expect(names('low par')).toEqual(['Parish of Lower Highmoor']);
    expect(names('moor')).toEqual(['Moorside Growers']);
    expect(names(' ')).toEqual([]);
  });
  it('are kept once, and their contact is brought up to date', () => {
    expect(withCustomer(shop, { name: 'Moorside Growers', contact: '' })).toBe(shop);
    expect(withCustomer(shop, { name: '  ', contact: 'x' })).toBe(shop);
    const after = withCustomer(shop, { name: 'Moorside Growers', contact: 'Lane end' });
    expect(after.customers).toHaveLength(3);
    expect(found(after.customers, 'gro')[0]?.contact).toBe('Lane end');
  });
});
