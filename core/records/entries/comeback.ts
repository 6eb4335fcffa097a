import { day, finite, line, note } from '../../schema/fields';
import { entryKind, entrySchema, type Standing } from './slice';

/** Records that a pump came back after it had gone out, what was complained of, and what it was in the end. The last that counts holds. */
export const comeback = entryKind({
  kind: 'comeback',
  schema: entrySchema('comeback', {
    /** Gives the day on which it came back. */
    date: day().required(),
    /** Counts as the machine does, in the unit of the tag; null where nobody said. */
    used: finite().min(0, 'Not below zero').max(1e8, 'Over a hundred million').nullable().defined(),
    complaint: note().defined(),
    /** Names the cause among those that the app knows; empty for none of them. */
    cause: line().defined(),
    /** Says what it was in the end; empty while nobody knows. */
    words: note().defined(),
    /** Names the job of the second visit; empty where the pump was not taken in again. */
    visit: line().defined(),
  }),
  is: { list: 'comebacks', tells: 'decided' },
});

export type ComebackEntry = Standing<typeof comeback>;
