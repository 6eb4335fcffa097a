import { View } from 'react-native';
import { pastWords } from '@/core/wording/worked';
import { shownExtremes } from '@/core/wording/figures';
import { VERDICT_WORD } from '@/core/wording/verdictWord';
import { Heading } from '@/ui/Words';
import { GapLine } from './GapLine';
import type { Deciding } from './useDeciding';

/** What the work changed: before, as it should be, and as it was measured again. */
export function Carried({ deciding }: { readonly deciding: Deciding }) {
  const { rework, shop } = deciding;
  const worked = rework.all.filter(
    (a) => a.work.length > 0 && a.before !== null && a.limits !== null,
  );
  if (worked.length === 0) return null;
  return (
    <View style={{ gap: 6 }}>
      <Heading>Before and after</Heading>
      {worked.map((a) => {
        const now = shownExtremes(a);
        return (
          <GapLine
            key={a.characteristic.id}
            assessment={a}
            verdict={a.verdict}
            words={VERDICT_WORD[a.verdict].toLowerCase()}
            note={pastWords(a, shop.unit)}
            known={now ?? a.predicted}
            before={a.before}
            unit={shop.unit}
          />
        );
      })}
    </View>
  );
}
