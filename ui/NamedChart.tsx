import { lazy, Suspense, type ComponentProps } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ChartLine } from './LinesChart';
import { Words } from './Words';
import { layout } from './layout';

const LinesChart = lazy(() => import('./LinesChart'));

/** A line of a chart with its name. */
interface NamedLine extends ChartLine {
  readonly name: string;
}

interface Props extends Omit<ComponentProps<typeof LinesChart>, 'lines' | 'legend'> {
  readonly lines: readonly NamedLine[];
  /** Says the chart to a screen reader. */
  readonly described: string;
}

/** A chart that is loaded when it is first shown; beneath it its lines by name, where there are several. */
export const NamedChart = ({ lines, described, ...chart }: Props) => (
  <View>
    <View role="img" aria-label={described}>
      <Suspense fallback={<View style={{ height: chart.height }} />}>
        <LinesChart lines={lines} {...chart} />
      </Suspense>
    </View>
    {lines.length > 1 ? <Key lines={lines} /> : null}
  </View>
);

const Key = ({ lines }: Pick<Props, 'lines'>) => (
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
