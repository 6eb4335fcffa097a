import { Link, type Href } from 'expo-router';
import { useId, type ReactNode } from 'react';
import { Pressable, StyleSheet, Text, type StyleProp, type ViewStyle } from 'react-native';

interface Props {
  readonly href: Href;
  readonly replace?: boolean;
  /** Names it where what stands in it does not say all. */
  readonly label?: string | undefined;
  /** Said after its name: how it stands. */
  readonly about?: string;
  readonly current?: 'page' | 'step' | undefined;
  readonly style?: StyleProp<ViewStyle>;
  readonly children: ReactNode;
}

/** A box that leads somewhere. A link hands its style on to the DOM as it is, so it has to be one plain object. */
export function LinkBox({ href, replace = false, label, about, current, style, children }: Props) {
  const id = useId();
  const described = about ? ({ 'aria-describedby': id } as object) : {};
  return (
    <Link href={href} replace={replace} asChild>
      <Pressable
        role="link"
        aria-label={label}
        aria-current={current}
        {...described}
        style={StyleSheet.flatten(style)}
      >
        {children}
        {about ? (
          <Text nativeID={id} style={styles.unseen}>
            {about}
          </Text>
        ) : null}
      </Pressable>
    </Link>
  );
}

const styles = StyleSheet.create({
  unseen: { position: 'absolute', width: 1, height: 1, overflow: 'hidden', opacity: 0 },
});
