import type { ReactNode } from 'react';
import type { ReversalOf } from '@/core/assembly/asked';
import type { Job } from '@/core/records/job';
import { NotLoaded, Opening } from '../shell/onDemand';
import { useReversal } from './useReversal';

interface Props {
  readonly job: Job;
  /** Returns what is shown once it is there; it is null for a job that was not given for reversing. */
  readonly children: (reversalOf: ReversalOf | null) => ReactNode;
}

/** What tells of the build of a job, once how a pump is reversed is loaded: a list without the works of that is a wrong one. */
export function WithReversal({ job, children }: Props) {
  const { of, isReady, error } = useReversal(job);
  if (error) return <NotLoaded />;
  return isReady ? children(of) : <Opening />;
}
