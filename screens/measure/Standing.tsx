import { useQuery } from '@tanstack/react-query';
import type { Assessment } from '@/core/assessment/assessment';
import { circuitsOf, demandOf } from '@/core/flow/demand';
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
import { viewQuery } from '../shell/onDemand';

/** What a flow is worth at a gap is worked out by what is loaded to decide. */
const BAR_AT_DEMAND = viewQuery(
  'bar-at-demand',
  async () => (await import('../job/after')).BarAtDemand,
);

/** Tells whether a gap is judged by no limit, and somebody said what the circuits want. */
const isForFlow = (job: Job, { limits }: Assessment): boolean =>
  !limits && demandOf(circuitsOf(job), 'idle') !== null;

interface BarProps {
  readonly shown: Assessment;
  readonly job: Job;
  readonly unit: ShopUnit;
}

/** The gap bar of a characteristic; where no limit is published, with the gap at which the circuits would want for flow. */
export function ShownBar({ shown, job, unit }: BarProps) {
  const { limits, heatShift_mm, characteristic } = shown;
  const enabled = isForFlow(job, shown);
  const { data } = useQuery({ ...BAR_AT_DEMAND, enabled });
  const bar = (wanted_mm: number | null) => (
    <GapBar
      wanted_mm={wanted_mm}
      limits={limits}
      preferred={limits?.preferred ?? null}
      known={shownExtremes(shown)}
      before={shown.before}
      heatShift_mm={heatShift_mm}
      unit={unit}
      kind={characteristic.quantity}
    />
  );
  return data && enabled ? <data.View job={job} id={characteristic.id} bar={bar} /> : bar(null);
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
