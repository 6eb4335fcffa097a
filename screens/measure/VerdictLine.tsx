import type { Assessment } from '@/core/assessment/assessment';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { PinRing, VERDICT_TONE } from '@/ui/PinRing';
import { Words } from '@/ui/Words';
import { hotOf, reasonOf, wordOf } from './verdictWords';

/** The verdict in words with its reason: mark, word, why, and the hot gap. */
export function VerdictLine({ shown, job }: { readonly shown: Assessment; readonly job: Job }) {
  const { unit } = useShop();
  const hot = hotOf(shown, unit);
  return (
    <View style={styles.line}>
      <PinRing verdict={shown.verdict} size={26} />
      <Words style={styles.text}>
        <Words strong tone={VERDICT_TONE[shown.verdict]}>
          {wordOf(shown)}.{' '}
        </Words>
        {reasonOf(shown, job, unit)}
        {hot ? <Words tone="muted"> {hot}</Words> : null}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: 8, alignItems: 'flex-start', minHeight: 40 },
  text: { flex: 1, minWidth: 0 },
});
