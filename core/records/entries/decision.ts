import { string } from 'yup';
import type { PartId } from '../../pumps/ids';
import { familyOf } from '../../pumps/registry';
import { idOf, note } from '../../schema/fields';
import { say } from '../../wording/say';
import { DECISIONS, WHOLE_PUMP } from '../rework';
import { entryKind, entrySchema, type Standing } from './slice';

/** Records what a person decided of a part, and what the app had proposed. */
export const decision = entryKind({
  kind: 'decision',
  schema: entrySchema('decision', {
    /** A part of the pump, or the whole of it. */
    part: idOf<PartId | typeof WHOLE_PUMP>(),
    proposed: string().oneOf(DECISIONS).required(),
    why: note().defined(),
    decided: string().oneOf(DECISIONS).required(),
    remark: note().defined(),
  }),
  is: { list: 'decisions', tells: 'decided' },
  stray: ({ part }, { parts }, { family }) =>
    part === WHOLE_PUMP || parts.some((p) => p.id === part)
      ? null
      : ['.part', say('records.noPart', { pump: familyOf(family).name })],
});

export type DecisionEntry = Standing<typeof decision>;
