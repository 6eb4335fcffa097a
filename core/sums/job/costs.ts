import type { Price } from '../../rework/decision/money';

/** Says among what a stage knows that its prices are an example's. */
export const EXAMPLE = 'example';

const figure = (value: number): string => String(Number(value.toFixed(2)));

/** Says what a decision knows of costs. */
interface Costs {
  /** Null before there is a plan. */
  readonly price: Price | null;
  readonly newPump: Price;
}

/**
 * Returns what a plan and a new pump cost, as the sums ask it that a decision leads to. An example's price of a new pump is
 * left out: nobody is held to it; that a plan has some in it is said.
 *
 * @param costs of a plan and of a new pump
 * @param rate of an hour in the shop
 * @example
 * const price = { work: 180, minutes: 90, days: 2, down: 0, chance: 0.1, expected: 0, example: false };
 * const newPump = { work: 900, minutes: 0, days: 7, down: 0, chance: 0, expected: 0, example: true };
 * costsAsked({ price, newPump }, 60)['money.compare']; // { partsCost: '90', minutes: '90', repairDays: '2', repairComeback_percent: '10', newDays: '7' }
 */
export function costsAsked(
  { price, newPump }: Costs,
  rate: number,
): Readonly<Record<string, Readonly<Record<string, string>>>> {
  if (!price) return {};
  return {
    'money.compare': {
      partsCost: figure(Math.max(0, price.work - (price.minutes / 60) * rate)),
      minutes: figure(price.minutes),
      repairDays: figure(price.days),
      repairComeback_percent: figure(100 * price.chance),
      ...(newPump.example ? {} : { price: figure(newPump.work) }),
      newDays: figure(newPump.days),
      ...(price.example ? { [EXAMPLE]: '1' } : {}),
    },
  };
}
