import { useMemo, type ReactNode } from 'react';
import { widerPump } from '@/core/flow/wider';
import type { Job } from '@/core/records/job';
import { SizedFlow } from './SizedFlow';
import { useFlowBasis } from './useFlow';

interface Props {
  readonly job: Job;
  /** How much wider, in mm. */
  readonly over_mm: number;
  /** Shown where nobody can say what the pump moves. */
  readonly otherwise: ReactNode;
}

/** What another width of gears buys. */
export function WiderFlow({ job, over_mm, otherwise }: Props) {
  const basis = useFlowBasis(job);
  const wide = useMemo(
    () => ({ ...basis, subject: widerPump(basis.subject, over_mm) }),
    [basis, over_mm],
  );
  return <SizedFlow basis={basis} other={wide} also="flow.widerAlso" otherwise={otherwise} />;
}
