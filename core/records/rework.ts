import type { DimensionId, OperationId } from '../pumps/ids';
import { string, type InferType } from 'yup';
import {
  exact,
  finite,
  idOf,
  identifier,
  line,
  millimetres,
  note,
  notUnder,
} from '../schema/fields';

/** Says who does an operation: the shop itself, somebody it is sent out to, or nobody. */
export const DONE_BY = ['here', 'out', 'never'] as const;
export type DoneBy = (typeof DONE_BY)[number];

/** Names what becomes of a part, from the least work to the most. */
export const DECISIONS = ['reuse', 'dress', 'machine', 'pair', 'replace'] as const;
export type Decision = (typeof DECISIONS)[number];

/** Names the whole pump where a decision is about no part of it. */
export const WHOLE_PUMP = 'pump';

/** Makes the fields of what something costs: money, minutes of work, days of waiting. */
export const money = () => finite().min(0, 'Not below zero').max(1e7, 'Over ten million');
/** Describes minutes of the shop: none at least. */
export const minutes = () => finite().min(0, 'Not below zero').max(6000, 'Over 100 hours');
/** Describes days of waiting. */
export const days = () => finite().min(0, 'Not below zero').max(400, 'Over 400 days');

/** Describes what a shop says of one kind of operation, where it is not as the app begins with. */
export const shopOperation = exact({
  /** The kind of operation. */
  id: idOf<OperationId>(),
  by: string().oneOf(DONE_BY).required(),
  minutes: minutes().required(),
  /** Minutes of these that equal works on one pump share: chucking, setting up the press. */
  setup: minutes()
    .required()
    .test('within', 'Set-up is longer than the whole work', (setup, { parent }) => {
      const { minutes: all } = parent as { minutes?: number };
      return setup == null || all == null || setup <= Math.max(0, all);
    }),
  /** Parts, or what is paid outside. */
  price: money().required(),
  /** Days of waiting. */
  days: days().required(),
  /** Is null where there is no amount. */
  least_mm: millimetres().nullable().defined(),
  most_mm: millimetres()
    .nullable()
    .defined()
    .test(notUnder('least_mm', 'The most amount is below the least. Swap them.')),
  /** The abrasive or tool; empty for what the app says. */
  tool: line().defined(),
  /** Says what is checked on the way; empty for what the app says. */
  check: line().defined(),
  /** Empty for what the app says. */
  caution: note().defined(),
});

/** Describes what work and waiting cost a shop. */
export const shopMoney = exact({
  /** Stands after a sum: `€`; empty for the bare figure. */
  currency: line().max(8, 'At most 8 characters').defined(),
  /** For an hour of work. */
  rate: money().required(),
  /** For a day on which the machine stands still. */
  downDay: money().required(),
  /** For a pump that comes back. */
  comeback: money().required(),
});

/** A maker of parts as the shop calls it, and what the shop has seen of its parts. */
export const make = exact({
  name: line().required('A make needs a name'),
  note: note().defined(),
});

/** Says how small or large a size may become by work: what metal has to stay. */
export const leastSize = exact({
  dimension: idOf<DimensionId>(),
  least_mm: millimetres().nullable().defined(),
  most_mm: millimetres()
    .nullable()
    .defined()
    .test(notUnder('least_mm', 'The largest size is below the smallest. Swap them.')),
});

/** Describes what a kind of operation costs on one model of pump, where that is not what the shop says. */
export const price = exact({
  operation: idOf<OperationId>(),
  /** Is null where the shop’s own holds. */
  price: money().nullable().defined(),
  days: days().nullable().defined(),
});

/** Says between what a size lies on a part that is bought new. */
export const newSize = exact({
  dimension: idOf<DimensionId>(),
  least_mm: millimetres().required(),
  most_mm: millimetres()
    .required()
    .test(notUnder('least_mm', 'The largest new size is below the smallest. Swap them.')),
});

/** Gears of another width that can be bought. */
export const gearSet = exact({
  id: identifier(),
  name: line().required('A gear set needs a name'),
  /** Says how much wider it is than standard; below nought where narrower. */
  over_mm: finite().required().min(-10, 'Over 10 mm').max(10, 'Over 10 mm'),
  price: money().required(),
  days: days().required(),
});

export type ShopOperation = InferType<typeof shopOperation>;
export type ShopMoney = InferType<typeof shopMoney>;
