import { dequal } from 'dequal';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Assessment } from '@/core/assessment/assessment';
import type { Extremes } from '@/core/metrology/extremes';
import type { Verdict } from '@/core/metrology/verdict';
import { unitName } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import { sayDecide } from './sayDecide';
import { rangeText } from '@/core/wording/figures';
import { GapBar } from '@/ui/GapBar';
import { PinRing } from '@/ui/PinRing';
import { useRoom } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

interface Props {
  readonly assessment: Assessment;
  readonly verdict: Verdict;
  readonly words: string;
  /** Said in place of where it lies and how it stands. */
  readonly note?: string;
  readonly known: Extremes | null;
  /** What it was before work on it; null where no work is shown. */
  readonly before: Extremes | null;
  readonly unit: ShopUnit;
}

/**
 * A gap in a line: its name, how it stands in figures, a word and a mark; hollow as it was, full as it will be. While an
 * amount is dragged only those are drawn again that it moves.
 */
export const GapLine = memo(function GapLine(props: Props) {
  const { assessment, verdict, words, note, known, before, unit } = props;
  const { tiny } = useRoom();
  const { characteristic: c, limits, heatShift_mm } = assessment;
  const range = known && rangeText(known, unit, c.quantity);
  const measure = unitName(c.quantity, unit);
  const stands =
    range === null ? words : sayDecide('rework.gapStands', { range, unit: measure, words });
  return (
    <View style={styles.line}>
      <View style={layout.grow}>
        <Words size="note" strong>
          {c.name}
        </Words>
        <Words size="note" tone="muted">
          {note ?? stands}
        </Words>
      </View>
      {tiny ? null : (
        <View style={styles.bar}>
          <GapBar
            slim
            limits={limits}
            known={known}
            before={before}
            heatShift_mm={heatShift_mm}
            unit={unit}
            of={{ name: c.name, stands: words }}
            preferred={limits?.preferred ?? null}
            kind={c.quantity}
          />
        </View>
      )}
      <PinRing verdict={verdict} size={20} />
    </View>
  );
}, dequal);

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: 8, minHeight: 36 },
  bar: { width: '40%', maxWidth: 320 },
});
