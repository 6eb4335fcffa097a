import type { Assessment } from '@/core/assessment/assessment';
import type { Step } from '@/core/guidance/step';
import type { MethodId } from '@/core/methods/list';
import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { askedFor } from '@/core/inspect/looking';
import type { Station } from '@/core/pumps/family';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { Later } from '@/ui/Later';
import { Notice } from '@/ui/Notice';
import type { DrawnStation } from '@/ui/PumpDrawing';
import { useWide } from '@/ui/useWidth';
import { FallenVerdict } from './FallenVerdict';
import { Foot } from './Foot';
import { PendingNotice } from './PendingNotice';
import { PanelHead } from './PanelHead';
import type { Openers } from './panels';
import { ShownBar } from './ShownBar';
import { Wall } from '../shell/Wall';
import { StepDrawing } from './StepDrawing';
import type { Measuring } from './useMeasuring';
import { VerdictLine } from './VerdictLine';
import { say } from '@/core/wording/say';

interface Props extends Openers {
  readonly job: Job;
  readonly shown: Assessment;
  readonly measuring: Measuring;
  readonly step: Step;
  readonly target: string;
  readonly stations: readonly Station[];
  readonly marks: readonly DrawnStation[];
  readonly caution?: string | undefined;
  readonly instruction: ReactNode;
  /** Where a pad needs the room, the verdict is left to the evidence. */
  readonly brief?: boolean;
  readonly foot?: ReactNode;
  /** What the hand answers with. */
  readonly children: ReactNode;
}

/** What every step of measuring has: the drawing, one instruction, how it stands, the answers, the lesser actions. */
export function StepPanel(props: Props) {
  const { job, shown, measuring, step, instruction, brief = false, foot, children } = props;
  const { unit } = useShop();
  const wide = useWide();
  const { all, error, pending } = measuring;
  const fallen = measuring.fallen.length > 0;
  const way: MethodId = step.way;
  const asked = askedFor(job).find((a) => a.characteristic === shown.characteristic.id);
  return (
    <ScrollView
      style={styles.fill}
      contentContainerStyle={styles.panel}
      keyboardShouldPersistTaps="handled"
    >
      <PanelHead
        all={all}
        shown={shown}
        caution={props.caution}
        asked={asked && say('measure.firstBecause', { why: asked.why })}
        onList={props.onList}
        onTools={props.onTools}
      />
      <Later>
        <Wall what="The drawing" record={{ kind: 'job', id: job.id }} again={[shown]}>
          <StepDrawing
            job={job}
            target={props.target}
            stations={props.stations}
            station={step.station}
            marks={props.marks}
            shown={shown}
          />
        </Wall>
      </Later>
      <View role="status" aria-label="Next">
        {instruction}
      </View>
      <Later>
        {fallen ? (
          <FallenVerdict job={job} measuring={measuring} />
        ) : (
          <>
            {wide || (brief && !shown.largest) ? null : <ShownBar shown={shown} unit={unit} />}
            {wide || brief ? null : <VerdictLine shown={shown} job={job} />}
          </>
        )}
      </Later>
      {error ? <Notice kind="error">{error}</Notice> : null}
      {pending ? (
        <PendingNotice
          pending={pending}
          unit={unit}
          onSettle={(believe) => void measuring.settle(believe)}
        />
      ) : (
        children
      )}
      <Later>
        <Foot job={job} shown={shown} way={way} measuring={measuring} onEvidence={props.onEvidence}>
          {foot}
        </Foot>
      </Later>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1 },
  panel: { flexGrow: 1, paddingHorizontal: 14, paddingBottom: 12, gap: 6 },
});
