import type { ReactNode } from 'react';
import { View } from 'react-native';
import { dutyFlow, torque_Nm, type DutyFlow, type FlowBasis } from '@/core/flow/overview';
import { dutyChangeWords, sizeWords } from '@/core/wording/flowPlan';
import { useShop } from '@/data/hooks';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

interface Props {
  readonly basis: FlowBasis;
  /** The same for the other pump. */
  readonly other: FlowBasis;
  /** What has to be looked at with it. */
  readonly also: 'flow.widerAlso' | 'flow.otherAlso';
  /** Shown where nobody can say what the pump moves. */
  readonly otherwise?: ReactNode;
}

/** What another size of pump buys: displacement, flow at both states against before and what is wanted, torque, the inlet; and what changes with it. */
export function SizedFlow({ basis, other, also, otherwise = null }: Props) {
  const { unit } = useShop();
  const before = basis.subject.displacement.cc_rev;
  const after = other.subject.displacement.cc_rev;
  if (before === null || after === null) return otherwise;
  const duties = (['idle', 'work'] as const).map((duty) => ({
    duty,
    now: dutyFlow(basis, duty),
    then: dutyFlow(other, duty),
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
        {sizeWords(
          { before, after },
          { before: torque_Nm(before, pressure), after: torque_Nm(after, pressure) },
          pressure,
          also,
          unit,
        )}
      </Words>
    </View>
  );
}
