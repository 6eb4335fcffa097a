import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { stateOf } from '@/core/guidance/evaluator';
import type { Characteristic } from '@/core/pumps/family';
import type { Job } from '@/core/records/job';
import { filledBy, gapsFor, withPlan, type Filled } from '@/core/sums/job/fill';
import type { RoomSum } from '@/core/sums/list';
import type { Sum } from '@/core/sums/sum';
import { useShop } from '@/data/hooks';

/** The job that a sum is worked out for: what it fills in, and the gaps that can be asked about. */
export interface JobOf {
  readonly job: Job;
  readonly gaps: readonly Characteristic[];
  /** The gap that is asked about; null where the sum is about the pump. */
  readonly gap: Characteristic | null;
  readonly filled: Filled;
}

/** What of a job sums ask for is worked out by what its flow is worked out by: loaded with that. */
const knownQuery = {
  queryKey: ['sums', 'known'] as const,
  queryFn: async () => (await import('../job/after')).factsIn,
};

/**
 * Returns what a job fills in of a sum; undefined while that is on its way, null where there is no job.
 *
 * @param job null for none
 * @param asked the gap that the address names
 * @param plan what the stage that led here says beside it
 */
export function useJobOf(
  { isAbout }: RoomSum,
  sum: Sum,
  job: Job | null,
  asked: string | null,
  plan: string,
): JobOf | null | undefined {
  const shop = useShop();
  const { data: factsIn, error } = useQuery({ ...knownQuery, enabled: job !== null });
  return useMemo(() => {
    if (!job || error) return null;
    if (!factsIn) return undefined;
    const state = stateOf(job);
    const gaps = gapsFor(isAbout, state);
    const gap = gaps.find(({ id }) => id === asked) ?? gaps[0] ?? null;
    const filled = filledBy(sum, factsIn(job, state, shop, gap?.id ?? null));
    const fields = sum.page?.asks.map(({ at }) => at) ?? [];
    return { job, gaps, gap, filled: withPlan(filled, plan, fields) };
  }, [isAbout, sum, job, asked, plan, shop, factsIn, error]);
}
