import type { Sheet } from '../../records/sheet';
import type { Shop } from '../../records/shop';
import { termsOf } from '../operations/offer';
import { NEW_PUMP } from '../operations/operations';

/** Says what a new pump costs in place of all work. */
export interface NewPump {
  /** Gives what is paid and the shop's own time. */
  readonly work: number;
  readonly minutes: number;
  readonly days: number;
  /** Gives what the machine's standing still costs meanwhile. */
  readonly down: number;
  readonly expected: number;
  /** Tells whether the sheet or the shop gave the price; else it is an example, and nothing is bought by it. */
  readonly priced: boolean;
}

/** Returns what a new pump costs, item by item: the sheet's price where it has one, else the shop's. */
export function newPumpFor(
  sheet: Pick<Sheet, 'prices'>,
  shop: Pick<Shop, 'operations' | 'money'>,
): NewPump {
  const { minutes, price, days } = termsOf(NEW_PUMP, shop, sheet);
  const work = price + (minutes / 60) * shop.money.rate;
  const down = days * shop.money.downDay;
  const priced =
    sheet.prices.some((p) => p.operation === NEW_PUMP.id && p.price !== null) ||
    shop.operations.some((o) => o.id === NEW_PUMP.id);
  return { work, minutes, days, down, expected: work + down, priced };
}
