import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { usePalette, type Palette } from './theme';
import { Words } from './Words';
import { layout } from './layout';

interface Props {
  readonly name: string;
  readonly note: string;
  readonly noteTone?: keyof Palette;
  readonly nameTone?: keyof Palette;
  /** Said instead of name and note, where those leave something out. */
  readonly spoken?: string;
  /** What is in hand now. */
  readonly here: boolean;
  readonly strong?: boolean;
  /** Before the words: a mark or a number. */
  readonly mark?: ReactNode;
  /** After the words: a figure or a picture. */
  readonly children?: ReactNode;
  readonly onPress: () => void;
}

/** A line of a list of things to do: how it stands, its name, a word on it; a touch takes it in hand. */
export function ListRow(props: Props) {
  const { name, note, noteTone = 'muted', nameTone = 'ink', here, strong = here } = props;
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={props.spoken ?? `${name}: ${note}`}
      aria-current={here || undefined}
      onPress={props.onPress}
      style={[
        styles.row,
        {
          borderBottomColor: palette.line,
          borderLeftColor: here ? palette.blue : 'transparent',
          backgroundColor: here ? palette.paper : 'transparent',
        },
      ]}
    >
      {props.mark}
      <View style={layout.grow}>
        <Words strong={strong} tone={nameTone} numberOfLines={2}>
          {name}
        </Words>
        <Words size="note" tone={noteTone}>
          {note}
        </Words>
      </View>
      {props.children}
    </Pressable>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 10,
    minHeight: 58,
    paddingVertical: 4,
    paddingHorizontal: 8,
    borderBottomWidth: 1,
    borderLeftWidth: 3,
  },
});
