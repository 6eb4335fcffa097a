import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { orderList } from '@/core/inspect/order';
import { buildOrder, laidWrong, noteWords, wrongParts } from '@/core/inspect/stripping';
import { partName } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import { Notice } from '@/ui/Notice';
import { WayGlyph } from '@/ui/WayGlyph';
import { usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { say } from '@/core/wording/say';
import { useNextFocus } from '@/ui/focus';

/** The pump lies apart: what is amiss, what to order, and the notes in the order in which it goes back together. */
export function Apart({ job }: { readonly job: Job }) {
  const router = useRouter();
  const palette = usePalette();
  const next = useNextFocus('apart');
  const amiss = wrongParts(job);
  const back = buildOrder(job);
  return (
    <View ref={next} style={styles.panel}>
      <Heading size="instruction">Teardown done</Heading>
      {amiss.length > 0 ? (
        <Notice kind="caution">
          {say('strip.wrong', {
            parts: amiss
              .map(({ step, note }) =>
                [partName(job.sheet, step.part), note && noteWords(step, note)]
                  .filter(Boolean)
                  .join(', '),
              )
              .join(' · '),
          })}
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
        Go to Look
      </Button>
      <Heading>Parts to order</Heading>
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
      <Heading>Assembly order</Heading>
      {back.map(({ step, note }) => (
        <View key={step.id} style={[styles.row, { borderColor: palette.line }]}>
          <View style={styles.words}>
            <Words>
              <Words strong>{`${partName(job.sheet, step.part)}: `}</Words>
              {note ? noteWords(step, note) || 'no mark needed' : 'not recorded'}
            </Words>
            <Words size="note" tone="muted">
              {say('strip.removedBy', { step: step.do })}
            </Words>
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
