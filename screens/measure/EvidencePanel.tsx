import { ScrollView, StyleSheet, View } from 'react-native';
import { ledgerOf } from '@/core/journal/ledger';
import type { Assessment } from '@/core/judge/assess';
import { conventionWords } from '@/core/judge/limits';
import { dimensionsFor } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import type { Reading } from '@/core/records/parts';
import { useShop } from '@/data/hooks';
import { Heading, Words } from '@/ui/Words';
import { FootButton } from '@/ui/FootButton';
import { ReadingRow } from './ReadingRow';
import { ShownBar } from './ShownBar';
import type { Measuring } from './useMeasuring';
import { limitsOf } from './verdictLine';
import { VerdictLine } from './VerdictLine';

interface Props {
  readonly job: Job;
  readonly shown: Assessment;
  readonly measuring: Measuring;
  readonly onDone?: () => void;
}

/** The readings that a characteristic rests on, those of its parts for a sum, newest first. */
function evidenceFor(job: Job, a: Assessment, all: readonly Assessment[]): Reading[] {
  const parts: readonly string[] = a.characteristic.sum ?? [a.characteristic.id];
  const dimensions = all
    .filter((other) => parts.includes(other.characteristic.id))
    .flatMap((other) => dimensionsFor(other.characteristic));
  return ledgerOf(job)
    .readings.filter((r) =>
      r.kind === 'size' ? dimensions.includes(r.dimension) : parts.includes(r.characteristic),
    )
    .reverse();
}

/** The gap bar, the verdict with its reason, every reading behind it, and where the limit comes from. */
export function EvidencePanel({ job, shown, measuring, onDone }: Props) {
  const { unit } = useShop();
  const readings = evidenceFor(job, shown, measuring.all);
  const tier = job.sheet.tiers.find((t) => t.id === job.tier);
  const { name, convention } = shown.characteristic;
  return (
    <ScrollView style={styles.fill} contentContainerStyle={styles.panel}>
      {onDone ? (
        <View style={styles.foot}>
          <FootButton name="Back to measuring" onPress={onDone} />
        </View>
      ) : null}
      <Heading>{`${name} · ${limitsOf(shown, unit)}`}</Heading>
      <Words size="note" tone="muted">
        {[
          convention,
          shown.limits && conventionWords(job.sheet, shown.limits, shown.characteristic.id),
        ]
          .filter(Boolean)
          .join('; ')}
      </Words>
      <ShownBar shown={shown} unit={unit} />
      <VerdictLine shown={shown} job={job} />
      <Heading level={3}>Evidence</Heading>
      {readings.length === 0 ? <Words tone="muted">No reading yet.</Words> : null}
      {readings.map((reading) => (
        <ReadingRow
          key={reading.id}
          reading={reading}
          job={job}
          named={shown.characteristic.sum !== undefined}
          onStrike={(why) => void measuring.strike(reading.id, why)}
        />
      ))}
      <Heading level={3}>Source of the limit</Heading>
      <Words>
        {tier
          ? `${tier.name}: ${shown.limits?.published.source || tier.source || 'no source given'}.`
          : 'No tier.'}
        {job.sheet.invented ? ' Invented for the demo: not for a real pump.' : ''}
      </Words>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1 },
  panel: { padding: 14, gap: 8 },
  foot: { flexDirection: 'row' },
});
