import type { Assessment } from '@/core/assessment/assessment';
import { ScrollView, StyleSheet, View } from 'react-native';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { ListRow } from '@/ui/ListRow';
import { PinRing } from '@/ui/PinRing';
import { Heading, Words } from '@/ui/Words';
import { FootButton } from '@/ui/FootButton';
import type { Measuring } from './useMeasuring';
import { figureOf, limitsOf, wordOf } from './verdictWords';

interface Props {
  readonly job: Job;
  readonly measuring: Measuring;
  readonly shown: string | undefined;
  /** On a phone the list covers the screen: called when it is to go. */
  readonly onDone?: () => void;
  readonly onWork?: () => void;
  /** Which of them; all where it is not said. */
  readonly only?: (a: Assessment) => boolean;
}

/** Every characteristic with its verdict; choosing one turns to it. */
export function CharacteristicList(props: Props) {
  const { onDone, onWork } = props;
  return (
    <ScrollView style={styles.fill} contentContainerStyle={styles.list}>
      <Heading
        style={styles.heading}
      >{`What is measured · ${props.job.sheet.tiers.find((t) => t.id === props.job.tier)?.name ?? ''}`}</Heading>
      <CharacteristicRows {...props} />
      {onDone ? (
        <View style={styles.foot}>
          <FootButton name="Back" onPress={onDone} />
          {onWork ? <FootButton name="Something was done to it" onPress={onWork} /> : null}
        </View>
      ) : null}
    </ScrollView>
  );
}

export function CharacteristicRows({ measuring, shown, onDone, only }: Props) {
  const { unit } = useShop();
  return (
    <View>
      {(only ? measuring.all.filter(only) : measuring.all).map((a) => {
        const { id, name } = a.characteristic;
        return (
          <ListRow
            key={id}
            name={name}
            note={`${limitsOf(a, unit)} · ${wordOf(a).toLowerCase()}`}
            spoken={`${name}: ${wordOf(a)}, ${figureOf(a, unit)}`}
            here={id === shown}
            mark={<PinRing verdict={a.verdict} size={28} />}
            onPress={() => {
              void measuring.turnTo({ characteristic: id });
              onDone?.();
            }}
          >
            <Words size="strong" strong>
              {figureOf(a, unit)}
            </Words>
          </ListRow>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1 },
  list: { padding: 14, gap: 8 },
  heading: { paddingVertical: 4 },
  foot: { flexDirection: 'row', gap: 6 },
});
