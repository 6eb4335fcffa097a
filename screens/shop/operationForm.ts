import {
  DONE_BY,
  shopMoney,
  shopOperation,
  type DoneBy,
  type ShopMoney,
  type ShopOperation,
} from '@/core/records/rework';
import type { Shop } from '@/core/records/shop';
import type { Operation } from '@/core/rework/operations/operation';
import { length, orNull, sum, words } from '@/core/schema/written';
import { recordForm } from '../shell/recordForm';

const BY_NAME: Readonly<Record<DoneBy, string>> = {
  here: 'Done here',
  out: 'Sent out',
  never: 'Not done',
};

export const DONE_BY_OPTIONS = DONE_BY.map((value) => ({ value, name: BY_NAME[value] }));

/** The terms of an operation as a form: every figure as text, empty texts for what the app says. */
export interface OperationForm {
  by: DoneBy;
  minutes: string;
  setup: string;
  price: string;
  days: string;
  least: string;
  most: string;
  tool: string;
  check: string;
  caution: string;
}

/** Returns the terms that hold for a kind of operation: the shop's, else those that the app begins with. */
export const ownTerms = (
  { id, by, minutes, setup, price, days, least_mm, most_mm }: Operation,
  own: ShopOperation | undefined,
): ShopOperation =>
  own ?? {
    id,
    by,
    minutes,
    setup,
    price,
    days,
    least_mm,
    most_mm,
    tool: '',
    check: '',
    caution: '',
  };

/** Returns a shop with the terms of one kind of operation changed. */
export function withTerms(
  shop: Shop,
  operation: Operation,
  change: (terms: ShopOperation) => ShopOperation,
): Shop {
  const stored = shop.operations.find(({ id }) => id === operation.id);
  const others = shop.operations.filter(({ id }) => id !== operation.id);
  return { ...shop, operations: [...others, change(ownTerms(operation, stored))] };
}

const amount = orNull(length('gap'));
const AMOUNT = 'Enter an amount: without one there is no plan.';

export const OPERATION = recordForm<ShopOperation, OperationForm>({
  schema: shopOperation,
  fields: ({ least_mm, most_mm }) => [
    { name: 'by' },
    { name: 'minutes', as: sum(1) },
    { name: 'setup', as: sum(1) },
    { name: 'price', as: sum(2) },
    { name: 'days', as: sum(1) },
    { name: 'least', key: 'least_mm', as: amount, ...(least_mm === null ? {} : { need: AMOUNT }) },
    { name: 'most', key: 'most_mm', as: amount, ...(most_mm === null ? {} : { need: AMOUNT }) },
    { name: 'tool', as: words },
    { name: 'check', as: words },
    { name: 'caution', as: words },
  ],
  // A set-up that nobody touched is never more than the whole.
  settled: (record, form, { form: shown }) =>
    form.setup === shown.setup
      ? { ...record, setup: Math.min(record.setup, Math.max(0, record.minutes)) }
      : record,
});

export interface MoneyForm {
  currency: string;
  rate: string;
  downDay: string;
  comeback: string;
}

export const MONEY = recordForm<ShopMoney, MoneyForm>({
  schema: shopMoney,
  fields: () => [
    { name: 'currency', as: words },
    { name: 'rate', as: sum(2) },
    { name: 'downDay', as: sum(2) },
    { name: 'comeback', as: sum(2) },
  ],
});
