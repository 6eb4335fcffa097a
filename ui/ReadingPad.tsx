import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { typedOver } from './padText';
import { TOUCH_LARGE, usePalette } from './theme';
import { Words } from './Words';

/** Keys of the pad in rows, as written into the field; words stand for what they do. */
const ROWS = [
  ['7', '8', '9', '½'],
  ['4', '5', '6', '¼'],
  ['1', '2', '3', 'last'],
  ['.', '0', 'back', 'enter'],
] as const;
type Key = (typeof ROWS)[number][number];

const FACE: Partial<Record<Key, string>> = { last: 'Last', back: '⌫', enter: 'Enter' };
const SPOKEN: Partial<Record<Key, string>> = {
  last: 'Last value again',
  back: 'Delete the last sign',
  '.': 'Decimal point',
};

interface Props {
  readonly value: string;
  /** A figure to begin with: the last one of the same thing, or what the book says. */
  readonly last: string | null;
  readonly onChange: (value: string) => void;
  readonly onEnter: () => void;
}

/**
 * A pad made for readings: big keys, halves and quarters, the last value again. Digits that are
 * typed after *Last* go over the end of that figure: gears differ in their last two places.
 */
export function ReadingPad({ value, last, onChange, onEnter }: Props) {
  const palette = usePalette();
  const [over, setOver] = useState<{ readonly text: string; readonly digits: string } | null>(null);
  const overLast = last !== null && over?.text === value ? over.digits : null;
  const show = (text: string, digits: string | null) => {
    setOver(digits === null ? null : { text, digits });
    onChange(text);
  };
  const press = (key: Key) => {
    if (key === 'enter') onEnter();
    else if (key === 'back') show(value.slice(0, -1), null);
    else if (key === 'last') show(last ?? value, last === null ? null : '');
    else if (last !== null && overLast !== null && /\d/.test(key)) {
      const digits = overLast + key;
      show(typedOver(last, digits), digits);
    } else show(value + key, null);
  };
  return (
    <View style={styles.pad} role="group" aria-label="Reading pad">
      {ROWS.map((row) => (
        <View key={row.join('')} style={styles.row}>
          {row.map((key) => {
            const off = key === 'last' && last === null;
            const enter = key === 'enter';
            return (
              <Pressable
                key={key}
                role="button"
                aria-label={SPOKEN[key] ?? FACE[key] ?? key}
                aria-disabled={off}
                disabled={off}
                onPress={() => press(key)}
                style={({ pressed }) => [
                  styles.key,
                  {
                    borderColor: enter ? palette.blue : palette.line,
                    backgroundColor: enter ? palette.blue : pressed ? palette.steel : palette.paper,
                  },
                ]}
              >
                <Words size="title" strong tone={enter ? 'onBlue' : off ? 'muted' : 'ink'}>
                  {FACE[key] ?? key}
                </Words>
              </Pressable>
            );
          })}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  pad: { gap: 6 },
  row: { flexDirection: 'row', gap: 6 },
  key: {
    flex: 1,
    height: TOUCH_LARGE,
    borderWidth: 1.5,
    borderRadius: 6,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
