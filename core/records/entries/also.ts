import { identifier, line } from '../../schema/fields';
import { entryKind, entrySchema, type Standing } from './slice';

/** The answer to a check of a part that is not measured. */
export const also = entryKind({
  kind: 'also',
  schema: entrySchema('also', { check: identifier(), answer: line().required() }),
  is: { list: 'also', tells: 'pump', undo: 'look' },
});

export type AuxiliaryAnswer = Standing<typeof also>;
