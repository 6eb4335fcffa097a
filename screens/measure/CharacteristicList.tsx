import type { Assessment } from '@/core/assessment/assessment';
import { ScrollView, StyleSheet, View, type Text } from 'react-native';
import { worstVerdict } from '@/core/assessment/summary';
import { acceptedIn } from '@/core/journal/accepted';
import type { Job } from '@/core/records/job';
import { VERDICT_WORD } from '@/core/wording/verdictWord';
import { useShop } from '@/data/hooks';
import { ListRow } from '@/ui/ListRow';
import { PinRing } from '@/ui/PinRing';
import { Heading, Words } from '@/ui/Words';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import type { Measuring } from './useMeasuring';
import { figureOf, limitsOf, wordOf } from './verdictWords';
import { sayMeasure } from './sayMeasure';
import { useNextFocus } from '@/ui/focus';
import { layout } from '@/ui/layout';

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
  const next = useNextFocus<Text>('list');
  const { onDone, onWork } = props;
  return (
    <ScrollView style={layout.fill} contentContainerStyle={styles.list}>
      <Heading ref={next} style={styles.heading}>
        {sayMeasure('measure.checksOf', {
          limits: props.job.sheet.tiers.find((t) => t.id === props.job.tier)?.name ?? '',
        })}
      </Heading>
      <CharacteristicRows {...props} />
      {onDone ? (
        <FootRow>
          <FootButton name="Back" onPress={onDone} />
          {onWork ? <FootButton name="Record work done" onPress={onWork} /> : null}
        </FootRow>
      ) : null}
    </ScrollView>
  );
}

/** One section of a stack, or what is of the whole pump: what is measured of it. */
interface Card {
  readonly title: string;
  readonly all: readonly Assessment[];
}

/** Sorts what is measured into a card for each section and one for the stack; a single pump is one without a title. */
function cardsOf(all: readonly Assessment[]): readonly Card[] {
  const of = (a: Assessment) => a.characteristic.section;
  const numbers = [...new Set(all.map(of))];
  if (numbers.filter((n) => n !== null).length < 2) return [{ title: '', all }];
  return numbers.map((n) => ({
    title: n === null ? 'The whole pump' : sayMeasure('measure.section', { number: n }),
    all: all.filter((a) => of(a) === n),
  }));
}

/** Over the rows of a section: its mark and its worst verdict. */
function CardHead({ title, all }: Card) {
  const judged = all.filter((a) => a.limits !== null);
  const worst = worstVerdict(judged);
  const word = judged.length > 0 ? VERDICT_WORD[worst] : 'no limits';
  return (
    <View style={styles.card}>
      <PinRing verdict={worst} size={28} />
      <Heading level={3}>
        {sayMeasure('measure.cardHead', { section: title, verdict: word })}
      </Heading>
    </View>
  );
}

export function CharacteristicRows(props: Props) {
  const { measuring, only } = props;
  return (
    <View>
      {cardsOf(only ? measuring.all.filter(only) : measuring.all).map((card) => (
        <View key={card.title}>
          {card.title ? <CardHead {...card} /> : null}
          <Rows {...props} all={card.all} />
        </View>
      ))}
    </View>
  );
}

function Rows({
  job,
  all,
  measuring,
  shown,
  onDone,
}: Props & { readonly all: readonly Assessment[] }) {
  const { unit } = useShop();
  const accepted = acceptedIn(job);
  return (
    <View>
      {all.map((a) => {
        const { id, name } = a.characteristic;
        const word = wordOf(a, accepted.has(id));
        return (
          <ListRow
            key={id}
            name={name}
            note={a.limits ? `${limitsOf(a, unit)} · ${word}` : word}
            spoken={`${name}: ${word}, ${figureOf(a, unit)}`}
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
  list: { padding: 14, gap: 8 },
  heading: { paddingVertical: 4 },
  card: { flexDirection: 'row', alignItems: 'center', gap: 10, minHeight: 48, paddingTop: 8 },
});
