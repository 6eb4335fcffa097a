import type { ReactNode } from 'react';
import { dequal } from 'dequal';
import { useFieldArray, useFormContext, useWatch, type FieldArray } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import type { SheetForm } from './sheetForm';
import { say } from '@/core/wording/say';

/** The lists of a sheet that people lengthen and shorten. */
type ListName =
  | 'own'
  | 'key'
  | 'variants'
  | 'mixes'
  | 'strip'
  | 'renew'
  | 'also'
  | 'small'
  | 'clutches'
  | 'book'
  | 'sets';

interface Props<N extends ListName> {
  readonly name: N;
  readonly title: string;
  readonly about: string;
  /** A new one, with nothing in it. */
  readonly blank: () => SheetForm[N][number];
  /** What a pump of this kind and build has as a rule, where that is known: it can be taken instead. */
  readonly usual?: readonly SheetForm[N][number][];
  readonly children: (index: number) => ReactNode;
}

/** A list of a sheet: its entries one below the other, each to be removed, and one more. */
export function ListEditor<N extends ListName>(props: Props<N>) {
  const { name, title, about, blank, usual, children } = props;
  const palette = usePalette();
  const { control } = useFormContext<SheetForm>();
  const { fields, append, remove, swap, replace } = useFieldArray({
    control,
    name,
    keyName: 'key_',
  });
  const now = useWatch({ control, name });
  const other = usual && !dequal(now, usual);
  return (
    <View style={styles.list}>
      <Heading>{title}</Heading>
      <Words size="note" tone="muted">
        {about}
      </Words>
      {fields.map((field, i) => (
        <View key={field.key_} style={[styles.entry, { borderColor: palette.line }]}>
          {children(i)}
          <View style={styles.row}>
            <Button
              disabled={i === 0}
              accessibilityLabel={say('sheets.moveUp', { list: name, number: i + 1 })}
              onPress={() => swap(i, i - 1)}
            >
              Up
            </Button>
            <Button
              icon="trash-can-outline"
              accessibilityLabel={say('sheets.remove', { list: name, number: i + 1 })}
              onPress={() => remove(i)}
            >
              Remove
            </Button>
          </View>
        </View>
      ))}
      <Button
        mode="outlined"
        icon="plus"
        onPress={() => append(blank() as FieldArray<SheetForm, N>)}
      >
        {say('sheets.add', { list: name })}
      </Button>
      {other ? (
        <Button
          mode="text"
          icon="restore"
          accessibilityLabel={say('sheets.usualList', { list: title })}
          onPress={() => replace([...usual] as unknown as FieldArray<SheetForm, N>[])}
        >
          Use the usual list for this pump
        </Button>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: 10 },
  entry: { gap: 8, borderBottomWidth: 1, paddingBottom: 8 },
  row: { flexDirection: 'row', justifyContent: 'flex-end' },
});
