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
import { Wall } from '../shell/Wall';
import { StepDrawing } from './StepDrawing';
import { ShownBar, VerdictLine } from './Standing';
import { sayMeasure } from './sayMeasure';
import type { ShopUnit } from '@/core/quantity/units';
import { layout } from '@/ui/layout';

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

/** The drawing of a step: pieces of a step are functions, since a tap draws each component once more. */
const drawingOf = (
  { job, shown, step, marks = NO_MARKS }: Props,
  target: ReturnType<typeof useTarget>,
): ReactNode => (
  <Later>
    <Wall what="The drawing" record={{ kind: 'job', id: job.id }}>
      <StepDrawing job={job} {...target} station={step.station} marks={marks} shown={shown} />
    </Wall>
  </Later>
);

/** How the check stands, or which verdict fell. */
const standingOf = (
  { job, shown, measuring, brief = false }: Props,
  unit: ShopUnit,
  wide: boolean,
): ReactNode => (
  <Later>
    {measuring.fallen.length > 0 ? (
      <FallenVerdict job={job} measuring={measuring} />
    ) : (
      <>
        {wide || (brief && !shown.largest) ? null : (
          <ShownBar shown={shown} job={job} unit={unit} />
        )}
        {wide || brief ? null : <VerdictLine shown={shown} job={job} />}
      </>
    )}
  </Later>
);

const headOf = (props: Props, caution: string | undefined): ReactNode => {
  const { job, shown, measuring } = props;
  const asked = askedFor(job).find((a) => a.characteristic === shown.characteristic.id);
  return (
    <PanelHead
      all={measuring.all}
      shown={shown}
      caution={caution}
      first={asked && sayMeasure('measure.firstBecause', { why: asked.why })}
      onList={props.onList}
      onTools={props.onTools}
      onKeys={props.onKeys}
    />
  );
};

/** The answers to a step, or what has to be settled first. */
const answersOf = ({ measuring, children }: Props, unit: ShopUnit): ReactNode =>
  measuring.pending ? (
    <PendingNotice
      pending={measuring.pending}
      unit={unit}
      onSettle={(believe) => void measuring.settle(believe)}
    />
  ) : (
    children
  );

const footOf = (props: Props): ReactNode => (
  <Later>
    <Foot
      job={props.job}
      shown={props.shown}
      way={props.step.way}
      measuring={props.measuring}
      onEvidence={props.onEvidence}
      onSkip={props.onSkip}
    >
      {props.foot}
    </Foot>
  </Later>
);

/** What every step of measuring has: the drawing, one instruction, how it stands, the answers, the lesser actions. */
export function StepPanel(props: Props) {
  const { job, measuring, step, instruction, caution } = props;
  const { unit } = useShop();
  const wide = useWide();
  const { height } = useWindowDimensions();
  const { low, short, tiny } = useRoom();
  const next = useNextFocus(`${step.characteristic} ${step.way} ${step.station.id}`);
  const { error } = measuring;
  const fallen = measuring.fallen.length > 0;
  const target = useTarget(job.sheet, step);
  const drawing = drawingOf(props, target);
  const standing = standingOf(props, unit, wide);
  const doing = (
    <>
      <View ref={next} role="status" aria-live="off" aria-label="Next">
        {instruction}
      </View>
      {short && !fallen ? null : standing}
      {error ? <Notice kind="error">{error}</Notice> : null}
      {answersOf(props, unit)}
      {short && !fallen ? standing : null}
      {short && caution ? <Caution>{caution}</Caution> : null}
      {footOf(props)}
    </>
  );
  return (
    <ScrollView
      style={layout.fill}
      contentContainerStyle={styles.panel}
      keyboardShouldPersistTaps="handled"
    >
      {low ? (
        // Turned on its side, a phone has the drawing beside the answers.
        <View style={styles.beside}>
          <View style={[styles.column, { height: height - HEAD }]}>{drawing}</View>
          <View style={styles.answers}>
            {headOf(props, undefined)}
            {doing}
          </View>
        </View>
      ) : (
        <>
          {headOf(props, short ? undefined : caution)}
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
  beside: { flex: 1, flexDirection: 'row', gap: 10 },
  column: { flex: 2, minWidth: 0 },
  answers: { flex: 3, minWidth: 0, gap: 6 },
  panel: { flexGrow: 1, paddingHorizontal: 14, paddingBottom: 12, gap: 6 },
});
