import { string } from 'yup';
import { day, identifier, line } from '../../schema/fields';
import { entryKind, entrySchema, type Standing } from './slice';

/** Says how far an order is. */
export const ORDER_STATES = ['ordered', 'came'] as const;
export type OrderState = (typeof ORDER_STATES)[number];

/** Records that a line of the order list was ordered, or that it came; the last that counts says how it stands. */
export const order = entryKind({
  kind: 'order',
  schema: entrySchema('order', {
    /** The line of the order list, by its id. */
    line: identifier(),
    state: string().oneOf(ORDER_STATES).required(),
    /** The day on which that was. */
    date: day().required(),
    /** Is empty where nobody said. */
    supplier: line().defined(),
    partNumber: line().defined(),
  }),
  is: { list: 'orders', tells: 'decided' },
});

export type OrderEntry = Standing<typeof order>;
