import { StyleSheet, View } from 'react-native';
import { PriceCard } from './PriceCard';
import type { Deciding } from './useDeciding';

/** Repair against a new pump, all counted. */
export function Prices({ deciding }: { readonly deciding: Deciding }) {
  const { price, newPump, buyNew, shop, planned } = deciding;
  return (
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
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
