import { Pressable, StyleSheet } from 'react-native';
import { TOUCH, TOUCH_LARGE, usePalette } from './theme';
import { useRoom } from './useWidth';
import { Words } from './Words';

interface Props {
  readonly name: string;
  readonly onPress: () => void;
  readonly disabled?: boolean;
  /** It is as low as anything that is touched: not on the measuring screen. */
  readonly low?: boolean;
}

/** One of the lesser actions in the row beneath the answers; it is lower where the answers need the room. */
export function FootButton({ name, onPress, disabled = false, low = false }: Props) {
  const palette = usePalette();
  const { short } = useRoom();
  const height = short || low ? TOUCH : TOUCH_LARGE;
  return (
    <Pressable
      role="button"
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      style={[styles.button, { borderColor: palette.line, height }]}
    >
      <Words strong tone={disabled ? 'muted' : 'blue'} numberOfLines={2}>
        {name}
      </Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  button: {
    flexGrow: 1,
    maxWidth: '100%',
    minWidth: TOUCH,
    paddingHorizontal: 4,
    borderWidth: 1.5,
    borderRadius: 6,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
