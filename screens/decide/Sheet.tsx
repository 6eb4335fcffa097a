import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View, type Text } from 'react-native';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { useNextFocus } from '@/ui/focus';
import { usePalette } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { Heading } from '@/ui/Words';
import { layout } from '@/ui/layout';

interface Props {
  readonly title: string;
  readonly back: string;
  readonly onBack: () => void;
  /** The main action, over the way back. */
  readonly action?: ReactNode;
  /** Other lesser actions beside the way back. */
  readonly beside?: ReactNode;
  readonly children: ReactNode;
  /** It takes the width that there is. */
  readonly full?: boolean;
  /** A column of its own where there is room; else it is left out. */
  readonly second?: ReactNode;
}

/** A page of deciding laid over the answer: its heading, what scrolls, the way back beneath. */
export function Sheet(props: Props) {
  const { title, back, onBack, action, beside, children, second = null, full = false } = props;
  const wide = useWide();
  const palette = usePalette();
  const next = useNextFocus<Text>(title);
  return (
    <View style={styles.fill}>
      <View style={layout.panes}>
        <ScrollView
          style={styles.fill}
          contentContainerStyle={[styles.page, full ? null : styles.narrow]}
        >
          <Heading ref={next} size="instruction">
            {title}
          </Heading>
          {children}
        </ScrollView>
        {wide && second ? (
          <ScrollView
            tabIndex={0}
            style={[styles.fill, styles.second, { borderColor: palette.line }]}
            contentContainerStyle={styles.page}
          >
            {second}
          </ScrollView>
        ) : null}
      </View>
      <View style={[styles.foot, { borderColor: palette.line }]}>
        {action}
        <FootRow>
          <FootButton low name={back} onPress={onBack} />
          {beside}
        </FootRow>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1, minHeight: 0, minWidth: 0 },
  second: { borderLeftWidth: 1 },
  page: { padding: 14, gap: 10, width: '100%' },
  narrow: { maxWidth: 760 },
  foot: { padding: 10, gap: 8, borderTopWidth: 1 },
});
