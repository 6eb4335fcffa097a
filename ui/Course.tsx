import { StyleSheet, View } from 'react-native';
import { Button } from './Button';
import { usePalette } from './theme';
import { Words } from './Words';
import { say } from '@/core/wording/say';
import { layout } from './layout';

interface Props {
  readonly what: string;
  readonly done: number;
  /** Null while nobody knows how much there is. */
  readonly of: number | null;
  readonly onCancel: () => void;
}

/** How far a long work is, and the way out of it. */
export function Course({ what, done, of, onCancel }: Props) {
  const palette = usePalette();
  const share = of === null || of === 0 ? 0 : done / of;
  return (
    <View style={layout.stack} role="status" aria-label="Under way">
      <Words strong>
        {of === null ? say('ui.soFar', { what, done }) : say('ui.doneOf', { what, done, all: of })}
      </Words>
      <View style={[styles.bar, { backgroundColor: palette.line }]}>
        <View style={{ flex: share, backgroundColor: palette.blue }} />
        <View style={{ flex: 1 - share }} />
      </View>
      <Button mode="outlined" onPress={onCancel}>
        Cancel
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', height: 8, borderRadius: 4, overflow: 'hidden' },
});
