import { array, string } from 'yup';
import { exact, identifier, line, note } from '../../schema/fields';
import { entryKind, entrySchema, type Standing } from './slice';

/** Says what a person made of a cause: the check proved it, the check ruled it out, or it is his own word without a check. */
export const CAUSE_ANSWERS = ['proven', 'ruled-out', 'taken'] as const;
export type CauseAnswer = (typeof CAUSE_ANSWERS)[number];

/** Says when something that must change too is done: before the pump goes together, or on the machine before it starts. */
export const CHANGE_WHEN = ['build', 'machine'] as const;
export type ChangeWhen = (typeof CHANGE_WHEN)[number];

/** Describes something that must change too, as it was said then. */
const change = exact({
  words: line().required('Say what has to change'),
  when: string().oneOf(CHANGE_WHEN).required(),
  /** Names what is bought new for it. */
  replaces: array(identifier()).required(),
});

/** Records what a person says of why a pump failed, beside what the rules say; empty `cause` where it is in his own words only. */
export const cause = entryKind({
  kind: 'cause',
  schema: entrySchema('cause', {
    cause: line().defined(),
    answer: string().oneOf(CAUSE_ANSWERS).required(),
    /** Names it as the screen did, or as the person says it. */
    words: note().required('Say why it failed'),
    change: array(change).required().max(12),
  }),
  is: { list: 'causes', tells: 'decided' },
});

export type CauseEntry = Standing<typeof cause>;
