import { withdrawDefect } from '@/core/commands/noting';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { decidedWords, seenWords, type Finding } from '@/core/records/entries/finding';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { DefectGlyph } from '@/ui/DefectGlyph';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { Photos } from '../job/Photos';
import { useCommand } from '../job/useCommand';
import { say } from '@/core/wording/say';
import { layout } from '@/ui/layout';

/** A defect that stands: what was seen, what was decided, its photos; voided where it was a mistake. */
export function FindingRow({ job, finding }: { readonly job: Job; readonly finding: Finding }) {
  const { unit } = useShop();
  const palette = usePalette();
  const { run } = useCommand(job);
  const strike = () => void run(withdrawDefect(finding.id));
  return (
    <View style={[styles.box, { borderColor: palette.line }]}>
      <View style={styles.row}>
        {finding.defect ? <DefectGlyph defect={finding.defect} width={48} /> : null}
        <View style={layout.grow}>
          <Words strong>{seenWords(finding, unit)}</Words>
          <Words size="note" tone="muted">
            {decidedWords(finding)}
          </Words>
        </View>
        <Button
          mode="text"
          accessibilityLabel={say('look.strikeOut', { finding: seenWords(finding, unit) })}
          onPress={strike}
        >
          Strike out
        </Button>
      </View>
      <Photos job={job} of={finding.id} />
    </View>
  );
}

const styles = StyleSheet.create({
  box: { borderBottomWidth: 1, paddingBottom: 8, gap: 6 },
  row: { flexDirection: 'row', gap: 10, alignItems: 'center' },
});
