import { stationsFor, type Step } from '@/core/methods/list';
import { pumpOf, type PumpKind } from '@/core/pumps/registry';
import { useMemo, type ReactNode } from 'react';
import { ScrollView, StyleSheet, View, useWindowDimensions } from 'react-native';
import { askedFor } from '@/core/inspect/looking';
import { useShop } from '@/data/hooks';
import { Later } from '@/ui/Later';
import { Notice } from '@/ui/Notice';
import type { DrawnStation } from '@/ui/PumpDrawing';
import { useNextFocus } from '@/ui/focus';
import { useRoom, useWide } from '@/ui/useWidth';
import { FallenVerdict } from './FallenVerdict';
import { Foot } from './Foot';
import { PendingNotice } from './PendingNotice';
import { Caution, PanelHead } from './PanelHead';
import type { Shown } from './panels';
import { ShownBar } from './ShownBar';
import { Wall } from '../shell/Wall';
import { StepDrawing } from './StepDrawing';
import { VerdictLine } from './VerdictLine';
import { say } from '@/core/wording/say';

interface Props extends Shown {
  readonly step: Step;
  readonly marks?: readonly DrawnStation[];
  readonly caution?: string | undefined;
  readonly instruction: ReactNode;
  /** Where a pad needs the room, the verdict is left to the evidence. */
  readonly brief?: boolean;
  readonly foot?: ReactNode;
  /** What the hand answers with. */
  readonly children: ReactNode;
}

const NO_MARKS: readonly DrawnStation[] = [];

/** What is read at a step, and all the places where it is. */
function useTarget(sheet: PumpKind, step: Step) {
  const { way: kind, characteristic } = step;
  const dimension = 'dimension' in step ? step.dimension.id : null;
  return useMemo(() => {
    const of = dimension ? { kind, dimension } : { kind, characteristic };
    return { target: dimension ?? characteristic, stations: stationsFor(pumpOf(sheet), of) };
  }, [sheet, kind, characteristic, dimension]);
}

/** What every step of measuring has: the drawing, one instruction, how it stands, the answers, the lesser actions. */
export function StepPanel(props: Props) {
  const { job, shown, measuring, step, instruction, brief = false, foot, children } = props;
  const { unit } = useShop();
  const wide = useWide();
  const { height } = useWindowDimensions();
  const { low, short, tiny } = useRoom();
  const next = useNextFocus(`${step.characteristic} ${step.way} ${step.station.id}`);
  const { all, error, pending } = measuring;
  const fallen = measuring.fallen.length > 0;
  const target = useTarget(job.sheet, step);
  const asked = askedFor(job).find((a) => a.characteristic === shown.characteristic.id);
  const drawing = (
    <Later>
      <Wall what="The drawing" record={{ kind: 'job', id: job.id }}>
        <StepDrawing
          job={job}
          {...target}
          station={step.station}
          marks={props.marks ?? NO_MARKS}
          shown={shown}
        />
      </Wall>
    </Later>
  );
  const standing = (
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
  );
  const head = (caution: boolean) => (
    <PanelHead
      all={all}
      shown={shown}
      caution={caution ? props.caution : undefined}
      first={asked && say('measure.firstBecause', { why: asked.why })}
      onList={props.onList}
      onTools={props.onTools}
      onKeys={props.onKeys}
    />
  );
  const doing = (
    <>
      <View ref={next} role="status" aria-live="off" aria-label="Next">
        {instruction}
      </View>
      {short && !fallen ? null : standing}
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
      {short && !fallen ? standing : null}
      {short && props.caution ? <Caution>{props.caution}</Caution> : null}
      <Later>
        <Foot
          job={job}
          shown={shown}
          way={step.way}
          measuring={measuring}
          onEvidence={props.onEvidence}
          onSkip={props.onSkip}
        >
          {foot}
        </Foot>
      </Later>
    </>
  );
  return (
    <ScrollView
      style={styles.fill}
      contentContainerStyle={styles.panel}
      keyboardShouldPersistTaps="handled"
    >
      {low ? (
        // Turned on its side, a phone has the drawing beside the answers.
        <View style={styles.beside}>
          <View style={[styles.column, { height: height - HEAD }]}>{drawing}</View>
          <View style={styles.answers}>
            {head(false)}
            {doing}
          </View>
        </View>
      ) : (
        <>
          {head(!short)}
          {tiny ? null : drawing}
          {doing}
        </>
      )}
    </ScrollView>
  );
}

/** What stands over a step on a low screen, in px. */
const HEAD = 70;

const styles = StyleSheet.create({
  fill: { flex: 1 },
  beside: { flex: 1, flexDirection: 'row', gap: 10 },
  column: { flex: 2, minWidth: 0 },
  answers: { flex: 3, minWidth: 0, gap: 6 },
  panel: { flexGrow: 1, paddingHorizontal: 14, paddingBottom: 12, gap: 6 },
});
