import { useFieldArray, useWatch, type Control } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { parseNumber } from '@/core/quantity/parse';
import { flowUnit, pressureUnit } from '@/core/quantity/flow';
import { temperatureUnit } from '@/core/quantity/temperature';
import type { ShopUnit } from '@/core/quantity/units';
import { pumpSpeed } from '@/core/records/tag';
import { Field } from '@/ui/Field';
import { Words } from '@/ui/Words';
import { NO_FIGURE, type TagForm } from './tagForm';
import { say } from '@/core/wording/say';
import { layout } from '@/ui/layout';

/** `Pump at 2 430 /min`; empty until speed and ratio can be read. */
function pumpWords(rpm: string, ratio: string): string {
  const speed = pumpSpeed({
    drive_rpm: parseNumber(rpm) ?? NaN,
    ratio: parseNumber(ratio) ?? NaN,
  });
  return Number.isFinite(speed) ? say('tag.pumpSpeed', { speed: Math.round(speed) }) : '';
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
    <View style={layout.stack}>
      {fields.map((field, i) => (
        <View key={field.key} style={layout.stack}>
          <View style={layout.row}>
            <Field
              control={control}
              name={`before.${i}.rpm`}
              label="Engine rpm"
              spoken={say('tag.speedOf', { number: i + 1 })}
              inputMode="numeric"
              style={layout.grow}
            />
            <Field
              control={control}
              name={`before.${i}.ratio`}
              label="Pump turns per engine turn"
              spoken={say('tag.ratioOf', { number: i + 1 })}
              inputMode="decimal"
              style={layout.grow}
            />
          </View>
          <View style={layout.row}>
            <Field
              control={control}
              name={`before.${i}.flow`}
              label={say('tag.flow', { unit: flowUnit(unit) })}
              spoken={say('tag.flowOf', { number: i + 1 })}
              style={layout.grow}
            />
            <Field
              control={control}
              name={`before.${i}.pressure`}
              label={say('tag.pressure', { unit: pressureUnit(unit) })}
              spoken={say('tag.pressureOf', { number: i + 1 })}
              style={layout.grow}
            />
            <Field
              control={control}
              name={`before.${i}.oil`}
              label={say('tag.oil', { unit: temperatureUnit(unit) })}
              spoken={say('tag.oilOf', { number: i + 1 })}
              inputMode="decimal"
              style={styles.narrow}
            />
          </View>
          <View style={layout.line}>
            <Words tone="muted" style={layout.grow}>
              {pumpWords(typed[i]?.rpm ?? '', typed[i]?.ratio ?? '')}
            </Words>
            <Button
              icon="trash-can-outline"
              accessibilityLabel={say('tag.remove', { number: i + 1 })}
              onPress={() => remove(i)}
            >
              Remove
            </Button>
          </View>
        </View>
      ))}
      <Button mode="outlined" icon="plus" onPress={() => append({ ...NO_FIGURE })}>
        Add a reading
      </Button>
      <Words size="note" tone="muted">
        You can also type the unit: 3.2 gpm, 80 psi, 12 l/min, 5.5 bar, 75 F.
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  narrow: { width: 84 },
});
