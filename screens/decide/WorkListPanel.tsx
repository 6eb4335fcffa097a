import { type ReactNode, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { dropWorkList, undoStep } from '@/core/commands/deciding';
import { nextStepOf, type ListedStep, type WorkList } from '@/core/rework/decision/worklist';
import { say } from '@/core/wording/say';
import { sayDecide } from './sayDecide';
import { firstOf, toMeasure } from '@/core/rework/decision/measure';
import { listWords, orderOf } from '@/core/wording/decide';
import { toMeasureWords } from '@/core/wording/toMeasure';
import { doneCostWords } from '@/core/wording/worked';
import { checksWords, offerTitle } from '@/core/wording/planStep';
import { workWords } from '@/core/wording/reading';
import { announce } from '@/ui/announce';
import { Button } from '@/ui/Button';
import { FootButton } from '@/ui/FootButton';
import { Notice } from '@/ui/Notice';
import { RowButton } from '@/ui/RowButton';
import { StageMark } from '@/ui/StageMark';
import { usePalette } from '@/ui/theme';
import { TryAgain } from '@/ui/TryAgain';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { Carried } from './Carried';
import { Sheet } from './Sheet';
import { StepForm } from './StepForm';
import { Closed } from './Closed';
import type { Deciding } from './useDeciding';
import { useMeasureFor } from './useMeasureFor';
import { useListPlan } from './useListPlan';
import type { Assessment } from '@/core/assessment/assessment';
import { layout } from '@/ui/layout';

interface Props {
  readonly deciding: Deciding;
  readonly list: WorkList;
  readonly onAnswer: () => void;
}

/** Says that a step is done, and which is next. */
const announceTicked = (step: string, next: string | undefined): void =>
  announce(
    next
      ? sayDecide('rework.tickedThen', { step, next })
      : sayDecide('rework.tickedLast', { step }),
  );

/** What is to be measured: again after the work, or what stays unclear where all is done. */
function useToMeasure({ deciding, list }: Props, unseen: readonly Assessment[]) {
  const { job, again, unclear, rework, solved, planned } = deciding;
  const { measure, error } = useMeasureFor(job);
  const first = firstOf(rework, unseen.length > 0 ? unseen : again);
  const open =
    solved && unclear.length > 0 && nextStepOf(list) === null
      ? toMeasure(rework, solved, planned).find(({ settles }) => settles === 'open')
      : undefined;
  return { first, open, measure, error };
}

/** The plan as a work list: the next step large, what is done folded, what comes after it in a line each. */
export function WorkListPanel(props: Props) {
  const { deciding, list, onAnswer } = props;
  const { job, again, unclear, rework, shop } = deciding;
  const live = useListPlan(deciding, list);
  const { run } = useCommand(job);
  const next = nextStepOf(list);
  const done = list.steps.filter((listed) => listed.done.length > 0);
  const later = list.steps.filter((listed) => listed !== next && listed.done.length === 0);
  const nextOffer = next && rework.offers.find(({ id }) => id === next.step.offer);
  const unseen = nextOffer ? live.unseenBy(nextOffer) : [];
  const { first, open, measure, error } = useToMeasure(props, unseen);
  const nameOf = (listed: ListedStep) => stepName(deciding, listed);
  return (
    <Sheet
      title={next ? nameOf(next) : listWords({ list, again, unclear, job })}
      back="Back to the answer"
      onBack={onAnswer}
      action={
        first ? (
          <Button
            mode={next && unseen.length === 0 ? 'outlined' : 'contained'}
            contentStyle={styles.large}
            onPress={() => void measure(first)}
          >
            Measure again
          </Button>
        ) : open ? (
          <Button mode="contained" contentStyle={styles.large} onPress={() => void measure(open)}>
            {toMeasureWords(job.sheet, open, shop.unit)}
          </Button>
        ) : null
      }
      beside={<FootButton low name="Plan again" onPress={() => void run(dropWorkList)} />}
    >
      <Words tone="muted">
        {next
          ? sayDecide('rework.stepOf', {
              number: list.steps.indexOf(next) + 1,
              all: list.steps.length,
            })
          : doneCostWords(job, shop)}
      </Words>
      {error ? <Notice kind="error">{error}</Notice> : null}
      {live.error ? (
        <TryAgain onAgain={live.again} onCancel={onAnswer}>
          {live.error}
        </TryAgain>
      ) : null}
      <Closed deciding={deciding} />
      {next && nextOffer ? (
        <StepForm
          key={next.step.id}
          deciding={deciding}
          live={live}
          unseen={unseen}
          step={next.step}
          offer={nextOffer}
          onDone={() => announceTicked(nameOf(next), later.map(nameOf)[0])}
        />
      ) : null}
      {next && !nextOffer ? (
        <Words>
          The sheet no longer has what this step is done on. Record the work under Measure, then
          plan again.
        </Words>
      ) : null}
      {later.length > 0 ? laterSteps(later, nameOf) : null}
      {again.length > 0 && next && unseen.length === 0 ? (
        <Words>{say('rework.then', { checks: checksWords(again) })}</Words>
      ) : null}
      <DoneSteps deciding={deciding} done={done} first={next === null} />
      <Carried deciding={deciding} />
    </Sheet>
  );
}

/** The steps that come after the one in hand. */
function laterSteps(later: ListedStep[], nameOf: (listed: ListedStep) => string): ReactNode {
  return (
    <View role="list" aria-label="After this step">
      {later.map((listed) => (
        <View key={listed.step.id} role="listitem" style={styles.step}>
          <StageMark standing="open" size={20} />
          <Words style={layout.grow}>{nameOf(listed)}</Words>
        </View>
      ))}
    </View>
  );
}

/** Names a step by what it is done on; by its order alone where the sheet no longer has that. */
function stepName({ rework }: Deciding, listed: ListedStep): string {
  const offer = rework.offers.find(({ id }) => id === listed.step.offer);
  return offer ? offerTitle(offer) : orderOf(listed);
}

interface DoneProps {
  readonly deciding: Deciding;
  readonly done: readonly ListedStep[];
  /** Nothing else is left to be shown: it is open. */
  readonly first: boolean;
}

/** What was done, in a line that opens; each with its own way back. */
function DoneSteps({ deciding, done, first }: DoneProps) {
  const palette = usePalette();
  const [chosen, setChosen] = useState<boolean | null>(null);
  const open = chosen ?? first;
  const { job, shop } = deciding;
  const { run } = useCommand(job);
  const undo = async (listed: ListedStep) => {
    await run(undoStep(listed.done));
    announce(sayDecide('rework.undone', { step: stepName(deciding, listed) }));
  };
  if (done.length === 0) return null;
  return (
    <View>
      <RowButton
        name={sayDecide('rework.stepsDone', { count: done.length })}
        about=""
        mark={<StageMark standing="done" size={22} />}
        open={open}
        onPress={() => setChosen(!open)}
      />
      {open ? (
        <View role="list" aria-label="Steps that are done">
          {done.map((listed) => (
            <View
              key={listed.step.id}
              role="listitem"
              style={[styles.step, { borderColor: palette.line }]}
            >
              <View style={layout.grow}>
                {listed.done.map((o) => (
                  <Words key={o.id} size="note">
                    {workWords(job.sheet, o, shop.unit)}
                  </Words>
                ))}
              </View>
              <Button
                compact
                accessibilityLabel={sayDecide('rework.undoStep', {
                  step: stepName(deciding, listed),
                })}
                onPress={() => void undo(listed)}
              >
                Undo
              </Button>
            </View>
          ))}
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  large: { minHeight: 52 },
  step: { flexDirection: 'row', alignItems: 'center', gap: 8, minHeight: 44 },
});
