import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { standAfter } from '@/core/rework/decision/after';
import { planFlowWords } from '@/core/wording/flowPlan';
import { useShop } from '@/data/hooks';
import { RowButton } from '@/ui/RowButton';
import { Words } from '@/ui/Words';
import type { Deciding } from '../useDeciding';
import { useDuty, useFlowBasis, usePumpAfter } from './useFlow';

/** What the plan in hand makes of the flow at hot idle, in a line that leads to the page of it; and what that is worth knowing for. */
export function PlanFlow({ deciding }: { readonly deciding: Deciding }) {
  const { unit } = useShop();
  const router = useRouter();
  const { job, rework, plan, decided } = deciding;
  const basis = useFlowBasis(job);
  const after = usePumpAfter(basis, deciding);
  const idle = useDuty(basis, after, 'idle');
  if (!decided) return null;
  const { line, fact } = planFlowWords(
    {
      now_lpm: idle.flow?.delivered_lpm ?? null,
      idle: idle.band,
      // A plan without works leaves it as it is.
      after: after ? idle.afterBand : idle.band,
      demand_lpm: idle.demand_lpm,
      unmeasured: idle.unmeasured,
    },
    {
      isOut: rework.all.some(({ verdict }) => verdict === 'out'),
      after: plan && standAfter(rework, plan),
    },
    unit,
  );
  return (
    <View style={styles.box}>
      <RowButton
        name="Flow at hot idle"
        about={line}
        onPress={() => router.replace(`/job/${job.id}/flow`)}
      />
      {fact ? <Words strong>{fact}</Words> : null}
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: 4 } });
