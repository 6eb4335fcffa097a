import type { ComponentProps, Ref } from 'react';
import { StyleSheet, Text, type TextStyle } from 'react-native';
import { FONT, STRONG_THEMES, THEMES, TYPE, usePalette, type Palette } from './theme';

interface Props extends ComponentProps<typeof Text> {
  readonly size?: keyof typeof TYPE;
  readonly tone?: keyof Palette;
  readonly strong?: boolean;
  readonly ref?: Ref<Text>;
}

/** Text in one of the sizes of the scale, with tabular figures. */
export function Words({ size = 'body', tone = 'ink', strong = false, style, ...rest }: Props) {
  const tones = TONES.get(usePalette());
  return (
    <Text
      {...rest}
      style={[styles.words, SIZES[size], strong ? styles.strong : null, tones?.[tone], style]}
    />
  );
}

// Every style is made once: worked out anew at each drawing they would take a good part of a tap.
const styles = StyleSheet.create({
  words: { fontFamily: FONT, fontWeight: '500', fontVariant: ['tabular-nums'] },
  strong: { fontWeight: '600' },
});

/** Makes a style of each of some named values. */
function stylesOf<K extends string, V>(values: Readonly<Record<K, V>>, style: (v: V) => TextStyle) {
  const named = Object.entries<V>(values).map(([name, value]) => [name, style(value)]);
  return StyleSheet.create(Object.fromEntries(named) as Record<K, TextStyle>);
}

const SIZES = stylesOf(TYPE, (fontSize) => ({ fontSize, lineHeight: Math.round(fontSize * 1.22) }));

const TONES = new Map(
  [...Object.values(THEMES), ...Object.values(STRONG_THEMES)].map(({ palette }) => [
    palette,
    stylesOf(palette, (color) => ({ color })),
  ]),
);

/** The heading of a screen or a part of one. */
export function Heading({ level = 2, ...rest }: Props & { readonly level?: 1 | 2 | 3 }) {
  return (
    <Words
      size={level === 1 ? 'title' : 'strong'}
      strong
      {...rest}
      role="heading"
      aria-level={level}
    />
  );
}
