import { useQuery } from '@tanstack/react-query';
import type { BuildStanding } from '@/core/assembly/open';
import type { Assessment } from '@/core/assessment/assessment';
import { isBuildBegun } from '@/core/guidance/stages';
import type { Job } from '@/core/records/job';
import { useReversal } from './useReversal';

/** How far the build of a job is; null where none is begun, and until what tells it is loaded. */
export function useBuilt(
  job: Job | null | undefined,
  all: readonly Assessment[],
): BuildStanding | null {
  const isBegun = job ? isBuildBegun(job) : false;
  const reversal = useReversal(isBegun ? job : null);
  const { data } = useQuery({
    queryKey: ['built'],
    queryFn: async () => ({ of: (await import('./after')).buildStanding }),
    enabled: isBegun,
    staleTime: Infinity,
  });
  return job && isBegun && data && reversal.isReady ? data.of(job, all, reversal.of) : null;
}
