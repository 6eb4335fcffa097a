import { useMemo } from 'react';
import { View } from 'react-native';
import { dutyFlow, torque_Nm, type DutyFlow } from '@/core/flow/overview';
import { widerPump } from '@/core/flow/wider';
import type { Job } from '@/core/records/job';
import { dutyChangeWords, widerWords } from '@/core/wording/flowPlan';
import { useShop } from '@/data/hooks';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useFlowBasis } from './useFlow';

interface Props {
  readonly job: Job;
  /** How much wider, in mm. */
  readonly over_mm: number;
}

/** What another width buys: displacement, flow at both states against before and what is wanted, torque, the inlet; and what changes with it. */
export function WiderFlow({ job, over_mm }: Props) {
  const { unit } = useShop();
  const basis = useFlowBasis(job);
  const wide = useMemo(() => widerPump(basis.subject, over_mm), [basis, over_mm]);
  const before = basis.subject.displacement.cc_rev;
  const after = wide.displacement.cc_rev;
  if (before === null || after === null) return null;
  const duties = (['idle', 'work'] as const).map((duty) => ({
    duty,
    now: dutyFlow(basis, duty),
    then: dutyFlow(basis, duty, wide),
  }));
  const pressure = Math.max(...duties.map(({ now }) => now.at.pressure_bar));
  const flowOf = ({ flow }: DutyFlow) => flow?.delivered_lpm ?? 0;
  return (
    <View style={layout.stack}>
      {duties.map(({ duty, now, then }) => (
        <Words key={duty}>
          {dutyChangeWords(duty, flowOf(now), flowOf(then), now.demand_lpm, unit)}
        </Words>
      ))}
      <Words>
        {widerWords(
          { before, after },
          { before: torque_Nm(before, pressure), after: torque_Nm(after, pressure) },
          pressure,
          unit,
        )}
      </Words>
    </View>
  );
}
