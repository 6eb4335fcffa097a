import fc from 'fast-check';
import { NEW_SHOP } from '@/core/records/shop';
import { OPERATIONS, operationOf } from '@/core/rework/operations/operations';
import { MONEY, OPERATION, ownTerms, type OperationForm } from './operationForm';

const DECK = ownTerms(operationOf('deck-faced')!, undefined);

const edited = (change: Partial<OperationForm>, unit: 'mm' | 'thou' = 'mm', before = DECK) =>
  OPERATION.fromForm({ ...OPERATION.toForm(before, unit), ...change }, before, unit);

describe('the terms of an operation as a form', () => {
  it.each(OPERATIONS.flatMap((k) => [['mm', k] as const, ['thou', k] as const]))(
    'keep their exact figures where nothing was touched, in %s: $id',
    (unit, kind) => {
      const before = ownTerms(kind, undefined);
      expect(edited({}, unit, before)).toEqual({ ok: true, record: before });
    },
  );
  it('are the shop’s own where it has some', () => {
    const own = { ...DECK, minutes: 55 };
    expect(ownTerms(operationOf('deck-faced')!, own)).toBe(own);
  });
  it('take lengths in the unit of the shop, and leave the other end exact', () => {
    const read = edited({ most: '10' }, 'thou');
    expect(read).toMatchObject({ ok: true, record: { least_mm: 0.005 } });
    expect(read.ok && read.record.most_mm).toBeCloseTo(0.254, 9);
  });
  it('come back as they were written, whatever the figures', () => {
    const tenths = fc.integer({ min: 0, max: 9000 }).map((n) => n / 10);
    fc.assert(
      fc.property(tenths, tenths, (minutes, price) => {
        const read = edited({ minutes: String(minutes), price: String(price) });
        expect(read).toMatchObject({ ok: true, record: { minutes, price } });
      }),
    );
  });
  it.each<[string, Partial<OperationForm>, keyof OperationForm]>([
    ['minutes that are no number', { minutes: 'an hour' }, 'minutes'],
    ['minutes below nothing', { minutes: '-5' }, 'minutes'],
    ['a price that is no number', { price: '12 or so' }, 'price'],
    ['days below nothing', { days: '-1' }, 'days'],
    ['a length that is none', { least: 'a bit' }, 'least'],
    ['no length where one is needed', { most: ' ' }, 'most'],
    ['the most under the least', { most: '0.001' }, 'most'],
  ])('say at its field what is wrong: %s', (_, change, field) => {
    const read = edited(change);
    expect(read.ok).toBe(false);
    expect(!read.ok && Object.keys(read.errors)).toEqual([field]);
  });
});

describe('what time and waiting cost as a form', () => {
  it('is kept where nothing was touched, and read where it was', () => {
    const form = MONEY.toForm(NEW_SHOP.money);
    expect(MONEY.fromForm(form, NEW_SHOP.money)).toEqual({ ok: true, record: NEW_SHOP.money });
    expect(MONEY.fromForm({ ...form, rate: '62.5', currency: ' € ' }, NEW_SHOP.money)).toEqual({
      ok: true,
      record: { ...NEW_SHOP.money, rate: 62.5, currency: '€' },
    });
  });
  it.each(['rate', 'downDay', 'comeback'] as const)('says at %s that it is no number', (field) => {
    const form = { ...MONEY.toForm(NEW_SHOP.money), [field]: 'much' };
    const read = MONEY.fromForm(form, NEW_SHOP.money);
    expect(!read.ok && Object.keys(read.errors)).toEqual([field]);
  });
});
