import { StyleSheet, View } from 'react-native';
import type { Assessment } from '@/core/assessment/assessment';
import type { Extremes } from '@/core/metrology/extremes';
import type { Verdict } from '@/core/metrology/verdict';
import type { ShopUnit } from '@/core/quantity/units';
import { GapBar } from '@/ui/GapBar';
import { PinRing } from '@/ui/PinRing';
import { Words } from '@/ui/Words';

interface Props {
  readonly assessment: Assessment;
  readonly verdict: Verdict;
  readonly words: string;
  readonly known: Extremes | null;
  /** What it was before work on it; null where no work is shown. */
  readonly before: Extremes | null;
  readonly unit: ShopUnit;
}

/** A gap by its name, how it stands in a word and a shape, and its bar. */
export function GapRow({ assessment, verdict, words, known, before, unit }: Props) {
  const { characteristic: c, limits, heatShift_mm } = assessment;
  return (
    <View>
      <View style={styles.name}>
        <Words strong>{c.name}</Words>
        <PinRing verdict={verdict} size={20} />
        <Words size="note" tone="muted">
          {words}
        </Words>
      </View>
      <GapBar
        {...{ limits, known, before, heatShift_mm, unit }}
        preferred={limits?.preferred ?? null}
        kind={c.quantity}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  name: { flexDirection: 'row', alignItems: 'center', gap: 6, flexWrap: 'wrap' },
});
