import { StyleSheet, View } from 'react-native';
import type { ChartLine } from './LinesChart';
import { Words } from './Words';
import { layout } from './layout';

/** A line of a chart with its name. */
export interface NamedLine extends ChartLine {
  readonly name: string;
}

/** Names the lines of a chart beneath it. */
export const ChartKey = ({ lines }: { readonly lines: readonly NamedLine[] }) => (
  <View style={layout.wrap}>
    {lines.map(({ name, color, dashed }) => (
      <View key={name} style={styles.key}>
        <View style={[styles.swatch, dashed ? styles.dashed : null, { borderColor: color }]} />
        <Words size="note">{name}</Words>
      </View>
    ))}
  </View>
);

const styles = StyleSheet.create({
  key: { flexDirection: 'row', alignItems: 'center', gap: 6 },
  swatch: { width: 22, borderTopWidth: 3 },
  dashed: { borderStyle: 'dashed' },
});
