import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { TORQUE_UNITS } from '@/core/records/sheet';
import { newId } from '@/data/create';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import type { SheetForm } from './sheetForm';
import { say } from '@/core/wording/say';

const UNIT_NAMES = { Nm: 'Nm', lbft: 'lb·ft', lbin: 'lb·in' } as const;

/** The bolts of a pump with their torque, as the manual gives them. */
export function FastenerSection() {
  const { control, setValue } = useFormContext<SheetForm>();
  const typed = useWatch({ control, name: 'fasteners' });
  const fasteners = useFieldArray({ control, name: 'fasteners', keyName: 'key' });
  return (
    <>
      {fasteners.fields.length === 0 ? <Words tone="muted">No bolts yet.</Words> : null}
      {fasteners.fields.map((f, i) => (
        <View key={f.key} style={styles.box}>
          <View style={styles.row}>
            <Field
              control={control}
              name={`fasteners.${i}.name`}
              label="Bolts"
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
              label="Qty"
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
            label={say('sheets.torqueUnit', { number: i + 1 })}
            value={typed[i]?.unit ?? 'Nm'}
            options={TORQUE_UNITS.map((value) => ({ value, name: UNIT_NAMES[value] }))}
            onChange={(unit) => setValue(`fasteners.${i}.unit`, unit, { shouldDirty: true })}
          />
          <Field
            control={control}
            name={`fasteners.${i}.note`}
            label="Note: pattern, thread lock, replace"
          />
          <Button
            icon="trash-can-outline"
            onPress={() => fasteners.remove(i)}
            accessibilityLabel={say('sheets.removeBolts', { number: i + 1 })}
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
        Add bolts
      </Button>
      <Notice kind="caution">
        Use the maker’s torques. Follow the manual for stretch bolts and thread lock.
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
