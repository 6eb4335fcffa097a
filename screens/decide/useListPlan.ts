import { reasonOf } from '@/core/errors';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { reworkCase, type Setting } from '@/core/rework/decision/case';
import type { Assessment } from '@/core/assessment/assessment';
import { unseenBy } from '@/core/rework/decision/decide';
import { plannedOperations, type PlannedOperation } from '@/core/rework/decision/lines';
import type { Offer } from '@/core/rework/operations/offer';
import type { WorkList } from '@/core/rework/decision/worklist';
import { evaluator } from '@/data/evaluator';
import type { Deciding } from './useDeciding';
import { usePlanner } from './usePlanner';

/** What is left of a work list, worked out from what was measured and done so far. */
export interface ListPlan {
  readonly planned: readonly PlannedOperation[];
  /** Lists what has to be measured before an offer is carried out, which would narrow it unseen. */
  readonly unseenBy: (offer: Offer) => readonly Assessment[];
  readonly busy: boolean;
  /** Says why it could not be worked out; null where it was, or is. */
  readonly error: string | null;
  readonly again: () => void;
}

/** Works the amounts of a work list out again, as each of its steps is done and whatever was measured since. */
export function useListPlan({ job, shop, rework }: Deciding, { steps }: WorkList): ListPlan {
  const planner = usePlanner();
  const left = useMemo(
    () => steps.flatMap(({ step, done }) => (done.length === 0 ? [step.offer] : [])),
    [steps],
  );
  const shelf = useMemo(() => rework.offers.flatMap(({ piece }) => piece ?? []), [rework]);
  const options = useMemo(() => ({ shelf, predicted: true }), [shelf]);
  const settings = useMemo(
    () =>
      new Map(
        rework.offers.map(({ id }): [string, Setting] => [id, left.includes(id) ? 'on' : 'off']),
      ),
    [rework, left],
  );
  const { data, error, isFetching, refetch } = useQuery({
    queryKey: ['list-plan', job.id, job.revision, job.journal.length, shop.revision, left],
    queryFn: ({ signal }) => planner.plan(job, shop, settings, options, signal),
    enabled: left.length > 0,
    staleTime: Infinity,
    retry: false,
  });
  const standing = useMemo(
    () => reworkCase(job, evaluator.state(job), shop, options),
    [job, shop, options],
  );
  const planned = useMemo(() => {
    const [plan] = data?.plans ?? [];
    return plan ? plannedOperations(standing, plan) : [];
  }, [data, standing]);
  return {
    planned,
    unseenBy: (offer) => unseenBy(standing, [{ offer }]),
    busy: isFetching,
    error: error && !isFetching ? reasonOf(error) : null,
    again: () => void refetch(),
  };
}
