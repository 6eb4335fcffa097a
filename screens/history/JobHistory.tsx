import { useLocalSearchParams, useRouter } from 'expo-router';
import { ScrollView, StyleSheet } from 'react-native';
import { askedOfJob } from '@/core/history/ask';
import { characteristicId } from '@/core/pumps/ids';
import { pumpOf } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import { evaluator } from '@/data/evaluator';
import { useShop } from '@/data/hooks';
import { Pick } from '@/ui/Pick';
import { layout } from '@/ui/layout';
import { CharacteristicHistory } from './CharacteristicHistory';

/** What the shop's own pumps say about a characteristic of this one. */
export function JobHistory({ job }: { readonly job: Job }) {
  const { of } = useLocalSearchParams<{ of?: string }>();
  const router = useRouter();
  const { unit } = useShop();
  const { characteristics } = pumpOf(job.sheet);
  const c =
    characteristics.find(({ id }) => id === characteristicId(of ?? '')) ?? characteristics[0];
  if (!c) return null;
  const asked = askedOfJob(job, c, evaluator);
  return (
    <ScrollView style={layout.fill} contentContainerStyle={styles.page}>
      <Pick
        label="Which check"
        value={c.id}
        options={characteristics.map(({ id, name }) => ({ value: id, name }))}
        onChange={(id) => router.setParams({ of: id })}
      />
      <CharacteristicHistory
        key={c.id}
        asked={asked}
        told={{ name: c.name, kind: c.quantity, unit }}
        used={job.used}
      />
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, paddingBottom: 32, gap: 14, width: '100%', maxWidth: 1160 },
});
