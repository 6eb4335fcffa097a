import type { FieldPath, FieldValues } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Field } from '@/ui/Field';
import { KeptNotices } from '../shell/KeptNotices';
import type { KeptForm } from '../shell/useKeptForm';
import { SaveButton } from '@/ui/SaveButton';
import { layout } from '@/ui/layout';

interface Props<F extends FieldValues> {
  readonly kept: KeptForm<F>;
  readonly fields: readonly { readonly name: FieldPath<F>; readonly label: string }[];
  /** Width that a field has at least, in px. */
  readonly least: number;
  readonly onSave: () => unknown;
}

/** A few fields side by side that are saved together, with what was changed elsewhere meanwhile. */
export function FieldsForm<F extends FieldValues>({ kept, fields, least, onSave }: Props<F>) {
  const { control, formState } = kept.form;
  return (
    <View style={layout.stack}>
      <KeptNotices kept={kept} />
      <View style={layout.wrap}>
        {fields.map((field) => (
          <Field
            key={field.name}
            control={control}
            style={[styles.cell, { flexBasis: least }]}
            {...field}
          />
        ))}
      </View>
      <SaveButton isDirty={formState.isDirty} onPress={() => void onSave()} />
    </View>
  );
}

const styles = StyleSheet.create({
  cell: { flexGrow: 1, minWidth: 0, maxWidth: '100%' },
});
