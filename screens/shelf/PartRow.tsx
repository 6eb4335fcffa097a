import { StyleSheet, View } from 'react-native';
import type { ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { partsWords, sizesInLine, whereWords } from '@/core/wording/shelf';
import { useShop } from '@/data/hooks';
import { chosenRow } from '@/ui/Beside';
import { LinkBox } from '@/ui/LinkBox';
import { usePalette } from '@/ui/theme';
import { useRoom } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

interface Props {
  readonly part: ShelfPart;
  readonly sheet: Sheet | undefined;
  /** Whether it is the one shown beside the list; undefined where nothing is beside it. */
  readonly chosen: boolean | undefined;
}

/** A loose part in the list: its label, what it is and measures, where it lies. */
export function PartRow({ part, sheet, chosen }: Props) {
  const palette = usePalette();
  const { unit } = useShop();
  const { tiny } = useRoom();
  return (
    <View
      role="listitem"
      style={[styles.row, { borderColor: palette.line }, chosenRow(chosen, palette)]}
    >
      <LinkBox
        href={chosen === undefined ? `/shelf/${part.id}` : `/shelf?part=${part.id}`}
        replace={chosen !== undefined}
        current={chosen ? 'page' : undefined}
        style={[styles.link, tiny && styles.over]}
      >
        <Words size="title" strong style={tiny ? null : styles.label} numberOfLines={tiny ? 1 : 2}>
          {part.label}
        </Words>
        <View style={tiny ? null : layout.grow}>
          <Words strong numberOfLines={tiny ? 1 : undefined}>
            {partsWords(sheet, part)}
          </Words>
          <Words size="note" tone="muted" numberOfLines={tiny ? 1 : undefined}>
            {[sizesInLine(sheet, part, unit), part.make].filter(Boolean).join(' · ')}
          </Words>
        </View>
        {tiny ? null : (
          <Words size="note" tone="muted" style={styles.place}>
            {whereWords(part)}
          </Words>
        )}
      </LinkBox>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { borderBottomWidth: 1, minHeight: 60 },
  link: { flexDirection: 'row', gap: 12, alignItems: 'center', paddingVertical: 6, minHeight: 60 },
  over: { flexDirection: 'column', alignItems: 'stretch', gap: 0 },
  label: { width: 72 },
  place: { maxWidth: 96, textAlign: 'right' },
});
