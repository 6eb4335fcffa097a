import { Pressable, StyleSheet } from 'react-native';
import { TOUCH, usePalette } from './theme';
import { Words } from './Words';

interface Props {
  readonly name: string;
  readonly onPress: () => void;
  readonly disabled?: boolean;
}

/** One of the lesser actions in the row beneath the answers. */
export function FootButton({ name, onPress, disabled = false }: Props) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      style={[styles.button, { borderColor: palette.line }]}
    >
      <Words strong tone={disabled ? 'muted' : 'blue'} numberOfLines={1}>
        {name}
      </Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  button: {
    flexGrow: 1,
    flexShrink: 0,
    minWidth: TOUCH,
    paddingHorizontal: 4,
    height: TOUCH,
    borderWidth: 1.5,
    borderRadius: 6,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
