import type { ReworkCase } from './case';
import { amountsOf, outAfter, spansAfter } from './solve';
import type { RatedPlan } from './rated';
import { isWithin } from '../effects/standing';

/**
 * Says how the checks of a pump stand after a plan: `rest` something is left that no work puts right, `unread` some were
 * never measured, `close` some stay too close to call, `again` new parts may leave some out, `come` all come in,
 * `stay` all were in and stay so, `none` there are none.
 */
export type StandAfter = 'rest' | 'unread' | 'close' | 'again' | 'come' | 'stay' | 'none';

/**
 * Returns how the checks of a pump stand after a plan is carried out.
 *
 * @param rework what plans for the pump are made from
 * @param plan that is carried out
 */
export function standAfter(
  { watched, unmet, unmeasured, unsized }: ReworkCase,
  plan: RatedPlan,
): StandAfter {
  if (unmet.length > 0) return 'rest';
  if (unmeasured.length > 0) return 'unread';
  if (plan.leaves.length > 0) return 'close';
  const amounts = amountsOf(plan);
  const after = spansAfter({ watched }, amounts);
  const sure = watched.every(({ assessment }) => {
    const then = after.get(assessment.characteristic.id);
    return assessment.verdict === 'in' || (then !== undefined && isWithin(then, assessment));
  });
  if (outAfter({ watched }, amounts).length > 0 || !sure) return 'again';
  if (watched.length === 0 && unsized.length === 0) return 'none';
  const wasIn = watched.every(({ assessment }) => assessment.verdict === 'in');
  return wasIn && unsized.length === 0 ? 'stay' : 'come';
}
