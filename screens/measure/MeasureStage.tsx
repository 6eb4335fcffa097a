import { useLocalSearchParams } from 'expo-router';
import { useState, type ComponentType, type ReactNode } from 'react';
import type { Assessment } from '@/core/assessment/assessment';
import { StyleSheet, View } from 'react-native';
import type { Job } from '@/core/records/job';
import { skipPlace } from '@/core/commands/measuring';
import { zerosOf } from '@/core/instruments/gauges';
import { zeroFirst } from '@/core/guidance/zeroFirst';
import { now } from '@/data/create';
import { evaluator } from '@/data/evaluator';
import { useShop } from '@/data/hooks';
import type { Source } from '@/core/schema/fields';
import { useEscape, useKeys, useTypingGauge } from '@/ui/keyboard';
import { Later } from '@/ui/Later';
import { Notice } from '@/ui/Notice';
import { useAfterPaint } from '@/ui/useAfterPaint';
import { usePalette } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { Wall } from '../shell/Wall';
import { Announcer } from './Announcer';
import { AllMeasured } from './AllMeasured';
import { BackToDecide } from './BackToDecide';
import { CleanGate } from './CleanGate';
import { CharacteristicList } from './CharacteristicList';
import { DecidedPanel } from './DecidedPanel';
import { EvidencePanel } from './EvidencePanel';
import { KeysPanel } from './KeysPanel';
import { PANEL, type PanelProps } from './panels';
import { ToolsPanel } from './ToolsPanel';
import { useLeafSet } from './useLeafSet';
import { useMeasuring } from './useMeasuring';
import { useShopPast } from './useShopPast';
import { usePlanAhead, useThinkingAhead } from './useAhead';
import { onDemand } from '../shell/onDemand';
import { SkipPanel } from './SkipPanel';
import { WorkPanel } from './WorkPanel';
import { ZeroGate } from './ZeroGate';
import { METHOD, METHOD_IDS } from '@/core/methods/list';
import { sayMeasure } from './sayMeasure';
import { layout } from '@/ui/layout';

/** Loaded when somebody turns to paper. */
const PaperPanel = onDemand('PaperPanel', async () => (await import('./PaperPanel')).PaperPanel);

/** Said once where the shop changed a leaf set under an open job. */
const RenewedNotice = ({ set }: { readonly set: string | null }) =>
  set ? <Notice kind="word">{sayMeasure('measure.setChanged', { set })}</Notice> : null;

/** Whether the instruction may go ahead of all else: not where the heading over it or the answers under it become others. */
function goesAhead(drawn: Job, now: Job): boolean {
  const [from, to] = [drawn, now].map((job) => evaluator.next(job));
  return from?.way === 'leaf' && to?.way === 'leaf' && from.characteristic === to.characteristic;
}

/** The measuring screen. From leaf to leaf all but the instruction follows once that is painted: the thumb does not wait for it. */
export function MeasureStage({ job }: { readonly job: Job }) {
  const drawn = useAfterPaint(job);
  return <Measuring job={goesAhead(drawn, job) ? drawn : job} />;
}

/** What can be opened over the instruction. */
type Over = 'list' | 'evidence' | 'tools' | 'work' | 'keys' | 'skip' | 'paper';

/** What the measuring screen holds, and what is asked of it. */
function useStage(job: Job) {
  const measuring = useMeasuring(job);
  useShopPast(job);
  useThinkingAhead(job);
  usePlanAhead(job, measuring.all);
  const renewed = useLeafSet(job, measuring.run);
  const [over, setOver] = useState<Over | null>(null);
  const shop = useShop();
  const [typed, setTyped] = useState<{ text: string; when: string } | null>(null);
  const [gauge, setGauge] = useState<Source>('typed');
  /** Instruments that are used as they are, though their zero is not known. */
  const [unzeroed, setUnzeroed] = useState<readonly string[]>([]);
  const asked = useLocalSearchParams<{ from?: string; asked?: string; way?: string }>();

  const { all, step } = measuring;
  const shownId = step?.characteristic ?? job.cursor.characteristic ?? all[0]?.characteristic.id;
  const turn = (by: number) => {
    const at = all.findIndex((a) => a.characteristic.id === shownId);
    const to = all[(at + by + all.length) % all.length];
    if (to) void measuring.turnTo({ characteristic: to.characteristic.id });
  };
  const close = () => setOver(null);
  useEscape(over ? close : undefined);
  useKeys(
    {
      u: () => void measuring.undo(),
      arrowright: () => turn(1),
      arrowleft: () => turn(-1),
      '?': () => setOver('keys'),
    },
    { enabled: shop.shortcuts && over === null && job.clean !== null },
  );
  // What no field takes is not recorded by whatever key it hits.
  const when = `${job.journal.at(-1)?.id} ${over}`;
  useTypingGauge((text) => setTyped({ text, when }));

  const room = { ...shop, zeros: zerosOf(job, shop) };
  const doubtful = gauge === 'simulated' ? null : zeroFirst(job, room, step, now());
  const toZero = doubtful && !unzeroed.includes(doubtful.id) ? doubtful : null;
  const takesFigures =
    over === null && toZero === null && step !== null && METHOD[step.way].gives === 'figure';
  return {
    job,
    measuring,
    step,
    shownId,
    shown: all.find((a) => a.characteristic.id === shownId),
    over,
    close,
    openers: {
      onList: () => setOver('list'),
      onEvidence: () => setOver('evidence'),
      onTools: () => setOver('tools'),
      onWork: () => setOver('work'),
      onKeys: () => setOver('keys'),
      onSkip: () => setOver('skip'),
    },
    onPaper: () => setOver('paper'),
    gauge,
    setGauge,
    toZero,
    useUnzeroed: (id: string) => setUnzeroed([...unzeroed, id]),
    /** What a gauge typed that nothing took. */
    stray: typed?.when === when && !takesFigures ? typed.text : null,
    renewed,
    asked,
  };
}

