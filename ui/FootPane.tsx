import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { layout } from './layout';
import { usePalette } from './theme';
import { useRoom, useWide } from './useWidth';

interface Props {
  readonly children: ReactNode;
  /** What is done next; null for nothing. */
  readonly foot: ReactNode;
  /** What comes after that where it is not pinned. */
  readonly after?: ReactNode;
}

/** A page with what is done next at its foot: pinned on a phone that is high enough, else beneath what it is about. */
export function FootPane({ children, foot, after }: Props) {
  const palette = usePalette();
  const wide = useWide();
  const { short } = useRoom();
  const isPinned = !short && !wide;
  return (
    <View style={layout.fill}>
      <ScrollView
        style={layout.fill}
        contentContainerStyle={styles.page}
        keyboardShouldPersistTaps="handled"
      >
        {children}
        {isPinned ? null : foot}
        {after}
      </ScrollView>
      {isPinned && foot ? (
        <View style={[styles.foot, { borderColor: palette.line, backgroundColor: palette.plate }]}>
          {foot}
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  page: { padding: 14, gap: 12, maxWidth: 860, width: '100%' },
  foot: { padding: 10, gap: 8, borderTopWidth: 1 },
});
