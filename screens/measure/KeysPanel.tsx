import { ScrollView, StyleSheet, View } from 'react-native';
import { FELT } from '@/core/feeler/bounds';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { useNextFocus } from '@/ui/focus';
import { Heading, Words } from '@/ui/Words';
import { KeysChoice } from '../shell/KeysChoice';
import { FELT_WORDS } from './Answers';

const KEYS: readonly (readonly [key: string, does: string])[] = [
  ...FELT.map((felt, i) => [`${i + 1}`, FELT_WORDS[felt].name] as const),
  ['U', 'Undo'],
  ['→', 'Next check'],
  ['←', 'Previous check'],
  ['?', 'This list'],
  ['Escape', 'Back'],
];

/** What each key does while a pump is measured, and the switch that turns them off. */
export function KeysPanel({ onDone }: { readonly onDone: () => void }) {
  const first = useNextFocus('keys');
  return (
    <ScrollView contentContainerStyle={styles.panel}>
      <FootRow>
        <FootButton name="Back to Measure" onPress={onDone} />
      </FootRow>
      <View ref={first}>
        <Heading>Keys on the measuring screen</Heading>
      </View>
      <KeysChoice />
      <Words size="note" tone="muted">
        Keys act while no field has the cursor. A foot pedal that types works the same way.
      </Words>
      {KEYS.map(([key, does]) => (
        <View key={key} style={styles.row}>
          <Words strong style={styles.key}>
            {key}
          </Words>
          <Words>{does}</Words>
        </View>
      ))}
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  panel: { padding: 14, gap: 10 },
  row: { flexDirection: 'row', gap: 12, minHeight: 32, alignItems: 'center' },
  key: { width: 72 },
});
