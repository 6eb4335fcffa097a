import { StyleSheet, View } from 'react-native';
import { CurrencyField } from './CurrencyField';
import { PriceCard } from './PriceCard';
import type { Deciding } from './useDeciding';

/** Repair against a new pump, all counted; the currency is asked once. */
export function Prices({ deciding }: { readonly deciding: Deciding }) {
  const { price, newPump, buyNew, shop, planned, solved } = deciding;
  if (!solved) return null;
  return (
    <View style={styles.box}>
      <View style={styles.row}>
        {price ? (
          <PriceCard
            name={planned.length > 0 ? 'repair' : 'as it is'}
            price={price}
            money={shop.money}
            suggested={!buyNew}
          />
        ) : null}
        <PriceCard name="new pump" price={newPump} money={shop.money} suggested={buyNew} />
      </View>
      {shop.money.currency === '' ? <CurrencyField /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  box: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
