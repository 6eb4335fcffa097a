import { evaluator } from '@/data/evaluator';
import { useMemo } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { turnToAgain } from '@/core/commands/measuring';
import { figureWay, isFigureSource } from '@/core/methods/list';
import { closerStep } from '@/core/guidance/next';
import { useShop } from '@/data/hooks';
import { PumpPicture } from '@/ui/PumpPicture';
import { useWide } from '@/ui/useWidth';
import { Foot } from './Foot';
import { PanelHead } from './PanelHead';
import type { Shown } from './panels';
import { ShownBar, VerdictLine } from './Standing';
import { drawnTilt } from './verdictWords';
import { layout } from '@/ui/layout';

/** A characteristic that was taken in hand though nothing more is to be told of it. */
export function DecidedPanel({ job, shown, measuring, onWork, ...openers }: Shown) {
  const { onList, onEvidence, onTools } = openers;
  const { unit } = useShop();
  const wide = useWide();
  const { turnTo } = measuring;
  const { sheet } = job;
  const isFigured =
    figureWay(sheet, shown.characteristic) !== null &&
    (shown.both || isFigureSource(shown.source.largest));
  const closer = useMemo(() => closerStep(shown, evaluator.ladder(job)), [job, shown]);
  return (
    <ScrollView style={layout.fill} contentContainerStyle={styles.panel}>
      <PanelHead all={measuring.all} shown={shown} onList={onList} onTools={onTools} />
      <View style={styles.drawing}>
        <PumpPicture sheet={sheet} size={260} tilt={drawnTilt(shown, unit)} />
      </View>
      {wide ? null : (
        <>
          <ShownBar shown={shown} job={job} unit={unit} />
          <VerdictLine shown={shown} job={job} />
        </>
      )}
      <Button
        mode="contained"
        contentStyle={layout.thumb}
        onPress={() => void turnTo({ characteristic: null })}
      >
        Next open check
      </Button>
      {isFigured ? (
        <Button
          mode="outlined"
          contentStyle={layout.thumb}
          onPress={() => void measuring.run(turnToAgain(shown.characteristic.id))}
        >
          Read it again
        </Button>
      ) : null}
      {closer && !shown.disagree ? (
        <Button
          mode="outlined"
          contentStyle={layout.thumb}
          onPress={() => measuring.tryOther(closer)}
        >
          Measure it finer
        </Button>
      ) : null}
      <Button mode="outlined" contentStyle={layout.thumb} onPress={onWork}>
        Record work done
      </Button>
      <Foot job={job} shown={shown} way={null} measuring={measuring} onEvidence={onEvidence} />
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  panel: { flexGrow: 1, paddingHorizontal: 14, paddingBottom: 12, gap: 10 },
  drawing: { alignItems: 'center', flexGrow: 1, justifyContent: 'center' },
});
