import { ScrollView, StyleSheet, View } from 'react-native';
import { answerBeside, isAmiss, type AuxiliaryChecked } from '@/core/inspect/auxiliary';
import { decidedWords, seenWords } from '@/core/records/entries/finding';
import { byOwner, type Looked } from '@/core/inspect/looking';
import type { Verdict } from '@/core/metrology/verdict';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { ListRow } from '@/ui/ListRow';
import { PinRing } from '@/ui/PinRing';
import { Heading } from '@/ui/Words';
import { markOf } from './SurfaceDrawing';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  readonly looked: readonly Looked[];
  readonly checks: readonly AuxiliaryChecked[];
  readonly shown: string | null;
  readonly onChoose: (surface: string) => void;
  readonly onCheck: (check: string) => void;
  readonly onDone?: () => void;
}

const alsoMark = (checked: AuxiliaryChecked): Verdict =>
  checked.answer === null ? 'open' : isAmiss(checked) ? 'out' : 'in';

/** Every surface and small check with how it stands, so that what nobody looked at is in sight. */
export function SurfaceList(props: Props) {
  const { job, looked, checks, shown, onChoose, onCheck, onDone } = props;
  const { unit } = useShop();
  const said = ({ state, findings }: Looked) =>
    state === 'unseen'
      ? 'not inspected'
      : state === 'sound'
        ? 'sound'
        : findings.map((f) => `${seenWords(f, unit)}: ${decidedWords(f)}`).join('; ');
  return (
    <ScrollView style={layout.fill} contentContainerStyle={styles.list}>
      {byOwner(job.sheet, looked).map(({ name, looked: here }) => (
        <View key={here[0]?.surface.id}>
          <Heading style={styles.part}>{name}</Heading>
          {here.map((l) => (
            <ListRow
              key={l.surface.id}
              name={l.surface.name}
              note={said(l)}
              noteTone={markOf(l) === 'out' ? 'out' : 'muted'}
              mark={<PinRing verdict={markOf(l)} size={28} />}
              here={l.surface.id === shown}
              onPress={() => onChoose(l.surface.id)}
            />
          ))}
        </View>
      ))}
      {checks.length > 0 ? <Heading style={styles.part}>Other checks</Heading> : null}
      {checks.map((c) => (
        <ListRow
          key={c.check.id}
          name={c.check.name}
          note={answerBeside(c) || 'not inspected'}
          noteTone={isAmiss(c) ? 'out' : 'muted'}
          mark={<PinRing verdict={alsoMark(c)} size={28} />}
          here={c.check.id === shown}
          onPress={() => onCheck(c.check.id)}
        />
      ))}
      {onDone ? (
        <FootRow>
          <FootButton name="Back" onPress={onDone} />
        </FootRow>
      ) : null}
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  list: { padding: 14, gap: 4 },
  part: { paddingTop: 8 },
});
