import { Pressable, ScrollView, StyleSheet, View } from 'react-native';
import type { Assessment } from '@/core/judge/assess';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { PinRing } from '@/ui/PinRing';
import { usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { FootButton } from './FootButton';
import type { Measuring } from './useMeasuring';
import { figureOf, limitsOf, wordOf } from './verdictLine';

interface Props {
  readonly job: Job;
  readonly measuring: Measuring;
  readonly shown: string | undefined;
  /** On a phone the list covers the screen: called when it is to go. */
  readonly onDone?: () => void;
  /** Which of them; all where it is not said. */
  readonly only?: (a: Assessment) => boolean;
}

/** Every characteristic with its verdict; choosing one turns to it. */
export function CharacteristicList(props: Props) {
  const { onDone } = props;
  return (
    <ScrollView style={styles.fill} contentContainerStyle={styles.list}>
      <Heading
        style={styles.heading}
      >{`What is measured · ${props.job.sheet.tiers.find((t) => t.id === props.job.tier)?.name ?? ''}`}</Heading>
      <CharacteristicRows {...props} />
      {onDone ? (
        <View style={styles.foot}>
          <FootButton name="Back" onPress={onDone} />
        </View>
      ) : null}
    </ScrollView>
  );
}

export function CharacteristicRows({ measuring, shown, onDone, only }: Props) {
  const { unit } = useShop();
  const palette = usePalette();
  return (
    <View>
      {(only ? measuring.all.filter(only) : measuring.all).map((a) => {
        const { id, name } = a.characteristic;
        const here = id === shown;
        return (
          <Pressable
            key={id}
            role="button"
            aria-current={here || undefined}
            aria-label={`${name}: ${wordOf(a)}, ${figureOf(a, unit)}`}
            onPress={() => {
              void measuring.turnTo({ characteristic: id });
              onDone?.();
            }}
            style={[
              styles.row,
              {
                borderBottomColor: palette.line,
                borderLeftColor: here ? palette.blue : 'transparent',
                backgroundColor: here ? palette.paper : 'transparent',
              },
            ]}
          >
            <PinRing verdict={a.verdict} size={28} />
            <View style={styles.words}>
              <Words strong={here} numberOfLines={2}>
                {name}
              </Words>
              <Words
                size="note"
                tone="muted"
              >{`${limitsOf(a, unit)} · ${wordOf(a).toLowerCase()}`}</Words>
            </View>
            <Words size="strong" strong>
              {figureOf(a, unit)}
            </Words>
          </Pressable>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1 },
  list: { padding: 14, gap: 8 },
  heading: { paddingVertical: 4 },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 10,
    minHeight: 58,
    paddingHorizontal: 8,
    borderBottomWidth: 1,
    borderLeftWidth: 3,
  },
  words: { flex: 1, minWidth: 0 },
  foot: { flexDirection: 'row' },
});
