import { useRef } from 'react';
import { Pressable, StyleSheet, View, type ViewStyle } from 'react-native';
import { TOUCH, usePalette } from './theme';
import { useRoom } from './useWidth';
import { Words } from './Words';

interface Props<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly name: string }[];
  readonly onChange: (value: T) => void;
  /** One below the other, for names that need the width. */
  readonly stacked?: boolean;
  /** All on one line, however many: short names, close together; where they find no room the line scrolls. */
  readonly strip?: boolean;
  /** So many lines of a name are shown; one, or four where they are in a column, unless it is said. */
  readonly lines?: number;
}

/** More than these do not fit beside each other on a phone: they go on two lines or more. */
const ONE_LINE = 5;

/** Three to a line, or four where one would be left on a line of its own. */
const shareOfLine = (count: number): '30%' | '22%' => (count % 3 === 1 ? '22%' : '30%');

/** How far each key goes in the group (WAI-ARIA Authoring Practices, radio group). */
const BY_KEY: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowDown: 1,
  ArrowLeft: -1,
  ArrowUp: -1,
  ' ': 0,
};

/** One of a few, side by side: all of them in sight, the chosen one filled. One stop of Tab; arrows choose. */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChange,
  stacked,
  strip,
  lines,
}: Props<T>) {
  const palette = usePalette();
  const { tiny } = useRoom();
  const inColumn = stacked || (tiny && !strip);
  const buttons = useRef<(View | null)[]>([]);
  const chosenAt = options.findIndex((option) => option.value === value);
  const press = (event: { key: string; preventDefault: () => void }, at: number) => {
    const by = BY_KEY[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const to = (at + by + options.length) % options.length;
    const option = options[to];
    if (!option) return;
    buttons.current[to]?.focus();
    if (option.value !== value) onChange(option.value);
  };
  return (
    <View
      role="radiogroup"
      aria-label={label}
      style={[
        styles.group,
        {
          borderColor: palette.ink,
          flexDirection: inColumn ? 'column' : 'row',
          flexWrap: inColumn || strip ? 'nowrap' : 'wrap',
          ...(strip ? STRIP : {}),
        },
      ]}
    >
      {options.map((option, at) => {
        const chosen = at === chosenAt;
        const keys = {
          tabIndex: at === Math.max(0, chosenAt) ? 0 : -1,
          onKeyDown: (event: { key: string; preventDefault: () => void }) => press(event, at),
        } as object;
        return (
          <Pressable
            key={option.value}
            ref={(button) => {
              buttons.current[at] = button;
            }}
            role="radio"
            aria-checked={chosen}
            onPress={() => onChange(option.value)}
            {...keys}
            style={[
              styles.option,
              strip && styles.close,
              !inColumn &&
                !strip &&
                options.length > ONE_LINE && { flexBasis: shareOfLine(options.length) },
              lines !== undefined && !inColumn && styles.even,
              lines !== undefined && at > 0 && (inColumn ? styles.below : styles.beside),
              chosen && { backgroundColor: palette.ink },
            ]}
          >
            <Words
              size={strip ? 'note' : 'body'}
              strong={chosen}
              tone={chosen ? 'plate' : 'ink'}
              numberOfLines={lines ?? (inColumn ? 4 : 1)}
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

/** A style of the browser. */
const STRIP = { overflowX: 'auto', overflowY: 'hidden' } as ViewStyle;

const styles = StyleSheet.create({
  group: { borderWidth: 1.5, borderRadius: 6, overflow: 'hidden' },
  words: { textAlign: 'center' },
  even: { flexBasis: 0 },
  below: { borderTopWidth: 1 },
  beside: { borderLeftWidth: 1 },
  close: { paddingHorizontal: 3, flexShrink: 0 },
  option: {
    flexGrow: 1,
    minWidth: TOUCH,
    minHeight: TOUCH,
    paddingHorizontal: 10,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
