import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { causesOn, type CausesAnswer } from '@/core/causes/answer';
import { sayCauses } from '@/core/causes/sayCauses';
import type { Job } from '@/core/records/job';
import { evaluator } from '@/data/evaluator';
import { Button } from '@/ui/Button';
import { usePalette } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { CauseCard } from './CauseCard';
import { InQuestion } from './InQuestion';
import { OtherCauses } from './OtherCauses';
import { OwnWord } from './OwnWord';
import { ComplaintTaps } from './parts';
import { Questions } from './Questions';
import { SealOrder } from './SealOrder';

/** Why the pump failed: the likeliest causes, what speaks for and against each, and the check that settles it. */
export function WhyPage({ job }: { readonly job: Job }) {
  const wide = useWide();
  const palette = usePalette();
  const all = evaluator.assess(job);
  const answer = useMemo(() => causesOn(job, all), [job, all]);
  const asking = (
    <>
      <ComplaintTaps job={job} />
      <Questions job={job} answer={answer} />
    </>
  );
  if (wide) {
    return (
      <View style={layout.panes}>
        <ScrollView tabIndex={0} style={layout.fill} contentContainerStyle={styles.page}>
          <Said job={job} answer={answer} />
        </ScrollView>
        <View style={[styles.side, { borderColor: palette.line }]}>
          <ScrollView tabIndex={0} contentContainerStyle={styles.page}>
            {asking}
          </ScrollView>
        </View>
      </View>
    );
  }
  return (
    <ScrollView style={layout.fill} contentContainerStyle={styles.page}>
      <Said job={job} answer={answer} asking={asking} />
    </ScrollView>
  );
}

interface Props {
  readonly job: Job;
  readonly answer: CausesAnswer;
  /** What is still to be asked, where it has no pane of its own. */
  readonly asking?: React.ReactNode;
}

/** The answer: its sentence, the causes that come into question, the rest. */
function Said({ job, answer, asking }: Props) {
  const router = useRouter();
  const [first, ...more] = answer.shown;
  return (
    <>
      <Heading size="instruction">{answer.sentence}</Heading>
      <Words size="note" tone="muted">
        {sayCauses('page.counted')}
      </Words>
      <SealOrder job={job} found={answer.found} />
      {first ? (
        <CauseCard key={first.ranked.cause.id} job={job} answer={answer} shown={first} />
      ) : null}
      {more.map((shown) => (
        <InQuestion key={shown.ranked.cause.id} job={job} answer={answer} shown={shown} />
      ))}
      {asking}
      <OwnWord job={job} answer={answer} />
      <OtherCauses job={job} answer={answer} />
      <Button mode="contained-tonal" onPress={() => router.replace(`/job/${job.id}/decide`)}>
        Go to Decide
      </Button>
    </>
  );
}

const styles = StyleSheet.create({
  page: { paddingHorizontal: 14, paddingVertical: 10, gap: 12 },
  side: { width: 460, borderLeftWidth: 1 },
});
