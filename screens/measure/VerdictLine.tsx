import type { Assessment } from '@/core/assessment/assessment';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { acceptedIn } from '@/core/journal/accepted';
import { acceptedWords } from '@/core/wording/accepted';
import { paragraph } from '@/core/wording/say';
import { PinRing, VERDICT_TONE } from '@/ui/PinRing';
import { Words } from '@/ui/Words';
import { hotOf, reasonOf, wordOf } from './verdictWords';

/** The verdict in words with its reason: mark, word, why, and the hot gap. */
export function VerdictLine({ shown, job }: { readonly shown: Assessment; readonly job: Job }) {
  const { unit } = useShop();
  const hot = hotOf(shown, unit);
  const acceptance = shown.limits ? undefined : acceptedIn(job).get(shown.characteristic.id);
  return (
    <View style={styles.line}>
      <PinRing verdict={shown.verdict} size={26} />
      <Words style={styles.text}>
        <Words strong tone={VERDICT_TONE[shown.verdict]}>
          {wordOf(shown, acceptance !== undefined)}.{' '}
        </Words>
        {paragraph(reasonOf(shown, job, unit), acceptance ? acceptedWords(acceptance) : '')}
        {hot ? <Words tone="muted"> {hot}</Words> : null}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: 8, alignItems: 'flex-start', minHeight: 40 },
  text: { flex: 1, minWidth: 0 },
});
