import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { usePalette } from './theme';

interface Props {
  /** What can be done with it, always in sight. */
  readonly foot: ReactNode;
  readonly children: ReactNode;
}

/** What is chosen in a list, beside it: what scrolls, and its actions beneath. */
export function SidePanel({ foot, children }: Props) {
  const palette = usePalette();
  return (
    <View style={styles.fill}>
      <ScrollView style={styles.fill} contentContainerStyle={styles.page}>
        {children}
      </ScrollView>
      <View style={[styles.foot, { borderColor: palette.line }]}>{foot}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1, minWidth: 0, minHeight: 0 },
  page: { padding: 16, gap: 12 },
  foot: { flexDirection: 'row', gap: 10, padding: 16, borderTopWidth: 1 },
});
