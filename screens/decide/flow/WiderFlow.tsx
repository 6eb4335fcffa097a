import { useMemo } from 'react';
import { widerPump } from '@/core/flow/wider';
import type { Job } from '@/core/records/job';
import { SizedFlow } from './SizedFlow';
import { useFlowBasis } from './useFlow';

interface Props {
  readonly job: Job;
  /** How much wider, in mm. */
  readonly over_mm: number;
}

/** What another width of gears buys. */
export function WiderFlow({ job, over_mm }: Props) {
  const basis = useFlowBasis(job);
  const wide = useMemo(() => widerPump(basis.subject, over_mm), [basis, over_mm]);
  return <SizedFlow basis={basis} other={wide} also="flow.widerAlso" />;
}
