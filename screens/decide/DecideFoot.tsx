import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { makeWorkList } from '@/core/commands/deciding';
import { mustBeSized } from '@/core/rework/decision/proposal';
import { turnTo } from '@/core/commands/measuring';
import { say } from '@/core/wording/say';
import { Button } from '@/ui/Button';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { Notice } from '@/ui/Notice';
import { usePalette } from '@/ui/theme';
import { useCommand } from '../job/useCommand';
import type { DecidePanel } from './DecideStage';
import type { Deciding } from './useDeciding';

interface Props {
  readonly deciding: Deciding;
  /** A work list is there already. */
  readonly list: boolean;
  readonly onOpen: (panel: DecidePanel | null) => void;
}

/** What can be done with the answer. */
export function DecideFoot({ deciding, list, onOpen }: Props) {
  const palette = usePalette();
  const router = useRouter();
  const { job, solved, planned, shop, rework } = deciding;
  const { run, error } = useCommand(job);
  const sized = solved && !mustBeSized(rework, solved.blocked);
  const unsized = sized ? undefined : rework.unsized[0]?.assessment;
  const unknown = unsized ?? rework.unmeasured[0];
  const measure = async () => {
    const way = unsized ? { characteristic: unsized.characteristic.id, way: 'size' as const } : {};
    if (await run(turnTo(way))) router.replace(`/job/${job.id}/measure`);
  };
  const others = (solved?.plans.length ?? 0) - 1;
  const make = async () => {
    if (await run(makeWorkList(planned, shop.money.rate))) onOpen(null);
  };
  return (
    <View style={[styles.foot, { borderColor: palette.line }]}>
      {error ? <Notice kind="error">{error}</Notice> : null}
      {unknown ? (
        <Button mode={unsized ? 'contained' : 'outlined'} onPress={() => void measure()}>
          {unsized ? 'Read the sizes' : 'Go to Measure'}
        </Button>
      ) : null}
      {planned.length > 0 && !unsized ? (
        <Button mode="contained" contentStyle={styles.large} onPress={() => void make()}>
          {list ? 'Make this the work list' : 'Make it the work list'}
        </Button>
      ) : null}
      <FootRow>
        {list ? <FootButton low name="Work list" onPress={() => onOpen('list')} /> : null}
        {others > 0 ? (
          <FootButton
            low
            name={say('rework.otherWays', { count: others })}
            onPress={() => onOpen('ways')}
          />
        ) : null}
        <FootButton low name="Shelf" onPress={() => onOpen('from-shelf')} />
        <FootButton low name="What if" onPress={() => onOpen('what-if')} />
        <FootButton low name="Sign off" onPress={() => onOpen('sign')} />
      </FootRow>
    </View>
  );
}

const styles = StyleSheet.create({
  foot: { padding: 10, gap: 8, borderTopWidth: 1 },
  large: { minHeight: 52 },
});
