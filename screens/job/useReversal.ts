import { useQuery } from '@tanstack/react-query';
import type { ReversalOf } from '@/core/assembly/asked';
import type { Job } from '@/core/records/job';

/** What says how a pump is made to turn the other way, as far as it is there. */
export interface LoadedReversal {
  /** Is null for a job that was not given for it, and until it is loaded. */
  readonly of: ReversalOf | null;
  /** Nothing more is waited for. */
  readonly isReady: boolean;
  readonly error: Error | null;
}

/** Loads, with the sums of rotation, how a pump is made to turn the other way, for a job that was given for it. */
export function useReversal(job: Pick<Job, 'asked'> | null | undefined): LoadedReversal {
  const isAsked = job?.asked.work === 'reverse';
  const { data, error } = useQuery({
    queryKey: ['reversal'],
    queryFn: async () => ({ of: (await import('@/core/sums/rotation')).reversalOf }),
    enabled: isAsked,
    staleTime: Infinity,
  });
  const of = isAsked ? (data?.of ?? null) : null;
  return { of, isReady: !isAsked || of !== null, error };
}
