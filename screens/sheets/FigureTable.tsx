import type { ReactNode } from 'react';
import { useFormContext, type FieldPath } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Field } from '@/ui/Field';
import { usePalette } from '@/ui/theme';
import { useRoom } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import type { SheetForm } from './sheetForm';

/** How wide a figure stands in its column, in px. */
export const FIGURE = 76;

/** Figures by their lines; the eye has to find the way from a name to them. */
export const FigureTable = ({ children }: { readonly children: ReactNode }) => (
  <View style={styles.table}>{children}</View>
);

interface HeadsProps {
  /** What the lines are of. */
  readonly lines: string;
  readonly columns: readonly string[];
}

/** What the columns are of, once over them all; each figure says it again to whoever cannot see them. */
export function FigureHeads({ lines, columns }: HeadsProps) {
  const { tiny } = useRoom();
  return (
    <View style={[styles.heads, tiny && styles.wrapped]} aria-hidden>
      <Words size="note" tone="muted" style={[styles.name, tiny && styles.whole]}>
        {lines}
      </Words>
      {columns.map((column) => (
        <Words key={column} size="note" tone="muted" style={styles.head}>
          {column}
        </Words>
      ))}
    </View>
  );
}

interface RowProps {
  readonly name: string;
  /** What is no figure, and stands under the name. */
  readonly under?: ReactNode;
  readonly figures: readonly {
    readonly field: FieldPath<SheetForm>;
    readonly spoken: string;
  }[];
}

/** A line of figures with its name. */
export function FigureRow({ name, under, figures }: RowProps) {
  const palette = usePalette();
  const { tiny } = useRoom();
  const { control } = useFormContext<SheetForm>();
  return (
    <View
      style={[
        styles.row,
        tiny && styles.wrapped,
        Boolean(under) && styles.level,
        { borderColor: palette.line },
      ]}
    >
      <View style={[styles.name, tiny && styles.whole]}>
        <Words>{name}</Words>
        {under}
      </View>
      {figures.map(({ field, spoken }) => (
        <Field
          key={field}
          flat="figure"
          control={control}
          name={field}
          label={spoken}
          style={styles.figure}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  table: { gap: 4, width: '100%', maxWidth: 760 },
  heads: { flexDirection: 'row', gap: 8, paddingTop: 6, alignItems: 'flex-end' },
  head: { width: FIGURE, maxWidth: '45%', textAlign: 'right', paddingRight: 4 },
  row: { flexDirection: 'row', gap: 8, alignItems: 'center', borderTopWidth: 1 },
  // On one line with what stands under the name.
  level: { alignItems: 'flex-end' },
  name: { flex: 1, minWidth: 60 },
  wrapped: { flexWrap: 'wrap' },
  whole: { flexBasis: '100%' },
  figure: { width: FIGURE, maxWidth: '45%' },
});
