import { View } from 'react-native';
import { pastWords } from '@/core/wording/worked';
import { shownExtremes } from '@/core/wording/verdict';
import { GapBar } from '@/ui/GapBar';
import { Heading, Words } from '@/ui/Words';
import type { Deciding } from './useDeciding';

/** What the work changed: before, as it should be, and as it was measured again. */
export function Carried({ deciding }: { readonly deciding: Deciding }) {
  const { rework, shop } = deciding;
  const worked = rework.all.filter(
    (a) => a.work.length > 0 && a.before !== null && a.limits !== null,
  );
  if (worked.length === 0) return null;
  return (
    <View style={{ gap: 6 }}>
      <Heading>Before and after</Heading>
      {worked.map((a) => {
        const { id, name, quantity } = a.characteristic;
        const now = shownExtremes(a);
        return (
          <View key={id}>
            <Words strong>{name}</Words>
            <GapBar
              limits={a.limits}
              known={now ?? a.predicted}
              before={a.before}
              heatShift_mm={a.heatShift_mm}
              unit={shop.unit}
              kind={quantity}
            />
            <Words size="note" tone="muted">
              {pastWords(a, shop.unit)}
            </Words>
          </View>
        );
      })}
    </View>
  );
}
