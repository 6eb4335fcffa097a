import { string } from 'yup';
import { day, finite, identifier, note } from '../../schema/fields';
import { PROOF_ANSWERS } from '../testing';
import { entryKind, entrySchema, type Standing } from './slice';

/** Records what a check without a bench showed, that it is due on a day, or that the pump was not tested. */
export const proof = entryKind({
  kind: 'proof',
  schema: entrySchema('proof', {
    /** Names the check. */
    check: identifier(),
    answer: string().oneOf(PROOF_ANSWERS).required(),
    /** Gives what the gauge read, in bar, under the atmosphere below nought; null where nothing was read. */
    value_bar: finite().min(-1.1, 'Below a full vacuum').max(2000).nullable().defined(),
    /** The day on which it is done, where that is later. */
    due: day().nullable().defined(),
    remark: note().defined(),
  }),
  is: { list: 'proofs', tells: 'decided' },
});

export type ProofEntry = Standing<typeof proof>;
