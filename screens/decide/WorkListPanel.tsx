import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { dropWorkList } from '@/core/commands/deciding';
import { withVoided } from '@/core/journal/commands';
import { nextStepOf, type ListedStep, type WorkList } from '@/core/rework/decision/worklist';
import { say } from '@/core/wording/say';
import { toMeasure } from '@/core/rework/decision/measure';
import { listWords, orderOf } from '@/core/wording/decide';
import { toMeasureWords } from '@/core/wording/toMeasure';
import { doneCostWords } from '@/core/wording/worked';
import { checksWords, offerTitle } from '@/core/wording/planStep';
import { workWords } from '@/core/wording/reading';
import { Button } from '@/ui/Button';
import { FootButton } from '@/ui/FootButton';
import { Notice } from '@/ui/Notice';
import { StageMark } from '@/ui/StageMark';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { Carried } from './Carried';
import { Sheet } from './Sheet';
import { StepForm } from './StepForm';
import { Closed } from './Closed';
import type { Deciding } from './useDeciding';
import { useMeasureFor } from './useMeasureFor';
import { useListPlan, type ListPlan } from './useListPlan';

interface Props {
  readonly deciding: Deciding;
  readonly list: WorkList;
  readonly onAnswer: () => void;
}

/** The plan as a work list: each step is ticked with the amount that was really taken. */
export function WorkListPanel({ deciding, list, onAnswer }: Props) {
  const router = useRouter();
  const { job, again, unclear, rework, shop, solved, planned } = deciding;
  const live = useListPlan(deciding, list);
  const { run } = useCommand(job);
  const next = nextStepOf(list);
  const { measure, error } = useMeasureFor(job);
  const open =
    solved && unclear.length > 0
      ? toMeasure(rework, solved, planned).find(({ settles }) => settles === 'open')
      : undefined;
  return (
    <Sheet
      title={listWords({ list, again, unclear, job })}
      back="Back to the answer"
      onBack={onAnswer}
      action={
        again.length > 0 ? (
          <Button
            mode={next ? 'outlined' : 'contained'}
            contentStyle={styles.large}
            onPress={() => router.replace(`/job/${job.id}/measure`)}
          >
            Measure it again
          </Button>
        ) : open && !next ? (
          <Button mode="contained" contentStyle={styles.large} onPress={() => void measure(open)}>
            {toMeasureWords(job.sheet, open, shop.unit)}
          </Button>
        ) : null
      }
      beside={<FootButton low name="Plan again" onPress={() => void run(dropWorkList)} />}
    >
      {next ? null : <Words tone="muted">{doneCostWords(job, shop)}</Words>}
      {error ? <Notice kind="error">{error}</Notice> : null}
      <Closed deciding={deciding} />
      {again.length > 0 ? (
        <Words>{say('rework.then', { checks: checksWords(again) })}</Words>
      ) : null}
      <View role="list" aria-label="Work list">
        {list.steps.map((listed, i) => (
          <StepRow
            key={listed.step.id}
            number={i + 1}
            listed={listed}
            current={listed === next}
            deciding={deciding}
            live={live}
          />
        ))}
      </View>
      <Carried deciding={deciding} />
    </Sheet>
  );
}

interface StepProps {
  readonly number: number;
  readonly listed: ListedStep;
  readonly current: boolean;
  readonly deciding: Deciding;
  readonly live: ListPlan;
}

function StepRow({ number, listed, current, deciding, live }: StepProps) {
  const palette = usePalette();
  const { job, shop } = deciding;
  const { run } = useCommand(job);
  const { step, done } = listed;
  const offer = deciding.rework.offers.find(({ id }) => id === step.offer);
  const undo = () =>
    run((j, { at, by }) =>
      withVoided(
        j,
        done.map(({ id }) => id),
        { at, by, why: 'undone' },
      ),
    );
  return (
    <View role="listitem" style={[styles.step, { borderColor: palette.line }]}>
      <View style={styles.head}>
        <StageMark standing={done.length > 0 ? 'done' : current ? 'work' : 'open'} size={24} />
        <View style={styles.words}>
          <Words strong>{`${number}  ${offer ? offerTitle(offer) : orderOf(listed)}`}</Words>
          {done.map((o) => (
            <Words key={o.id} size="note" tone="muted">
              {workWords(job.sheet, o, shop.unit)}
            </Words>
          ))}
        </View>
        {done.length > 0 ? (
          <Button
            compact
            accessibilityLabel={say('rework.undoStep', { step: orderOf(listed) })}
            onPress={() => void undo()}
          >
            Undo
          </Button>
        ) : null}
      </View>
      {current ? (
        offer ? (
          <StepForm key={step.id} {...{ deciding, step, offer, live }} />
        ) : (
          <Words>
            The sheet no longer has what this step is done on. Record the work under Measure, then
            plan again.
          </Words>
        )
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  large: { minHeight: 52 },
  step: { borderBottomWidth: 1, paddingVertical: 6, gap: 6 },
  head: { flexDirection: 'row', alignItems: 'center', gap: 8, minHeight: 48 },
  words: { flex: 1, minWidth: 0 },
});
