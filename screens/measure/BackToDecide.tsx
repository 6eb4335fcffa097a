import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { turnTo } from '@/core/commands/measuring';
import type { MethodId } from '@/core/methods/list';
import type { CharacteristicId } from '@/core/pumps/ids';
import { pumpOf } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import { sayMeasure } from './sayMeasure';
import { Button } from '@/ui/Button';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  /** What Decide asked for, and what is measured now. */
  readonly asked: string | undefined;
  readonly shown: CharacteristicId | undefined;
  /** The way of measuring that was preferred before: it goes on by that. */
  readonly way: MethodId;
}

/** The way back to the decision that asked for a reading: it is worked out again with what is known now. */
export function BackToDecide({ job, asked, shown, way }: Props) {
  const router = useRouter();
  const palette = usePalette();
  const { run } = useCommand(job);
  const other = pumpOf(job.sheet).characteristics.find(({ id }) => id === asked && id !== shown);
  const back = async () => {
    if (await run(turnTo({ characteristic: null, way }))) router.replace(`/job/${job.id}/decide`);
  };
  return (
    <View style={[styles.row, { borderColor: palette.line }]}>
      <Words size="note" tone="muted" style={layout.grow}>
        {other ? sayMeasure('measure.askedOther', { check: other.name }) : 'Decide asked for this.'}
      </Words>
      <Button compact mode={other ? 'contained' : 'text'} onPress={() => void back()}>
        Back to Decide
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', borderBottomWidth: 1, paddingHorizontal: 14 },
});
