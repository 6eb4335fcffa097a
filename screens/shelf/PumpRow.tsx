import { StyleSheet, View } from 'react-native';
import type { Sheet } from '@/core/records/sheet';
import { sayShelf } from './sayShelf';
import { LinkBox } from '@/ui/LinkBox';
import { TOUCH, usePalette } from '@/ui/theme';
import { useRoom } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { PumpSign } from '../shell/PumpSign';
import { layout } from '@/ui/layout';

interface Props {
  readonly model: string;
  readonly sheet: Sheet | undefined;
}

/** The pump over its parts on the shelf: its outline, its name, and the way to pair what lies there. */
export function PumpRow({ model, sheet }: Props) {
  const palette = usePalette();
  const { tiny } = useRoom();
  return (
    <View role="listitem" style={[styles.row, { borderColor: palette.line }]}>
      {tiny ? null : <PumpSign pump={sheet ?? null} />}
      <Words size="strong" strong style={layout.grow} numberOfLines={tiny ? 1 : undefined}>
        {model}
      </Words>
      {sheet && !tiny ? (
        <LinkBox
          href={`/shelf/pair?sheet=${sheet.id}`}
          label={sayShelf('shelf.pairOf', { model })}
          style={styles.pair}
        >
          <Words strong tone="blue">
            Pair up
          </Words>
        </LinkBox>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    paddingTop: 10,
    paddingBottom: 4,
    borderBottomWidth: 1,
  },
  pair: { minHeight: TOUCH, justifyContent: 'center', paddingHorizontal: 6 },
});
