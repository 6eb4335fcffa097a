import { mean } from 'd3-array';
import { lazy } from 'react';
import { View } from 'react-native';
import { formatWithUnit } from '@/core/quantity/format';
import { MM_PER } from '@/core/quantity/units';
import type { Study } from '@/core/records/study';
import { useShop } from '@/data/hooks';
import { usePalette } from '@/ui/theme';
import { useWidth } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { sayShop } from './sayShop';

const LinesChart = lazy(() => import('@/ui/LinesChart'));

/** How far each person's mean lies from the part's own, part by part. */
export function StudyChart({ study }: { readonly study: Study }) {
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
  const lines = study.people.map((person, i) => ({
    values: study.parts.map((part) => (meanOf(part, person) - meanOf(part)) / per),
    color: tones[i % tones.length] ?? palette.ink,
  }));
  const off = (person: string) => {
    const most = Math.max(...study.parts.map((p) => Math.abs(meanOf(p, person) - meanOf(p))));
    return sayShop('shop.personOff', { person, off: formatWithUnit(most, 'gap', unit) });
  };
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={sayShop('shop.chart', { people: study.people.map(off).join(', ') })}
    >
      <LinesChart
        labels={study.parts}
        lines={lines}
        legend={study.people}
        width={width}
        height={240}
        suffix={unit === 'mm' ? ' µm' : ' thou'}
        decimals={unit === 'mm' ? 1 : 2}
        dots
      />
      <Words size="note" tone="muted">
        Across: the parts. Up: how far each person reads from the part’s mean.
      </Words>
    </View>
  );
}
