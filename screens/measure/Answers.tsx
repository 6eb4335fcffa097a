import { memo, useRef } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { FELT, type Felt } from '@/core/feeler/bounds';
import { FeltGlyph } from '@/ui/FeltGlyph';
import { useShop } from '@/data/hooks';
import { useKeys } from '@/ui/keyboard';
import { scaled, TOUCH_LARGE, usePalette } from '@/ui/theme';
import { useRoom, useWide } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

/** The four answers as the hand would say them. */
export const FELT_WORDS: Readonly<Record<Felt, { readonly name: string; readonly feel: string }>> =
  {
    free: { name: 'Free', feel: 'slides, no touch' },
    drag: { name: 'Drags', feel: 'light, even pull' },
    'part-way': { name: 'Part way', feel: 'well in, then stops' },
    'no-go': {
      name: 'Won’t go',
      feel: 'needs force, or tip only',
    },
  };

/** What a leaf that does not go does where a straightedge lies over it. */
const UNDER_EDGE = 'needs force, lifts the straightedge, or tip only';

interface Props {
  readonly onAnswer: (felt: Felt) => unknown;
  /** A straightedge lies over the leaf. */
  readonly edge?: boolean;
}

/** Four large answers that show what the hand feels; each is on a key as well. They are the same from one leaf to the next. */
export const Answers = memo(function Answers({ onAnswer, edge = false }: Props) {
  const palette = usePalette();
  const wide = useWide();
  const { shortcuts } = useShop();
  const grid = useRef<View>(null);
  useKeys(Object.fromEntries(FELT.map((felt, i) => [`${i + 1}`, () => void onAnswer(felt)])), {
    enabled: shortcuts,
    on: grid,
  });
  // On a phone at 200% there is room for the word, and for what it means only where it is spoken.
  const { tiny, narrow } = useRoom();
  return (
    <View ref={grid} role="group" aria-label="How does the leaf feel?" style={layout.wrap}>
      {FELT.map((felt, i) => {
        const { name } = FELT_WORDS[felt];
        const feel = edge && felt === 'no-go' ? UNDER_EDGE : FELT_WORDS[felt].feel;
        return (
          <Pressable
            key={felt}
            role="button"
            aria-label={`${name}: ${feel}`}
            {...(shortcuts ? { 'aria-keyshortcuts': `${i + 1}` } : {})}
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
            {narrow ? null : <FeltGlyph felt={felt} />}
            <View style={styles.words}>
              <Words size={tiny ? 'strong' : 'title'} strong>
                {name}
              </Words>
              {tiny ? null : (
                <Words size="note" tone="muted" style={styles.feel}>
                  {feel}
                </Words>
              )}
            </View>
            {shortcuts && wide ? (
              <Words size="note" tone="muted" style={styles.key}>
                {i + 1}
              </Words>
            ) : null}
          </Pressable>
        );
      })}
    </View>
  );
});

const styles = StyleSheet.create({
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
  feel: { lineHeight: scaled(15) },
  key: { position: 'absolute', top: 4, right: 8 },
});
