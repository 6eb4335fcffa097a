import { useQuery } from '@tanstack/react-query';
import type { BuildStanding } from '@/core/assembly/open';
import type { Assessment } from '@/core/assessment/assessment';
import { isBuildBegun } from '@/core/guidance/stages';
import type { Job } from '@/core/records/job';

/** Loads what tells how far a build is, and how a pump is reversed for one that was given for that. */
async function loadBuilt(reverses: boolean) {
  const [{ buildStanding }, rotation] = await Promise.all([
    import('./after'),
    reverses ? import('@/core/sums/rotation') : null,
  ]);
  return (job: Job, all: readonly Assessment[]) =>
    buildStanding(job, all, rotation?.reversalOf ?? null);
}

/** How far the build of a job is; null where none is begun, and until what tells it is loaded. */
export function useBuilt(
  job: Job | null | undefined,
  all: readonly Assessment[],
): BuildStanding | null {
  const reverses = job?.asked.work === 'reverse';
  const { data } = useQuery({
    queryKey: ['built', reverses],
    queryFn: async () => ({ of: await loadBuilt(reverses) }),
    enabled: job ? isBuildBegun(job) : false,
    staleTime: Infinity,
  });
  return job && data && isBuildBegun(job) ? data.of(job, all) : null;
}
