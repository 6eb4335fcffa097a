import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useWide } from './useWidth';

interface Props {
  /** What a phone shows first; it stays first in reading order. */
  readonly first: ReactNode;
  readonly second: ReactNode;
  /** On a wide screen the first one is as wide as its buttons need, and stands at this side. */
  readonly aside?: 'left' | 'right';
}

/** Two columns where there is room, one below the other on a phone. */
export function Columns({ first, second, aside }: Props) {
  const wide = useWide();
  if (!wide) {
    return (
      <>
        {first}
        {second}
      </>
    );
  }
  return (
    <View style={[styles.columns, aside === 'right' && styles.reversed]}>
      <View style={aside ? styles.aside : styles.column}>{first}</View>
      <View style={styles.column}>{second}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  columns: { flexDirection: 'row', gap: 32, alignItems: 'flex-start' },
  reversed: { flexDirection: 'row-reverse' },
  column: { flex: 1, minWidth: 0, gap: 14 },
  aside: { width: 240, gap: 14 },
});
