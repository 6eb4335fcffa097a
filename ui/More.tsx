import { useState, type ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import Icon from './icons/Icon';
import { useEscape } from './keyboard';
import { TOUCH, usePalette } from './theme';
import { Words } from './Words';

/** Something that is done more rarely. */
export interface MoreItem {
  readonly name: string;
  readonly onPress: () => void;
}

/**
 * Keeps what is done more rarely behind one button: what opens them, and the list of them while it is open, for the
 * place where there is room.
 *
 * @param label says what they are: to a screen reader, and on the button where that is named
 */
export function useMore(
  label: string,
  items: readonly MoreItem[],
  look: 'dots' | 'named' = 'dots',
): { readonly button: ReactNode; readonly list: ReactNode } {
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  useEscape(open ? () => setOpen(false) : undefined);
  return {
    button: (
      <Pressable
        role="button"
        aria-label={label}
        aria-expanded={open}
        onPress={() => setOpen(!open)}
        style={[styles.button, look === 'named' && styles.named, { borderColor: palette.line }]}
      >
        {look === 'named' ? (
          <Words strong tone="blue">
            {label}
          </Words>
        ) : null}
        <Icon
          name={open ? 'chevron-up' : look === 'named' ? 'chevron-down' : 'dots-horizontal'}
          color={palette.blue}
        />
      </Pressable>
    ),
    list: open ? (
      <View
        role="group"
        aria-label={label}
        style={[styles.list, { borderColor: palette.line, backgroundColor: palette.paper }]}
      >
        {items.map(({ name, onPress }) => (
          <Pressable
            key={name}
            role="button"
            onPress={() => {
              setOpen(false);
              onPress();
            }}
            style={[styles.item, { borderColor: palette.line }]}
          >
            <Words strong tone="blue">
              {name}
            </Words>
          </Pressable>
        ))}
      </View>
    ) : null,
  };
}

const styles = StyleSheet.create({
  button: {
    width: 56,
    minHeight: TOUCH,
    borderWidth: 1.5,
    borderRadius: 6,
    alignItems: 'center',
    justifyContent: 'center',
  },
  named: { width: 'auto', flexDirection: 'row', gap: 6, paddingHorizontal: 16 },
  list: { borderWidth: 1, borderRadius: 6 },
  item: { minHeight: TOUCH, justifyContent: 'center', paddingHorizontal: 14, borderTopWidth: 1 },
});
