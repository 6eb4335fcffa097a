import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { TORQUE_UNITS } from '@/core/records/sheet';
import { newId } from '@/data/create';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import type { SheetForm } from './sheetForm';

const UNIT_NAMES = { Nm: 'Nm', lbft: 'lb·ft', lbin: 'lb·in' } as const;

/** Bolts and screws with their torque, as the book gives them. */
export function FastenerSection() {
  const { control, setValue } = useFormContext<SheetForm>();
  const typed = useWatch({ control, name: 'fasteners' });
  const fasteners = useFieldArray({ control, name: 'fasteners', keyName: 'key' });
  return (
    <>
      {fasteners.fields.length === 0 ? <Words tone="muted">No fastener yet.</Words> : null}
      {fasteners.fields.map((f, i) => (
        <View key={f.key} style={styles.box}>
          <View style={styles.row}>
            <Field
              control={control}
              name={`fasteners.${i}.name`}
              label="What"
              style={styles.grow}
            />
            <Field
              control={control}
              name={`fasteners.${i}.thread`}
              label="Thread"
              style={styles.cell}
            />
          </View>
          <View style={styles.row}>
            <Field
              control={control}
              name={`fasteners.${i}.count`}
              label="How many"
              inputMode="numeric"
              style={styles.cell}
            />
            <Field
              control={control}
              name={`fasteners.${i}.torque`}
              label="Torque, or 60–65"
              style={styles.cell}
            />
          </View>
          <Choice
            label={`Torque unit of fastener ${i + 1}`}
            value={typed[i]?.unit ?? 'Nm'}
            options={TORQUE_UNITS.map((value) => ({ value, name: UNIT_NAMES[value] }))}
            onChange={(unit) => setValue(`fasteners.${i}.unit`, unit, { shouldDirty: true })}
          />
          <Field
            control={control}
            name={`fasteners.${i}.note`}
            label="Note: pattern, thread lock, renew"
          />
          <Button
            icon="trash-can-outline"
            onPress={() => fasteners.remove(i)}
            accessibilityLabel={`Remove fastener ${i + 1}`}
          >
            Remove
          </Button>
        </View>
      ))}
      <Button
        mode="outlined"
        icon="plus"
        onPress={() =>
          fasteners.append({
            id: newId(),
            name: '',
            thread: '',
            count: '1',
            torque: '',
            unit: 'Nm',
            note: '',
          })
        }
      >
        Add a fastener
      </Button>
      <Notice kind="caution">
        Torques are the maker’s: stretch bolts and thread lock as the manual says.
      </Notice>
    </>
  );
}

const styles = StyleSheet.create({
  box: { gap: 8 },
  row: { flexDirection: 'row', gap: 8 },
  grow: { flex: 2, minWidth: 0 },
  cell: { flex: 1, minWidth: 0 },
});
