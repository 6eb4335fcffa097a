import { string } from 'yup';
import { identifier } from '../../schema/fields';
import { entryKind, entrySchema, type Standing } from './slice';

/** Lists what may be said of a sign. */
export const TOLD_ANSWERS = ['yes', 'no'] as const;
export type ToldAnswer = (typeof TOLD_ANSWERS)[number];

/** Records what somebody said when he was asked: what is complained of, how it came on, what it did while it ran. */
export const told = entryKind({
  kind: 'told',
  schema: entrySchema('told', {
    /** Names a complaint or a sign. */
    of: identifier(),
    answer: string().oneOf(TOLD_ANSWERS).required(),
  }),
  // What somebody says moves no size: no sum is another because of it.
  is: { list: 'told', tells: 'decided' },
});

export type ToldEntry = Standing<typeof told>;
