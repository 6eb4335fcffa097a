import type { ReactNode } from 'react';
import type { Assessment } from '@/core/assessment/assessment';
import type { Reading } from '@/core/methods/list';
import { ScrollView, StyleSheet, View, type Text } from 'react-native';
import { Button } from '@/ui/Button';
import { restoreEntry } from '@/core/commands/measuring';
import { ledgerOf } from '@/core/journal/ledger';
import { conventionWords } from '@/core/wording/limits';
import { skipWords } from '@/core/records/entries/skip';
import { dimensionsFor } from '@/core/pumps/registry';
import type { WorkEntry } from '@/core/records/entries/operation';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { RowLink } from '@/ui/RowLink';
import { Heading, Words } from '@/ui/Words';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { SumsHere } from '../job/SumsHere';
import { Wall } from '../shell/Wall';
import { ReadingRow } from './ReadingRow';
import { WorkRow } from './WorkRow';
import type { Measuring } from './useMeasuring';
import { limitsOf } from './verdictWords';
import { LeftLine, ShownBar, VerdictLine } from './Standing';
import { termsIn } from '@/core/wording/terms';
import { Dotted, Explained } from '@/ui/Explained';
import { sayMeasure } from './sayMeasure';
import { useNextFocus } from '@/ui/focus';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  readonly shown: Assessment;
  readonly measuring: Measuring;
  readonly onDone?: () => void;
  readonly onWork: () => void;
}

/** The readings that a characteristic rests on, those of its parts for a sum, and the work between them; newest first. */
function evidenceFor(
  job: Job,
  a: Assessment,
  all: readonly Assessment[],
): readonly (Reading | WorkEntry)[] {
  const parts: readonly string[] = a.characteristic.sum ?? [a.characteristic.id];
  const dimensions = all
    .filter((other) => parts.includes(other.characteristic.id))
    .flatMap((other) => dimensionsFor(other.characteristic));
  const readings = ledgerOf(job).readings.filter((r) =>
    r.kind === 'size' ? dimensions.includes(r.dimension) : parts.includes(r.characteristic),
  );
  if (a.work.length === 0) return [...readings].reverse();
  const place = new Map(job.journal.map(({ id }, i) => [id, i]));
  const placeOf = ({ id }: { readonly id: string }) => place.get(id) ?? 0;
  return [...readings, ...a.work].sort((x, y) => placeOf(y) - placeOf(x));
}

/** Leads to what the shop's own pumps say about a characteristic. */
const OwnPast = ({ job, shown }: Pick<Props, 'job' | 'shown'>) => (
  <RowLink
    href={`/job/${job.id}/history?of=${shown.characteristic.id}`}
    name="What our own pumps say"
    about="how it came and went out on the others of this model"
  />
);

/** The gap bar, the verdict with its reason, every reading behind it, and where the limit comes from. */
export function EvidencePanel({ job, shown, measuring, onDone, onWork }: Props) {
  const next = useNextFocus<Text>('evidence');
  const { unit } = useShop();
  const items = evidenceFor(job, shown, measuring.all);
  const tier = job.sheet.tiers.find((t) => t.id === job.tier);
  const { name, convention } = shown.characteristic;
  const said = [
    convention,
    shown.limits && conventionWords(job.sheet, shown.limits, shown.characteristic.id),
  ]
    .filter(Boolean)
    .join('; ');
  return (
    <ScrollView style={layout.fill} contentContainerStyle={styles.panel}>
      {onDone ? (
        <FootRow>
          <FootButton name="Back to Measure" onPress={onDone} />
        </FootRow>
      ) : null}
      <Heading ref={next}>{`${name} · ${limitsOf(shown, unit)}`}</Heading>
      <Explained text={said} also={termsIn(name)}>
        <Words size="note" tone="muted">
          <Dotted>{said}</Dotted>
        </Words>
      </Explained>
      <ShownBar shown={shown} job={job} unit={unit} />
      <VerdictLine shown={shown} job={job} explained />
      <LeftLine shown={shown} job={job} />
      <Heading level={3}>Evidence</Heading>
      {items.length === 0 ? <Words tone="muted">No reading yet.</Words> : null}
      {items.map((item) => (
        <Wall key={item.id} what="This entry" record={{ kind: 'job', id: job.id }} again={[item]}>
          {item.kind === 'operation' ? (
            <WorkRow
              operation={item}
              job={job}
              onStrike={() => void measuring.strike(item.id, 'was not done')}
            />
          ) : (
            <ReadingRow
              reading={item}
              job={job}
              named={shown.characteristic.sum !== undefined}
              onStrike={(why) => void measuring.strike(item.id, why)}
              onRestore={() => void measuring.run(restoreEntry(item.id))}
              onAgain={(reading) => {
                measuring.readAgain(reading);
                onDone?.();
              }}
            />
          )}
        </Wall>
      ))}
      {leftOut(shown, job, measuring)}
      <FootRow>
        <FootButton name="Record work done" onPress={onWork} />
      </FootRow>
      <OwnPast job={job} shown={shown} />
      <SumsHere
        job={job}
        stage="measure"
        gap={shown.characteristic.id}
        isHere={({ characteristic }) => characteristic === shown.characteristic.id}
      />
      <Heading level={3}>Source of the limit</Heading>
      <Words>
        {tier
          ? sayMeasure('measure.sourceOf', {
              limits: tier.name,
              source: shown.limits?.published?.source || tier.source || 'no source given',
            })
          : 'No limits chosen. Choose them under Tag.'}
        {job.sheet.invented ? ' Invented for the demo: not for a real pump.' : ''}
      </Words>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  panel: { padding: 14, gap: 8 },
  line: { flexDirection: 'row' },
});

/** The places that were left out, each to be measured after all. */
function leftOut(shown: Assessment, job: Job, measuring: Measuring): ReactNode {
  return shown.skipped.map((skip) => (
    <View key={skip.id} style={styles.line}>
      <Words style={layout.fill}>
        {sayMeasure('measure.leftOut', { place: skipWords(job.sheet, skip) })}
      </Words>
      <Button
        compact
        onPress={() => void measuring.strike(skip.id, 'measured after all')}
        accessibilityLabel={sayMeasure('measure.measureAfterAll', {
          place: skipWords(job.sheet, skip),
        })}
      >
        Measure after all
      </Button>
    </View>
  ));
}
