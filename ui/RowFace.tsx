import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import Icon, { type IconName } from './icons/Icon';
import { usePalette } from './theme';
import { Words } from './Words';
import { layout } from './layout';

interface Props {
  readonly name: string;
  readonly about: string;
  readonly icon: IconName;
  /** Before the words: how it stands. */
  readonly mark?: ReactNode;
  /** It cannot be touched now. */
  readonly muted?: boolean;
}

/** What a line of a list shows: its name, a word on it, and where a touch leads. */
export function RowFace({ name, about, icon, mark, muted = false }: Props) {
  const palette = usePalette();
  return (
    <>
      {mark}
      <View style={layout.grow}>
        <Words size="strong" strong tone={muted ? 'muted' : 'ink'}>
          {name}
        </Words>
        {about ? (
          <Words size="note" tone="muted">
            {about}
          </Words>
        ) : null}
      </View>
      <Icon name={icon} color={palette.muted} />
    </>
  );
}

/** The box of such a line, for whatever can be touched. */
export function useRowStyle() {
  const { line } = usePalette();
  return { ...styles.row, borderColor: line };
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 8,
    minHeight: 60,
    paddingVertical: 8,
    borderBottomWidth: 1,
  },
});
