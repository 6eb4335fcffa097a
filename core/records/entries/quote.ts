import { string } from 'yup';
import { day, line, note } from '../../schema/fields';
import { days, money } from '../rework';
import { entryKind, entrySchema, type Standing } from './slice';

/** Lists how a quote stands: given to the customer, or answered by him. */
export const QUOTE_STATES = ['asked', 'approved', 'declined'] as const;
export type QuoteState = (typeof QUOTE_STATES)[number];

/** Records that a customer was asked whether the work is to be done, for how much and until when, or what he answered. */
export const quote = entryKind({
  kind: 'quote',
  schema: entrySchema('quote', {
    state: string().oneOf(QUOTE_STATES).required(),
    price: money().nullable().defined(),
    days: days().nullable().defined(),
    /** Names who answered; empty for what was only asked. */
    name: line().defined(),
    /** Gives the day on which that was. */
    date: day().required(),
    remark: note().defined(),
  }),
  is: { list: 'quotes', tells: 'decided' },
});

export type QuoteEntry = Standing<typeof quote>;
