import { useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { setWashers } from '@/core/commands/deciding';
import { tried } from '@/core/errors';
import { unitName } from '@/core/quantity/format';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit } from '@/core/quantity/units';
import { sayDecide } from './sayDecide';
import { useChange } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import type { Deciding } from './useDeciding';

/** More thicknesses than these nobody stocks. */
const MOST = 60;

/** Asks once in which thicknesses the washer of this model can be had, where a plan changes it by an amount. */
export function Washers({ deciding }: { readonly deciding: Deciding }) {
  const { job, planned, shop } = deciding;
  const { unit } = shop;
  const { run } = useCommand(job);
  const { apply: changeSheet } = useChange('sheet', job.sheet.id);
  const { control, handleSubmit, setError } = useForm({ defaultValues: { list: '' } });
  const asks = planned.some(
    ({ offer }) => offer.operation.remedy === 'change-washer' && offer.washer_mm === null,
  );
  if (!asks || job.sheet.washers_mm.length > 0) return null;
  const save = handleSubmit(async ({ list }) => {
    const texts = list.split(/[;\n]+|\s+/).filter(Boolean);
    const read = texts.map((text) =>
      tried(() => parseReading(text, 'size', bareUnit('size', unit)).mm),
    );
    const wrong = read.find((r) => !r.ok);
    if (wrong && !wrong.ok) return setError('list', { message: wrong.message });
    const sizes = [...new Set(read.flatMap((r) => (r.ok ? [r.value] : [])))].sort((a, b) => a - b);
    if (sizes.length === 0 || sizes.length > MOST) {
      return setError('list', { message: 'Enter the thicknesses, a space between them.' });
    }
    await run(setWashers(sizes));
    // The next job on this model is not asked again; a sheet that is gone loses nothing.
    await changeSheet((sheet) => ({ ...sheet, washers_mm: sizes })).catch(() => undefined);
  });
  return (
    <View style={styles.box}>
      <Words>Washers come in sizes. Which can be had? The plan then names one of them.</Words>
      <Field
        control={control}
        name="list"
        label={sayDecide('rework.washers', { unit: unitName('size', unit) })}
        placeholder="1.6 1.8 2.0"
      />
      <Button mode="outlined" onPress={() => void save()}>
        Keep these sizes
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: 6 } });
