import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { makeWorkList } from '@/core/commands/deciding';
import { answerKind, unseenSurfaces } from '@/core/rework/decision/decide';
import { toMeasure } from '@/core/rework/decision/measure';
import { toMeasureWords } from '@/core/wording/toMeasure';
import { sayDecide } from './sayDecide';
import { Button } from '@/ui/Button';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { useMore, type MoreItem } from '@/ui/More';
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

/** What can be done with the answer: one thing first, the other plans, and the rest behind a button. */
export function DecideFoot({ deciding, list, onOpen }: Props) {
  const palette = usePalette();
  const { main, others, error } = useActs({ deciding, list, onOpen });
  const { plan, solved } = deciding;
  const plans = (solved?.plans.length ?? 0) - 1;
  const more = useMore('More about this pump', [
    ...others,
    { name: 'What if', onPress: () => onOpen('what-if') },
    ...(deciding.shop.money.currency === ''
      ? [{ name: 'Name the currency', onPress: () => onOpen('currency') }]
      : []),
    { name: 'Parts on the shelf', onPress: () => onOpen('from-shelf') },
    ...(plan && main?.name !== SIGN ? [{ name: SIGN, onPress: () => onOpen('sign') }] : []),
  ]);
  return (
    <View style={[styles.foot, { borderColor: palette.line }]}>
      {error ? <Notice kind="error">{error}</Notice> : null}
      {more.list}
      <FootRow>
        {main ? (
          <Button
            mode="contained"
            style={styles.main}
            contentStyle={styles.large}
            onPress={main.onPress}
          >
            {main.name}
          </Button>
        ) : null}
        {plans > 0 ? (
          <FootButton
            name={sayDecide('rework.otherPlans', { count: plans })}
            onPress={() => onOpen('plans')}
          />
        ) : null}
        {more.button}
      </FootRow>
    </View>
  );
}

const SIGN = 'Sign off';

/** What the answer asks for first, and what else leads on from it. */
function useActs({ deciding, list, onOpen }: Props): {
  readonly main: MoreItem | null;
  readonly others: readonly MoreItem[];
  readonly error: string | null;
} {
  const router = useRouter();
  const { job, solved, planned, plan, shop, rework, decided } = deciding;
  const { run, error } = useCommand(job);
  const { measure, error: unturned } = useMeasureFor(job);
  const kind = decided ? answerKind(decided) : null;
  const first = kind === 'measure' && solved ? toMeasure(rework, solved, planned)[0] : undefined;
  const make = async () => {
    if (await run(makeWorkList(planned, shop.money.rate))) onOpen(null);
  };
  const begin = planned.length > 0 && kind !== 'measure' ? [() => void make()] : [];
  const asked: readonly MoreItem[] = [
    ...(first
      ? [
          {
            name: toMeasureWords(job.sheet, first, shop.unit),
            onPress: () => void measure(first),
          },
        ]
      : []),
    ...(list ? [{ name: 'Go to the work list', onPress: () => onOpen('list') }] : []),
    ...begin.map((onPress) => ({
      name: list ? 'Start this plan instead' : 'Start this plan',
      onPress,
    })),
    ...(kind === 'not-ready' && unseenSurfaces(rework).length > 0
      ? [{ name: 'Go to Look', onPress: () => router.replace(`/job/${job.id}/look`) }]
      : []),
  ];
  const sign = plan && kind !== 'measure' ? { name: SIGN, onPress: () => onOpen('sign') } : null;
  const [main, ...others] = asked;
  return { main: main ?? sign, others, error: error ?? unturned };
}

const styles = StyleSheet.create({
  foot: { padding: 10, gap: 8, borderTopWidth: 1 },
  main: { flexGrow: 2, flexBasis: 150 },
  large: { minHeight: 60 },
});
