import { object, string, type InferType } from 'yup';
import { day, identifier, line, stampFields } from '../schema/fields';
import type { Voidable } from '../schema/voiding';

/** Says how far an order is. */
export const ORDER_STATES = ['ordered', 'came'] as const;
export type OrderState = (typeof ORDER_STATES)[number];

/** Records that a line of the order list was ordered, or that it came; the last that counts says how it stands. */
export const orderEntry = object({
  ...stampFields,
  kind: string().oneOf(['order']).required(),
  /** The line of the order list, by its id. */
  line: identifier(),
  state: string().oneOf(ORDER_STATES).required(),
  /** The day on which that was. */
  date: day().required(),
  /** Empty where nobody said. */
  supplier: line().defined(),
  partNumber: line().defined(),
})
  .noUnknown()
  .required();

export type OrderEntry = Voidable<InferType<typeof orderEntry>>;
