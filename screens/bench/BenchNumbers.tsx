import { StyleSheet, View } from 'react-native';
import { glanceAt } from '@/core/history/glance';
import { dayText } from '@/core/schema/moments';
import { say } from '@/core/wording/say';
import type { JobSummary } from '@/data/jobSummary';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';

/** The bench at a glance, where there is room: how much is in work, what waits for what, how long it takes. */
export function BenchNumbers({ jobs }: { readonly jobs: readonly JobSummary[] }) {
  const palette = usePalette();
  const { inWork, overdue, forParts, forCustomer, days } = glanceAt(jobs, dayText(new Date()));
  const told: readonly (readonly [string, string])[] = [
    [String(inWork), 'in work'],
    [String(overdue), 'overdue'],
    [String(forParts), 'wait for parts'],
    [String(forCustomer), 'wait for customer'],
    ...(days === null ? [] : [[String(days), say('bench.turnRound', { n: days })] as const]),
  ];
  return (
    <View role="list" style={styles.line}>
      {told.map(([figure, name]) => (
        <View key={name} role="listitem" style={[styles.one, { borderColor: palette.line }]}>
          <Words size="strong" strong>
            {figure}
          </Words>
          <Words size="note" tone="muted">
            {name}
          </Words>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  one: { borderLeftWidth: 2, paddingLeft: 8 },
});
