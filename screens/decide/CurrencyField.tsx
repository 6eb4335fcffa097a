import { useForm } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { useChangeShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';

/** Most characters of a currency: a sign or its letters. */
const LONGEST = 8;

/** Asks once in which currency the shop reckons; it stands behind every sum from then on. */
export function CurrencyField({ onDone }: { readonly onDone: () => void }) {
  const { control, handleSubmit, setError } = useForm({ defaultValues: { currency: '' } });
  const { apply } = useChangeShop();
  const save = handleSubmit(async ({ currency }) => {
    const written = currency.trim();
    if (written === '' || written.length > LONGEST) {
      setError('currency', { message: 'Enter a sign or letters: €, kr, USD.' });
      return;
    }
    try {
      await apply((shop) => ({ ...shop, money: { ...shop.money, currency: written } }));
      onDone();
    } catch (problem) {
      setError('currency', { message: String(problem) });
    }
  });
  return (
    <View style={styles.row}>
      <Field
        control={control}
        name="currency"
        label="Sign or letters: €, kr, USD"
        style={styles.cell}
      />
      <Button mode="outlined" onPress={() => void save()}>
        Save
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  cell: { flexGrow: 1, flexBasis: 160, minWidth: 0 },
});
