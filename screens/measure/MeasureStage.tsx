import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
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
import { LeafPanel } from './LeafPanel';
import { ToolsPanel } from './ToolsPanel';
import { TouchPanel } from './TouchPanel';
import { useLeafSet } from './useLeafSet';
import { useMeasuring } from './useMeasuring';
import { useShopPast } from './useShopPast';
import { useThinkingAhead } from './useThinkingAhead';
import { usePlanAhead } from './usePlanAhead';
import { onDemand } from '../shell/onDemand';
import { SkipPanel } from './SkipPanel';
import { ValuePanel } from './ValuePanel';
import { WorkPanel } from './WorkPanel';
import { ZeroGate } from './ZeroGate';
import { METHOD_IDS } from '@/core/methods/list';
import { say } from '@/core/wording/say';

/** Loaded when somebody turns to paper. */
const PaperPanel = onDemand('PaperPanel', async () => (await import('./PaperPanel')).PaperPanel);

/** Said once where the shop changed a leaf set under an open job. */
const RenewedNotice = ({ set }: { readonly set: string | null }) =>
  set ? <Notice kind="word">{say('measure.setChanged', { set })}</Notice> : null;

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

/** One instruction, and the answers under the thumb. */
function Measuring({ job }: { readonly job: Job }) {
  const wide = useWide();
  const palette = usePalette();
  const measuring = useMeasuring(job);
  useShopPast(job);
  useThinkingAhead(job);
  usePlanAhead(job, measuring.all);
  const renewed = useLeafSet(job, measuring.run);
  const [over, setOver] = useState<
    'list' | 'evidence' | 'tools' | 'work' | 'keys' | 'skip' | 'paper' | null
  >(null);
  const shop = useShop();
  const { shortcuts } = shop;
  const [typed, setTyped] = useState<{ text: string; when: string } | null>(null);
  const [gauge, setGauge] = useState<Source>('typed');
  /** Instruments that are used as they are, though their zero is not known. */
  const [unzeroed, setUnzeroed] = useState<readonly string[]>([]);
  const { from, asked, way } = useLocalSearchParams<{
    from?: string;
    asked?: string;
    way?: string;
  }>();

  const { all, step } = measuring;
  const before = METHOD_IDS.find((id) => id === way) ?? job.cursor.way;
  const inHand = job.cursor.characteristic;
  const shownId = step?.characteristic ?? inHand ?? all[0]?.characteristic.id;
  const shown = all.find((a) => a.characteristic.id === shownId);
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
    { enabled: shortcuts && over === null && job.clean !== null },
  );
  // What no field takes is not recorded by whatever key it hits.
  const when = `${job.journal.at(-1)?.id} ${over}`;
  useTypingGauge((text) => setTyped({ text, when }));

  if (job.clean === null) return <CleanGate job={job} />;
  const openers = {
    onList: () => setOver('list'),
    onEvidence: () => setOver('evidence'),
    onTools: () => setOver('tools'),
    onWork: () => setOver('work'),
    onKeys: () => setOver('keys'),
    onSkip: () => setOver('skip'),
  };
  const common = { job, measuring, ...openers };
  const room = { ...shop, zeros: zerosOf(job, shop) };
  const doubtful = gauge === 'simulated' ? null : zeroFirst(job, room, step, now());
  const toZero = doubtful && !unzeroed.includes(doubtful.id) ? doubtful : null;
  const takesFigures =
    over === null && toZero === null && (step?.way === 'size' || step?.way === 'swing');
  const working = () => {
    if (!shown) return null;
    if (over === 'tools') {
      return (
        <ToolsPanel
          job={job}
          step={step}
          measuring={measuring}
          gauge={gauge}
          onGauge={setGauge}
          onPaper={() => setOver('paper')}
          onDone={close}
        />
      );
    }
    if (over === 'paper') {
      const { run, make, error } = measuring;
      return <PaperPanel job={job} all={all} run={run} make={make} error={error} onDone={close} />;
    }
    if (over === 'keys') return <KeysPanel onDone={close} />;
    if (over === 'skip' && step) {
      return (
        <SkipPanel
          step={step}
          onDone={close}
          onSkip={(why) => {
            close();
            void measuring.run(skipPlace(step, why, evaluator));
          }}
        />
      );
    }
    if (over === 'work') {
      return <WorkPanel job={job} shown={shown} measuring={measuring} onDone={close} />;
    }
    if (toZero) {
      return (
        <ZeroGate
          job={job}
          instrument={toZero}
          run={measuring.run}
          onWithout={() => setUnzeroed([...unzeroed, toZero.id])}
          onTools={openers.onTools}
        />
      );
    }
    switch (step?.way) {
      case 'leaf':
        return <LeafPanel {...common} shown={shown} step={step} />;
      case 'size':
      case 'swing':
        return <ValuePanel {...common} shown={shown} step={step} gauge={gauge} />;
      case 'touch':
        return <TouchPanel {...common} shown={shown} step={step} />;
      default:
        return inHand ? (
          <DecidedPanel {...common} shown={shown} />
        ) : (
          <AllMeasured {...common} shown={shown} />
        );
    }
  };

  const notices = (
    <>
      <Later>
        <Announcer
          job={job}
          measuring={measuring}
          before={toZero ? say('measure.zeroFirst', { instrument: toZero.name }) : undefined}
        />
      </Later>
      <RenewedNotice set={renewed} />
      {from === 'decide' ? (
        <BackToDecide job={job} asked={asked} shown={shownId} way={before} />
      ) : null}
      {typed?.when !== when || takesFigures ? null : (
        <View style={styles.typed}>
          <Notice kind="error">
            {say(step?.way === 'leaf' ? 'measure.gaugeTyped' : 'measure.gaugeTypedAnywhere', {
              text: typed.text,
            })}
          </Notice>
        </View>
      )}
    </>
  );
  if (!wide) {
    if (over === 'list')
      return (
        <CharacteristicList
          job={job}
          measuring={measuring}
          shown={shownId}
          onDone={close}
          onWork={openers.onWork}
        />
      );
    if (over === 'evidence' && shown) {
      return (
        <EvidencePanel
          job={job}
          shown={shown}
          measuring={measuring}
          onDone={close}
          onWork={openers.onWork}
        />
      );
    }
    return (
      <View style={styles.middle}>
        {notices}
        {working()}
      </View>
    );
  }
  const record = { kind: 'job', id: job.id } as const;
  return (
    <View style={styles.columns}>
      <View style={[styles.side, { borderColor: palette.line, borderRightWidth: 1 }]}>
        <Wall what="The list of what is measured" record={record}>
          <Later>
            <CharacteristicList job={job} measuring={measuring} shown={shownId} />
          </Later>
        </Wall>
      </View>
      <View style={styles.middle}>
        {notices}
        <Wall what="This step" record={record}>
          {working()}
        </Wall>
      </View>
      {shown ? (
        <View style={[styles.side, { borderColor: palette.line, borderLeftWidth: 1 }]}>
          <Wall what="The evidence" record={record} again={[shownId]}>
            <Later>
              <EvidencePanel
                job={job}
                shown={shown}
                measuring={measuring}
                onWork={openers.onWork}
              />
            </Later>
          </Wall>
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  columns: { flex: 1, flexDirection: 'row', minHeight: 0 },
  side: { width: 320, minHeight: 0 },
  typed: { paddingHorizontal: 14 },
  middle: { flex: 1, minWidth: 0, minHeight: 0 },
});
