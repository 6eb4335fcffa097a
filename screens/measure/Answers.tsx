import { Pressable, StyleSheet, View } from 'react-native';
import { FELT, type Felt } from '@/core/feeler/bounds';
import { FeltGlyph } from '@/ui/FeltGlyph';
import { TOUCH_LARGE, usePalette } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { Words } from '@/ui/Words';

/** The four answers as the hand would say them. */
export const FELT_WORDS: Readonly<Record<Felt, { readonly name: string; readonly feel: string }>> =
  {
    free: { name: 'Free', feel: 'slides, no touch' },
    drag: { name: 'Drags', feel: 'light, even pull' },
    'part-way': { name: 'Part way', feel: 'well in, then stops' },
    'no-go': {
      name: 'Won’t go',
      feel: 'would need force, lifts the straightedge, or only the tip goes in',
    },
  };

/** Four large answers that show what the hand feels; each is on a key as well. */
export function Answers({ onAnswer }: { readonly onAnswer: (felt: Felt) => unknown }) {
  const palette = usePalette();
  const wide = useWide();
  return (
    <View role="group" aria-label="How does the leaf feel?" style={styles.grid}>
      {FELT.map((felt, i) => {
        const { name, feel } = FELT_WORDS[felt];
        return (
          <Pressable
            key={felt}
            role="button"
            aria-label={`${name}: ${feel}`}
            aria-keyshortcuts={`${i + 1}`}
            onPress={() => onAnswer(felt)}
            style={({ pressed }) => [
              styles.answer,
              wide ? styles.quarter : styles.half,
              {
                borderColor: palette.ink,
                backgroundColor: pressed ? palette.steel : palette.paper,
              },
            ]}
          >
            <FeltGlyph felt={felt} />
            <View style={styles.words}>
              <Words size="title" strong numberOfLines={1}>
                {name}
              </Words>
              <Words size="note" tone="muted" style={styles.feel}>
                {feel}
              </Words>
            </View>
            <Words size="note" tone="muted" style={styles.key}>
              {i + 1}
            </Words>
          </Pressable>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  grid: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  answer: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 10,
    minHeight: TOUCH_LARGE + 4,
    paddingHorizontal: 10,
    borderWidth: 1.5,
    borderRadius: 8,
  },
  half: { flexBasis: '45%', flexGrow: 1 },
  quarter: { flexBasis: '40%', flexGrow: 1 },
  words: { flex: 1, minWidth: 0, paddingVertical: 4 },
  feel: { lineHeight: 15 },
  key: { position: 'absolute', top: 4, right: 8 },
});
