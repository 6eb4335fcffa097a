import { StyleSheet, View } from 'react-native';
import type { Shop } from '@/core/records/shop';
import type { Price } from '@/core/rework/decision/money';
import { minutesWords, priceDetail, sumWords } from '@/core/wording/money';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';

interface Props {
  readonly name: string;
  readonly price: Price;
  readonly money: Shop['money'];
  /** It is what the app suggests. */
  readonly suggested: boolean;
}

/** What one way to a sound pump costs, item by item. */
export function PriceCard({ name, price, money, suggested }: Props) {
  const palette = usePalette();
  const time = price.minutes > 0 ? [minutesWords(price.minutes)] : [];
  return (
    <View
      style={[
        styles.card,
        {
          backgroundColor: palette.paper,
          borderColor: suggested ? palette.ink : palette.line,
          borderWidth: suggested ? 2 : 1,
        },
      ]}
    >
      <Words size="title" strong>
        {sumWords(price.expected, money)}
      </Words>
      <Words>{[name, ...time].join(' · ')}</Words>
      <Words size="note" tone="muted">
        {priceDetail(price, money)}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  card: { flexGrow: 1, flexBasis: 140, borderRadius: 8, padding: 10, minWidth: 0 },
});
