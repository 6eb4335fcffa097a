import { dequal } from 'dequal';
import { useState, type ReactNode } from 'react';
import {
  useFieldArray,
  useFormContext,
  useWatch,
  type FieldArray,
  type FieldPath,
  type UseFieldArrayReturn,
} from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { saySheets } from './saySheets';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Pick as PickOne } from '@/ui/Pick';
import { RowButton } from '@/ui/RowButton';
import { usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import type { AskedField, SheetList } from './lists/list';
import { Many } from './Many';
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
  const choices = typeof options === 'function' ? options(row) : options;
  const dirty = { shouldDirty: true };
  if (choices && look === 'many') {
    return (
      <Many
        label={label}
        value={String(row[name] ?? '')}
        options={choices}
        onChange={(value) => setValue(path(name), value as never, dirty)}
      />
    );
  }
  if (!choices) {
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
  const choose = (value: string) => {
    setValue(path(name), value as never, dirty);
    if (clears) setValue(path(clears), '' as never, dirty);
  };
  const chosen = {
    label,
    value: String(row[name] ?? ''),
    options: choices,
    onChange: choose,
  };
  return look ? <Choice {...chosen} stacked={look === 'stacked'} /> : <PickOne {...chosen} />;
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

interface EntryProps {
  readonly name: ListName;
  readonly list: SheetList<Row, Row>;
  readonly index: number;
  readonly row: Row;
  /** Its fields are on show, where the list folds them away. */
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly entries: Pick<UseFieldArrayReturn<SheetForm, ListName, 'key_'>, 'swap' | 'remove'>;
  readonly children: ReactNode;
}

/** One entry of a list: its fields, folded away where the list is long, and what is done to the whole of it. */
function Entry({ name, list, index, row, open, onOpen, entries, children }: EntryProps) {
  const palette = usePalette();
  const { formState } = useFormContext<SheetForm>();
  const folded = list.folds?.(row);
  // What is wrong is never folded away.
  const isWrong = formState.errors[name]?.[index] !== undefined;
  const isOpen = !folded || open || isWrong;
  const asked = list.fields.filter(({ when }) => when?.(row) ?? true);
  return (
    <View style={isOpen ? [styles.entry, { borderColor: palette.line }] : null}>
      {folded ? (
        <RowButton
          name={saySheets('sheets.stepNamed', { number: index + 1, step: folded.name })}
          about={folded.about}
          open={isOpen}
          onPress={() => onOpen(!open)}
        />
      ) : null}
      {isOpen ? (
        <>
          {inLines(asked).map((line) => (
            <View key={line[0]?.name} style={line.length > 1 ? layout.wrap : null}>
              {line.map((field) => (
                <Asked key={field.name} list={name} index={index} row={row} field={field} />
              ))}
            </View>
          ))}
          {children}
          <View style={styles.row}>
            <Button
              disabled={index === 0}
              accessibilityLabel={saySheets('sheets.moveUp', { list: name, number: index + 1 })}
              onPress={() => entries.swap(index, index - 1)}
            >
              Up
            </Button>
            <Button
              icon="trash-can-outline"
              accessibilityLabel={saySheets('sheets.remove', { list: name, number: index + 1 })}
              onPress={() => {
                onOpen(false);
                entries.remove(index);
              }}
            >
              Remove
            </Button>
          </View>
        </>
      ) : null}
    </View>
  );
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
  const { control } = useFormContext<SheetForm>();
  const entries = useFieldArray({ control, name, keyName: 'key_' });
  const now = useWatch({ control, name }) as unknown as readonly Row[];
  const [opened, setOpened] = useState<string | null>(null);
  const list = lists[name] as unknown as SheetList<Row, Row>;
  return (
    <View style={styles.list}>
      {list.title ? <Heading>{list.title}</Heading> : null}
      {list.about ? (
        <Words size="note" tone="muted">
          {list.about}
        </Words>
      ) : null}
      {entries.fields.map(({ key_ }, i) => (
        <Entry
          key={key_}
          name={name}
          list={list}
          index={i}
          row={now[i] ?? {}}
          open={opened === key_ || (opened === 'last' && i === entries.fields.length - 1)}
          onOpen={(is) => setOpened(is ? key_ : null)}
          entries={entries}
        >
          {more?.(i)}
        </Entry>
      ))}
      <Button
        mode="outlined"
        icon="plus"
        onPress={() => {
          entries.append(list.blank() as unknown as FieldArray<SheetForm, ListName>);
          setOpened('last');
        }}
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
