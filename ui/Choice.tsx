import { Pressable, StyleSheet, View } from 'react-native';
import { TOUCH, usePalette } from './theme';
import { Words } from './Words';

interface Props<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly name: string }[];
  readonly onChange: (value: T) => void;
  /** One below the other, for names that need the width. */
  readonly stacked?: boolean;
}

/** One of a few, side by side: all of them in sight, the chosen one filled. */
export function Choice<T extends string>({ label, value, options, onChange, stacked }: Props<T>) {
  const palette = usePalette();
  return (
    <View
      role="radiogroup"
      aria-label={label}
      style={[
        styles.group,
        { borderColor: palette.ink, flexDirection: stacked ? 'column' : 'row' },
      ]}
    >
      {options.map((option) => {
        const chosen = option.value === value;
        return (
          <Pressable
            key={option.value}
            role="radio"
            aria-checked={chosen}
            onPress={() => onChange(option.value)}
            style={[styles.option, chosen && { backgroundColor: palette.ink }]}
          >
            <Words strong={chosen} tone={chosen ? 'plate' : 'ink'} numberOfLines={1}>
              {option.name}
            </Words>
          </Pressable>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  group: { borderWidth: 1.5, borderRadius: 6, overflow: 'hidden' },
  option: {
    flexGrow: 1,
    minWidth: TOUCH,
    minHeight: TOUCH - 3,
    paddingHorizontal: 12,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
