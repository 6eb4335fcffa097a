import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { orderList } from '@/core/inspect/order';
import { buildOrder, laidWrong, noteWords, wrongParts } from '@/core/inspect/stripping';
import { partName } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import { Notice } from '@/ui/Notice';
import { WayGlyph } from '@/ui/WayGlyph';
import { usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';

/** The pump lies apart: what is amiss, what to order, and the notes in the order in which it goes back together. */
export function Apart({ job }: { readonly job: Job }) {
  const router = useRouter();
  const palette = usePalette();
  const amiss = wrongParts(job);
  const back = buildOrder(job);
  return (
    <View style={styles.panel}>
      <Heading size="instruction">It lies apart</Heading>
      {amiss.length > 0 ? (
        <Notice kind="caution">
          {`Not as it ought to be: ${amiss.map(({ step, note }) => `${step.do} ${note ? noteWords(step, note) : ''}`).join(' · ')}`}
        </Notice>
      ) : null}
      {laidWrong(job).map(({ step, words, harm }) => (
        <Notice key={step.id} kind={harm ? 'error' : 'caution'}>
          {`${partName(job.sheet, step.part)}: ${words}.`}
        </Notice>
      ))}
      <Button
        mode="contained"
        contentStyle={styles.large}
        onPress={() => router.replace(`/job/${job.id}/look`)}
      >
        To looking
      </Button>
      <Heading>To order</Heading>
      {orderList(job).map(({ name, count, why }) => (
        <View key={`${name} ${why}`} style={[styles.row, { borderColor: palette.line }]}>
          <Words strong style={styles.count}>{`${count} ×`}</Words>
          <View style={styles.words}>
            <Words>{name}</Words>
            <Words size="note" tone="muted">
              {why}
            </Words>
          </View>
        </View>
      ))}
      <Heading>How it goes back together</Heading>
      {back.map(({ step, note }) => (
        <View key={step.id} style={[styles.row, { borderColor: palette.line }]}>
          <View style={styles.words}>
            <Words>
              <Words strong>{`${partName(job.sheet, step.part)}: `}</Words>
              {note ? noteWords(step, note) || 'nothing to note' : 'not noted'}
            </Words>
            <Words size="note" tone="muted">{`came out by: ${step.do}`}</Words>
          </View>
          {note?.way ? <WayGlyph way={step.way} option={note.way} width={56} /> : null}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 10 },
  large: { minHeight: 64 },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 10,
    borderBottomWidth: 1,
    paddingVertical: 6,
  },
  count: { width: 36 },
  words: { flex: 1, minWidth: 0 },
});
