import { StyleSheet, View } from 'react-native';
import type { ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { partsWords, standWords } from '@/core/wording/shelf';
import { chosenRow } from '@/ui/Beside';
import { LinkBox } from '@/ui/LinkBox';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';

interface Props {
  readonly part: ShelfPart;
  readonly sheet: Sheet | undefined;
  /** Whether it is the one shown beside the list; undefined where nothing is beside it. */
  readonly chosen: boolean | undefined;
}

/** A loose part in the list: its label, what it is of, where it lies. */
export function PartRow({ part, sheet, chosen }: Props) {
  const palette = usePalette();
  return (
    <View
      role="listitem"
      style={[styles.row, { borderColor: palette.line }, chosenRow(chosen, palette)]}
    >
      <LinkBox
        href={chosen === undefined ? `/shelf/${part.id}` : `/shelf?part=${part.id}`}
        replace={chosen !== undefined}
        current={chosen ? 'page' : undefined}
        style={styles.link}
      >
        <Words size="title" strong style={styles.label} numberOfLines={2}>
          {part.label}
        </Words>
        <View style={styles.words}>
          <Words strong>{partsWords(sheet, part)}</Words>
          <Words size="note" tone="muted">
            {[part.model, part.make, standWords(part)].filter(Boolean).join(' · ')}
          </Words>
        </View>
      </LinkBox>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { borderBottomWidth: 1, minHeight: 64 },
  link: { flexDirection: 'row', gap: 12, alignItems: 'center', paddingVertical: 10, minHeight: 64 },
  label: { width: 84 },
  words: { flex: 1, minWidth: 0 },
});
