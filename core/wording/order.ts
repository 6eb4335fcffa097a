import type { OrderLine } from '../inspect/order';
import { dateText } from './date';
import { say } from './say';

/** The sentence for each state. */
const SAID = { ordered: 'order.ordered', came: 'order.came' } as const;

/** Says how far a line of the order list is: `Ordered 27 Nov 2026, from Arvel Parts.` Empty where nobody ordered it. */
export function orderWords({ order, fitted }: Pick<OrderLine, 'order' | 'fitted'>): string {
  if (!order) return fitted ? 'Put in already.' : '';
  const { state, date, supplier, partNumber } = order;
  const said = say(SAID[state], {
    day: dateText(date, 'utc day'),
    isFrom: supplier ? 'yes' : 'no',
    supplier,
    isNumbered: partNumber ? 'yes' : 'no',
    number: partNumber,
  });
  return fitted ? say('order.putIn', { order: said }) : said;
}

/** Writes a line of the order list: `2 × Seal (always replaced). Ordered 27 Nov 2026.` */
export function orderLineWords(line: OrderLine): string {
  const { name, count, why } = line;
  const order = orderWords(line);
  return order
    ? say('order.line', { count, name, why, order })
    : say('order.lineOpen', { count, name, why });
}
