import type { ReactNode } from 'react';
import type { CharacteristicId } from '@/core/pumps/ids';
import type { Job } from '@/core/records/job';
import { wantedGapWords } from '@/core/wording/flowPlan';
import { useShop } from '@/data/hooks';
import { Words } from '@/ui/Words';
import { useGapsAtDemand } from './useFlow';

export interface DemandBarProps {
  readonly job: Job;
  readonly id: CharacteristicId;
  /** Draws the bar, marked at a gap in mm; null for no mark. */
  readonly bar: (wanted_mm: number | null) => ReactNode;
}

/** The bar of a gap without a limit, marked where its circuits would want for flow, and what that mark is. */
export function BarAtDemand({ job, id, bar }: DemandBarProps) {
  const { unit } = useShop();
  const wanted_mm = useGapsAtDemand(job)(id);
  return (
    <>
      {bar(wanted_mm)}
      {wanted_mm === null ? null : <Words size="note">{wantedGapWords(wanted_mm, unit)}</Words>}
    </>
  );
}
