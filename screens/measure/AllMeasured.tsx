import type { Assessment } from '@/core/assessment/assessment';
import { useRouter } from 'expo-router';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { worstVerdict } from '@/core/assessment/summary';
import { PinRing } from '@/ui/PinRing';
import { PumpPicture } from '@/ui/PumpPicture';
import { Heading, Words } from '@/ui/Words';
import { useNextFocus } from '@/ui/focus';
import { useWide } from '@/ui/useWidth';
import { CharacteristicRows } from './CharacteristicList';
import { FallenVerdict } from './FallenVerdict';
import { Foot } from './Foot';
import type { Shown } from './panels';
import { allMeasuredWords } from './verdictWords';
import { sayMeasure } from './sayMeasure';
import { layout } from '@/ui/layout';

/** Says what is left to be known, and how it can be. */
function standing(settled: Assessment | undefined, close: boolean): string {
  if (settled) return sayMeasure('measure.sizesDecide', { check: settled.characteristic.name });
  return close
    ? 'This leaf set can show no more. Mic sizes can settle what is Too close to call.'
    : 'Every check with a limit has its verdict.';
}

/** Nothing is left that a leaf could decide: the verdicts, and where to go from here. */
export function AllMeasured({ job, shown, measuring, onEvidence, onWork }: Shown) {
  const router = useRouter();
  const wide = useWide();
  const next = useNextFocus('all measured');
  const { sheet } = job;
  const judged = measuring.all.filter((a) => a.limits !== null);
  const worst = worstVerdict(judged);
  const settled = judged.find(
    (a) => a.verdict === 'open' && a.parts.length > 0 && a.missing.length > 0,
  );
  const close = judged.some((a) => a.verdict === 'close' && a.missing.length > 0);
  return (
    <ScrollView style={layout.fill} contentContainerStyle={styles.panel}>
      <View ref={next} style={styles.head}>
        <PinRing verdict={worst} size={40} />
        <Heading size="instruction">{allMeasuredWords(measuring.all)}</Heading>
      </View>
      <FallenVerdict job={job} measuring={measuring} />
      <Words>{standing(settled, close)}</Words>
      {settled ? (
        <Button
          mode="outlined"
          contentStyle={layout.thumb}
          onPress={() => void measuring.turnTo({ characteristic: settled.characteristic.id })}
        >
          Read the sizes that decide it
        </Button>
      ) : null}
      {wide ? (
        <View style={styles.drawing}>
          <PumpPicture sheet={sheet} size={400} />
        </View>
      ) : (
        <CharacteristicRows
          job={job}
          measuring={measuring}
          shown={undefined}
          onDone={onEvidence}
          only={(a) => a.limits !== null || a.largest !== null || a.touches.length > 0}
        />
      )}
      <Button
        mode="contained"
        contentStyle={layout.thumb}
        onPress={() => router.replace(`/job/${job.id}/decide`)}
      >
        Go to Decide
      </Button>
      <Button
        mode="outlined"
        contentStyle={layout.thumb}
        onPress={() => router.replace(`/job/${job.id}/report`)}
      >
        Go to Report
      </Button>
      <Button mode="outlined" contentStyle={layout.thumb} onPress={onWork}>
        Record work done
      </Button>
      <Foot job={job} shown={shown} way="leaf" measuring={measuring} onEvidence={onEvidence} />
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  panel: { flexGrow: 1, padding: 14, gap: 12 },
  head: { flexDirection: 'row', gap: 12, alignItems: 'center' },
  drawing: { alignItems: 'center' },
});
