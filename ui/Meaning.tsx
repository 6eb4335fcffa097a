import { useEffect, useRef, type Ref } from 'react';
import { ScrollView, StyleSheet, View, type Text } from 'react-native';
import { spelled } from '@/core/wording/say';
import { termOf, type TermId } from '@/core/wording/terms';
import { Button } from './Button';
import { focusOn } from './focus';
import { useEscape } from './keyboard';
import { TermPicture } from './TermPicture';
import { usePalette } from './theme';
import { Heading, Words } from './Words';
import { layout } from './layout';

interface Props {
  readonly terms: readonly TermId[];
  readonly onDone: () => void;
}

/** What some words mean, over the lower part of the screen; the focus goes back where it was. */
export function Meaning({ terms, onDone }: Props) {
  const palette = usePalette();
  const first = useRef<Text>(null);
  useEscape(onDone);
  useEffect(() => {
    const before = document.activeElement;
    focusOn(first.current);
    return () => {
      if (before instanceof HTMLElement && before.isConnected)
        before.focus({ preventScroll: true });
    };
  }, []);
  return (
    <View
      role="dialog"
      aria-label="What the words mean"
      style={[styles.over, { backgroundColor: palette.paper, borderColor: palette.ink }]}
    >
      <ScrollView contentContainerStyle={styles.list}>
        {terms.map((id, i) => (
          <TermEntry key={id} id={id} {...(i === 0 ? { first } : {})} />
        ))}
      </ScrollView>
      <Button mode="contained" contentStyle={layout.thumb} onPress={onDone}>
        Close
      </Button>
    </View>
  );
}

interface EntryProps {
  readonly id: TermId;
  /** Its heading, where the focus goes there. */
  readonly first?: Ref<Text>;
}

/** One word: its drawing, its name, its meaning. */
export function TermEntry({ id, first }: EntryProps) {
  const { name, text } = termOf(id);
  return (
    <View style={styles.entry}>
      <TermPicture term={id} width={112} />
      <View style={layout.grow}>
        <Heading level={3} {...(first ? { ref: first } : {})}>
          {name}
        </Heading>
        <Words>{spelled(text)}</Words>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  over: {
    position: 'absolute',
    left: 0,
    right: 0,
    bottom: 0,
    maxHeight: '80%',
    padding: 14,
    gap: 10,
    borderTopWidth: 2,
    zIndex: 10,
  },
  list: { gap: 14, paddingBottom: 4 },
  entry: { flexDirection: 'row', gap: 12, alignItems: 'flex-start' },
});
