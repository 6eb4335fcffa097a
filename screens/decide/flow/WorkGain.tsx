import { useMemo } from 'react';
import { gainOf } from '@/core/flow/overview';
import type { WorkRow } from '@/core/rework/decision/workRows';
import { gainWords } from '@/core/wording/flow';
import { useShop } from '@/data/hooks';
import { Words } from '@/ui/Words';
import type { Deciding } from '../useDeciding';
import { useFlowBasis } from './useFlow';

interface Props {
  readonly deciding: Deciding;
  readonly row: WorkRow;
}

/** What a line of a plan buys in flow at hot idle: that of the whole plan, less that of the plan without it. */
export function WorkGain({ deciding, row }: Props) {
  const { unit } = useShop();
  const { job, rework, plan } = deciding;
  const basis = useFlowBasis(job);
  const gain = useMemo(
    () =>
      plan
        ? gainOf(
            basis,
            rework,
            plan.works,
            row.works.map(({ offer }) => offer.id),
          )
        : null,
    [basis, rework, plan, row],
  );
  const words = gainWords(gain, unit);
  return words ? (
    <Words size="note" tone="muted">
      {words}
    </Words>
  ) : null;
}
