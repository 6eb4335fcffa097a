import { StyleSheet, View } from 'react-native';
import { orderList } from '@/core/inspect/order';
import type { Job } from '@/core/records/job';
import { usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';

/** What has to be bought for a job, and why. */
export function OrderList({ job }: { readonly job: Job }) {
  const palette = usePalette();
  return (
    <View>
      <Heading>Parts to order</Heading>
      {orderList(job).map(({ name, count, why }) => (
        <View key={`${name} ${why}`} style={[styles.row, { borderColor: palette.line }]}>
          <Words strong style={styles.count}>{`${count} ×`}</Words>
          <View style={styles.words}>
            <Words>{name}</Words>
            <Words size="note" tone="muted">
              {why}
            </Words>
          </View>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 10,
    borderBottomWidth: 1,
    paddingVertical: 6,
  },
  count: { width: 36 },
  words: { flex: 1, minWidth: 0 },
});
