import { ScrollView, StyleSheet, View } from 'react-native';
import type { Instrument } from '@/core/records/instrument';
import type { Job } from '@/core/records/job';
import { sayMeasure } from './sayMeasure';
import { Button } from '@/ui/Button';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { useNextFocus } from '@/ui/focus';
import { scaled } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import type { Commanding } from '../job/useCommand';
import { ZeroForm } from './ZeroForm';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  readonly instrument: Instrument;
  readonly run: Commanding['run'];
  readonly onWithout: () => void;
  /** Another instrument, or a gauge that is connected. */
  readonly onTools: () => void;
}

/** Asked before the first size that an instrument reads: what its zero is off, every size of the job would be. */
export function ZeroGate({ job, instrument, run, onWithout, onTools }: Props) {
  const next = useNextFocus(instrument);
  return (
    <ScrollView contentContainerStyle={styles.page} keyboardShouldPersistTaps="handled">
      <View ref={next} role="status" aria-live="off" aria-label="Next">
        <Heading size="instruction" style={styles.ask}>
          {sayMeasure('measure.zeroFirst', { instrument: instrument.name })}
        </Heading>
      </View>
      <ZeroForm key={instrument.id} job={job} instrument={instrument} run={run} />
      <Button mode="outlined" contentStyle={layout.thumb} onPress={onWithout}>
        Measure without a zero
      </Button>
      <Words size="note" tone="muted">
        The report then says that it was never zeroed, or that its zero was overdue.
      </Words>
      <FootRow>
        <FootButton name="Instruments and gauge" onPress={onTools} />
      </FootRow>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  page: { padding: 14, gap: 12, maxWidth: 720, width: '100%' },
  ask: { lineHeight: scaled(32) },
});
