import { string } from 'yup';
import { identifier, line, note } from '../../schema/fields';
import { entryKind, entrySchema, type Standing } from './slice';

/** Says how a part lay before it came out, and whether it was there at all. */
export const strip = entryKind({
  kind: 'strip',
  schema: entrySchema('strip', {
    step: identifier(),
    way: line().defined(),
    state: string().oneOf(['there', 'missing', 'wrong']).required(),
    remark: note().defined(),
  }),
  is: { list: 'strip', tells: 'pump' },
});

export type StripNote = Standing<typeof strip>;
