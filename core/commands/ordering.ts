import { record, withVoided } from '../journal/commands';
import { ledgerOf } from '../journal/ledger';
import type { OrderEntry } from '../records/entries/order';
import { counting } from '../schema/voiding';
import { standing, type Command } from './command';
import { onOrder } from './stands';

/** Holds what a person says of an order. */
export type Ordered = Pick<OrderEntry, 'line' | 'state' | 'date' | 'supplier' | 'partNumber'>;

/** Notes that a line of the order list was ordered, or came. */
export const noteOrder = (ordered: Ordered): Command =>
  standing(onOrder(ordered.line), (job, made) =>
    record(job, { ...made, kind: 'order', ...ordered } satisfies OrderEntry),
  );

/** Takes back what was noted last of a line; how it stood before counts again. */
export const undoOrder = (line: string): Command =>
  standing(onOrder(line), (job, { at, by }) => {
    const last = counting(ledgerOf(job).orders).findLast((o) => o.line === line);
    return last ? withVoided(job, [last.id], { at, by, why: 'undone' }) : job;
  });
