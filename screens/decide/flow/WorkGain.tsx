import { useMemo } from 'react';
import { gainOf, type FlowBasis } from '@/core/flow/overview';
import type { WorkRow } from '@/core/rework/decision/workRows';
import { gainWords } from '@/core/wording/flowPlan';
import { useShop } from '@/data/hooks';
import { Words } from '@/ui/Words';
import type { Deciding } from '../useDeciding';

interface Props {
  readonly basis: FlowBasis;
  readonly deciding: Deciding;
  readonly row: WorkRow;
}

/** What a line of a plan buys in flow at hot idle: that of the whole plan, less that of the plan without it. */
export function WorkGain({ basis, deciding, row }: Props) {
  const { unit } = useShop();
  const { rework, plan } = deciding;
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
