import { tried } from '@/core/errors';
import { formatLength, trimmed } from '@/core/quantity/format';
import { parseReading, parseSum } from '@/core/quantity/parse';
import { bareUnit, type ShopUnit } from '@/core/quantity/units';
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
import { say } from '@/core/wording/say';
import { validated, type Errors, type Read } from '../shell/formRecord';

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

export function operationToForm(o: ShopOperation, unit: ShopUnit): OperationForm {
  const length = (mm: number | null) => (mm === null ? '' : formatLength(mm, 'gap', unit));
  return {
    by: o.by,
    minutes: trimmed(o.minutes, 1),
    setup: trimmed(o.setup, 1),
    price: trimmed(o.price, 2),
    days: trimmed(o.days, 1),
    least: length(o.least_mm),
    most: length(o.most_mm),
    tool: o.tool,
    check: o.check,
    caution: o.caution,
  };
}

const FIGURES = ['minutes', 'setup', 'price', 'days'] as const;
const LENGTHS = [
  ['least', 'least_mm'],
  ['most', 'most_mm'],
] as const;

/** Reads figures of a form into a record; what is no number is said at its field. */
function readFigures<F extends Readonly<Record<K, string>>, K extends string>(
  form: F,
  names: readonly K[],
  errors: Errors,
): Record<K, number> {
  const figures = names.map((name) => {
    const value = parseSum(form[name]);
    if (value === null) errors[name] = 'Enter a number: 0 for nothing.';
    else if (!Number.isFinite(value)) {
      errors[name] = say('sheets.notANumber', { text: form[name] });
    }
    return [name, value ?? 0] as const;
  });
  return Object.fromEntries(figures) as Record<K, number>;
}

/** The terms that a form describes; lengths whose text was not touched keep what they were. */
export function operationFromForm(
  form: OperationForm,
  before: ShopOperation,
  unit: ShopUnit,
): Read<ShopOperation> {
  const errors: Errors = {};
  const shown = operationToForm(before, unit);
  const figures = readFigures(form, FIGURES, errors);
  // A set-up that nobody touched is never more than the whole.
  const most = form.setup === shown.setup ? Math.max(0, figures.minutes) : Infinity;
  const record: Record<string, unknown> = {
    ...before,
    by: form.by,
    ...figures,
    setup: Math.min(figures.setup, most),
    tool: form.tool.trim(),
    check: form.check.trim(),
    caution: form.caution.trim(),
  };
  for (const [field, key] of LENGTHS) {
    if (form[field] === shown[field]) continue;
    if (before[key] !== null && form[field].trim() === '') {
      errors[field] = 'Enter an amount: without one there is no plan.';
      continue;
    }
    const read = tried(() => parseReading(form[field], 'gap', bareUnit('gap', unit)).mm);
    if (read.ok) record[key] = read.value;
    else errors[field] = read.message;
  }
  if (Object.keys(errors).length > 0) return { ok: false, errors };
  return validated(shopOperation, record, (path) => path.replace('_mm', ''));
}

export interface MoneyForm {
  currency: string;
  rate: string;
  downDay: string;
  comeback: string;
}

const SUMS = ['rate', 'downDay', 'comeback'] as const;

export const moneyToForm = (money: ShopMoney): MoneyForm => ({
  currency: money.currency,
  rate: trimmed(money.rate, 2),
  downDay: trimmed(money.downDay, 2),
  comeback: trimmed(money.comeback, 2),
});

export function moneyFromForm(form: MoneyForm): Read<ShopMoney> {
  const errors: Errors = {};
  const record = { currency: form.currency.trim(), ...readFigures(form, SUMS, errors) };
  if (Object.keys(errors).length > 0) return { ok: false, errors };
  return validated(shopMoney, record, (path) => path);
}
