import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import type { Job } from '@/core/records/job';
import { amountsOf } from '@/core/rework/decision/solve';
import { workListOf } from '@/core/rework/decision/worklist';
import { movedGaps } from '@/core/rework/decision/moved';
import { useEscape } from '@/ui/keyboard';
import { usePalette } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { Answer } from './Answer';
import { DecideFoot } from './DecideFoot';
import { FromShelfPanel } from './FromShelfPanel';
import { GapChanges } from './GapChanges';
import { GapsNow } from './GapsNow';
import { PartRows } from './PartRows';
import { Plan } from './Plan';
import { Prices } from './Prices';
import { ShelfHint } from './ShelfHint';
import { SignPanel } from './SignPanel';
import { ToShelfPanel } from './ToShelfPanel';
import { useDeciding, type Deciding } from './useDeciding';
import { VaneNotice } from './VaneNotice';
import { WaysPanel } from './WaysPanel';
import { WhatIfPanel } from './WhatIfPanel';
import { WiderPanel } from './WiderPanel';
import { Washers } from './Washers';
import { WorkListPanel } from './WorkListPanel';

/** What is laid over the answer: the other ways, what if, the sign-off, the shelf; the work list where there is one. */
export type DecidePanel =
  'answer' | 'ways' | 'what-if' | 'wider' | 'sign' | 'list' | 'from-shelf' | 'to-shelf';

/** What to cut, hone, pair or replace, and what it costs; and carrying it out. */
export function DecideStage({ job }: { readonly job: Job }) {
  const wide = useWide();
  const palette = usePalette();
  const deciding = useDeciding(job);
  const list = workListOf(job);
  // A part of the shelf leads here to be put in.
  const { shelf: asked } = useLocalSearchParams<{ shelf?: string }>();
  const [panel, setPanel] = useState<DecidePanel | null>(asked ? 'from-shelf' : null);
  const shown = panel ?? (list ? 'list' : 'answer');
  const back = () => setPanel(null);
  useEscape(panel === null ? undefined : back);
  // How gaps will be is said once the plan is there.
  const bars = deciding.solved ? <Bars deciding={deciding} /> : null;
  const hint = <ShelfHint deciding={deciding} onOpen={() => setPanel('from-shelf')} />;
  const foot = <DecideFoot deciding={deciding} list={list !== null} onOpen={setPanel} />;

  if (shown === 'list' && list) {
    return <WorkListPanel deciding={deciding} list={list} onAnswer={() => setPanel('answer')} />;
  }
  if (shown === 'sign') return <SignPanel deciding={deciding} onDone={back} />;
  if (shown === 'what-if') {
    return <WhatIfPanel deciding={deciding} onDone={back} onWider={() => setPanel('wider')} />;
  }
  if (shown === 'wider') return <WiderPanel job={job} onDone={() => setPanel('what-if')} />;
  if (shown === 'from-shelf') {
    return (
      <FromShelfPanel
        deciding={deciding}
        asked={asked ?? null}
        onDone={back}
        onGive={() => setPanel('to-shelf')}
      />
    );
  }
  if (shown === 'to-shelf') {
    return <ToShelfPanel deciding={deciding} onDone={() => setPanel('from-shelf')} />;
  }
  if (shown === 'ways') return <WaysPanel deciding={deciding} onDone={back} />;
  if (wide) {
    return (
      <View style={styles.columns}>
        <ScrollView tabIndex={0} style={styles.side} contentContainerStyle={styles.page}>
          <Answer deciding={deciding} />
          {hint}
          <PartRows deciding={deciding} />
          <Washers deciding={deciding} />
          <VaneNotice deciding={deciding} />
        </ScrollView>
        <ScrollView
          tabIndex={0}
          style={[styles.middle, { borderColor: palette.line }]}
          contentContainerStyle={styles.page}
        >
          {bars}
        </ScrollView>
        <View style={styles.right}>
          <ScrollView tabIndex={0} style={styles.fill} contentContainerStyle={styles.page}>
            <Prices deciding={deciding} />
            <Plan deciding={deciding} />
          </ScrollView>
          {foot}
        </View>
      </View>
    );
  }
  return (
    <View style={styles.fill}>
      <ScrollView tabIndex={0} style={styles.fill} contentContainerStyle={styles.page}>
        <Answer deciding={deciding} />
        <Prices deciding={deciding} />
        <PartRows deciding={deciding} />
        <Washers deciding={deciding} />
        {hint}
        <VaneNotice deciding={deciding} />
        {bars}
        <Plan deciding={deciding} />
      </ScrollView>
      {foot}
    </View>
  );
}

/** How gaps are, and with a plan how they will be. */
function Bars({ deciding }: { readonly deciding: Deciding }) {
  const { plan, rework } = deciding;
  if (!plan) return <GapsNow deciding={deciding} />;
  const amounts = amountsOf(plan);
  return <GapChanges deciding={deciding} gaps={movedGaps(rework, amounts)} amounts={amounts} />;
}

const styles = StyleSheet.create({
  fill: { flex: 1, minHeight: 0, minWidth: 0 },
  page: { padding: 14, gap: 10 },
  columns: { flex: 1, flexDirection: 'row', minHeight: 0 },
  side: { flex: 1, minWidth: 0 },
  middle: { flex: 1, minWidth: 0, borderLeftWidth: 1, borderRightWidth: 1 },
  right: { width: 340, minHeight: 0 },
});
