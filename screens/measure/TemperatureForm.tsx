import { setFields } from '@/core/commands/job';
import type { Commanding } from '../job/useCommand';
import { useState } from 'react';
import { yupResolver } from '@hookform/resolvers/yup';
import { useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { object, string } from 'yup';
import { tried } from '@/core/errors';
import {
  bareTemperature,
  formatTemperature,
  parseTemperature_C,
  temperatureUnit,
} from '@/core/quantity/temperature';
import type { ShopUnit } from '@/core/quantity/units';
import { useShop } from '@/data/hooks';
import type { Job } from '@/core/records/job';
import { Field } from '@/ui/Field';
import { Words } from '@/ui/Words';
import { sayMeasure } from './sayMeasure';
import { layout } from '@/ui/layout';

const degrees = (unit: ShopUnit) =>
  string()
    .defined()
    .test('degrees', rangeIn(unit), (text) => {
      const read = tried(() => parseTemperature_C(text ?? '', unit));
      return read.ok && (read.value === null || (read.value >= -40 && read.value <= 150));
    });

const rangeIn = (unit: ShopUnit): string =>
  sayMeasure('measure.temperatureRange', {
    least: formatTemperature(-40, unit),
    most: formatTemperature(150, unit),
  });

const fields = (unit: ShopUnit) => object({ part: degrees(unit), shop: degrees(unit) });

const textOf = (value: number | null, unit: ShopUnit): string =>
  value === null ? '' : bareTemperature(value, unit);

interface Props {
  readonly job: Job;
  readonly run: Commanding['run'];
}

/** Temperatures of the part and of the shop: sizes read from now on are brought to 20 °C by them. */
export function TemperatureForm({ job, run }: Props) {
  // A switch of the unit leaves what is being typed as it was meant.
  const [unit] = useState(useShop().unit);
  const { control, handleSubmit, reset, formState } = useForm({
    resolver: yupResolver(fields(unit)),
    defaultValues: { part: textOf(job.part_C, unit), shop: textOf(job.shop_C, unit) },
  });
  const save = handleSubmit(async (form) => {
    const stored = await run(
      setFields({
        part_C: parseTemperature_C(form.part, unit),
        shop_C: parseTemperature_C(form.shop, unit),
      }),
    );
    if (stored) reset(form);
  });
  return (
    <View style={styles.box}>
      <View style={styles.row}>
        <Field
          control={control}
          name="part"
          label={sayMeasure('measure.partTemperature', { unit: temperatureUnit(unit) })}
          style={layout.grow}
        />
        <Field
          control={control}
          name="shop"
          label={sayMeasure('measure.shopTemperature', { unit: temperatureUnit(unit) })}
          style={layout.grow}
        />
        <Button
          mode="contained-tonal"
          disabled={!formState.isDirty}
          onPress={() => void save()}
          style={styles.button}
        >
          Save
        </Button>
      </View>
      <Words size="note" tone="muted">
        {sayMeasure('measure.correctedTo', { reference: formatTemperature(20, unit) })}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: 6 },
  row: { flexDirection: 'row', gap: 8, alignItems: 'flex-start' },
  button: { marginTop: 8 },
});
