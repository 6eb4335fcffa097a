import { ScrollView, StyleSheet } from 'react-native';
import type { Step } from '@/core/methods/list';
import { sayMeasure } from './sayMeasure';
import { Reasons } from '@/ui/Reasons';
import { Heading, Words } from '@/ui/Words';
import { BackToMeasure } from './BackToMeasure';

/** Why a place is left out, as it happens most. */
const WHY = ['cannot get at it', 'part is not here', 'surface is damaged there'] as const;

interface Props {
  readonly step: Step;
  readonly onDone: () => void;
  readonly onSkip: (why: string) => void;
}

/** Leaves a place out, for a reason that is kept and stands in the report. */
export function SkipPanel({ step, onDone, onSkip }: Props) {
  return (
    <ScrollView contentContainerStyle={styles.panel} keyboardShouldPersistTaps="handled">
      <BackToMeasure panel="skip" onDone={onDone} />
      <Heading>{sayMeasure('measure.skip', { place: step.station.label })}</Heading>
      <Words>Why leave this place out? The reason is shown in the report.</Words>
      <Reasons usual={WHY} act="Skip for this reason" onReason={onSkip} />
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  panel: { padding: 14, gap: 8 },
});
