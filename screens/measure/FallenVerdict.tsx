import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { closerStep } from '@/core/guidance/next';
import type { Job } from '@/core/records/job';
import { VERDICT_WORD } from '@/core/wording/verdictWord';
import { evaluator } from '@/data/evaluator';
import { useShop } from '@/data/hooks';
import { PinRing, VERDICT_TONE } from '@/ui/PinRing';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import type { Measuring } from './useMeasuring';
import { reasonOf } from './verdictWords';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  readonly measuring: Measuring;
}

/** The verdict that the last tap brought, with its reason, until the next tap: *out* is the loudest. */
export function FallenVerdict({ job, measuring }: Props) {
  const { unit } = useShop();
  const palette = usePalette();
  const [worst, ...others] = measuring.fallen;
  if (!worst) return null;
  const { verdict, characteristic } = worst;
  const loud = verdict === 'out';
  const closer = closerStep(worst, evaluator.ladder(job));
  const color = palette[VERDICT_TONE[verdict]];
  return (
    <View
      role="status"
      aria-live="off"
      aria-label="Verdict"
      style={[
        styles.box,
        { borderColor: color, backgroundColor: palette.paper, borderWidth: loud ? 3 : 1.5 },
      ]}
    >
      <View style={styles.head}>
        <PinRing verdict={verdict} size={loud ? 36 : 26} />
        <Words
          size={loud ? 'title' : 'body'}
          strong
          tone={VERDICT_TONE[verdict]}
          style={layout.grow}
        >
          {`${VERDICT_WORD[verdict]}: ${characteristic.name}`}
        </Words>
        {closer ? (
          <Button compact onPress={() => measuring.tryOther(closer)}>
            Measure closer
          </Button>
        ) : null}
      </View>
      <Words size="note">{reasonOf(worst, job, unit)}</Words>
      {others.map((a) => (
        <Words key={a.characteristic.id} size="note" strong tone={VERDICT_TONE[a.verdict]}>
          {`${VERDICT_WORD[a.verdict]}: ${a.characteristic.name}`}
        </Words>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  box: { borderRadius: 8, paddingHorizontal: 10, paddingVertical: 6, gap: 2 },
  head: { flexDirection: 'row', alignItems: 'center', gap: 8, minHeight: 40 },
});
