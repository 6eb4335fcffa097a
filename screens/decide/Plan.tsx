import { StyleSheet, View } from 'react-native';
import { movesBySize } from '@/core/rework/operations/offers';
import { amountsOf } from '@/core/rework/decision/solve';
import { afterWords, offerTitle, riskWords, stepWords } from '@/core/wording/planStep';
import { Notice } from '@/ui/Notice';
import { Heading, Words } from '@/ui/Words';
import type { Deciding } from './useDeciding';

/** The plan behind the answer: each step as a shop would write it, what follows, what can go wrong. */
export function Plan({ deciding }: { readonly deciding: Deciding }) {
  const { rework, plan, planned, shop } = deciding;
  if (!plan || planned.length === 0) return null;
  const amounts = amountsOf(plan);
  const cuts = planned.filter(({ offer }) => movesBySize(offer));
  const risks = planned.flatMap((p) => riskWords(rework, amounts, p, shop.unit));
  const cautions = [
    ...new Set(planned.flatMap(({ offer }) => (offer.terms.caution ? [offer.terms.caution] : []))),
  ];
  return (
    <View style={styles.box}>
      <Heading>The plan</Heading>
      <View role="list" style={styles.box}>
        {planned.map((p, i) => {
          const { tool, check } = p.offer.terms;
          const along = p.offer.along.map(({ operation }) => `${operation.order}.`);
          return (
            <View key={p.offer.id} role="listitem">
              <Words>
                <Words strong>{`${i + 1}  ${offerTitle(p.offer)}. `}</Words>
                {[...along, stepWords(p, shop.unit), afterWords(rework, p)]
                  .filter(Boolean)
                  .join(' ')}
              </Words>
              {tool || check ? (
                <Words size="note" tone="muted">
                  {[tool && `${tool}.`, check].filter(Boolean).join(' ')}
                </Words>
              ) : null}
            </View>
          );
        })}
      </View>
      {cuts.length > 1 ? (
        <Words>
          Each range holds while the other cuts stay as planned. Amounts are worked out again as
          each is done.
        </Words>
      ) : null}
      {risks.length > 0 ? (
        <>
          <Heading>What can go wrong</Heading>
          {risks.map((risk) => (
            <Words key={risk}>{risk}</Words>
          ))}
        </>
      ) : null}
      {cautions.map((caution) => (
        <Notice key={caution} kind="caution">
          {caution}
        </Notice>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: 6 } });
