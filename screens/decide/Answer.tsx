import { useRouter } from 'expo-router';
import { memo } from 'react';
import { StyleSheet, View, type Text } from 'react-native';
import { answerWords, blockedWords, findingWords, leavesWords } from '@/core/wording/decide';
import { answerKind } from '@/core/rework/decision/decide';
import { doneCostWords } from '@/core/wording/worked';
import { paragraph } from '@/core/wording/say';
import { useNextFocus } from '@/ui/focus';
import { TryAgain } from '@/ui/TryAgain';
import { Heading, Words } from '@/ui/Words';
import { Bounds } from './Bounds';
import { Closed } from './Closed';
import type { Deciding } from './useDeciding';

/** What to do with the pump, in a sentence, and why. */
export const Answer = memo(function Answer({ deciding }: { readonly deciding: Deciding }) {
  const next = useNextFocus<Text>('answer');
  const { rework, solved, plan, planned, buyNew, shop, error, busy } = deciding;
  const router = useRouter();
  const { unit } = shop;
  if (error) {
    return (
      <TryAgain
        onAgain={deciding.tryAgain}
        onCancel={() => router.replace(`/job/${rework.job.id}/measure`)}
      >
        {error}
      </TryAgain>
    );
  }
  if (!solved) {
    return (
      <View aria-busy>
        <Heading size="instruction">Working it out…</Heading>
      </View>
    );
  }
  const kind = answerKind({ rework, solved, plan, planned, buyNew });
  return (
    <View style={styles.box} aria-busy={busy}>
      <Heading ref={next} size="instruction">
        {answerWords({ rework, solved, plan, planned, buyNew })}
      </Heading>
      <Words tone="muted">
        {paragraph(
          findingWords(rework, unit),
          ...blockedWords(rework, solved, unit),
          plan ? leavesWords(plan) : '',
          kind === 'done' ? doneCostWords(rework.job, shop) : '',
        )}
      </Words>
      <Closed deciding={deciding} />
      <Bounds deciding={deciding} />
    </View>
  );
});

const styles = StyleSheet.create({ box: { gap: 4 } });
