import { useForm, type FieldPath } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import type { ShopUnit } from '@/core/quantity/units';
import type { FeelerSetRecord } from '@/core/records/instrument';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Words } from '@/ui/Words';
import { feelerFromForm, feelerToForm, type FeelerForm } from './instrumentForm';

const STACKS = [
  { value: '1', name: 'One' },
  { value: '2', name: 'Two' },
  { value: '3', name: 'Three' },
] as const;

/** Why it pays: figures of `npm run trust`, which docs/sums.md gives in full. */
const WHY_MIC =
  'Mic the leaves: it pays. If leaves are 4 µm off their marking, one “in” of ten near a limit is wrong. Say so here, and at most one of twenty is: the app then asks for more leaves before it decides. A mic’d leaf counts as it was mic’d.';

interface Props {
  readonly feeler: FeelerSetRecord;
  readonly unit: ShopUnit;
  readonly onKeep: (feeler: FeelerSetRecord) => Promise<unknown>;
  readonly onRemove?: (() => void) | undefined;
}

/** A leaf set: the leaves that are still in it, and how many may be held together. */
export function FeelerEditor({ feeler, unit, onKeep, onRemove }: Props) {
  const { control, handleSubmit, setError, formState, reset } = useForm<FeelerForm>({
    defaultValues: feelerToForm(feeler, unit),
  });
  const save = handleSubmit(async (form) => {
    const read = feelerFromForm(form, feeler, unit);
    if (read.ok) {
      await onKeep(read.record);
      reset(feelerToForm(read.record, unit));
      return;
    }
    Object.entries(read.errors).forEach(([field, message], i) =>
      setError(
        field as FieldPath<FeelerForm>,
        { message: message ?? '' },
        { shouldFocus: i === 0 },
      ),
    );
  });
  return (
    <View style={styles.box}>
      <Field control={control} name="name" label="Leaf set" />
      <Field control={control} name="leaves" label={`Leaves in the set, ${unit}`} multiline />
      <Field
        control={control}
        name="mics"
        label={`Leaves that were mic’d, ${unit}: marked = mic’d`}
        placeholder="One a line: 0.05 = 0.0487"
        multiline
      />
      <View style={styles.row}>
        <Field
          control={control}
          name="tolerance"
          label={`Leaves are off by u, ${unit}`}
          spoken={`${feeler.name}: standard uncertainty of a leaf that was not mic’d`}
          style={styles.cell}
        />
        <Field
          control={control}
          name="dragBand"
          label={`Drag band ±, ${unit}`}
          spoken={`${feeler.name}: how far a gap may be from a leaf that drags`}
          style={styles.cell}
        />
      </View>
      <Words size="note" tone="muted">
        {WHY_MIC}
      </Words>
      <Words>Held together at most</Words>
      <Choice
        label={`${feeler.name}: leaves held together at most`}
        value={`${feeler.maxStack}` as '1' | '2' | '3'}
        options={STACKS}
        onChange={(most) => void onKeep({ ...feeler, maxStack: Number(most) })}
      />
      <View style={styles.row}>
        <Button mode="contained" disabled={!formState.isDirty} onPress={() => void save()}>
          {formState.isDirty ? 'Save' : 'Saved'}
        </Button>
        {onRemove ? (
          <Button icon="trash-can-outline" onPress={onRemove}>
            Take it off
          </Button>
        ) : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: 8 },
  row: { flexDirection: 'row', gap: 8 },
  cell: { flex: 1, minWidth: 0 },
});
