import type { ReactNode } from 'react';
import { StyleSheet, View, type ViewStyle } from 'react-native';
import { usePalette, type Palette } from './theme';
import { layout } from './layout';

interface Props {
  readonly list: ReactNode;
  /** The one that is chosen in the list. */
  readonly children: ReactNode;
}

/** A list, and beside it the one that is chosen: for a screen that has the width. */
export function Beside({ list, children }: Props) {
  const palette = usePalette();
  return (
    <View style={layout.panes}>
      <View style={[styles.list, { borderColor: palette.line }]}>{list}</View>
      {children}
    </View>
  );
}

/**
 * Returns how a row of such a list shows that it is the chosen one.
 *
 * @param chosen - undefined where nothing stands beside the list
 */
export const chosenRow = (chosen: boolean | undefined, palette: Palette): ViewStyle =>
  chosen === undefined
    ? {}
    : {
        borderLeftWidth: 4,
        borderLeftColor: chosen ? palette.blue : 'transparent',
        backgroundColor: chosen ? palette.paper : 'transparent',
        paddingHorizontal: 10,
      };

const styles = StyleSheet.create({
  list: { width: 500, borderRightWidth: 1 },
});
