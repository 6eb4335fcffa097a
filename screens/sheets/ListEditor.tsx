import { dequal } from 'dequal';
import type { ReactNode } from 'react';
import {
  useFieldArray,
  useFormContext,
  useWatch,
  type FieldArray,
  type FieldPath,
} from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { saySheets } from './saySheets';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Pick } from '@/ui/Pick';
import { usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import type { AskedField, SheetList } from './lists/list';
import type { ListForms, ListName, SheetLists } from './lists/lists';
import type { SheetForm } from './sheetForm';
import { layout } from '@/ui/layout';

type Row = Readonly<Record<string, unknown>>;

interface AskedProps {
  readonly list: ListName;
  readonly index: number;
  readonly row: Row;
  readonly field: AskedField<Row>;
}

/** One field of an entry: a text, a few options beside each other, or many in a list. */
function Asked({ list, index, row, field }: AskedProps) {
  const { control, setValue } = useFormContext<SheetForm>();
  const path = (name: string) => `${list}.${index}.${name}` as FieldPath<SheetForm>;
  const { name, label: called, options, look, clears, width, multiline, inputMode } = field;
  const label = typeof called === 'function' ? called(index + 1, row) : called;
  if (!options) {
    return (
      <Field
        control={control}
        name={path(name)}
        label={label}
        {...(multiline ? { multiline } : {})}
        {...(inputMode ? { inputMode } : {})}
        {...(field.placeholder ? { placeholder: field.placeholder } : {})}
        {...(width ? { style: { flexGrow: width, flexBasis: width, minWidth: 0 } } : {})}
      />
    );
  }
  const dirty = { shouldDirty: true };
  const choose = (value: string) => {
    setValue(path(name), value as never, dirty);
    if (clears) setValue(path(clears), '' as never, dirty);
  };
  const chosen = {
    label,
    value: String(row[name] ?? ''),
    options: typeof options === 'function' ? options(row) : options,
    onChange: choose,
  };
  return look ? <Choice {...chosen} stacked={look === 'stacked'} /> : <Pick {...chosen} />;
}

/** Sets fields that stand beside each other apart from those that have a line of their own. */
function inLines(fields: readonly AskedField<Row>[]): (readonly AskedField<Row>[])[] {
  const lines: AskedField<Row>[][] = [];
  for (const field of fields) {
    const last = lines.at(-1);
    if (field.width && last?.[0]?.width) last.push(field);
    else lines.push([field]);
  }
  return lines;
}

interface Props {
  readonly name: ListName;
  readonly lists: SheetLists;
  /** What a pump of this kind and build has as a rule, where that is known: it can be taken instead. */
  readonly usual?: ListForms[ListName];
  /** What stands below the fields of an entry. */
  readonly more?: (index: number) => ReactNode;
}

/** A list of a sheet: its entries one below the other, each to be removed, and one more. */
export function ListEditor({ name, lists, usual, more }: Props) {
  const palette = usePalette();
  const { control } = useFormContext<SheetForm>();
  const entries = useFieldArray({ control, name, keyName: 'key_' });
  const now = useWatch({ control, name }) as unknown as readonly Row[];
  const list = lists[name] as unknown as SheetList<Row, Row>;
  return (
    <View style={styles.list}>
      {list.title ? <Heading>{list.title}</Heading> : null}
      {list.about ? (
        <Words size="note" tone="muted">
          {list.about}
        </Words>
      ) : null}
      {entries.fields.map(({ key_ }, i) => {
        const row = now[i] ?? {};
        const asked = list.fields.filter(({ when }) => when?.(row) ?? true);
        return (
          <View key={key_} style={[styles.entry, { borderColor: palette.line }]}>
            {inLines(asked).map((line) => (
              <View key={line[0]?.name} style={line.length > 1 ? layout.wrap : null}>
                {line.map((field) => (
                  <Asked key={field.name} list={name} index={i} row={row} field={field} />
                ))}
              </View>
            ))}
            {more?.(i)}
            <View style={styles.row}>
              <Button
                disabled={i === 0}
                accessibilityLabel={saySheets('sheets.moveUp', { list: name, number: i + 1 })}
                onPress={() => entries.swap(i, i - 1)}
              >
                Up
              </Button>
              <Button
                icon="trash-can-outline"
                accessibilityLabel={saySheets('sheets.remove', { list: name, number: i + 1 })}
                onPress={() => entries.remove(i)}
              >
                Remove
              </Button>
            </View>
          </View>
        );
      })}
      <Button
        mode="outlined"
        icon="plus"
        onPress={() => entries.append(list.blank() as unknown as FieldArray<SheetForm, ListName>)}
      >
        {saySheets('sheets.add', { list: name })}
      </Button>
      {usual && !dequal(now, usual) ? (
        <Button
          mode="text"
          icon="restore"
          accessibilityLabel={saySheets('sheets.usualList', { list: list.title })}
          onPress={() =>
            entries.replace([...usual] as unknown as FieldArray<SheetForm, ListName>[])
          }
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
