import { useDeferredValue, useMemo } from 'react';
import { dutyFlow, pumpAfter } from '@/core/flow/overview';
import { flowWords } from '@/core/wording/flowFigures';
import { sayFlow } from '@/core/wording/sayFlow';
import { useShop } from '@/data/hooks';
import { Words } from '@/ui/Words';
import { useDragged } from '../dragged';
import type { Deciding } from '../useDeciding';
import { useFlowBasis } from './useFlow';

interface Props {
  readonly deciding: Deciding;
}

/** What is delivered at hot idle by the amounts in hand: it moves with the cut. */
export function DraggedFlow({ deciding: { job, rework } }: Props) {
  // The bars follow the hand; the flow follows the bars.
  const { amounts: inHand } = useDragged();
  const amounts = useDeferredValue(inHand);
  const { unit } = useShop();
  const basis = useFlowBasis(job);
  const flow = useMemo(() => {
    const works = [...amounts].map(([id, amount_mm]) => ({ id, amount_mm }));
    return dutyFlow(basis, 'idle', pumpAfter(basis, rework, works)).flow;
  }, [basis, rework, amounts]);
  if (!flow) return null;
  return (
    <Words>{sayFlow('flow.atIdle', { delivered: flowWords(flow.delivered_lpm, unit) })}</Words>
  );
}
