import { StyleSheet, View } from 'react-native';
import { orderList } from '@/core/inspect/order';
import type { Job } from '@/core/records/job';
import { Line } from '@/ui/Line';
import { Heading, Words } from '@/ui/Words';

/** What has to be bought for a job, and why. */
export function OrderList({ job }: { readonly job: Job }) {
  return (
    <View>
      <Heading>Parts to order</Heading>
      {orderList(job).map(({ name, count, why }) => (
        <Line key={`${name} ${why}`}>
          <Words strong style={styles.count}>{`${count} ×`}</Words>
          <View style={styles.words}>
            <Words>{name}</Words>
            <Words size="note" tone="muted">
              {why}
            </Words>
          </View>
        </Line>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  count: { width: 36 },
  words: { flex: 1, minWidth: 0 },
});
