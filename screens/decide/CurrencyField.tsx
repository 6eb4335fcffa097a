import { useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { useChangeShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';

/** Most characters of a currency: a sign or its letters. */
const LONGEST = 8;

/** Asks once in which currency the shop reckons; it stands behind every sum from then on. */
export function CurrencyField() {
  const { control, handleSubmit, setError } = useForm({ defaultValues: { currency: '' } });
  const { apply } = useChangeShop();
  const save = handleSubmit(async ({ currency }) => {
    const written = currency.trim();
    if (written === '' || written.length > LONGEST) {
      setError('currency', { message: 'Enter a sign or letters: €, kr, USD.' });
      return;
    }
    await apply((shop) => ({ ...shop, money: { ...shop.money, currency: written } })).catch(
      (problem: unknown) => setError('currency', { message: String(problem) }),
    );
  });
  return (
    <View style={styles.row}>
      <Field control={control} name="currency" label="Currency of these sums" style={styles.cell} />
      <Button mode="outlined" onPress={() => void save()}>
        Keep
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  cell: { flexGrow: 1, flexBasis: 160, minWidth: 0 },
});
