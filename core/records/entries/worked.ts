import { string } from 'yup';
import type { CharacteristicId } from '../../pumps/ids';
import { familyOf } from '../../pumps/registry';
import { idOf, note } from '../../schema/fields';
import { say } from '../../wording/say';
import { entryKind, entrySchema, type Standing } from './slice';

/** The longest address of a sum that is kept. */
export const LONGEST_ASKED = 4000;

/**
 * Records what a sum came to that was worked out for the job: its words, and what it was asked. It is no reading: nothing
 * is judged by it.
 */
export const worked = entryKind({
  kind: 'worked',
  schema: entrySchema('worked', {
    /** The sum, by its id. */
    sum: string()
      .required()
      .matches(/^[\w.]{1,64}$/, 'No name of a sum'),
    /** The gap that it is about; null where it is about the pump. */
    characteristic: idOf<CharacteristicId>().nullable().defined(),
    said: note().required('Say what it came to'),
    /** Says what there was to say of it besides; empty for nothing. */
    more: note().defined(),
    /** Holds what it was asked, as an address holds it. */
    asked: string().max(LONGEST_ASKED).defined(),
    /** The way that the pump turns from now on; null where that is not what was worked out. */
    turns: string().oneOf(['clockwise', 'anticlockwise']).nullable().defined(),
  }),
  is: { list: 'worked', tells: 'decided' },
  stray: ({ characteristic }, { characteristics }, { family }) =>
    characteristic === null || characteristics.some((c) => c.id === characteristic)
      ? null
      : ['.characteristic', say('records.noGap', { pump: familyOf(family).name })],
});

export type WorkedOut = Standing<typeof worked>;
