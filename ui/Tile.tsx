import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { TOUCH_LARGE, usePalette } from './theme';
import { Words } from './Words';
import { layout } from './layout';

interface Props {
  readonly name: string;
  readonly note?: string;
  readonly picture?: ReactNode;
  readonly chosen?: boolean;
  readonly onPress: () => void;
  /** How many lie side by side on a phone. */
  readonly across?: 1 | 2 | 3;
}

const BASIS = { 1: '100%', 2: '45%', 3: '30%' } as const;

/** A large answer: its picture, its word, and what it means. */
export function Tile({ name, note, picture, chosen, onPress, across = 2 }: Props) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={note ? `${name}: ${note}` : name}
      {...(chosen === undefined ? {} : { 'aria-pressed': chosen })}
      onPress={onPress}
      style={({ pressed }) => [
        styles.tile,
        picture ? styles.pictured : styles.plain,
        {
          flexBasis: BASIS[across],
          borderColor: chosen ? palette.blue : palette.ink,
          borderWidth: chosen ? 3 : 1.5,
          backgroundColor: pressed ? palette.steel : palette.paper,
        },
      ]}
    >
      {picture}
      <View style={styles.words}>
        <Words strong style={styles.centre}>
          {name}
        </Words>
        {note ? (
          <Words size="note" tone="muted" style={styles.centre}>
            {note}
          </Words>
        ) : null}
      </View>
    </Pressable>
  );
}

/** Answers side by side, as many to a line as fit. */
export function Tiles({
  label,
  children,
}: {
  readonly label: string;
  readonly children: ReactNode;
}) {
  return (
    <View role="group" aria-label={label} style={layout.wrap}>
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  tile: {
    flexGrow: 1,
    minHeight: TOUCH_LARGE,
    paddingVertical: 6,
    paddingHorizontal: 6,
    borderRadius: 8,
    alignItems: 'center',
    justifyContent: 'center',
    gap: 4,
  },
  pictured: { minHeight: 104 },
  plain: { paddingHorizontal: 12 },
  words: { maxWidth: '100%' },
  centre: { textAlign: 'center' },
});
