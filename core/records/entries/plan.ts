import { array } from 'yup';
import type { OperationId } from '../../pumps/ids';
import { exact, idOf, identifier, millimetres, note, once } from '../../schema/fields';
import { days, minutes, money } from '../rework';
import { entryKind, entrySchema, type Standing } from './slice';

/** One step of a plan, as it stood when the plan was made the work list. */
const planStep = exact({
  id: identifier(),
  /** The kind of operation. */
  operation: idOf<OperationId>(),
  /** The operation on this pump, by its parts. */
  offer: identifier(),
  /** Is null where the operation has no amount. */
  amount_mm: millimetres().nullable().defined(),
  from_mm: millimetres().nullable().defined(),
  to_mm: millimetres().nullable().defined(),
  cost: money().required(),
  minutes: minutes().required(),
  days: days().required(),
});

/** Describes a plan that somebody made the work list: it takes the place of the one before. */
export const plan = entryKind({
  kind: 'plan',
  schema: entrySchema('plan', {
    steps: once(
      array(planStep).required().max(60, 'At most 60 steps'),
      'A step is there twice',
      ({ id }) => id,
    ),
    remark: note().defined(),
  }),
  is: { list: 'plans', tells: 'decided' },
});

export type Plan = Standing<typeof plan>;
export type PlanStep = Plan['steps'][number];
