import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { usePalette } from './theme';

/** A line of a list that is only read: what stands in it side by side, a rule beneath. */
export function Line({ children }: { readonly children: ReactNode }) {
  const { line } = usePalette();
  return <View style={[styles.line, { borderColor: line }]}>{children}</View>;
}

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 10,
    borderBottomWidth: 1,
    paddingVertical: 6,
  },
});
