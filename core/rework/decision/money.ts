import type { Shop } from '../../records/shop';
import type { Sheet } from '../../records/sheet';
import { NEW_PUMP } from '../operations/operations';
import type { ReworkCase } from './case';
import { minutesOf, termsOf } from '../operations/offers';
import type { RatedPlan } from './solve';

/** Says what one way to a sound pump costs, and how long it takes. */
export interface Price {
  /** Gives what is paid and the shop's own time. */
  readonly work: number;
  readonly minutes: number;
  /** Days of waiting. */
  readonly days: number;
  /** Gives what the machine's standing still costs meanwhile. */
  readonly down: number;
  /** The chance of a comeback. */
  readonly chance: number;
  /** All of it, and that chance times what a comeback costs. */
  readonly expected: number;
}

/** Returns what a plan costs, item by item. */
export function priceOf({ offers, money }: ReworkCase, plan: RatedPlan): Price {
  const done = offers.filter(({ id }) => plan.works.some((w) => w.id === id));
  const days = done.reduce((most, { terms }) => Math.max(most, terms.days), 0);
  const down = days * money.downDay;
  return {
    ...{ work: plan.cost - down, days, down },
    minutes: done.reduce((sum, offer) => sum + minutesOf(offer), 0),
    ...{ chance: plan.chance, expected: plan.expected },
  };
}

/** Returns what a new pump costs, item by item: the sheet's price where it has one, else the shop's. */
export function newPumpPrice(
  sheet: Pick<Sheet, 'prices'>,
  shop: Pick<Shop, 'operations' | 'money'>,
): Price {
  const { minutes, price, days } = termsOf(NEW_PUMP, shop, sheet);
  const work = price + (minutes / 60) * shop.money.rate;
  const down = days * shop.money.downDay;
  return { work, minutes, days, down, chance: 0, expected: work + down };
}

/** Tells whether anybody said what a new pump costs: the sheet, or the shop. */
export const isNewPumpPriced = (
  { prices }: Pick<Sheet, 'prices'>,
  { operations }: Pick<Shop, 'operations'>,
): boolean =>
  prices.some((p) => p.operation === NEW_PUMP.id) || operations.some((o) => o.id === NEW_PUMP.id);

/** Tells whether a new pump costs less than any repair, all counted. */
export const newIsCheaper = (repair: Price | null, whole: Price): boolean =>
  repair === null || whole.expected < repair.expected;
