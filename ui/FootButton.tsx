import { Pressable, StyleSheet, type ViewStyle } from 'react-native';
import { TOUCH, TOUCH_LARGE, usePalette } from './theme';
import { useRoom } from './useWidth';
import { Words } from './Words';

interface Props {
  readonly name: string;
  /** Said instead of the name where that is short. */
  readonly spoken?: string;
  readonly onPress: () => void;
  readonly disabled?: boolean;
  /** It is as low as anything that is touched: not on the measuring screen. */
  readonly low?: boolean;
}

/** One of the lesser actions in the row beneath the answers; it is lower where the answers need the room. */
export function FootButton({ name, spoken, onPress, disabled = false, low = false }: Props) {
  const palette = usePalette();
  const { short } = useRoom();
  const height = short || low ? TOUCH : TOUCH_LARGE;
  return (
    <Pressable
      role="button"
      {...(spoken ? { 'aria-label': spoken } : {})}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      style={[styles.button, { borderColor: palette.line, height }]}
    >
      <Words
        strong
        tone={disabled ? 'muted' : 'blue'}
        numberOfLines={height === TOUCH_LARGE ? 3 : 2}
        style={styles.words}
      >
        {name}
      </Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  button: {
    flexGrow: 1,
    flexShrink: 1,
    maxWidth: '100%',
    // No narrower than its longest word.
    minWidth: 'min-content',
    paddingHorizontal: 4,
    borderWidth: 1.5,
    borderRadius: 6,
    alignItems: 'center',
    justifyContent: 'center',
  } as unknown as ViewStyle,
  words: { minWidth: TOUCH - 12, textAlign: 'center' },
});
