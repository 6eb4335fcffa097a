import { useFieldArray, useWatch, type Control } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { parseNumber } from '@/core/quantity/parse';
import { flowUnit, pressureUnit } from '@/core/quantity/flow';
import { temperatureUnit } from '@/core/quantity/temperature';
import type { ShopUnit } from '@/core/quantity/units';
import { pumpSpeed } from '@/core/records/tag';
import { Field } from '@/ui/Field';
import { Words } from '@/ui/Words';
import { NO_FIGURE, type TagForm } from './tagForm';

/** `Pump at 2 430 /min`; empty until speed and ratio can be read. */
function pumpWords(rpm: string, ratio: string): string {
  const speed = pumpSpeed({
    drive_rpm: parseNumber(rpm) ?? NaN,
    ratio: parseNumber(ratio) ?? NaN,
  });
  return Number.isFinite(speed) ? `Pump at ${Math.round(speed)} /min` : '';
}

interface Props {
  readonly control: Control<TagForm>;
  /** The one in which bare figures are read. */
  readonly unit: ShopUnit;
}

/** Flow and pressure at speed, taken before the pump came apart: what the repair is held against. */
export function BeforeFigures({ control, unit }: Props) {
  const { fields, append, remove } = useFieldArray({ control, name: 'before', keyName: 'key' });
  const typed = useWatch({ control, name: 'before' });
  return (
    <View style={styles.list}>
      {fields.map((field, i) => (
        <View key={field.key} style={styles.list}>
          <View style={styles.row}>
            <Field
              control={control}
              name={`before.${i}.rpm`}
              label="Engine 1/min"
              spoken={`Figure ${i + 1}: engine or motor speed, 1/min`}
              inputMode="numeric"
              style={styles.cell}
            />
            <Field
              control={control}
              name={`before.${i}.ratio`}
              label="Pump turns per turn"
              spoken={`Figure ${i + 1}: pump turns per engine turn`}
              inputMode="decimal"
              style={styles.cell}
            />
          </View>
          <View style={styles.row}>
            <Field
              control={control}
              name={`before.${i}.flow`}
              label={`Flow, ${flowUnit(unit)}`}
              spoken={`Figure ${i + 1}: flow, l/min or gpm`}
              style={styles.cell}
            />
            <Field
              control={control}
              name={`before.${i}.pressure`}
              label={`Pressure, ${pressureUnit(unit)}`}
              spoken={`Figure ${i + 1}: pressure, bar or psi`}
              style={styles.cell}
            />
            <Field
              control={control}
              name={`before.${i}.oil`}
              label={`Oil ${temperatureUnit(unit)}`}
              spoken={`Figure ${i + 1}: oil temperature`}
              inputMode="decimal"
              style={styles.narrow}
            />
          </View>
          <View style={styles.end}>
            <Words tone="muted" style={styles.cell}>
              {pumpWords(typed[i]?.rpm ?? '', typed[i]?.ratio ?? '')}
            </Words>
            <Button
              icon="trash-can-outline"
              accessibilityLabel={`Remove figure ${i + 1}`}
              onPress={() => remove(i)}
            >
              Remove
            </Button>
          </View>
        </View>
      ))}
      <Button mode="outlined" icon="plus" onPress={() => append({ ...NO_FIGURE })}>
        Add a figure
      </Button>
      <Words size="note" tone="muted">
        A unit behind a figure is read as such: 3.2 gpm, 80 psi, 12 l/min, 5.5 bar, 75 F.
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: 8 },
  row: { flexDirection: 'row', gap: 8 },
  end: { flexDirection: 'row', gap: 8, alignItems: 'center' },
  cell: { flex: 1, minWidth: 0 },
  narrow: { width: 84 },
});
