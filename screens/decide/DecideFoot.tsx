import { StyleSheet, View } from 'react-native';
import { makeWorkList } from '@/core/commands/deciding';
import { answerKind } from '@/core/rework/decision/decide';
import { toMeasure } from '@/core/rework/decision/measure';
import { toMeasureWords } from '@/core/wording/toMeasure';
import { say } from '@/core/wording/say';
import { Button } from '@/ui/Button';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { Notice } from '@/ui/Notice';
import { usePalette } from '@/ui/theme';
import { useCommand } from '../job/useCommand';
import type { DecidePanel } from './DecideStage';
import type { Deciding } from './useDeciding';
import { useMeasureFor } from './useMeasureFor';

interface Props {
  readonly deciding: Deciding;
  /** A work list is there already. */
  readonly list: boolean;
  readonly onOpen: (panel: DecidePanel | null) => void;
}

/** What can be done with the answer. */
export function DecideFoot({ deciding, list, onOpen }: Props) {
  const palette = usePalette();
  const { job, solved, planned, shop, rework } = deciding;
  const { run, error } = useCommand(job);
  const { plan } = deciding;
  const first = solved ? toMeasure(rework, solved, planned)[0] : undefined;
  const kind = deciding.decided ? answerKind(deciding.decided) : null;
  const measureFirst = kind === 'measure' && first !== undefined;
  const { measure, error: unturned } = useMeasureFor(job);
  const others = (solved?.plans.length ?? 0) - 1;
  const make = async () => {
    if (await run(makeWorkList(planned, shop.money.rate))) onOpen(null);
  };
  return (
    <View style={[styles.foot, { borderColor: palette.line }]}>
      {error || unturned ? <Notice kind="error">{error ?? unturned}</Notice> : null}
      {first ? (
        <Button
          mode={measureFirst ? 'contained' : 'outlined'}
          contentStyle={styles.large}
          onPress={() => void measure(first)}
        >
          {toMeasureWords(job.sheet, first, shop.unit)}
        </Button>
      ) : null}
      {planned.length > 0 && !measureFirst ? (
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
        {plan ? <FootButton low name="Sign off" onPress={() => onOpen('sign')} /> : null}
      </FootRow>
    </View>
  );
}

const styles = StyleSheet.create({
  foot: { padding: 10, gap: 8, borderTopWidth: 1 },
  large: { minHeight: 52 },
});
