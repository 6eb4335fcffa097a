import { setFields, chooseInstrument } from '@/core/commands/job';
import type { Step } from '@/core/methods/list';
import { ScrollView, StyleSheet } from 'react-native';
import { expectedSize, instrumentInHand, instrumentsOf } from '@/core/instruments/gauges';
import type { Job } from '@/core/records/job';
import type { Source } from '@/core/schema/fields';
import { SOURCES } from '@/data/gauge/useGauge';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Heading, Words } from '@/ui/Words';
import { BackToMeasure } from './BackToMeasure';
import { CleanChoice, FittedChoice, hasBushing } from './CleanGate';
import { TemperatureForm } from './TemperatureForm';
import type { Measuring } from './useMeasuring';
import { ZeroForm } from './ZeroForm';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  readonly step: Step | null;
  readonly measuring: Measuring;
  readonly gauge: Source;
  readonly onGauge: (source: Source) => void;
  readonly onPaper: () => void;
  readonly onDone: () => void;
}

/** What the readings are made with: instrument and its zero, leaves in hand, temperatures, a live gauge. */
export function ToolsPanel({ job, step, measuring, gauge, onGauge, onPaper, onDone }: Props) {
  const shop = useShop();
  const { run } = measuring;
  const kind =
    step?.way === 'size' ? step.dimension.instrument : step?.way === 'swing' ? 'indicator' : null;
  const expected = step?.way === 'size' ? expectedSize(job.sheet, step.dimension) : null;
  const also = step?.way === 'size' ? step.dimension.also : undefined;
  const usable = kind ? instrumentsOf(shop, kind, expected, also) : [];
  const inHand = kind ? instrumentInHand(shop, job, kind, expected, also) : null;
  const source = SOURCES.find((s) => s.id === gauge);
  return (
    <ScrollView style={layout.fill} contentContainerStyle={styles.panel}>
      <BackToMeasure panel="tools" onDone={onDone} />
      {kind ? (
        <>
          <Heading>Instrument</Heading>
          {usable.length > 1 && inHand ? (
            <Choice
              label="Instrument"
              stacked
              value={inHand.id}
              options={usable.map(({ id, name }) => ({ value: id, name }))}
              onChange={(id) => void run(chooseInstrument(kind, id))}
            />
          ) : (
            <Words strong>{inHand?.name ?? 'None in the list. Add one under Shop.'}</Words>
          )}
          {inHand ? <ZeroForm key={inHand.id} job={job} instrument={inHand} run={run} /> : null}
        </>
      ) : (
        <>
          <Heading>Leaf set in use</Heading>
          <Choice
            label="Leaf set"
            stacked
            value={job.feeler.name}
            options={[...shop.feelers.filter((f) => f.name !== job.feeler.name), job.feeler].map(
              ({ name }) => ({ value: name, name }),
            )}
            onChange={(name) => {
              const feeler = shop.feelers.find((f) => f.name === name);
              if (feeler) void run(setFields({ feeler }));
            }}
          />
        </>
      )}
      <Heading>Temperatures</Heading>
      <TemperatureForm job={job} run={run} />
      <Heading>Parts</Heading>
      <CleanChoice job={job} />
      {hasBushing(job) ? <FittedChoice job={job} /> : null}
      <Heading>Paper</Heading>
      <Button mode="outlined" onPress={onPaper}>
        Print a paper sheet, or type one in
      </Button>
      <Heading>Live gauge</Heading>
      <Choice
        label="Live gauge"
        stacked
        value={gauge}
        options={SOURCES.filter((s) => s.available).map(({ id, name }) => ({ value: id, name }))}
        onChange={onGauge}
      />
      <Words size="note" tone="muted">
        {source?.about ?? ''}
      </Words>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  panel: { padding: 14, gap: 10 },
});
