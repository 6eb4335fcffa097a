import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { workWords } from '@/core/wording/reading';
import type { WorkEntry } from '@/core/records/entries/operation';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { usePalette } from '@/ui/theme';
import { timeWords } from '@/ui/when';
import { Words } from '@/ui/Words';
import { sayMeasure } from './sayMeasure';
import { layout } from '@/ui/layout';

interface Props {
  readonly operation: WorkEntry;
  readonly job: Job;
  readonly onStrike: () => void;
}

/** Work on a part, between what was read after it and what was read before. */
export function WorkRow({ operation, job, onStrike }: Props) {
  const { unit } = useShop();
  const palette = usePalette();
  const words = workWords(job.sheet, operation, unit);
  return (
    <View style={[styles.row, { borderColor: palette.ink }]}>
      <View style={layout.grow}>
        <Words strong>{words}</Words>
        <Words size="note" tone="muted">
          {[timeWords(operation.at), operation.by, 'readings below are from before it']
            .filter(Boolean)
            .join(' · ')}
        </Words>
      </View>
      <Button
        compact
        onPress={onStrike}
        accessibilityLabel={sayMeasure('measure.strikeOutWork', { work: words })}
      >
        Strike out
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 8,
    minHeight: 48,
    borderBottomWidth: 2,
    borderTopWidth: 2,
    paddingVertical: 6,
  },
});
