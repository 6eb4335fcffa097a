import { ScrollView, StyleSheet, View } from 'react-native';
import { FELT } from '@/core/feeler/bounds';
import { useChangeShop, useShop } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { FootButton } from '@/ui/FootButton';
import { useNextFocus } from '@/ui/focus';
import { Heading, Words } from '@/ui/Words';
import { FELT_WORDS } from './Answers';

const KEYS: readonly (readonly [key: string, does: string])[] = [
  ...FELT.map((felt, i) => [`${i + 1}`, FELT_WORDS[felt].name] as const),
  ['U', 'Undo'],
  ['→', 'Next check'],
  ['←', 'Check before'],
  ['?', 'This list'],
  ['Escape', 'Back'],
];

const ON_OFF = [
  { value: 'on', name: 'On' },
  { value: 'off', name: 'Off' },
] as const;

/** What each key does while a pump is measured, and the switch that turns them off. */
export function KeysPanel({ onDone }: { readonly onDone: () => void }) {
  const { shortcuts } = useShop();
  const { apply } = useChangeShop();
  const first = useNextFocus('keys');
  const set = (chosen: string) =>
    void apply((shop) => ({ ...shop, shortcuts: chosen === 'on' })).catch(() => undefined);
  return (
    <ScrollView contentContainerStyle={styles.panel}>
      <View style={styles.foot}>
        <FootButton name="Back to Measure" onPress={onDone} />
      </View>
      <View ref={first}>
        <Heading>Keys on the measuring screen</Heading>
      </View>
      <Choice
        label="Keys on the measuring screen"
        value={shortcuts ? 'on' : 'off'}
        options={ON_OFF}
        onChange={set}
      />
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
  foot: { flexDirection: 'row' },
  row: { flexDirection: 'row', gap: 12, minHeight: 32, alignItems: 'center' },
  key: { width: 72 },
});
