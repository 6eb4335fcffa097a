import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View, type Text } from 'react-native';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { useNextFocus } from '@/ui/focus';
import { usePalette } from '@/ui/theme';
import { Heading } from '@/ui/Words';

interface Props {
  readonly title: string;
  readonly back: string;
  readonly onBack: () => void;
  /** The main action, over the way back. */
  readonly action?: ReactNode;
  /** Other lesser actions beside the way back. */
  readonly beside?: ReactNode;
  readonly children: ReactNode;
}

/** A page of deciding laid over the answer: its heading, what scrolls, the way back beneath. */
export function Sheet({ title, back, onBack, action, beside, children }: Props) {
  const palette = usePalette();
  const next = useNextFocus<Text>(title);
  return (
    <View style={styles.fill}>
      <ScrollView style={styles.fill} contentContainerStyle={styles.page}>
        <Heading ref={next} size="instruction">
          {title}
        </Heading>
        {children}
      </ScrollView>
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
  page: { padding: 14, gap: 10, width: '100%', maxWidth: 760 },
  foot: { padding: 10, gap: 8, borderTopWidth: 1 },
});