type Stage = ReturnType<typeof useStage>;

/** The panel that is open in place of the instruction; nothing where none is. */
function overPanel(stage: Stage, shown: Assessment): ReactNode {
  const { job, measuring, step, over, close } = stage;
  const { run, make, error, all } = measuring;
  switch (over) {
    case 'tools':
      return (
        <ToolsPanel
          job={job}
          step={step}
          measuring={measuring}
          gauge={stage.gauge}
          onGauge={stage.setGauge}
          onPaper={stage.onPaper}
          onDone={close}
        />
      );
    case 'paper':
      return <PaperPanel job={job} all={all} run={run} make={make} error={error} onDone={close} />;
    case 'keys':
      return <KeysPanel onDone={close} />;
    case 'work':
      return <WorkPanel job={job} shown={shown} measuring={measuring} onDone={close} />;
    case 'skip': {
      if (!step) return null;
      const skip = (why: string) => {
        close();
        void run(skipPlace(step, why, evaluator));
      };
      return <SkipPanel step={step} onDone={close} onSkip={skip} />;
    }
    default:
      return null;
  }
}

/** What is done now: the instruction with its answers, or what comes before or after it. */
function working(stage: Stage): ReactNode {
  const { job, measuring, step, shown, toZero, openers, gauge } = stage;
  if (!shown) return null;
  const over = overPanel(stage, shown);
  if (over) return over;
  if (toZero) {
    return (
      <ZeroGate
        job={job}
        instrument={toZero}
        run={measuring.run}
        onWithout={() => stage.useUnzeroed(toZero.id)}
        onTools={openers.onTools}
      />
    );
  }
  const props = { job, measuring, shown, ...openers };
  if (step) {
    const Panel = PANEL[step.way]() as ComponentType<PanelProps>;
    return <Panel {...props} step={step} gauge={gauge} />;
  }
  return job.cursor.characteristic ? <DecidedPanel {...props} /> : <AllMeasured {...props} />;
}

/** What is said over the instruction. */
function notices({ job, measuring, step, shownId, toZero, renewed, stray, asked }: Stage) {
  const before = METHOD_IDS.find((id) => id === asked.way) ?? job.cursor.way;
  return (
    <>
      <Later>
        <Announcer
          job={job}
          measuring={measuring}
          before={toZero ? sayMeasure('measure.zeroFirst', { instrument: toZero.name }) : undefined}
        />
      </Later>
      <RenewedNotice set={renewed} />
      {asked.from === 'decide' ? (
        <BackToDecide job={job} asked={asked.asked} shown={shownId} way={before} />
      ) : null}
      {stray === null ? null : (
        <View style={styles.typed}>
          <Notice kind="error">
            {sayMeasure(
              step?.way === 'leaf' ? 'measure.gaugeTyped' : 'measure.gaugeTypedAnywhere',
              {
                text: stray,
              },
            )}
          </Notice>
        </View>
      )}
    </>
  );
}

/** One instruction, and the answers under the thumb. */
function Measuring({ job }: { readonly job: Job }) {
  const wide = useWide();
  const palette = usePalette();
  const stage = useStage(job);
  const { measuring, shown, shownId, over, close, openers } = stage;
  if (job.clean === null) return <CleanGate job={job} />;
  const common = { job, measuring, onWork: openers.onWork };
  const middle = (
    <View style={styles.middle}>
      {notices(stage)}
      {wide ? (
        <Wall what="This step" record={{ kind: 'job', id: job.id }}>
          {working(stage)}
        </Wall>
      ) : (
        working(stage)
      )}
    </View>
  );
  if (!wide) {
    if (over === 'list') return <CharacteristicList {...common} shown={shownId} onDone={close} />;
    if (over === 'evidence' && shown) {
      return <EvidencePanel {...common} shown={shown} onDone={close} />;
    }
    return middle;
  }
  const record = { kind: 'job', id: job.id } as const;
  return (
    <View style={layout.panes}>
      <View style={[styles.side, { borderColor: palette.line, borderRightWidth: 1 }]}>
        <Wall what="The list of what is measured" record={record}>
          <Later>
            <CharacteristicList job={job} measuring={measuring} shown={shownId} />
          </Later>
        </Wall>
      </View>
      {middle}
      {shown ? (
        <View style={[styles.side, { borderColor: palette.line, borderLeftWidth: 1 }]}>
          <Wall what="The evidence" record={record} again={[shownId]}>
            <Later>
              <EvidencePanel {...common} shown={shown} />
            </Later>
          </Wall>
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  side: { width: 320, minHeight: 0 },
  typed: { paddingHorizontal: 14 },
  middle: { flex: 1, minWidth: 0, minHeight: 0 },
});
