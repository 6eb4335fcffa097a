import { setFields } from '@/core/commands/job';
import type { Commanding } from '../job/useCommand';
import { yupResolver } from '@hookform/resolvers/yup';
import { useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { object, string } from 'yup';
import { parseNumber } from '@/core/quantity/parse';
import type { Job } from '@/core/records/job';
import { Field } from '@/ui/Field';
import { Words } from '@/ui/Words';

const degrees = () =>
  string()
    .defined()
    .test('degrees', '−40 to 150 °C, or empty', (text) => {
      const value = parseNumber(text ?? '');
      return value === null || (value >= -40 && value <= 150);
    });

const fields = object({ part: degrees(), shop: degrees() });

const textOf = (value: number | null): string => (value === null ? '' : String(value));

interface Props {
  readonly job: Job;
  readonly run: Commanding['run'];
}

/** Temperatures of the part and of the shop: sizes read from now on are brought to 20 °C by them. */
export function TemperatureForm({ job, run }: Props) {
  const { control, handleSubmit, reset, formState } = useForm({
    resolver: yupResolver(fields),
    defaultValues: { part: textOf(job.part_C), shop: textOf(job.shop_C) },
  });
  const save = handleSubmit(async (form) => {
    const stored = await run(
      setFields({ part_C: parseNumber(form.part), shop_C: parseNumber(form.shop) }),
    );
    if (stored) reset(form);
  });
  return (
    <View style={styles.box}>
      <View style={styles.row}>
        <Field control={control} name="part" label="Part, °C" style={styles.field} />
        <Field control={control} name="shop" label="Shop, °C" style={styles.field} />
        <Button
          mode="contained-tonal"
          disabled={!formState.isDirty}
          onPress={() => void save()}
          style={styles.button}
        >
          Keep
        </Button>
      </View>
      <Words size="note" tone="muted">
        Sizes read from now on are brought to 20 °C by the part’s material. Empty corrects nothing.
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: 6 },
  row: { flexDirection: 'row', gap: 8, alignItems: 'flex-start' },
  field: { flex: 1, minWidth: 0 },
  button: { marginTop: 8 },
});
