import { useState } from 'react';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { pumpOf } from '@/core/pumps/registry';
import type { Sheet } from '@/core/records/sheet';
import { unitName } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import { newId } from '@/data/create';
import { useChange } from '@/data/hooks';
import { fileName, chooseText, saveAs } from '@/data/save';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Heading } from '@/ui/Words';
import { FigureHeads, FigureTable } from './FigureTable';
import { LimitRow } from './LimitRow';
import { NO_LIMIT } from './limitForm';
import { toForm, type SheetForm } from './sheetForm';
import { say } from '@/core/wording/say';
import { saySheets } from './saySheets';
import { layout } from '@/ui/layout';
import { useOnce } from '../shell/useOnce';

/** The limits by tier: one tier at a time, each characteristic with its ends, convention and source. */
export function LimitSection({ sheet, unit }: { readonly sheet: Sheet; readonly unit: ShopUnit }) {
  const { control, setValue, reset, formState } = useFormContext<SheetForm>();
  const tiers = useFieldArray({ control, name: 'tiers', keyName: 'key' });
  const names = useWatch({ control, name: 'tiers' });
  const [chosen, setChosen] = useState(names[0]?.id ?? '');
  const at = Math.max(
    0,
    names.findIndex((t) => t.id === chosen),
  );
  const tier = names[at];
  const { characteristics } = pumpOf(sheet);
  const gap = unitName('gap', unit);

  const addTier = () => {
    const id = newId();
    setValue(
      `limits.${id}`,
      Object.fromEntries(characteristics.map((c) => [c.id, { ...NO_LIMIT }])),
    );
    tiers.append({ id, name: '', source: '' });
    setChosen(id);
  };
  return (
    <>
      <Choice
        label="Limit set (New, Service)"
        value={tier?.id ?? ''}
        options={names.map((t) => ({ value: t.id, name: t.name || 'new' }))}
        onChange={setChosen}
      />
      {tier ? (
        <FigureTable key={tier.id}>
          <Heading>{saySheets('sheets.limits', { tier: tier.name || 'new' })}</Heading>
          <View style={layout.wrap}>
            <Field
              control={control}
              name={`tiers.${at}.name`}
              label="Limit set (New, Service)"
              style={styles.grow}
            />
            <Field
              control={control}
              name={`tiers.${at}.source`}
              label="Source: document, page"
              style={styles.grow}
            />
          </View>
          <FigureHeads
            lines="Check"
            columns={[say('sheets.min', { unit: gap }), say('sheets.max', { unit: gap })]}
          />
          {characteristics.map((c) => (
            <LimitRow key={c.id} tier={tier} characteristic={c} unit={unit} />
          ))}
        </FigureTable>
      ) : null}
      <View style={layout.wrap}>
        <Button mode="outlined" icon="plus" onPress={addTier}>
          Add a limit set
        </Button>
        {names.length > 1 ? (
          <Button
            icon="trash-can-outline"
            onPress={() => {
              tiers.remove(at);
              setChosen(names[at === 0 ? 1 : 0]?.id ?? '');
            }}
          >
            Remove this limit set
          </Button>
        ) : null}
      </View>
      <LimitFiles
        sheet={sheet}
        clean={!formState.isDirty}
        onRead={(read) => reset(toForm(read, unit))}
      />
    </>
  );
}

interface FilesProps {
  readonly sheet: Sheet;
  /** Nothing is typed that reading a file would lose. */
  readonly clean: boolean;
  readonly onRead: (sheet: Sheet) => void;
}

/** The limits as CSV, out and in: whole or not at all. */
function LimitFiles({ sheet, clean, onRead }: FilesProps) {
  const { apply } = useChange('sheet', sheet.id);
  const take = useOnce(async (text: string) => {
    const { withLimitsCsv } = await import('@/data/tables');
    const next = withLimitsCsv(sheet, text);
    await apply((s) => ({ ...s, limits: next.limits }));
    onRead(next);
  });
  const read = async () => {
    const file = await chooseText('.csv,text/csv');
    if (file) take.run(file.text);
  };
  const save = useOnce(async () => {
    const { limitsCsv } = await import('@/data/tables');
    const name = fileName(saySheets('sheets.limitsFile', { model: sheet.model }), 'csv');
    saveAs(name, limitsCsv(sheet), 'text/csv');
  });
  const problems = [
    take.failed && saySheets('sheets.notImported', { errors: take.failed }),
    save.failed && say('shell.fileFailed', { error: save.failed }),
  ].filter((problem) => problem !== null);
  return (
    <>
      {problems.map((problem) => (
        <Notice key={problem} kind="error">
          {problem}
        </Notice>
      ))}
      <View style={layout.wrap}>
        <Button icon="file-export-outline" onPress={save.run}>
          Limits as CSV
        </Button>
        <Button icon="file-import-outline" disabled={!clean} onPress={() => void read()}>
          Read limits from CSV
        </Button>
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  grow: { flexGrow: 1, flexBasis: 150, minWidth: 0 },
});
