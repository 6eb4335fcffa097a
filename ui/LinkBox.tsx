import { Link, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, StyleSheet, type StyleProp, type ViewStyle } from 'react-native';

interface Props {
  readonly href: Href;
  readonly replace?: boolean;
  readonly current?: 'page' | 'step' | undefined;
  readonly style?: StyleProp<ViewStyle>;
  readonly children: ReactNode;
}

/** A box that leads somewhere. A link hands its style on to the DOM as it is, so it has to be one plain object. */
export function LinkBox({ href, replace = false, current, style, children }: Props) {
  return (
    <Link href={href} replace={replace} asChild>
      <Pressable role="link" aria-current={current} style={StyleSheet.flatten(style)}>
        {children}
      </Pressable>
    </Link>
  );
}
