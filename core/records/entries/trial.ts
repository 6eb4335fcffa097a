import { string } from 'yup';
import { TRIALS } from '../../pumps/assembly/step';
import { identifier, line } from '../../schema/fields';
import { entryKind, entrySchema, type Standing } from './slice';

/** Records what one try showed after a pump was spun and did not turn freely, or what it was. */
export const trial = entryKind({
  kind: 'trial',
  schema: entrySchema('trial', {
    /** The answer to the spin, by the id of its entry. */
    spin: identifier(),
    trial: string().oneOf(TRIALS).required(),
    answer: line().required('Say what it showed'),
  }),
  is: { list: 'trials', tells: 'decided', undo: 'build' },
});

export type TrialEntry = Standing<typeof trial>;
