import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { usePalette } from './theme';

interface Props {
  readonly actions: ReactNode;
  readonly children: ReactNode;
}

/** A line of a list with what can be done with it at its end: beneath, where the width is short. */
export function ActionRow({ actions, children }: Props) {
  const palette = usePalette();
  return (
    <View role="listitem" style={[styles.row, { borderColor: palette.line }]}>
      <View style={styles.words}>{children}</View>
      {actions ? <View style={styles.actions}>{actions}</View> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: 8,
    borderBottomWidth: 1,
    paddingVertical: 8,
  },
  words: { flexGrow: 1, flexBasis: 180, minWidth: 0 },
  actions: { flexDirection: 'row', gap: 4, alignItems: 'center' },
});
