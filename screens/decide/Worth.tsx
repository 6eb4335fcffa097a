import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { workedShapes } from '@/core/pumps/drawn';
import { pumpOf } from '@/core/pumps/registry';
import { answerKind } from '@/core/rework/decision/decide';
import { amountsOf } from '@/core/rework/decision/solve';
import { markedSum, priceWords } from '@/core/wording/money';
import { sayDecide } from './sayDecide';
import { mainRisk } from '@/core/wording/workRows';
import { PumpPicture } from '@/ui/PumpPicture';
import { useRoom } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import type { Deciding } from './useDeciding';

/** The pump with what is worked on in blue, and beside it what it costs, a new pump, and what may go wrong. */
export function Worth({ deciding }: { readonly deciding: Deciding }) {
  const { price, newPump, buyNew, shop, planned, decided, plan, rework, job } = deciding;
  const { tiny } = useRoom();
  const worked = useMemo(() => {
    const { parts } = pumpOf(job.sheet);
    return planned.flatMap(({ offer }) =>
      offer.works.flatMap(({ part: id, work }) => {
        const part = parts.find((p) => p.id === id);
        return part ? workedShapes(part, work) : [];
      }),
    );
  }, [job.sheet, planned]);
  if (!decided) return null;
  // What may come to more once it is measured is no price.
  const isKnown = answerKind(decided) !== 'measure';
  const risk = plan ? mainRisk(rework, planned, amountsOf(plan), shop.unit) : null;
  const { money } = shop;
  const work =
    price && isKnown ? (
      <Sum
        key="work"
        sum={markedSum(price.expected, money, price.example)}
        of={planned.length > 0 ? 'The work' : 'As it is'}
        words={priceWords(price, money)}
      />
    ) : null;
  const bought = (
    <Sum
      key="new"
      sum={markedSum(newPump.expected, money, newPump.example)}
      of="A new pump"
      words={priceWords(newPump, money)}
    />
  );
  return (
    <View style={styles.row}>
      {tiny ? null : <PumpPicture sheet={job.sheet} size={SIZE} worked={worked} />}
      <View style={styles.words}>
        {buyNew ? [bought, work] : [work, bought]}
        {risk ? (
          <Words size="note" tone="muted">
            {risk}
          </Words>
        ) : null}
      </View>
    </View>
  );
}

interface SumProps {
  readonly of: string;
  readonly sum: string;
  readonly words: string;
}

const Sum = ({ of, sum, words }: SumProps) => (
  <Words size="note" tone="muted">
    <Words strong>{sayDecide('rework.sumOf', { of, sum })}</Words> {words}
  </Words>
);

const SIZE = 112;

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  words: { flex: 1, minWidth: 0, gap: 3 },
});
