import type { ComponentProps } from 'react';
import { Text } from 'react-native';
import { FONT, TYPE, usePalette, type Palette } from './theme';

interface Props extends ComponentProps<typeof Text> {
  readonly size?: keyof typeof TYPE;
  readonly tone?: keyof Palette;
  readonly strong?: boolean;
}

/** Text in one of the sizes of the scale, with tabular figures. */
export function Words({ size = 'body', tone = 'ink', strong = false, style, ...rest }: Props) {
  const palette = usePalette();
  const px = TYPE[size];
  return (
    <Text
      {...rest}
      style={[
        {
          fontFamily: FONT,
          fontSize: px,
          lineHeight: Math.round(px * 1.22),
          color: palette[tone],
          fontWeight: strong ? '600' : '500',
          fontVariant: ['tabular-nums'],
        },
        style,
      ]}
    />
  );
}

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
