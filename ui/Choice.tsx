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

/** More than these do not fit beside each other on a phone: they go on two lines or more. */
const ONE_LINE = 5;

/** Three to a line, or four where one would be left on a line of its own. */
const shareOfLine = (count: number): '30%' | '22%' => (count % 3 === 1 ? '22%' : '30%');

/** One of a few, side by side: all of them in sight, the chosen one filled. */
export function Choice<T extends string>({ label, value, options, onChange, stacked }: Props<T>) {
  const palette = usePalette();
  return (
    <View
      role="radiogroup"
      aria-label={label}
      style={[
        styles.group,
        {
          borderColor: palette.ink,
          flexDirection: stacked ? 'column' : 'row',
          flexWrap: stacked ? 'nowrap' : 'wrap',
        },
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
            style={[
              styles.option,
              !stacked && options.length > ONE_LINE && { flexBasis: shareOfLine(options.length) },
              chosen && { backgroundColor: palette.ink },
            ]}
          >
            <Words
              strong={chosen}
              tone={chosen ? 'plate' : 'ink'}
              numberOfLines={stacked ? 2 : 1}
              style={styles.words}
            >
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
  words: { textAlign: 'center' },
  option: {
    flexGrow: 1,
    minWidth: TOUCH,
    minHeight: TOUCH - 3,
    paddingHorizontal: 10,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
