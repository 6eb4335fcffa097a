import { StyleSheet, View } from 'react-native';
import { worstFirst } from '@/core/assessment/summary';
import { judgedIn } from '@/core/rework/decision/case';
import { VERDICT_WORD } from '@/core/wording/verdict';
import { GapRow } from './GapRow';
import type { Deciding } from './useDeciding';

/** Gaps as they were measured, while there is no plan: what is out comes first. */
export function GapsNow({ deciding: { rework, shop } }: { readonly deciding: Deciding }) {
  const gaps = worstFirst(judgedIn(rework));
  if (gaps.length === 0) return null;
  return (
    <View style={styles.box}>
      {gaps.map((assessment) => {
        const { verdict, smallest, largest, characteristic: c } = assessment;
        return (
          <GapRow
            key={c.id}
            {...{ assessment, verdict }}
            words={VERDICT_WORD[verdict].toLowerCase()}
            known={smallest && largest && { smallest, largest }}
            before={null}
            unit={shop.unit}
          />
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({ box: { gap: 4 } });
