import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRoom } from './useWidth';
import { layout } from './layout';

interface Props {
  readonly children: ReactNode;
  /** All stay on one line, long names in two lines of words, where a phone is as wide as phones are. */
  readonly together?: boolean;
}

/** The lesser actions beneath what a screen asks, side by side: what finds no room goes on the next line. */
export function FootRow({ children, together = false }: Props) {
  const { narrow } = useRoom();
  return <View style={[layout.wrap, together && !narrow && styles.together]}>{children}</View>;
}

const styles = StyleSheet.create({
  together: { flexWrap: 'nowrap', gap: 6 },
});
