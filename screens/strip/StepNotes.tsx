import { StyleSheet, View } from 'react-native';
import { noteWords, type Stripped } from '@/core/inspect/stripping';
import { ListRow } from '@/ui/ListRow';
import { WayGlyph } from '@/ui/WayGlyph';
import { Heading, Words } from '@/ui/Words';
import { say } from '@/core/wording/say';

interface Props {
  readonly steps: readonly Stripped[];
  readonly shown: string | null;
  readonly onChoose: (step: string) => void;
}

/** All steps with what was noted; a touch takes one in hand again. */
export function StepNotes({ steps, shown, onChoose }: Props) {
  return (
    <View>
      <Heading style={styles.heading}>Steps</Heading>
      {steps.map(({ step, note }, i) => {
        const here = step.id === shown;
        const words = note ? noteWords(step, note) || 'done' : 'to do';
        return (
          <ListRow
            key={step.id}
            name={step.do}
            note={words}
            noteTone={note !== null && note.state !== 'there' ? 'out' : 'muted'}
            spoken={say('strip.stepNote', { number: i + 1, step: step.do, note: words })}
            here={here}
            mark={
              <Words strong tone={here ? 'blue' : 'muted'} style={styles.number}>
                {i + 1}
              </Words>
            }
            onPress={() => onChoose(step.id)}
          >
            {note?.way ? <WayGlyph way={step.way} option={note.way} width={48} /> : null}
          </ListRow>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  heading: { paddingVertical: 8 },
  number: { width: 18 },
});
