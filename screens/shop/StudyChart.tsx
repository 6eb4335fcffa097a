import { mean } from 'd3-array';
import { View } from 'react-native';
import { LineChart } from 'react-native-chart-kit';
import { formatWithUnit } from '@/core/quantity/format';
import { MM_PER } from '@/core/quantity/units';
import type { Study } from '@/core/records/study';
import { useShop } from '@/data/hooks';
import { FONT, usePalette } from '@/ui/theme';
import { useWidth } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { say } from '@/core/wording/say';

/** How far each person's mean lies from the part's own, part by part. */
export default function StudyChart({ study }: { readonly study: Study }) {
  const { unit } = useShop();
  const palette = usePalette();
  const [width, onLayout] = useWidth(340);
  const tones = [palette.blue, palette.brass, palette.in, palette.out, palette.ink, palette.muted];
  const meanOf = (part: string, person?: string) =>
    mean(
      study.readings.filter((r) => r.part === part && (!person || r.person === person)),
      (r) => r.value_mm,
    ) ?? 0;
  const per = MM_PER[unit === 'mm' ? 'um' : 'thou'];
  const datasets = study.people.map((person, i) => ({
    data: study.parts.map((part) => (meanOf(part, person) - meanOf(part)) / per),
    color: () => tones[i % tones.length] ?? palette.ink,
    strokeWidth: 2,
  }));
  const off = (person: string) => {
    const most = Math.max(...study.parts.map((p) => Math.abs(meanOf(p, person) - meanOf(p))));
    return say('shop.personOff', { person, off: formatWithUnit(most, 'gap', unit) });
  };
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={say('shop.chart', { people: study.people.map(off).join(', ') })}
    >
      <LineChart
        data={{ labels: study.parts, datasets, legend: study.people }}
        width={width}
        height={240}
        yAxisSuffix={unit === 'mm' ? ' µm' : ' thou'}
        fromZero={false}
        chartConfig={{
          backgroundGradientFrom: palette.paper,
          backgroundGradientTo: palette.paper,
          decimalPlaces: unit === 'mm' ? 1 : 2,
          color: () => palette.line,
          labelColor: () => palette.ink,
          propsForLabels: { fontFamily: FONT, fontSize: 13 },
          propsForBackgroundLines: { stroke: palette.line },
        }}
      />
      <Words size="note" tone="muted">
        Across: the parts. Up: how far each person reads from the part’s mean.
      </Words>
    </View>
  );
}
