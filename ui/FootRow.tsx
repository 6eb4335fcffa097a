import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';

/** The lesser actions beneath what a screen asks, side by side: what finds no room goes on the next line. */
export const FootRow = ({ children }: { readonly children: ReactNode }) => (
  <View style={styles.row}>{children}</View>
);

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
