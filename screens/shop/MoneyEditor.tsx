import { StyleSheet, View } from 'react-native';
import type { Shop } from '@/core/records/shop';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { KeptNotices } from '../shell/KeptNotices';
import { pointAt } from '../shell/pointAt';
import { useKeptForm } from '../shell/useKeptForm';
import { moneyFromForm, moneyToForm, type MoneyForm } from './operationForm';

interface Props {
  readonly shop: Shop;
  /** Changes the shop as it is in storage; resolves to whether it was. */
  readonly onKeep: (change: (stored: Shop) => Shop) => Promise<boolean>;
}

const FIELDS = [
  { name: 'rate', label: 'An hour of work costs' },
  { name: 'downDay', label: 'A day down costs' },
  { name: 'comeback', label: 'A comeback costs' },
  { name: 'currency', label: 'Currency, if shown' },
] as const;

/** What work and waiting cost this shop. */
export function MoneyEditor({ shop, onKeep }: Props) {
  const kept = useKeptForm<MoneyForm>({ key: 'money', stored: moneyToForm(shop.money) });
  const { control, handleSubmit, clearErrors, formState } = kept.form;
  const save = handleSubmit(async (form) => {
    clearErrors();
    const read = moneyFromForm(form);
    if (!read.ok) return pointAt(kept.form, read.errors);
    await kept.save((check) =>
      onKeep((stored) => {
        check(moneyToForm(stored.money));
        return { ...stored, money: read.record };
      }),
    );
  });
  return (
    <View style={styles.box}>
      <KeptNotices kept={kept} />
      <View style={styles.row}>
        {FIELDS.map((field) => (
          <Field key={field.name} control={control} style={styles.cell} {...field} />
        ))}
      </View>
      <Button mode="contained" disabled={!formState.isDirty} onPress={() => void save()}>
        {formState.isDirty ? 'Save' : 'Saved'}
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  cell: { flexGrow: 1, flexBasis: 160, minWidth: 0 },
});
