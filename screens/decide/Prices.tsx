import { StyleSheet, View } from 'react-native';
import { answerKind } from '@/core/rework/decision/decide';
import { CurrencyField } from './CurrencyField';
import { PriceCard } from './PriceCard';
import type { Deciding } from './useDeciding';

/** Repair against a new pump, all counted; the currency is asked once. */
export function Prices({ deciding }: { readonly deciding: Deciding }) {
  const { price, newPump, buyNew, shop, planned, decided } = deciding;
  if (!decided) return null;
  // What costs nothing because nothing is known yet is no price.
  const isKnown = planned.length > 0 || answerKind(decided) !== 'measure';
  return (
    <View style={styles.box}>
      <View style={styles.row}>
        {price && isKnown ? (
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
