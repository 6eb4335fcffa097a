import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { stripped } from '@/core/inspect/stripping';
import type { Job } from '@/core/records/job';
import { useWide } from '@/ui/useWidth';
import { usePalette } from '@/ui/theme';
import { IdentifyPanel } from '../tag/IdentifyPanel';
import { Apart } from './Apart';
import { StepNotes } from './StepNotes';
import { StripStepPanel } from './StripStepPanel';
import { layout } from '@/ui/layout';

/** Taking the pump apart: one step at a time, and how each part lay before it came out. */
export function StripStage({ job }: { readonly job: Job }) {
  const wide = useWide();
  const palette = usePalette();
  const [taken, setTaken] = useState<string | null>(null);
  const [later, setLater] = useState(false);
  const steps = stripped(job);
  const unsure = job.sheet.variants.length > 1 && job.variant === null;
  const begun = steps.some((s) => s.note !== null);
  const [inHand] = steps.filter((s) => (taken === null ? s.note === null : s.step.id === taken));

  if (unsure && !begun && !later) {
    return (
      <ScrollView style={layout.grow} contentContainerStyle={styles.page}>
        <IdentifyPanel job={job} onDone={() => setLater(true)} />
      </ScrollView>
    );
  }
  const notes = (
    <StepNotes steps={steps} shown={inHand?.step.id ?? null} onChoose={(id) => setTaken(id)} />
  );
  const panel = inHand ? (
    <StripStepPanel
      key={`${inHand.step.id} ${inHand.note?.id ?? ''}`}
      job={job}
      stripped={inHand}
      number={steps.indexOf(inHand) + 1}
      of={steps.length}
      onNoted={() => setTaken(null)}
    />
  ) : (
    <Apart job={job} />
  );
  if (!wide) {
    return (
      <ScrollView
        style={layout.grow}
        contentContainerStyle={styles.page}
        keyboardShouldPersistTaps="handled"
      >
        {panel}
        {notes}
      </ScrollView>
    );
  }
  return (
    <View style={layout.panes}>
      <ScrollView style={[styles.side, { borderColor: palette.line }]}>{notes}</ScrollView>
      <ScrollView style={layout.grow} contentContainerStyle={styles.page}>
        {panel}
      </ScrollView>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { padding: 14, gap: 12, maxWidth: 860, width: '100%' },
  side: { width: 380, flexGrow: 0, borderRightWidth: 1, paddingHorizontal: 14 },
});
