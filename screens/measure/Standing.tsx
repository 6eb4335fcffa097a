import { useQuery } from '@tanstack/react-query';
import type { Assessment } from '@/core/assessment/assessment';
import { circuitsOf, demandOf } from '@/core/flow/demand';
import { StyleSheet, View } from 'react-native';
import { toldEstimate } from '@/core/assessment/told';
import { leftAt } from '@/core/history/visit';
import type { Extremes } from '@/core/metrology/extremes';
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
import { unitName } from '@/core/quantity/format';
import { rangeText, shownExtremes } from '@/core/wording/figures';
import { sayMeasure } from './sayMeasure';
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

/** How the pump left the visit before, as a bar shows it; null where it was never here, or was worked on since. */
function leftBefore(job: Job, shown: Assessment): Extremes | null {
  const left = leftAt(job, shown);
  return left && { smallest: toldEstimate(left.smallest), largest: toldEstimate(left.largest) };
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
      before={shown.before ?? leftBefore(job, shown)}
      heatShift_mm={heatShift_mm}
      unit={unit}
      kind={characteristic.quantity}
    />
  );
  return data && enabled ? <data.View job={job} id={characteristic.id} bar={bar} /> : bar(null);
}

/** How the pump left the visit before; nothing where it was never here, or was worked on since. */
export function LeftLine({ shown, job }: Pick<Props, 'shown' | 'job'>) {
  const { unit } = useShop();
  const left = leftBefore(job, shown);
  if (!left || !job.visit) return null;
  const { quantity } = shown.characteristic;
  const range = `${rangeText(left, unit, quantity)} ${unitName(quantity, unit)}`;
  return <Words tone="muted">{sayMeasure('measure.leftAt', { tag: job.visit.tag, range })}</Words>;
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
