import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { laidWrong, noteWords, wrongParts } from '@/core/inspect/stripping';
import { partName } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import { Notice } from '@/ui/Notice';
import { Heading } from '@/ui/Words';
import { say } from '@/core/wording/say';
import { useNextFocus } from '@/ui/focus';
import { AssemblyOrder } from '../job/AssemblyOrder';
import { OrderList } from '../job/OrderList';

/** The pump lies apart: what is amiss, what to order, and the notes in the order in which it goes back together. */
export function Apart({ job }: { readonly job: Job }) {
  const router = useRouter();
  const next = useNextFocus('apart');
  const amiss = wrongParts(job);
  return (
    <View ref={next} style={styles.panel}>
      <Heading size="instruction">Teardown done</Heading>
      {amiss.length > 0 ? (
        <Notice kind="caution">
          {say('strip.wrong', {
            parts: amiss
              .map(({ step, note }) =>
                [partName(job.sheet, step.part), note && noteWords(step, note)]
                  .filter(Boolean)
                  .join(', '),
              )
              .join(' · '),
          })}
        </Notice>
      ) : null}
      {laidWrong(job).map(({ step, words, harm }) => (
        <Notice key={step.id} kind={harm ? 'error' : 'caution'}>
          {`${partName(job.sheet, step.part)}: ${words}.`}
        </Notice>
      ))}
      <Button
        mode="contained"
        contentStyle={styles.large}
        onPress={() => router.replace(`/job/${job.id}/look`)}
      >
        Go to Look
      </Button>
      <OrderList job={job} />
      <AssemblyOrder job={job} />
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 10 },
  large: { minHeight: 64 },
});
