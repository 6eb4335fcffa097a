import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { QrCode } from './QrCode';
import { usePalette } from './theme';
import { Words } from './Words';
import { layout } from './layout';

interface Props {
  /** The number that a scanner reads, and that is written large beside its code. */
  readonly number: string;
  readonly testID: string;
  /** Some are stuck on a small part. */
  readonly small?: boolean;
  /** What else is written on it. */
  readonly children: ReactNode;
}

/** A label as it is printed: a number as a code and in writing, and what else is said of what it is on. */
export function LabelFace({ number, testID, small = false, children }: Props) {
  const palette = usePalette();
  const colours = { borderColor: palette.ink, backgroundColor: palette.paper };
  return (
    <View style={[styles.face, small ? styles.small : styles.large, colours]} testID={testID}>
      <QrCode text={number} size={small ? 84 : 124} />
      <View style={layout.grow}>
        <Words size={small ? 'title' : 'reading'} strong numberOfLines={2}>
          {number}
        </Words>
        {children}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  face: { flexDirection: 'row', alignItems: 'center' },
  large: { gap: 12, padding: 10, borderWidth: 1.5, borderRadius: 8, width: '100%', maxWidth: 440 },
  small: { gap: 8, padding: 6, borderWidth: 1, borderRadius: 6, width: 300 },
});
