import type { Assessment } from '@/core/assessment/assessment';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { acceptedIn } from '@/core/journal/accepted';
import { acceptedWords } from '@/core/records/entries/accept';
import { paragraph } from '@/core/wording/say';
import { Dotted, Explained } from '@/ui/Explained';
import { PinRing, VERDICT_TONE } from '@/ui/PinRing';
import { Words } from '@/ui/Words';
import { hotOf, reasonOf, wordOf } from './verdictWords';
import type { ShopUnit } from '@/core/quantity/units';
import { GapBar } from '@/ui/GapBar';
import { shownExtremes } from '@/core/wording/figures';
import { layout } from '@/ui/layout';

/** The gap bar of a characteristic. */
export function ShownBar({ shown, unit }: { readonly shown: Assessment; readonly unit: ShopUnit }) {
  const { limits, heatShift_mm, characteristic } = shown;
  return (
    <GapBar
      limits={limits}
      preferred={limits?.preferred ?? null}
      known={shownExtremes(shown)}
      before={shown.before}
      heatShift_mm={heatShift_mm}
      unit={unit}
      kind={characteristic.quantity}
    />
  );
}

interface Props {
  readonly shown: Assessment;
  readonly job: Job;
  /** Its words of the trade explain themselves: where there is room to touch them. */
  readonly explained?: boolean;
}

/** The verdict in words with its reason: mark, word, why, and the hot gap. */
export function VerdictLine({ shown, job, explained = false }: Props) {
  const { unit } = useShop();
  const hot = hotOf(shown, unit);
  const acceptance = shown.limits ? undefined : acceptedIn(job).get(shown.characteristic.id);
  const why = paragraph(reasonOf(shown, job, unit), acceptance ? acceptedWords(acceptance) : '');
  const line = (
    <View style={styles.line}>
      <PinRing verdict={shown.verdict} size={26} />
      <Words style={layout.grow}>
        <Words strong tone={VERDICT_TONE[shown.verdict]}>
          {wordOf(shown, acceptance !== undefined)}.{' '}
        </Words>
        {explained ? <Dotted>{why}</Dotted> : why}
        {hot ? <Words tone="muted"> {hot}</Words> : null}
      </Words>
    </View>
  );
  return explained ? <Explained text={why}>{line}</Explained> : line;
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: 8, alignItems: 'flex-start', minHeight: 40 },
});
