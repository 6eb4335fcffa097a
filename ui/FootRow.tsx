import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRoom } from './useWidth';

interface Props {
  readonly children: ReactNode;
  /** All stay on one line, long names in two lines of words, where a phone is as wide as phones are. */
  readonly together?: boolean;
}

/** The lesser actions beneath what a screen asks, side by side: what finds no room goes on the next line. */
export function FootRow({ children, together = false }: Props) {
  const { narrow } = useRoom();
  return <View style={[styles.row, together && !narrow && styles.together]}>{children}</View>;
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  together: { flexWrap: 'nowrap', gap: 6 },
});
