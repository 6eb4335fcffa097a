import { StyleSheet, View } from 'react-native';
import { plannedOperations } from '@/core/rework/decision/lines';
import { priceOf } from '@/core/rework/decision/money';
import { leavesWords } from '@/core/wording/decide';
import { minutesWords, priceDetail, sumWords } from '@/core/wording/money';
import { offerTitle, stepWords } from '@/core/wording/planStep';
import { Button } from '@/ui/Button';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { say } from '@/core/wording/say';
import { Sheet } from './Sheet';
import type { Deciding } from './useDeciding';

interface Props {
  readonly deciding: Deciding;
  readonly onDone: () => void;
}

/** The cheapest few plans, all counted, beside each other. */
export function WaysPanel({ deciding, onDone }: Props) {
  const palette = usePalette();
  const { solved, rework, shop, plan, choose } = deciding;
  return (
    <Sheet title="The ways to do it" back="Back to the answer" onBack={onDone}>
      {(solved?.plans ?? []).map((way, i) => {
        const price = priceOf(rework, way);
        const steps = plannedOperations(rework, way);
        return (
          <View
            key={way.works.map(({ id }) => id).join()}
            style={[
              styles.way,
              {
                backgroundColor: palette.paper,
                borderColor: way === plan ? palette.ink : palette.line,
              },
            ]}
          >
            <Words size="title" strong>
              {sumWords(price.expected, shop.money)}
            </Words>
            <Words tone="muted">
              {[
                price.minutes > 0 ? minutesWords(price.minutes) : '',
                priceDetail(price, shop.money),
                leavesWords(way),
              ]
                .filter(Boolean)
                .join(' · ')}
            </Words>
            {steps.length === 0 ? <Words>Leave it as it is.</Words> : null}
            {steps.map((p) => (
              <Words key={p.offer.id}>
                <Words strong>{`${offerTitle(p.offer)}. `}</Words>
                {stepWords(p, shop.unit)}
              </Words>
            ))}
            {way === plan ? (
              <Words strong>Shown now</Words>
            ) : (
              <Button
                mode="outlined"
                accessibilityLabel={say('rework.takeWay', { number: i + 1 })}
                onPress={() => {
                  choose(i);
                  onDone();
                }}
              >
                Take this way
              </Button>
            )}
          </View>
        );
      })}
    </Sheet>
  );
}

const styles = StyleSheet.create({
  way: { borderWidth: 1.5, borderRadius: 8, padding: 12, gap: 6 },
});
